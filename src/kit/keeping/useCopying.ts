'use client';

import { useEffect } from 'react';
import { copyIfDue, writeOutside, type Workshop } from '../../store';
import { copiesOf } from './copies-of';
import { mayWrite } from './outside';

/** How often it is looked whether a copy is due. */
const LOOK_EVERY_MS = 60_000;

/** Makes a copy if one is due, and writes the file that was chosen along with it, where the browser lets it. */
async function copy(db: Workshop['db']): Promise<void> {
  const copies = copiesOf();
  const now = Date.now();
  if (!(await copyIfDue(db, copies, now))) return;
  const outside = await copies.outside.get('outside');
  if (!outside || !(await mayWrite(outside, false))) return;
  await writeOutside(db, copies, now);
}

/** Copies the work by itself while a window is open, one window at a time. @param db undefined while nothing is kept */
export function useCopying(db: Workshop['db'] | undefined): void {
  useEffect(() => {
    if (!db) return;
    const look = () => {
      // Only pages that came by a safe way have locks; without them two windows may make the same copy twice.
      const locks = (navigator as { readonly locks?: LockManager }).locks;
      const work = async () => {
        // It is tried again a minute later, and Data tells what there is.
        await copy(db).catch((error: unknown) => console.warn('no copy was made', error));
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
