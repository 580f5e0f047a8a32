import type { RontelDatabase } from '../../store';
import { rechecksDue } from '../workshop/due';

/** Sets the badge of the app by the re-checks that are due, until the function that it returns is called. */
// Imported on demand.
// ts-unused-exports:disable-next-line
export function followBadge(db: RontelDatabase): () => void {
  const count = async () => {
    const open = await db.jobs.where('state').notEqual('done').toArray();
    const rechecks = open.filter(({ work }) => work.kind === 'recheck');
    if (rechecks.length === 0) return 0;
    // Only what they are counted from: this runs whenever the app starts.
    const bikeIds = rechecks.map(({ bikeId }) => bikeId);
    const [jobs, rides, notes] = await Promise.all([
      db.jobs.where('bikeId').anyOf(bikeIds).toArray(),
      db.rides.where('bikeId').anyOf(bikeIds).toArray(),
      db.notes.where('bikeId').anyOf(bikeIds).toArray(),
    ]);
    return rechecksDue(jobs, rides, notes).filter(({ isDue }) => isDue).length;
  };
  // The schedule shows the same: where the system refuses the badge, no message is needed.
  const show = (due: number) => void navigator.setAppBadge(due).catch(() => undefined);
  const subscription = db.follow(count).subscribe(show);
  return () => subscription.unsubscribe();
}
