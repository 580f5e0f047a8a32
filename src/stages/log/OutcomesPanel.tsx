'use client';

import { GROUP_TEXT, groupOf } from '../../kit/verdict/check-words';
import type { Log } from './useLog';
import styles from './Log.module.css';
import { WORDS } from './words/text';

/** What came of passing a published limit, over all bikes; the workshop-tested school in Fit asks here. */
export function OutcomesPanel({ log }: { log: Log }) {
  const { outcomes } = log;
  return (
    <section className={styles.panel} aria-label={WORDS.outcomesPanel.outcomes}>
      <h2>{WORDS.outcomesPanel.pastAPublishedLimit}</h2>
      {outcomes.length === 0 ? (
        <p className={styles.note}>{WORDS.outcomesPanel.noJobThatPassedA}</p>
      ) : (
        <ul className={styles.outcomes} data-testid="outcomes">
          {outcomes.map(({ id, overT, worked, reverted }) => (
            <li key={`${id} ${overT}`}>
              {WORDS.outcomesPanel.groupOutsideTheSheetBy(GROUP_TEXT[groupOf(id)], overT)}{' '}
              <b>{WORDS.outcomesPanel.worked(worked)}</b>, <b>{WORDS.outcomesPanel.reverted(reverted)}</b>
            </li>
          ))}
        </ul>
      )}
      <p className={styles.note}>{WORDS.outcomesPanel.ofEveryBikeOfThe}</p>
    </section>
  );
}
