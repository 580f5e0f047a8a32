'use client';

import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { Dataset } from '../records';
import { firstStartOf, type FirstStart } from './first-start';
import { StoreTooNewError, readDataset } from './dataset';
import type { RontelDatabase } from './db';
import type { Opened } from './open-store';
import { windowsOpen } from './tab';
import { errorText } from '../core/error';

/** Why the data cannot be used. */
export type StoreFailure =
  /** Neither the database nor an in-memory one could be opened. */
  | { readonly reason: 'cannotOpen'; readonly message: string }
  /** The data are of a newer version; they can be saved as they are. */
  | { readonly reason: 'tooNew'; readonly message: string; readonly dataVersion: number }
  /** A newer version in another window is migrating the data. */
  | { readonly reason: 'updated' }
  /** The database is being deleted; `rescued` has its contents if they could be read in time. */
  | { readonly reason: 'deleted'; readonly rescued: Dataset | undefined }
  /** The browser closed the connection. */
  | { readonly reason: 'lost' };

export type StoreState =
  | {
      readonly kind: 'opening';
      /** How many other windows hold the database, if opening takes long; undefined if the browser does not report it. */
      readonly waitsFor?: { readonly windows: number | undefined } | undefined;
    }
  | {
      readonly kind: 'ready';
      readonly db: RontelDatabase;
      /** Why nothing can be stored, so that all data are in memory only; undefined if data are stored. */
      readonly inMemoryBecause: string | undefined;
      /** Number of invalid records that were quarantined or repaired at opening. */
      readonly quarantinedCount: number;
    }
  | { readonly kind: 'failed'; readonly failure: StoreFailure };

const StoreContext = createContext<StoreState>({ kind: 'opening' });

/** After this time the page says what it is waiting for. */
const LATE_MS = 3000;
/** Maximum delay of a deletion by another window. */
const RESCUE_MS = 5000;

/** Reads all records before they are deleted, then closes the connection. */
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

/** Time for a page to load and show years of entries. */
const SETTLED_MS = 2000;

/** Runs low-priority work once the page has settled; a failure is logged and does not affect the page. */
function whenSettled(work: () => Promise<void>): void {
  const begin = () => void work().catch((error: unknown) => console.warn('the data were not looked over:', error));
  setTimeout(() => {
    if ('requestIdleCallback' in window) requestIdleCallback(begin, { timeout: 5000 });
    else begin();
  }, SETTLED_MS);
}

/** Loads the database package on demand: it is large, and the frame renders without it. */
async function openLoaded(firstStart: FirstStart): Promise<Opened> {
  const { openStore } = await import('./open-store');
  return openStore(firstStart);
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
    openLoaded(firstStartOf(document.cookie)).then(
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
          // The deletion waits until this connection closes: time to read the records.
          void rescue(db, newVersion === null).then(fail);
          return false;
        });
        setState({ kind: 'ready', db, inMemoryBecause, quarantinedCount: 0 });
        whenSettled(async () => {
          const { checkAllRecords } = await import('./check-records');
          const { quarantined, repaired } = await checkAllRecords(db);
          // On the browser's timeline, for whoever has to know that the check is over.
          performance.mark('rontel-records-checked');
          if (current && quarantined + repaired > 0)
            setState({ kind: 'ready', db, inMemoryBecause, quarantinedCount: quarantined + repaired });
        });
      },
      (error: unknown) => {
        clearTimeout(late);
        const message = errorText(error);
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

/** Returns the database; only for components that render after it has opened. */
export function useDb(): RontelDatabase {
  const state = useStore();
  if (state.kind !== 'ready') throw new Error('useDb below a store that is not open');
  return state.db;
}
