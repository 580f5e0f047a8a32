'use client';

import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { pageTitle } from '../../features/shell/page-title';
import { useInAddress } from '../../ui/react/useInAddress';
import { JobsPanel } from './JobsPanel';
import { JobView } from './JobView';
import { PlanView } from './PlanView';
import { useJobFacts, useJobs } from './useJobs';
import { PageHeading } from '../../ui/panel/Panel';
import styles from './Jobs.module.css';
import { t } from './text';

/** From A to another setup: the card, and the jobs of this bike. */
export function JobsView() {
  const { workspace } = useReadyWorkspace();
  // Another page may send to a certain job.
  const [openId, open] = useState<string | undefined>(useSearchParams().get('job') ?? undefined);
  useInAddress('job', openId, open);
  const { lines, opened } = useJobs(openId);
  const facts = useJobFacts();
  return (
    <>
      <title>{pageTitle([t('jobsView.jobs'), opened?.job.name, workspace.bike.name])}</title>
      <PageHeading>{t('jobsView.swap')}</PageHeading>
      <div className={styles.layout}>
        <JobsPanel jobs={lines} openId={opened?.job.id} onOpen={open} />
        {opened ? (
          <JobView key={opened.job.id} {...opened} onClose={() => open(undefined)} />
        ) : (
          facts && <PlanView key={workspace.bike.id} facts={facts} onBooked={open} />
        )}
      </div>
    </>
  );
}
