'use client';

import type { CardItem, JobCard } from '../../core/swap';
import { STEP_TITLES } from '../../core/swap';
import { short } from '../format';
import { bScrewText, chainText, itemMassText, itemWhatText, priceText, spacerText } from './card-words';
import { massChangeText, minutesText } from './words';
import styles from './CardView.module.css';
import { WORDS } from './text';

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
  const massChange = massChangeText(card.massChangeG);
  const total = card.hasEstimates ? WORDS.cardView.about(massChange) : massChange;
  return (
    <div className={styles.parts}>
      <ItemList title={WORDS.cardView.comesOff} items={card.off} testId="card-off" />
      <ItemList title={WORDS.cardView.goesOn} items={card.on} testId="card-on" />
      <div>
        <h3>{showsBuy ? WORDS.cardView.toBuy : WORDS.cardView.together}</h3>
        {!showsBuy ? null : card.buy.length === 0 ? (
          <p className={styles.soft}>{WORDS.cardView.allOfItIsAt}</p>
        ) : (
          <ul data-testid="card-buy">
            {card.buy.map((item) => (
              <li key={`${item.key} ${item.name}`}>
                {bought.includes(item.key) ? '✓ ' : ''}
                {item.name}
                <span>{priceText(item)}</span>
              </li>
            ))}
          </ul>
        )}
        <p className={styles.total}>
          {WORDS.cardView.weightTotal(total)}
          {card.unweighed.length > 0 && WORDS.cardView.withoutValue([...new Set(card.unweighed)].join(', '))}
        </p>
      </div>
    </div>
  );
}

function ItemList({ title, items, testId }: { title: string; items: readonly CardItem[]; testId: string }) {
  return (
    <div>
      <h3>{title}</h3>
      {items.length === 0 ? (
        <p className={styles.soft}>{WORDS.cardView.nothing}</p>
      ) : (
        <ul data-testid={testId}>
          {items.map((item) => (
            <li key={`${item.key} ${item.name}`} title={itemWhatText(item)}>
              {item.name}
              <span>{itemMassText(item)}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Chain, B-screw, spacer, tools: what is settled before a bolt is turned. */
export function SettledOfCard({ card }: { card: JobCard }) {
  const spacer = spacerText(card);
  return (
    <div className={styles.settled} data-testid="card-settled">
      <p>{chainText(card)}</p>
      <p>{bScrewText(card)}</p>
      {spacer && <p>{spacer}</p>}
      <p>
        <b>{WORDS.cardView.tools}</b> {card.gathered.tools.join(', ')}.
      </p>
      <p>
        <b>{WORDS.cardView.usedUp}</b> {card.gathered.consumables.join(', ')}.
      </p>
      {card.passed.map(({ id, extraCheck }) => (
        <p key={id} className={styles.extra}>
          <b>{WORDS.cardView.extraCheck}</b> {extraCheck}.
        </p>
      ))}
    </div>
  );
}

/** The steps in order, each with its why, measure and caution. */
export function StepsOfCard({ card }: { card: JobCard }) {
  return (
    <ol className={styles.steps} data-testid="card-steps">
      {card.steps.map(({ id, text, why, caution, reading, minutes }) => (
        <li key={id} data-step={id}>
          <div>
            <b>{STEP_TITLES[id]}.</b> {text} <span className={styles.soft}>{why}</span>
            {caution && <span className={styles.caution}> {caution}</span>}
          </div>
          <span className={styles.measure}>
            {reading &&
              `${reading.what}${reading.expected === undefined ? '' : ` ${short(reading.expected, 2)}`} ${reading.unit}`}
          </span>
          <span className={styles.minutes}>{minutesText(minutes)}</span>
        </li>
      ))}
    </ol>
  );
}
