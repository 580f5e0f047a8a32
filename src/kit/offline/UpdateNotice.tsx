'use client';

import { Alert, Button } from 'antd';
import { useOffline } from './OfflineProvider';

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
      title="A newer Rontel is ready"
      description="What is typed is kept. It also takes over by itself once every Rontel window has been closed."
      action={
        <Button type="primary" onClick={update}>
          Take it now
        </Button>
      }
    />
  );
}
