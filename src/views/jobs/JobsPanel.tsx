'use client';

import { Button } from 'antd';
import { OnDevice } from '../../features/devices/OnDevice';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { dateText, isoDayText } from '../../ui/format';
import { useFirst } from '../../ui/list/useFirst';
import { OUTCOME_TEXT, STATE_TEXT, minutesText } from '../../features/workshop/words';
import type { JobLine } from './useJobs';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Jobs.module.css';
import { t } from './text';
import { definite } from '../../core/items';

const PAGE = 20;

interface JobsPanelProps {
  readonly jobs: readonly JobLine[];
  readonly openId: string | undefined;
  readonly onOpen: (id: string | undefined) => void;
}

/** The jobs of this bike, the most pressing first. */
export function JobsPanel({ jobs, openId, onOpen }: JobsPanelProps) {
  const { workspace } = useReadyWorkspace();
  const { first, more } = useFirst(jobs, PAGE);
  return (
    <Panel aria-label={t('jobsPanel.jobsOfThisBike')}>
      <PanelHead>
        <h2>{t('jobsPanel.jobsOfName', { name: workspace.bike.name })}</h2>
      </PanelHead>
      <Button block type={openId === undefined ? 'primary' : 'default'} onClick={() => onOpen(undefined)}>
        {t('jobsPanel.newJob')}
      </Button>
      {jobs.length === 0 && <Note>{t('jobsPanel.noneYet')}</Note>}
      <ul className={styles.jobs}>
        {first.map(({ job, minutes, waits }) => (
          <li key={job.id}>
            <button
              type="button"
              data-job={job.id}
              aria-current={job.id === openId}
              onClick={() => onOpen(job.id)}
              data-state={job.state}
            >
              <b>{job.name}</b>
              <span>
                {STATE_TEXT[job.state]}
                {job.outcome && `: ${OUTCOME_TEXT[job.outcome]}`}
                {job.state === 'done'
                  ? `, ${dateText(definite(job.finishedAtMs))}`
                  : `, ${minutesText(minutes)}${job.dueOn ? t('jobsPanel.onDueOn', { dueOn: isoDayText(job.dueOn) }) : ''}`}
              </span>
              <OnDevice job={job} />
              {waits && <span>{t('jobsPanel.waits')}</span>}
              {job.occasion && <span>{job.occasion}</span>}
            </button>
          </li>
        ))}
      </ul>
      {more}
    </Panel>
  );
}
