'use client';

import type { CardItem, JobCard, JobStep } from '../../core/job';
import {
  CONSUMABLE_TEXT,
  TOOL_TEXT,
  chainText,
  readingTitle,
  stepTitle,
  stepWords,
  targetText,
  torqueText,
} from '../../messages/job';
import { useUnits } from '../workspace/useUnits';
import {
  bScrewText,
  itemMassText,
  itemText,
  itemWhatText,
  massText,
  priceText,
  shifterText,
  spacerText,
  timeText,
} from './card-words';
import { minutesText } from './words';
import styles from './CardView.module.css';
import { t } from './text';

/** What comes off and goes on, side by side, with weights; then what is bought. */
export function PartsOfCard({
  card,
  bought = [],
  showsBuy = true,
}: {
  card: JobCard;
  bought?: readonly string[];
  showsBuy?: boolean;
}) {
  const units = useUnits();
  return (
    <div className={styles.parts}>
      <ItemList title={t('cardView.comesOff')} items={card.off} testId="card-off" />
      <ItemList title={t('cardView.goesOn')} items={card.on} testId="card-on" />
      <div>
        <h3>{showsBuy ? t('cardView.toBuy') : t('cardView.together')}</h3>
        {!showsBuy ? null : card.buy.length === 0 ? (
          <p className={styles.soft}>{t('cardView.allInStock')}</p>
        ) : (
          <ul data-testid="card-buy">
            {card.buy.map((item) => (
              <li key={`${item.key} ${itemText(item)}`}>
                {bought.includes(item.key) ? '✓ ' : ''}
                {itemText(item)}
                <span>{priceText(item, units)}</span>
              </li>
            ))}
          </ul>
        )}
        <p className={styles.total}>{t('cardView.weightTotal', { total: massText(card.massChange, units) })}</p>
      </div>
    </div>
  );
}

function ItemList({ title, items, testId }: { title: string; items: readonly CardItem[]; testId: string }) {
  const units = useUnits();
  return (
    <div>
      <h3>{title}</h3>
      {items.length === 0 ? (
        <p className={styles.soft}>{t('cardView.nothing')}</p>
      ) : (
        <ul data-testid={testId}>
          {items.map((item) => (
            <li key={`${item.key} ${itemText(item)}`} title={itemWhatText(item)}>
              {itemText(item)}
              <span>{itemMassText(item, units)}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Chain, B-tension screw, spacer, tools: what is settled before a bolt is turned. */
export function SettledOfCard({ card }: { card: JobCard }) {
  const spacer = spacerText(card);
  const shifter = shifterText(card);
  return (
    <div className={styles.settled} data-testid="card-settled">
      <p className={card.difference.chain.warnings.length > 0 ? styles.extra : undefined}>{chainText(card)}</p>
      <p>{bScrewText(card)}</p>
      {shifter && <p>{shifter}</p>}
      {spacer && <p>{spacer}</p>}
      <p>
        <b>{t('cardView.tools')}</b> {card.gathered.tools.map((tool) => TOOL_TEXT[tool]).join(', ')}.
      </p>
      <p>
        <b>{t('cardView.consumables')}</b> {card.gathered.consumables.map((one) => CONSUMABLE_TEXT[one]).join(', ')}.
      </p>
    </div>
  );
}

/** The steps in order, each with its why, measure and caution. */
export function StepsOfCard({ card }: { card: JobCard }) {
  const times = timeText(card);
  return (
    <>
      <ol className={styles.steps} data-testid="card-steps">
        {card.steps.map((step) => {
          const { text, why, caution } = stepWords(step, card);
          return (
            <li key={step.id} data-step={step.id}>
              <div>
                <b>{stepTitle(step.id, card.to.setup.chainrings.length)}.</b> {text}{' '}
                <span className={styles.soft}>{why}</span>
                {caution && <span className={styles.caution}> {caution}</span>}
                {step.torques.map((torque) => (
                  <span key={torque.joint} className={styles.torque}>
                    {' '}
                    {torqueText(torque)}.
                  </span>
                ))}
              </div>
              <span className={styles.measure}>{measureText(step)}</span>
              <span className={styles.minutes}>{minutesText(step.minutes)}</span>
            </li>
          );
        })}
      </ol>
      {times && <p className={styles.soft}>{times}</p>}
    </>
  );
}

/** The readings of a step with their targets; torques are in the text. */
function measureText({ readings }: JobStep): string {
  return readings
    .filter(({ unit }) => unit !== 'N·m')
    .map((reading) => [readingTitle(reading.id), targetText(reading) ?? []].flat().join(' '))
    .join('; ');
}
