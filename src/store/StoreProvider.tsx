'use client';

import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { Dataset } from '../records';
import { firstStartOf, type FirstStart } from './first-start';
import { StoreTooNewError, readDataset } from './dataset';
import type { RontelDatabase } from './db';
import type { Opened } from './open-store';
import { windowsOpen } from './tab';

/** Why the data cannot be used. */
export type StoreFailure =
  /** The database could not be opened, nor was there one in memory. */
  | { readonly reason: 'cannotOpen'; readonly message: string }
  /** A newer Rontel wrote the data: they can be saved as they are. */
  | { readonly reason: 'tooNew'; readonly message: string; readonly dataVersion: number }
  /** A newer Rontel in another window brings the data up to date. */
  | { readonly reason: 'updated' }
  /** Somebody deletes the database; what was in it is still here, where it could be read in time. */
  | { readonly reason: 'deleted'; readonly rescued: Dataset | undefined }
  /** The browser has ended the connection. */
  | { readonly reason: 'lost' };

export type StoreState =
  | {
      readonly kind: 'opening';
      /** How many other windows hold the database, where it has taken long; undefined where nobody can tell. */
      readonly waitsFor?: { readonly windows: number | undefined } | undefined;
    }
  | {
      readonly kind: 'ready';
      readonly db: RontelDatabase;
      /** Why the browser keeps nothing, so that all of it is in memory alone; undefined where it keeps it. */
      readonly inMemoryBecause: string | undefined;
      /** Records that could not be read at opening, and were set aside or mended. */
      readonly setAside: number;
    }
  | { readonly kind: 'failed'; readonly failure: StoreFailure };

const StoreContext = createContext<StoreState>({ kind: 'opening' });

const messageOf = (error: unknown) => (error instanceof Error ? error.message : String(error));

/** Past this the page says what it waits for. */
const LATE_MS = 3000;
/** Whoever deletes the database is not kept waiting longer. */
const RESCUE_MS = 5000;

/** Reads everything before it goes, then lets go of the database. */
async function rescue(db: RontelDatabase, isDeleted: boolean): Promise<StoreFailure> {
  if (!isDeleted) {
    db.close();
    return { reason: 'updated' };
  }
  const tooLate = new Promise<undefined>((resolve) => setTimeout(() => resolve(undefined), RESCUE_MS));
  const rescued = await Promise.race([readDataset(db).catch(() => undefined), tooLate]);
  db.close();
  return { reason: 'deleted', rescued };
}

/** Time for a page to read years of entries and to show them. */
const SETTLED_MS = 2000;

/** Does what is not urgent once the page stands; where it fails the page goes on. */
function whenSettled(work: () => Promise<void>): void {
  const begin = () => void work().catch((error: unknown) => console.warn('the data were not looked over:', error));
  setTimeout(() => {
    if ('requestIdleCallback' in window) requestIdleCallback(begin, { timeout: 5000 });
    else begin();
  }, SETTLED_MS);
}

/** The database's package is large, and the page's frame stands without it. */
async function openStore(firstStart: FirstStart): Promise<Opened> {
  return (await import('./open-store')).openStore(firstStart);
}

/** Opens the browser's database once for the whole app. */
export function StoreProvider({ children }: { children: ReactNode }) {
  const [state, setState] = useState<StoreState>({ kind: 'opening' });
  useEffect(() => {
    let current = true;
    let opened: RontelDatabase | undefined;
    const fail = (failure: StoreFailure) => {
      if (current) setState({ kind: 'failed', failure });
    };
    const late = setTimeout(() => {
      void windowsOpen().then((windows) => {
        if (current) setState((now) => (now.kind === 'opening' ? { kind: 'opening', waitsFor: { windows } } : now));
      });
    }, LATE_MS);
    openStore(firstStartOf(document.cookie)).then(
      ({ db, inMemoryBecause }) => {
        clearTimeout(late);
        opened = db;
        if (!current) {
          db.close();
          return;
        }
        let isGoing = false;
        db.on('close', () => {
          if (!isGoing) fail({ reason: 'lost' });
        });
        db.on('versionchange', ({ newVersion }) => {
          isGoing = true;
          // Whoever deletes waits until this window lets go: time to read what there is.
          void rescue(db, newVersion === null).then(fail);
          return false;
        });
        setState({ kind: 'ready', db, inMemoryBecause, setAside: 0 });
        whenSettled(async () => {
          const { checkAllRecords } = await import('./check-records');
          const { aside, mended } = await checkAllRecords(db);
          if (current && aside + mended > 0) setState({ kind: 'ready', db, inMemoryBecause, setAside: aside + mended });
        });
      },
      (error: unknown) => {
        clearTimeout(late);
        const message = messageOf(error);
        if (error instanceof StoreTooNewError) fail({ reason: 'tooNew', message, dataVersion: error.dataVersion });
        else fail({ reason: 'cannotOpen', message });
      },
    );
    return () => {
      current = false;
      clearTimeout(late);
      opened?.close();
    };
  }, []);
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
