'use client';

import { Button } from 'antd';
import { t } from './text';

/** Error boundary of a page: the data are untouched and the other pages work. */
export default function StageError({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <div role="alert" style={{ padding: 24, background: 'var(--sheet)', border: '1px solid var(--stop)' }}>
      <h1 style={{ fontSize: 'var(--text-5)', marginTop: 0 }}>{t('error.somethingWentWrongPage')}</h1>
      <p>{error.message}</p>
      <p>{t('error.whatYouTypedIsKept')}</p>
      <Button onClick={reset}>{t('error.tryAgain')}</Button>
    </div>
  );
}
