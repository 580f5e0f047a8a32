'use client';

import { useUnits } from '../../features/workspace/useUnits';
import { wearSentence } from '../../features/workshop/wear-words';
import { WearView } from '../../features/workshop/WearView';
import { distanceText } from '../../features/units/measures';
import type { Schedule } from './useSchedule';
import { Note, Panel } from '../../ui/panel/Panel';
import styles from './Schedule.module.css';
import { t } from './text';

/** Re-checks by what was ridden since, and chains by the gauge. */
export function DuePanel({ schedule }: { schedule: Schedule }) {
  const units = useUnits();
  const { due, chains, jobs } = schedule;
  const bikeOf = (id: string) => jobs.find(({ job }) => job.id === id)?.bikeName ?? '';
  return (
    <Panel aria-label={t('duePanel.due')}>
      <h2>{t('duePanel.due')}</h2>
      {due.length === 0 && chains.length === 0 && <Note>{t('duePanel.nothingASwapThatIs')}</Note>}
      <ul className={styles.due} data-testid="rechecks">
        {due.map(({ job, km, rides, afterKm, isDue }) => (
          <li key={job.id} data-due={isDue}>
            <b>{job.name}</b>, {bikeOf(job.id)}:{' '}
            {isDue
              ? t('duePanel.dueKmInRides', { km: distanceText(units, km), rides })
              : t('duePanel.afterTheFirstRideOr', { distance: distanceText(units, afterKm) })}
          </li>
        ))}
      </ul>
      {chains.map(({ part, on, wear }) => (
        <div key={part.id} data-testid="chain-due">
          <p className={styles.answer}>{t('duePanel.nameOn', { name: part.name, on })}</p>
          <Note>{wearSentence(wear, units)}</Note>
          <WearView wear={wear} />
        </div>
      ))}
    </Panel>
  );
}
