'use client';

import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { OUTCOME_TEXT } from '../../kit/shop/words';
import { useWork } from './useWork';
import { WorkView } from './WorkView';
import styles from './Work.module.css';
import { WORDS } from './words/text';

/** The workshop mode: one step of one job, for hands that are dirty. */
export function WorkStage() {
  const id = useSearchParams().get('job') ?? '';
  const work = useWork(id);
  const parts = 'job' in work ? [work.job.name, ...('bike' in work ? [work.bike.name] : [])] : [];
  return (
    <>
      <title>{WORDS.workStage.title(parts)}</title>
      <Work work={work} />
    </>
  );
}

function Work({ work }: { work: ReturnType<typeof useWork> }) {
  if (work.kind === 'opening') return <p className={styles.plain}>{WORDS.workStage.openingTheJob}</p>;
  if (work.kind === 'gone') {
    return (
      <div className={styles.plain}>
        <h1>{WORDS.workStage[work.why]}</h1>
        <p>{work.why === 'noJob' ? WORDS.workStage.noJobWhy : WORDS.workStage.noBikeWhy}</p>
        <Link href="/swap">{WORDS.workStage.toSwap}</Link>
      </div>
    );
  }
  if (work.kind === 'waits' || work.kind === 'notNeeded') {
    const { job, first } = work;
    return (
      <div className={styles.plain} data-testid={work.kind}>
        <h1>{work.kind === 'waits' ? WORDS.workStage.waits(first.name) : WORDS.workStage.notNeeded}</h1>
        <p>
          {job.name}. {work.kind === 'waits' ? WORDS.workStage.waitsWhy : WORDS.workStage.notNeededWhy(first.name)}
        </p>
        <p className={styles.links}>
          {work.kind === 'waits' && <Link href={`/work?job=${first.id}`}>{WORDS.workStage.workOnFirst}</Link>}
          <Link href={`/swap?job=${job.id}`} onClick={work.toItsBike}>
            {WORDS.workStage.swap}
          </Link>
        </p>
      </div>
    );
  }
  if (work.kind === 'done') {
    const { job, bike } = work;
    return (
      <div className={styles.plain} data-testid="signed-off">
        <h1>{WORDS.workStage.signedOffOutcome(OUTCOME_TEXT[job.outcome!])}</h1>
        <p>
          {job.name}, {bike.name}.{' '}
          {job.outcome === 'reverted'
            ? WORDS.workStage.theBikeIsAsIt
            : job.work.kind === 'swap'
              ? WORDS.workStage.itsSetupIsANow
              : WORDS.workStage.itIsInTheLog}
        </p>
        <p className={styles.links}>
          <Link href={`/swap?job=${job.id}`} onClick={work.toItsBike}>
            {WORDS.workStage.swap}
          </Link>
          <Link href="/schedule">{WORDS.workStage.schedule}</Link>
          <Link href="/log" onClick={work.toItsBike}>
            {WORDS.workStage.log}
          </Link>
        </p>
      </div>
    );
  }
  return <WorkView work={work} />;
}
