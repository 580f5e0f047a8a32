'use client';

import { STEP_TITLES } from '../../messages/job';
import { useDb, useLive, readPhotos } from '../../store';
import { Jpeg } from '../../ui/picture/Jpeg';
import styles from './Jobs.module.css';

/** The photos of a job, with the step at which each was taken. */
export function PhotosOf({ jobId }: { jobId: string }) {
  const db = useDb();
  const photos = useLive(db, (from) => readPhotos(from, jobId), { deps: [jobId] });
  if (!photos || photos.length === 0) return null;
  return (
    <div className={styles.photos}>
      {photos.map(({ id, stepId, jpeg, takenAtMs }) => (
        <figure key={id}>
          <Jpeg bytes={jpeg} alt={`${STEP_TITLES[stepId]}, ${new Date(takenAtMs).toLocaleString()}`} />
          <figcaption>{STEP_TITLES[stepId]}</figcaption>
        </figure>
      ))}
    </div>
  );
}
