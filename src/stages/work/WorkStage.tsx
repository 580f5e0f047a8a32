'use client';

import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { pageTitle } from '../../kit/shell/page-title';
import { OUTCOME_TEXT } from '../../kit/shop/words';
import { useWork } from './useWork';
import { WorkView } from './WorkView';
import styles from './Work.module.css';
import { t } from './words/text';

/** The workshop mode: one step of one job, for hands that are dirty. */
export function WorkStage() {
  const id = useSearchParams().get('job') ?? '';
  const work = useWork(id);
  const parts = 'job' in work ? [work.job.name, ...('bike' in work ? [work.bike.name] : [])] : [];
  return (
    <>
      <title>{pageTitle([...parts, t('workStage.workshop')])}</title>
      <Work work={work} />
    </>
  );
}

function Work({ work }: { work: ReturnType<typeof useWork> }) {
  if (work.kind === 'opening') return <p className={styles.plain}>{t('workStage.openingTheJob')}</p>;
  if (work.kind === 'gone') {
    return (
      <div className={styles.plain}>
        <h1>{t(`workStage.${work.why}`)}</h1>
        <p>{work.why === 'noJob' ? t('workStage.noJobWhy') : t('workStage.noBikeWhy')}</p>
        <Link href="/swap">{t('workStage.toSwap')}</Link>
      </div>
    );
  }
  if (work.kind === 'waits' || work.kind === 'notNeeded') {
    const { job, first } = work;
    return (
      <div className={styles.plain} data-testid={work.kind}>
        <h1>{work.kind === 'waits' ? t('workStage.waits', { first: first.name }) : t('workStage.notNeeded')}</h1>
        <p>
          {job.name}.{' '}
          {work.kind === 'waits' ? t('workStage.waitsWhy') : t('workStage.notNeededWhy', { first: first.name })}
        </p>
        <p className={styles.links}>
          {work.kind === 'waits' && <Link href={`/work?job=${first.id}`}>{t('workStage.workOnFirst')}</Link>}
          <Link href={`/swap?job=${job.id}`} onClick={work.toItsBike}>
            {t('workStage.swap')}
          </Link>
        </p>
      </div>
    );
  }
  if (work.kind === 'done') {
    const { job, bike } = work;
    return (
      <div className={styles.plain} data-testid="signed-off">
        <h1>{t('workStage.signedOffOutcome', { outcome: OUTCOME_TEXT[job.outcome!] })}</h1>
        <p>
          {job.name}, {bike.name}.{' '}
          {job.outcome === 'reverted'
            ? t('workStage.theBikeIsAsIt')
            : job.work.kind === 'swap'
              ? t('workStage.itsSetupIsANow')
              : t('workStage.itIsInTheLog')}
        </p>
        <p className={styles.links}>
          <Link href={`/swap?job=${job.id}`} onClick={work.toItsBike}>
            {t('workStage.swap')}
          </Link>
          <Link href="/schedule">{t('workStage.schedule')}</Link>
          <Link href="/log" onClick={work.toItsBike}>
            {t('workStage.log')}
          </Link>
        </p>
      </div>
    );
  }
  return <WorkView work={work} />;
}
