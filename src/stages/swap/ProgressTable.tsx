'use client';

import { STEP_TITLES, isBehind, type JobStep } from '../../core/swap';
import { short } from '../../kit/format';
import type { JobRecord } from '../../records';
import { stepMarkText, troubleText } from '../../kit/shop/step-words';
import styles from './Swap.module.css';

/** Each step with what was read, noted and mended. */
export function ProgressTable({ job, steps }: { job: JobRecord; steps: readonly JobStep[] }) {
  const shown = job.state === 'done' ? steps.filter(({ id }) => job.progress[id]) : steps;
  return (
    <table className={styles.progress} data-testid="progress">
      <tbody>
        {shown.map(({ id, reading }) => {
          const step = job.progress[id];
          return (
            <tr key={id} data-behind={isBehind(job.progress, id)}>
              <td>{stepMarkText(step)}</td>
              <th scope="row">{STEP_TITLES[id]}</th>
              <td>{step?.value !== undefined && `${short(step.value, 2)} ${reading?.unit ?? ''}`}</td>
              <td>{[troubleText(step), step?.note].filter(Boolean).join('; ')}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
