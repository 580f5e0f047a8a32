'use client';

import { isBehind, type JobStep, type StepProgress } from '../../core/job';
import { STEP_TITLES, findingsText, readingTitle, stepMark, withUnit } from '../../messages/job';
import type { JobRecord } from '../../records';
import styles from './Swap.module.css';

/** Each step with what was read, noted and found. */
export function ProgressTable({ job, steps }: { job: JobRecord; steps: readonly JobStep[] }) {
  const shown = job.state === 'done' ? steps.filter(({ id }) => job.progress[id]) : steps;
  return (
    <table className={styles.progress} data-testid="progress">
      <tbody>
        {shown.map((step) => {
          const progress = job.progress[step.id];
          return (
            <tr key={step.id} data-behind={isBehind(job.progress, step.id)}>
              <td>{stepMark(progress)}</td>
              <th scope="row">{STEP_TITLES[step.id]}</th>
              <td>{readingsText(step, progress)}</td>
              <td>{[findingsText(progress), progress?.note].filter(Boolean).join('; ')}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function readingsText({ readings }: JobStep, progress: StepProgress | undefined): string {
  return readings
    .flatMap(({ id, unit }) => {
      const value = progress?.values?.[id];
      if (value === undefined) return [];
      return [readings.length > 1 ? `${readingTitle(id)} ${withUnit(value, unit)}` : withUnit(value, unit)];
    })
    .join('; ');
}
