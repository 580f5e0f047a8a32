'use client';

import { useBench } from '../bench/BenchProvider';
import type { JobRecord } from '../../records';
import { editJob, removeJob } from '../../store';
import { t } from './text';

export interface JobEdits {
  readonly edit: (what: string, edit: (job: JobRecord) => JobRecord) => void;
  readonly remove: () => void;
}

/** Writes to a job in the book. */
export function useJobEdits(job: JobRecord): JobEdits {
  const state = useBench();
  if (state.kind !== 'ready') throw new Error('useJobEdits before the workshop is open');
  const { edits, workshop } = state;
  const { db } = workshop;
  return {
    edit: (what, edit) =>
      edits.write(() => editJob(db, job.id, t('useJobEdits.whatOfName', { what, name: job.name }), edit, Date.now())),
    remove: () => edits.write(() => removeJob(db, job, Date.now())),
  };
}
