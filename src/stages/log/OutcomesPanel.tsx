'use client';

import { GROUP_TEXT, groupOf } from '../../kit/verdict/check-words';
import type { Log } from './useLog';
import styles from './Log.module.css';

/** What came of passing a published limit, over all bikes; the workshop-tested school in Fit asks here. */
export function OutcomesPanel({ log }: { log: Log }) {
  const { outcomes } = log;
  return (
    <section className={styles.panel} aria-label="Outcomes">
      <h2>Past a published limit</h2>
      {outcomes.length === 0 ? (
        <p className={styles.note}>No job that passed a limit has been signed off yet.</p>
      ) : (
        <ul className={styles.outcomes} data-testid="outcomes">
          {outcomes.map(({ id, overT, worked, reverted }) => (
            <li key={`${id} ${overT}`}>
              {GROUP_TEXT[groupOf(id)]}, outside the sheet by {overT}T: <b>{worked} worked</b>,{' '}
              <b>{reverted} reverted</b>
            </li>
          ))}
        </ul>
      )}
      <p className={styles.note}>
        Of every bike of the workshop. In Fit, the workshop-tested school counts what worked at as much or more, and
        what was reverted at as much or less.
      </p>
    </section>
  );
}
