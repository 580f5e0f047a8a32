'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import {
  PREFERENCES_DEFAULTS,
  type BikeRecord,
  type Preferences,
  type RideRecord,
  type RouteRecord,
  type SetupRecord,
} from '../records';
import { historyLabels } from './change';
import type { RontelDatabase } from './db';
import { useStore } from './StoreProvider';

/** All that is on the bench and around it, as it is kept now. */
export interface Workshop {
  readonly db: RontelDatabase;
  /** In the workshop's order. */
  readonly bikes: readonly BikeRecord[];
  /** The bike on the bench; undefined in an empty workshop. */
  readonly bike: BikeRecord | undefined;
  /** Its setups in the order of the bench: first the one fitted now. */
  readonly setups: readonly SetupRecord[];
  /** The one that is looked at in depth. */
  readonly setup: SetupRecord | undefined;
  /** Those of the bike, oldest first; their samples are read when they are looked into. */
  readonly rides: readonly RideRecord[];
  readonly routes: readonly RouteRecord[];
  readonly preferences: Preferences;
  readonly history: { readonly undo: string | undefined; readonly redo: string | undefined };
}

export type WorkshopState =
  | { readonly kind: 'opening' }
  | { readonly kind: 'failed'; readonly message: string }
  | ({ readonly kind: 'ready' } & Workshop);

/** Follows the database: every change, from this tab or another, draws anew. */
export function useWorkshop(): WorkshopState {
  const store = useStore();
  const db = store.kind === 'ready' ? store.db : undefined;
  const workshop = useLiveQuery(() => (db ? readWorkshop(db) : undefined), [db]);
  if (store.kind === 'failed') return store;
  return workshop ? { kind: 'ready', ...workshop } : { kind: 'opening' };
}

function readWorkshop(db: RontelDatabase): Promise<Workshop> {
  return db.transaction('r', [db.bikes, db.setups, db.rides, db.routes, db.preferences, db.history], async () => {
    const bikes = await db.bikes.orderBy('rank').toArray();
    const preferences = (await db.preferences.get('preferences')) ?? PREFERENCES_DEFAULTS;
    const bike = bikes.find(({ id }) => id === preferences.currentBikeId) ?? bikes[0];
    const setups = bike ? await db.setups.where('bikeId').equals(bike.id).sortBy('rank') : [];
    const setup = setups.find(({ id }) => id === preferences.currentSetupId) ?? setups[0];
    const rides = bike ? await db.rides.where('bikeId').equals(bike.id).sortBy('startedAtMs') : [];
    const routes = await db.routes.toArray();
    return { db, bikes, bike, setups, setup, rides, routes, preferences, history: await historyLabels(db) };
  });
}
