'use client';

import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { StoreTooNewError } from './dataset';
import type { RontelDatabase } from './db';
import type { Opened } from './open-store';

export type StoreState =
  | { readonly kind: 'opening' }
  | {
      readonly kind: 'ready';
      readonly db: RontelDatabase;
      /** Why the browser keeps nothing, so that all of it is in memory alone; undefined where it keeps it. */
      readonly inMemoryBecause: string | undefined;
    }
  | {
      readonly kind: 'failed';
      readonly message: string;
      /** The version of the data where a newer Rontel wrote them: they can be saved as they are. */
      readonly newerVersion: number | undefined;
    };

const StoreContext = createContext<StoreState>({ kind: 'opening' });

const messageOf = (error: unknown) => (error instanceof Error ? error.message : String(error));

/** The database's package is large, and the page's frame stands without it. */
async function openStore(firstStart: 'demo' | 'empty'): Promise<Opened> {
  return (await import('./open-store')).openStore(firstStart);
}

/** Opens the browser's database once for the whole app. @param firstStart what a browser new to Rontel begins with */
export function StoreProvider({ firstStart, children }: { firstStart: 'demo' | 'empty'; children: ReactNode }) {
  const [state, setState] = useState<StoreState>({ kind: 'opening' });
  useEffect(() => {
    let current = true;
    let opened: RontelDatabase | undefined;
    openStore(firstStart).then(
      ({ db, inMemoryBecause }) => {
        opened = db;
        if (!current) {
          db.close();
          return;
        }
        const lost = () => {
          const message =
            'The browser has taken its database away: another window may have erased it. Reload; if nothing is there, open a backup.';
          if (current) setState({ kind: 'failed', message, newerVersion: undefined });
        };
        db.on('close', lost);
        db.on('versionchange', lost);
        setState({ kind: 'ready', db, inMemoryBecause });
      },
      (error: unknown) => {
        const newerVersion = error instanceof StoreTooNewError ? error.dataVersion : undefined;
        if (current) setState({ kind: 'failed', message: messageOf(error), newerVersion });
      },
    );
    return () => {
      current = false;
      opened?.close();
    };
  }, [firstStart]);
  return <StoreContext value={state}>{children}</StoreContext>;
}

export function useStore(): StoreState {
  return useContext(StoreContext);
}

/** The database, below a place that has made sure that it is open. */
export function useDb(): RontelDatabase {
  const state = useStore();
  if (state.kind !== 'ready') throw new Error('useDb below a store that is not open');
  return state.db;
}
