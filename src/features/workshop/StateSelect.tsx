'use client';

import { Select } from 'antd';
import { JOB_STATES, type JobRecord, type JobState } from '../../records';
import { STATE_TEXT } from './words';
import { useJobEdits } from './useJobEdits';
import { t } from './text';

/** The state of a job; done is set by signing off only. */
export function StateSelect({ job, id }: { job: JobRecord; id?: string }) {
  const { edit } = useJobEdits(job);
  if (job.state === 'done') return <span>{STATE_TEXT.done}</span>;
  return (
    <Select<JobState>
      size="small"
      {...(id !== undefined && { id })}
      aria-label={t('stateSelect.stateOfName', { name: job.name })}
      value={job.state}
      style={{ width: 150 }}
      options={JOB_STATES.filter((state) => state !== 'done').map((value) => ({ value, label: STATE_TEXT[value] }))}
      onChange={(state) => edit('job.state', (before) => ({ ...before, state }))}
    />
  );
}
