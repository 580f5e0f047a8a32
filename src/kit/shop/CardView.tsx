'use client';

import type { CardItem, JobCard } from '../../core/swap';
import { STEP_TITLES } from '../../core/swap';
import { short } from '../format';
import { bScrewText, chainText, itemMassText, itemWhatText, priceText, spacerText } from './card-words';
import { massChangeText, minutesText } from './words';
import styles from './CardView.module.css';

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
  const total = `${card.hasEstimates ? 'about ' : ''}${massChangeText(card.massChangeG)}`;
  return (
    <div className={styles.parts}>
      <ItemList title="Comes off" items={card.off} testId="card-off" />
      <ItemList title="Goes on" items={card.on} testId="card-on" />
      <div>
        <h3>{showsBuy ? 'To buy' : 'Together'}</h3>
        {!showsBuy ? null : card.buy.length === 0 ? (
          <p className={styles.soft}>All of it is at hand.</p>
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
          Weight {total}
          {card.unweighed.length > 0 && `, without ${[...new Set(card.unweighed)].join(', ')}`}
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
        <p className={styles.soft}>Nothing.</p>
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
        <b>Tools:</b> {card.gathered.tools.join(', ')}.
      </p>
      <p>
        <b>Used up:</b> {card.gathered.consumables.join(', ')}.
      </p>
      {card.passed.map(({ id, extraCheck }) => (
        <p key={id} className={styles.extra}>
          <b>Extra check:</b> {extraCheck}.
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
