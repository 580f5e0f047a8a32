import { Input, Modal } from 'antd';
import { t } from './text';

interface LinkDialogProps {
  readonly link: string;
  readonly open: boolean;
  readonly onClose: () => void;
}

/** Shows a link to copy by hand where the browser offers no clipboard. */
export function LinkDialog({ link, open, onClose }: LinkDialogProps) {
  return (
    <Modal title={t('toolbar.linkToThisSetup')} open={open} footer={null} onCancel={onClose}>
      <p>{t('toolbar.browserBlocksCopyingSelect')}</p>
      <Input.TextArea
        readOnly
        autoSize
        value={link}
        aria-label={t('toolbar.link')}
        onFocus={({ target }) => target.select()}
      />
    </Modal>
  );
}
