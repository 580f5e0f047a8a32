'use client';

import { allDigits } from '../../kit/format';
import { wearSentence } from '../../kit/shop/wear-words';
import { WearView } from '../../kit/shop/WearView';
import { kmText } from '../../kit/shop/words';
import type { Schedule } from './useSchedule';
import styles from './Schedule.module.css';

/** Re-checks by what was ridden since, and chains by the gauge. */
export function DuePanel({ schedule }: { schedule: Schedule }) {
  const { due, chains, jobs } = schedule;
  const bikeOf = (id: string) => jobs.find(({ job }) => job.id === id)?.bikeName ?? '';
  return (
    <section className={styles.panel} aria-label="Due">
      <h2>Due</h2>
      {due.length === 0 && chains.length === 0 && (
        <p className={styles.note}>
          Nothing. A swap that is signed off puts its re-check here; a chain that was measured its forecast.
        </p>
      )}
      <ul className={styles.due} data-testid="rechecks">
        {due.map(({ job, km, rides, afterKm, isDue }) => (
          <li key={job.id} data-due={isDue}>
            <b>{job.name}</b>, {bikeOf(job.id)}:{' '}
            {isDue
              ? `due, ${kmText(km)} in ${rides} ${rides === 1 ? 'ride' : 'rides'} since`
              : `after the first ride, or ${allDigits(afterKm)} km`}
          </li>
        ))}
      </ul>
      {chains.map(({ part, on, wear }) => (
        <div key={part.id} data-testid="chain-due">
          <p className={styles.answer}>
            {part.name}, on {on}
          </p>
          <p className={styles.note}>{wearSentence(wear)}</p>
          <WearView wear={wear} />
        </div>
      ))}
    </section>
  );
}
