'use client';

import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { pageTitle } from '../../kit/shell/page-title';
import { useInAddress } from '../../kit/shell/useInAddress';
import { JobsPanel } from './JobsPanel';
import { JobView } from './JobView';
import { PlanView } from './PlanView';
import { useJobFacts, useJobs } from './useJobs';
import { PageHeading } from '../../kit/sheet/Panel';
import styles from './Swap.module.css';
import { t } from './words/text';

/** From A to another setup: the card, and the jobs of this bike. */
export function SwapStage() {
  const { bench } = useReadyBench();
  // Another page may send to a certain job.
  const [openId, open] = useState<string | undefined>(useSearchParams().get('job') ?? undefined);
  useInAddress('job', openId, open);
  const { lines, opened } = useJobs(openId);
  const facts = useJobFacts();
  return (
    <>
      <title>{pageTitle([t('swapStage.jobs'), opened?.job.name, bench.bike.name])}</title>
      <PageHeading>{t('swapStage.swap')}</PageHeading>
      <div className={styles.layout}>
        <JobsPanel jobs={lines} openId={opened?.job.id} onOpen={open} />
        {opened ? (
          <JobView key={opened.job.id} {...opened} onClose={() => open(undefined)} />
        ) : (
          facts && <PlanView key={bench.bike.id} facts={facts} onBooked={open} />
        )}
      </div>
    </>
  );
}
