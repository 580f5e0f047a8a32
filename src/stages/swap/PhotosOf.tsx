'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { STEP_TITLES } from '../../messages/job';
import { useDb } from '../../store';
import styles from './Swap.module.css';

/** The photos of a job, with the step at which each was taken. */
export function PhotosOf({ jobId }: { jobId: string }) {
  const db = useDb();
  const photos = useLiveQuery(() => db.photos.where('jobId').equals(jobId).sortBy('takenAtMs'), [db, jobId]);
  if (!photos || photos.length === 0) return null;
  return (
    <div className={styles.photos}>
      {photos.map(({ id, stepId, jpeg, takenAtMs }) => (
        <figure key={id}>
          {/* eslint-disable-next-line @next/next/no-img-element -- kept in the browser, not on the server */}
          <img
            src={`data:image/jpeg;base64,${jpeg}`}
            alt={`${STEP_TITLES[stepId]}, ${new Date(takenAtMs).toLocaleString()}`}
          />
          <figcaption>{STEP_TITLES[stepId]}</figcaption>
        </figure>
      ))}
    </div>
  );
}
