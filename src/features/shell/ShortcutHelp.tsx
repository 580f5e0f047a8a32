import { Modal } from 'antd';
import Link from 'next/link';
import { LOCAL_KEYS, SHORTCUTS } from '../shortcuts/shortcuts';
import { useKeymap } from '../shortcuts/useKeymap';
import styles from './Shell.module.css';
import { t } from './text';

/** Lists all keyboard shortcuts that work now. */
export function ShortcutHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  const keymap = useKeymap();
  const lines = [...keymap].map(([id, { shown }]) => ({ shown, what: SHORTCUTS[id].what }));
  return (
    <Modal title={t('shortcutHelp.keys')} open={open} onCancel={onClose} footer={null} width={440}>
      <p className={styles.change}>
        <Link href="/settings" onClick={onClose}>
          {t('shortcutHelp.change')}
        </Link>
      </p>
      <dl className={styles.keys}>
        {[...lines, ...LOCAL_KEYS].map(({ shown, what }) => (
          <div key={what}>
            <dt>
              <kbd>{shown}</kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
