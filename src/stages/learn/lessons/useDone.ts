'use client';

import { useEffect } from 'react';

/** Tells the lesson once its task has been done. */
export function useDone(isDone: boolean, onDone: () => void): void {
  useEffect(() => {
    if (isDone) onDone();
  }, [isDone, onDone]);
}
