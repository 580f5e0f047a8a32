'use client';

import { startTransition, useEffect, useRef, useState } from 'react';
import type { RontelDatabase } from './db';

/** Maximum delay of a render while keys come faster than the page renders. */
const PATIENCE_MS = 700;

const newer = <T>(_before: T, after: T): T => after;

/**
 * Subscribes to a live query. The package's own hook waits for a pause between writes, so nothing would change on screen
 * while keys come faster than the query; this one delivers every result.
 * @param db undefined while there is nothing to query
 * @param query a function of stable identity, or the subscription restarts
 * @param keep merges a result with the previous one, for structural sharing; of stable identity too
 * @returns the latest result; undefined before the first
 */
export function useLive<T>(
  db: RontelDatabase | undefined,
  query: (db: RontelDatabase) => Promise<T>,
  keep: (before: T, after: T) => T = newer,
): T | undefined {
  const [told, setTold] = useState<{ readonly value?: T | undefined; readonly failure?: Error }>({});
  /** Since when a result has been waiting to be rendered. */
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
        // The page waits for the first result; later ones render in a transition, which yields to typing.
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
  // A failed query is handled by the page's error boundary.
  if (told.failure !== undefined) throw told.failure;
  return db && told.value;
}
