'use client';

import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { OUTCOME_TEXT } from '../../kit/shop/words';
import { useWork } from './useWork';
import { WorkView } from './WorkView';
import styles from './Work.module.css';

/** The workshop mode: one step of one job, for hands that are dirty. */
export function WorkStage() {
  const id = useSearchParams().get('job') ?? '';
  const work = useWork(id);
  if (work.kind === 'opening') return <p className={styles.plain}>Opening the job …</p>;
  if (work.kind === 'gone') {
    return (
      <div className={styles.plain}>
        <h1>This job is not in the book</h1>
        <p>It was taken out, or the address is not whole. Undo on the Swap page brings back what was taken out last.</p>
        <Link href="/swap">To Swap</Link>
      </div>
    );
  }
  if (work.kind === 'done') {
    const { job, bike } = work;
    return (
      <div className={styles.plain} data-testid="signed-off">
        <h1>Signed off: {OUTCOME_TEXT[job.outcome!]}</h1>
        <p>
          {job.name}, {bike.name}.{' '}
          {job.outcome === 'reverted'
            ? 'The bike is as it was; the trial and its reason are in the log.'
            : job.work.kind === 'swap'
              ? 'Its setup is A now. A re-check is in the book: after the first ride, or 100 km.'
              : 'It is in the log.'}
        </p>
        <p className={styles.links}>
          <Link href={`/swap?job=${job.id}`} onClick={work.toItsBike}>
            Swap
          </Link>
          <Link href="/schedule">Schedule</Link>
          <Link href="/log" onClick={work.toItsBike}>
            Log
          </Link>
        </p>
      </div>
    );
  }
  return <WorkView work={work} />;
}
