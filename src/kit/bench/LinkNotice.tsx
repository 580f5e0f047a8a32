'use client';

import { Button } from 'antd';
import { usePathname, useRouter } from 'next/navigation';
import { addBike } from '../../store';
import { useBench } from './BenchProvider';
import styles from './Bench.module.css';

/** Says that a link is being looked at, and lets it be kept; or why it cannot be read. */
export function LinkNotice() {
  const state = useBench();
  const router = useRouter();
  const pathname = usePathname();
  if (state.kind !== 'ready') return null;
  const { bench, linkProblem, workshop, edits } = state;
  const leave = () => router.replace(pathname);
  if (linkProblem) {
    return (
      <div className={styles.notice} role="alert">
        <span>{linkProblem}</span>
        <Button size="small" onClick={leave}>
          Go on without it
        </Button>
      </div>
    );
  }
  if (!bench?.fromLink) return null;
  const keep = () =>
    edits.write(async () => {
      await addBike(workshop.db, { bike: bench.bike, setup: bench.setup }, Date.now());
      leave();
    });
  return (
    <div className={styles.notice} role="status">
      <span>
        <b>{bench.bike.name}</b> came by a link. It is shown, not kept; your own bikes are untouched.
      </span>
      <Button size="small" type="primary" onClick={keep}>
        Keep it on my bench
      </Button>
      <Button size="small" onClick={leave}>
        Leave it
      </Button>
    </div>
  );
}
