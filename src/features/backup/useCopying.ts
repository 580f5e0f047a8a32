'use client';

import { useEffect } from 'react';
import type { Workshop } from '../../store';

/** How often to check whether a backup is due. */
const LOOK_EVERY_MS = 60_000;

/** Copies the work by itself while a window is open, one window at a time. @param db undefined while nothing is kept */
export function useCopying(db: Workshop['db'] | undefined): void {
  useEffect(() => {
    if (!db) return;
    const look = () => {
      // The Web Locks API needs a secure context; without it two windows may both make the same backup.
      const locks = (navigator as { readonly locks?: LockManager }).locks;
      const work = async () => {
        // A minute after the page at the earliest, so that it comes then. It is tried again a minute later, and Data
        // tells what there is.
        const copying = import('./copying').then(({ copy }) => copy(db));
        await copying.catch((error: unknown) => console.warn(new Error('no copy was made', { cause: error })));
      };
      void (locks
        ? locks.request('rontel-copy', { ifAvailable: true }, (lock) => (lock ? work() : undefined))
        : work());
    };
    const timer = setInterval(look, LOOK_EVERY_MS);
    // The user may close the tab for good, so save now.
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [db]);
}
