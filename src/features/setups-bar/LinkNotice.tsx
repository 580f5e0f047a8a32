'use client';

import { Button } from 'antd';
import { usePathname } from 'next/navigation';
import { addBike } from '../../store';
import { useWorkspace } from '../workspace/WorkspaceProvider';
import { leaveLink } from '../workspace/useLink';
import styles from './SetupsBar.module.css';
import { t } from './text';

/** Says that a shared setup is shown and offers to save it, or why the link cannot be read. */
export function LinkNotice() {
  const state = useWorkspace();
  const pathname = usePathname();
  if (state.kind !== 'ready') return null;
  const { workspace, linkProblem, workshop, edits } = state;
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
  if (!workspace?.fromLink) return null;
  const keep = () =>
    edits.write(async () => {
      await addBike(workshop.db, { bike: workspace.bike, setup: workspace.setup }, Date.now());
      leave();
    });
  return (
    <div className={styles.notice} role="status">
      <span>
        <b>{workspace.bike.name}</b> {t('linkNotice.wasOpenedLinkPreview')}
      </span>
      <Button size="small" type="primary" onClick={keep}>
        {t('linkNotice.saveMyBikes')}
      </Button>
      <Button size="small" onClick={leave}>
        {t('linkNotice.leaveIt')}
      </Button>
    </div>
  );
}
