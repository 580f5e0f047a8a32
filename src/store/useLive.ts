'use client';

import { startTransition, useEffect, useRef, useState } from 'react';
import type { RontelDatabase } from './db';

/** Where keys come faster than the page is drawn, it is drawn all the same after so long. */
const PATIENCE_MS = 700;

const newer = <T>(_before: T, after: T): T => after;

/**
 * Follows a query of the database. The package's own hook waits for a moment without writes before it tells of
 * any: while keys come faster than the query takes, nothing would move on screen. This one tells of every
 * answer it gets.
 * @param db undefined while there is nothing to ask
 * @param query the same function from one drawing to the next, or it is asked anew
 * @param keep what to tell of an answer, given what was told before it; likewise the same function
 * @returns the newest answer; undefined before the first
 */
export function useLive<T>(
  db: RontelDatabase | undefined,
  query: (db: RontelDatabase) => Promise<T>,
  keep: (before: T, after: T) => T = newer,
): T | undefined {
  const [told, setTold] = useState<{ readonly value?: T | undefined; readonly failure?: Error }>({});
  /** Since when an answer waits to be drawn. */
  const waitsSince = useRef<number>(undefined);
  useEffect(() => {
    waitsSince.current = undefined;
  }, [told]);
  useEffect(() => {
    if (!db) return undefined;
    let follows = true;
    let before: { readonly value: T } | undefined;
    const subscription = db
      .follow(async () => {
        const answer = await query(db);
        if (!follows) return;
        const value = before ? keep(before.value, answer) : answer;
        // The page waits for the first; of those after it, what is drawn waits for what is typed meanwhile.
        const now = performance.now();
        waitsSince.current ??= now;
        if (!before || now - waitsSince.current > PATIENCE_MS) setTold({ value });
        else startTransition(() => setTold({ value }));
        before = { value };
      })
      .subscribe({
        error: (cause: unknown) =>
          follows && setTold({ failure: cause instanceof Error ? cause : new Error(String(cause)) }),
      });
    return () => {
      follows = false;
      subscription.unsubscribe();
    };
  }, [db, query, keep]);
  // What the database refuses to say is for the page's error boundary.
  if (told.failure !== undefined) throw told.failure;
  return db && told.value;
}
