'use client';

import { Alert, Button } from 'antd';
import { useOffline } from './OfflineProvider';
import { t } from './text';

/** Says that a newer Rontel lies ready; the person says when. */
export function UpdateNotice({ className }: { className?: string | undefined }) {
  const { state, update } = useOffline();
  if (state !== 'newer') return null;
  return (
    <Alert
      className={className}
      type="info"
      showIcon
      data-testid="newer"
      title={t('updateNotice.aNewerRontelIsReady')}
      description={t('updateNotice.whatIsTypedIsKept')}
      action={
        <Button type="primary" onClick={update}>
          {t('updateNotice.takeItNow')}
        </Button>
      }
    />
  );
}
