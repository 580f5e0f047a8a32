import type { RontelDatabase } from '../../store';
import { rechecksDue } from '../workshop/due';

/** Sets the badge of the app by the re-checks that are due, until the function that it returns is called. */
// Imported on demand.
// ts-unused-exports:disable-next-line
export function followBadge(db: RontelDatabase): () => void {
  const count = async () => {
    const [jobs, rides, notes] = await db.transaction('r', [db.jobs, db.rides, db.notes], () =>
      Promise.all([db.jobs.toArray(), db.rides.toArray(), db.notes.toArray()]),
    );
    return rechecksDue(jobs, rides, notes).filter(({ isDue }) => isDue).length;
  };
  // A badge is a nicety: a system that refuses it is not told of.
  const show = (due: number) => void navigator.setAppBadge(due).catch(() => undefined);
  const subscription = db.follow(count).subscribe(show);
  return () => subscription.unsubscribe();
}
