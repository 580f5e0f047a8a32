'use client';

import { isBehind, type JobStep, type StepProgress } from '../../core/job';
import { findingsText, readingTitle, stepMark, stepTitle, withUnit } from '../../messages/job';
import type { JobRecord } from '../../records';
import { distanceText, type Units } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import styles from './Jobs.module.css';

/** Each step with what was read, noted and found. */
export function ProgressTable({ job, steps }: { job: JobRecord; steps: readonly JobStep[] }) {
  const units = useUnits();
  const rings = job.work.kind === 'swap' ? job.work.to.setup.chainrings.length : 2;
  const shown = job.state === 'done' ? steps.filter(({ id }) => job.progress[id]) : steps;
  return (
    <table className={styles.progress} data-testid="progress">
      <tbody>
        {shown.map((step) => {
          const progress = job.progress[step.id];
          return (
            <tr key={step.id} data-behind={isBehind(job.progress, step.id)}>
              <td>{stepMark(progress)}</td>
              <th scope="row">{stepTitle(step.id, rings)}</th>
              <td>{readingsText(step, progress, units)}</td>
              <td>{[findingsText(progress), progress?.note].filter(Boolean).join('; ')}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function readingsText({ readings }: JobStep, progress: StepProgress | undefined, units: Units): string {
  return readings
    .flatMap(({ id, unit }) => {
      const value = progress?.values?.[id];
      if (value === undefined) return [];
      return [
        readings.length > 1
          ? `${readingTitle(id)} ${withUnit(value, unit, (km) => distanceText(units, km))}`
          : withUnit(value, unit, (km) => distanceText(units, km)),
      ];
    })
    .join('; ');
}
