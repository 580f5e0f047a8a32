'use client';

import { startTransition, useEffect, useRef, useState } from 'react';
import type { liveQuery } from 'dexie';
import { asError } from '../core/error';

/** Maximum delay of a render while keys come faster than the page renders. */
const PATIENCE_MS = 700;

const newer = <T>(_before: T, after: T): T => after;

/** A database that can be subscribed to. */
interface Followable {
  readonly follow: typeof liveQuery;
}

interface LiveOptions<T> {
  /** Everything else that the query uses; a change of it restarts the subscription. */
  readonly deps?: readonly unknown[];
  /** Merges a result with the previous one, for structural sharing; of stable identity. */
  readonly keep?: (before: T, after: T) => T;
}

const NO_DEPS: readonly unknown[] = [];

/**
 * Subscribes to a live query. The package's own hook waits for a pause between writes, so nothing would change on screen
 * while keys come faster than the query; this one delivers every result.
 * @param db undefined while there is nothing to query
 * @returns the latest result; undefined before the first
 */
export function useLive<D extends Followable, T>(
  db: D | undefined,
  query: (db: D) => Promise<T>,
  { deps = NO_DEPS, keep = newer }: LiveOptions<T> = {},
): T | undefined {
  const [latest, setLatest] = useState<{ readonly value?: T | undefined; readonly failure?: Error }>({});
  /** Since when a result has been waiting to be rendered. */
  const waitsSince = useRef<number>(undefined);
  useEffect(() => {
    waitsSince.current = undefined;
  }, [latest]);
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
        if (!before || now - waitsSince.current > PATIENCE_MS) setLatest({ value });
        else startTransition(() => setLatest({ value }));
        before = { value };
      })
      .subscribe({
        error: (cause: unknown) => follows && setLatest({ failure: asError(cause) }),
      });
    return () => {
      follows = false;
      subscription.unsubscribe();
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `deps` lists what the query uses
  }, [db, keep, ...deps]);
  // A failed query is handled by the page's error boundary.
  if (latest.failure !== undefined) throw latest.failure;
  return db && latest.value;
}
