'use client';

import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { RontelDatabase } from './db';
import { prepareStore } from './dataset';
import { EMPTY_DATASET, demoDataset } from './demo';

export type StoreState =
  | { readonly kind: 'opening' }
  | { readonly kind: 'ready'; readonly db: RontelDatabase }
  | { readonly kind: 'failed'; readonly message: string };

const StoreContext = createContext<StoreState>({ kind: 'opening' });

/** Opens the browser's database once for the whole app. @param firstStart what a browser new to Rontel begins with */
export function StoreProvider({ firstStart, children }: { firstStart: 'demo' | 'empty'; children: ReactNode }) {
  const [state, setState] = useState<StoreState>({ kind: 'opening' });
  useEffect(() => {
    const db = new RontelDatabase();
    let current = true;
    prepareStore(db, firstStart === 'demo' ? () => demoDataset(Date.now()) : () => EMPTY_DATASET).then(
      () => current && setState({ kind: 'ready', db }),
      (error: unknown) =>
        current && setState({ kind: 'failed', message: error instanceof Error ? error.message : String(error) }),
    );
    return () => {
      current = false;
      db.close();
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
