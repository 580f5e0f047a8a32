'use client';

import { useEffect } from 'react';
import type { RontelDatabase } from '../../store';

/** Shows on the icon of the installed app how many re-checks are due, where the system has such a badge. */
export function useBadge(db: RontelDatabase | undefined): void {
  useEffect(() => {
    if (!db || !('setAppBadge' in navigator)) return undefined;
    let stop: (() => void) | undefined;
    let hasEnded = false;
    // Not needed for the page to come.
    void import('./follow-badge').then(({ followBadge }) => {
      if (!hasEnded) stop = followBadge(db);
    });
    return () => {
      hasEnded = true;
      stop?.();
    };
  }, [db]);
}
