'use client';

import { useMemo } from 'react';
import { experienceOf } from '../core/log';
import { derailleurMark, type Experience } from '../core/fit';
import {
  ownCurrency,
  pricedInOwn,
  PREFERENCES_DEFAULTS,
  resolvedSetup,
  type BikeRecord,
  type PartsById,
  type Preferences,
  type RideRecord,
  type RouteRecord,
  type SetupRecord,
} from '../records';
import { historyLabels } from './change';
import type { RontelDatabase } from './db';
import { replaceEqualDeep, replaceEqualRecords } from './replace-equal';
import { readParts } from './parts';
import { useLive } from './useLive';
import { useStore, type StoreState } from './StoreProvider';
import { definite } from '../core/items';

/** The current bike with its setups, and everything that pages need with it, as stored. */
export interface Workshop {
  readonly db: RontelDatabase;
  /** Why nothing can be stored; undefined if data are stored. */
  readonly inMemoryBecause: string | undefined;
  /** Number of invalid records that were quarantined or repaired at opening. */
  readonly quarantinedCount: number;
  /** In the workshop's order. */
  readonly bikes: readonly BikeRecord[];
  /** The selected bike; undefined in an empty workshop. */
  readonly bike: BikeRecord | undefined;
  /** Its setups in their order, first the one on the bike, with the data of the parts that they use. */
  readonly setups: readonly SetupRecord[];
  /** The selected setup. */
  readonly setup: SetupRecord | undefined;
  /** Rides of the bike, oldest first; samples are read on demand. */
  readonly rides: readonly RideRecord[];
  readonly routes: readonly RouteRecord[];
  /** The parts in stock; prices in the own currency carry no code. */
  readonly parts: PartsById;
  /** ISO 4217 code of all sums without one; undefined where none was chosen and the prices of parts name none. */
  readonly currency: string | undefined;
  /** Outcomes of passed published limits over all jobs. */
  readonly experience: readonly Experience[];
  readonly preferences: Preferences;
  readonly history: { readonly undo: string | undefined; readonly redo: string | undefined };
}

export type WorkshopState = Exclude<StoreState, { kind: 'ready' }> | ({ readonly kind: 'ready' } & Workshop);

/** Used until the jobs have been read: the page does not wait for them. */
const NO_EXPERIENCE: readonly Experience[] = [];

/** Subscribes to the database: every change, from this tab or another, renders again. */
export function useWorkshop(): WorkshopState {
  const store = useStore();
  const db = store.kind === 'ready' ? store.db : undefined;
  const workspace = useLive(db, readWorkspace, { keep: keptOfWorkspace });
  // Separate queries, because these are many and change seldom: an edit of a setup reads no rides and no jobs.
  const bike = workspace && bikeOfWorkspace(workspace);
  const bikeId = bike?.id;
  const rides = useLive(bikeId === undefined ? undefined : db, (from) => readRides(from, definite(bikeId)), {
    deps: [bikeId],
  });
  const stock = useLive(db, readParts);
  const experience = useLive(db, readExperience);
  const chosenCurrency = workspace?.preferences.currency;
  const currency = useMemo(
    () => stock && ownCurrency({ currency: chosenCurrency }, stock.values()),
    [stock, chosenCurrency],
  );
  const parts = useMemo(() => stock && pricedInOwn(stock, currency), [stock, currency]);
  const resolved = useMemo(() => parts && resolvedBy(parts), [parts]);
  return useMemo(() => {
    if (store.kind !== 'ready') return store;
    const hasRides = bikeId === undefined || rides !== undefined;
    if (!workspace || !parts || !resolved || !hasRides) return { kind: 'opening' };
    const { db, inMemoryBecause, quarantinedCount } = store;
    const setups = workspace.setups.map(resolved);
    const setup = setups.find(({ id }) => id === workspace.preferences.currentSetupId) ?? setups[0];
    const own = rides?.bikeId === bikeId ? (rides?.rides ?? []) : [];
    return {
      kind: 'ready',
      db,
      inMemoryBecause,
      quarantinedCount,
      ...workspace,
      bike,
      setups,
      setup,
      rides: own,
      parts,
      currency,
      experience: experience ?? NO_EXPERIENCE,
    };
  }, [store, workspace, bike, bikeId, rides, parts, currency, resolved, experience]);
}

/** The chosen theme; undefined until it has been read. A query of its own. */
export function useThemeChoice(): Preferences['theme'] | undefined {
  const store = useStore();
  const db = store.kind === 'ready' ? store.db : undefined;
  return useLive(db, readTheme);
}

async function readTheme(db: RontelDatabase): Promise<Preferences['theme']> {
  return ((await db.preferences.get('preferences')) ?? PREFERENCES_DEFAULTS).theme;
}

/** Bikes, setups of the selected bike, routes, preferences and undo labels, as stored. */
type KeptWorkspace = Pick<Workshop, 'bikes' | 'setups' | 'routes' | 'preferences' | 'history'>;

function bikeOfWorkspace({ bikes, preferences }: Pick<Workshop, 'bikes' | 'preferences'>): BikeRecord | undefined {
  return bikes.find(({ id }) => id === preferences.currentBikeId) ?? bikes[0];
}

function readWorkspace(db: RontelDatabase): Promise<KeptWorkspace> {
  return db.transaction('r', [db.bikes, db.setups, db.routes, db.preferences, db.history], async () => {
    const bikes = await db.bikes.orderBy('rank').toArray();
    const preferences = (await db.preferences.get('preferences')) ?? PREFERENCES_DEFAULTS;
    const bike = bikeOfWorkspace({ bikes, preferences });
    const setups = bike ? await db.setups.where('bikeId').equals(bike.id).sortBy('rank') : [];
    const routes = await db.routes.toArray();
    return { bikes, setups, routes, preferences, history: await historyLabels(db) };
  });
}

function keptOfWorkspace(before: KeptWorkspace, after: KeptWorkspace): KeptWorkspace {
  return {
    bikes: replaceEqualRecords(before.bikes, after.bikes),
    setups: replaceEqualRecords(before.setups, after.setups),
    routes: replaceEqualRecords(before.routes, after.routes),
    preferences: replaceEqualDeep(before.preferences, after.preferences),
    history: replaceEqualDeep(before.history, after.history),
  };
}

/** Returns a function that resolves setups with these parts and keeps the identity of equal results. */
function resolvedBy(parts: PartsById): (setup: SetupRecord) => SetupRecord {
  const made = new Map<string, SetupRecord>();
  return (setup) => {
    const resolved = resolvedSetup(setup, parts);
    const kept = replaceEqualDeep(made.get(setup.id) ?? resolved, resolved);
    made.set(setup.id, kept);
    return kept;
  };
}

async function readRides(db: RontelDatabase, bikeId: string) {
  return { bikeId, rides: await db.rides.where('bikeId').equals(bikeId).sortBy('startedAtMs') };
}

async function readExperience(db: RontelDatabase): Promise<Experience[]> {
  const passing = await db.jobs.where('passed.length').above(0).toArray();
  return experienceOf(
    passing.flatMap(({ state, outcome, passed = [], work }) => {
      const setup = work.kind === 'swap' ? work.to.setup : work.kind === 'trial' ? work.side.setup : undefined;
      if (state !== 'done' || !outcome || outcome === 'noEffect' || !setup) return [];
      return [{ outcome, passed, derailleur: derailleurMark(setup.rearDerailleur, setup.parts, setup.partIds) }];
    }),
  );
}
