import { Modal } from 'antd';
import { LOCAL_KEYS, SHORTCUTS } from '../shortcuts/shortcuts';
import styles from './Shell.module.css';
import { t } from './text';

/** Lists all keyboard shortcuts. */
export function ShortcutHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Modal title={t('shortcutHelp.keys')} open={open} onCancel={onClose} footer={null} width={440}>
      <dl className={styles.keys}>
        {[...Object.values(SHORTCUTS), ...LOCAL_KEYS].map(({ shown, what }) => (
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
