'use client';

import { useEffect } from 'react';
import type { Workshop } from '../../store';

/** How often it is looked whether a copy is due. */
const LOOK_EVERY_MS = 60_000;

/** Copies the work by itself while a window is open, one window at a time. @param db undefined while nothing is kept */
export function useCopying(db: Workshop['db'] | undefined): void {
  useEffect(() => {
    if (!db) return;
    const look = () => {
      // Only pages that came by a safe way have locks; without them two windows may make the same copy twice.
      const locks = (navigator as { readonly locks?: LockManager }).locks;
      const work = async () => {
        // A minute after the page at the earliest, so that it comes then. It is tried again a minute later, and Data
        // tells what there is.
        const copying = import('./copying').then(({ copy }) => copy(db));
        await copying.catch((error: unknown) => console.warn('no copy was made', error));
      };
      void (locks
        ? locks.request('rontel-copy', { ifAvailable: true }, (lock) => (lock ? work() : undefined))
        : work());
    };
    const timer = setInterval(look, LOOK_EVERY_MS);
    // Whoever leaves may not come back.
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [db]);
}
