'use client';

import { Button } from 'antd';
import { usePathname } from 'next/navigation';
import { addBike } from '../../store';
import { useBench } from './BenchProvider';
import { leaveLink } from './useLink';
import styles from './Bench.module.css';
import { t } from './text';

/** Says that a link is being looked at, and lets it be kept; or why it cannot be read. */
export function LinkNotice() {
  const state = useBench();
  const pathname = usePathname();
  if (state.kind !== 'ready') return null;
  const { bench, linkProblem, workshop, edits } = state;
  const leave = () => leaveLink(pathname);
  if (linkProblem) {
    return (
      <div className={styles.notice} role="alert">
        <span>{linkProblem}</span>
        <Button size="small" onClick={leave}>
          {t('linkNotice.goOnWithoutIt')}
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
        <b>{bench.bike.name}</b> {t('linkNotice.cameByALinkIt')}
      </span>
      <Button size="small" type="primary" onClick={keep}>
        {t('linkNotice.keepItOnMyBench')}
      </Button>
      <Button size="small" onClick={leave}>
        {t('linkNotice.leaveIt')}
      </Button>
    </div>
  );
}
