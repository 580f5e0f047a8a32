'use client';

import { useEffect } from 'react';

/** Notifies the lesson once its task is done. */
export function useDone(isDone: boolean, onDone: () => void): void {
  useEffect(() => {
    if (isDone) onDone();
  }, [isDone, onDone]);
}
