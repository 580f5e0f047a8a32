'use client';

import { Button } from 'antd';

/** A stage that broke says so; the data is untouched and the rest of the house stands. */
export default function StageError({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <div role="alert" style={{ padding: 24, background: 'var(--sheet)', border: '1px solid var(--stop)' }}>
      <h1 style={{ fontSize: 18, marginTop: 0 }}>This stage broke</h1>
      <p>{error.message}</p>
      <p>
        What you typed is kept. Try again; if it breaks again, save a backup on the Data page and undo the last change.
      </p>
      <Button onClick={reset}>Try again</Button>
    </div>
  );
}
