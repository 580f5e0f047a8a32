'use client';

import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { pageTitle } from '../../features/shell/page-title';
import { OUTCOME_TEXT } from '../../features/workshop/words';
import { useWork } from './useWork';
import { JobSteps } from './JobSteps';
import styles from './Work.module.css';
import { t } from './text';
import { definite } from '../../core/items';

/** Workshop mode: one step at a time, for dirty hands. */
export function WorkView() {
  const id = useSearchParams().get('job') ?? '';
  const work = useWork(id);
  const parts = 'job' in work ? [work.job.name, ...('bike' in work ? [work.bike.name] : [])] : [];
  return (
    <>
      <title>{pageTitle([...parts, t('workView.workshop')])}</title>
      <Work work={work} />
    </>
  );
}

function Work({ work }: { work: ReturnType<typeof useWork> }) {
  if (work.kind === 'opening') return <p className={styles.plain}>{t('workView.openingTheJob')}</p>;
  if (work.kind === 'gone') {
    return (
      <div className={styles.plain}>
        <h1>{t(`workView.${work.why}`)}</h1>
        <p>{work.why === 'noJob' ? t('workView.noJobWhy') : t('workView.noBikeWhy')}</p>
        <Link href="/jobs">{t('workView.toSwap')}</Link>
      </div>
    );
  }
  if (work.kind === 'waits' || work.kind === 'notNeeded') {
    const { job, first } = work;
    return (
      <div className={styles.plain} data-testid={work.kind}>
        <h1>{work.kind === 'waits' ? t('workView.waits', { first: first.name }) : t('workView.notNeeded')}</h1>
        <p>
          {job.name}.{' '}
          {work.kind === 'waits' ? t('workView.waitsWhy') : t('workView.notNeededWhy', { first: first.name })}
        </p>
        <p className={styles.links}>
          {work.kind === 'waits' && <Link href={`/work?job=${first.id}`}>{t('workView.workOnFirst')}</Link>}
          <Link href={`/jobs?job=${job.id}`} onClick={work.toItsBike}>
            {t('workView.swap')}
          </Link>
        </p>
      </div>
    );
  }
  if (work.kind === 'done') {
    const { job, bike } = work;
    return (
      <div className={styles.plain} data-testid="signed-off">
        <h1>{t('workView.signedOffOutcome', { outcome: OUTCOME_TEXT[definite(job.outcome)] })}</h1>
        <p>
          {job.name}, {bike.name}.{' '}
          {job.outcome === 'reverted'
            ? t('workView.theBikeIsAsIt')
            : job.work.kind === 'swap'
              ? t('workView.itsSetupIsANow')
              : t('workView.itIsInTheLog')}
        </p>
        <p className={styles.links}>
          <Link href={`/jobs?job=${job.id}`} onClick={work.toItsBike}>
            {t('workView.swap')}
          </Link>
          <Link href="/schedule">{t('workView.schedule')}</Link>
          <Link href="/log" onClick={work.toItsBike}>
            {t('workView.log')}
          </Link>
        </p>
      </div>
    );
  }
  return <JobSteps work={work} />;
}
