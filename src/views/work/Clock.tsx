'use client';

import { useEffect, useState } from 'react';
import { workedMs, type Run } from '../../core/job';
import { clockText } from './work-words';

/** How long the job was worked on, by the minute and second. */
export function Clock({ runs }: { runs: readonly Run[] }) {
  const [nowMs, setNowMs] = useState(() => Date.now());
  const isRunning = runs.some(({ toMs }) => toMs === undefined);
  useEffect(() => {
    if (!isRunning) return;
    const timer = setInterval(() => setNowMs(Date.now()), 1000);
    return () => clearInterval(timer);
  }, [isRunning]);
  return <time data-testid="clock">{clockText(workedMs(runs, nowMs))}</time>;
}
