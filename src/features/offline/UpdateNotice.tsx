'use client';

import { Alert, Button } from 'antd';
import { useOffline } from './OfflineProvider';
import { t } from './text';
import { defined } from '../../core/optional';

/** Offers a newer version; the user decides when. */
export function UpdateNotice({ className }: { className?: string | undefined }) {
  const { state, update } = useOffline();
  if (state !== 'newer') return null;
  return (
    <Alert
      {...defined({ className })}
      type="info"
      showIcon
      data-testid="newer"
      title={t('updateNotice.updateReady')}
      description={t('updateNotice.workSavedUpdateAlso')}
      action={
        <Button type="primary" onClick={update}>
          {t('updateNotice.updateNow')}
        </Button>
      }
    />
  );
}
