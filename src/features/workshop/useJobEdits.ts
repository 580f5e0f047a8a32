'use client';

import { useWorkspace } from '../workspace/WorkspaceProvider';
import type { JobRecord } from '../../records';
import { editJob, removeJob } from '../../store';
import { t } from './text';
import { type EditName, editKey, editText } from '../../messages/edit-name';

interface JobEdits {
  readonly edit: (what: EditName, edit: (job: JobRecord) => JobRecord) => void;
  readonly remove: () => void;
}

/** Writes to a job in the book. */
export function useJobEdits(job: JobRecord): JobEdits {
  const state = useWorkspace();
  if (state.kind !== 'ready') throw new Error('useJobEdits before the workshop is open');
  const { edits, workshop } = state;
  const { db } = workshop;
  return {
    edit: (what, edit) =>
      edits.write(() =>
        editJob(
          db,
          job.id,
          { label: t('useJobEdits.whatOfName', { what: editText(what), name: job.name }), key: editKey(what) },
          edit,
          Date.now(),
        ),
      ),
    remove: () => edits.write(() => removeJob(db, job, Date.now())),
  };
}
