'use client';

import { useCallback, useMemo } from 'react';
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

/** All that is on the bench and around it, as it is kept now. */
export interface Workshop {
  readonly db: RontelDatabase;
  /** Why the browser keeps nothing; undefined where it keeps all of it. */
  readonly inMemoryBecause: string | undefined;
  /** Records that could not be read at opening, and were set aside or mended. */
  readonly setAside: number;
  /** In the workshop's order. */
  readonly bikes: readonly BikeRecord[];
  /** The bike on the bench; undefined in an empty workshop. */
  readonly bike: BikeRecord | undefined;
  /** Its setups in the order of the bench, first the one fitted now; made of the parts of the shelf that they name. */
  readonly setups: readonly SetupRecord[];
  /** The one that is looked at in depth. */
  readonly setup: SetupRecord | undefined;
  /** Those of the bike, oldest first; their samples are read when they are looked into. */
  readonly rides: readonly RideRecord[];
  readonly routes: readonly RouteRecord[];
  /** The parts in stock; prices in the own currency carry no code. */
  readonly parts: PartsById;
  /** ISO 4217 code of all sums without one; undefined where none was chosen and the prices of parts name none. */
  readonly currency: string | undefined;
  /** What came of published limits that were passed, in every job of the workshop. */
  readonly experience: readonly Experience[];
  readonly preferences: Preferences;
  readonly history: { readonly undo: string | undefined; readonly redo: string | undefined };
}

export type WorkshopState = Exclude<StoreState, { kind: 'ready' }> | ({ readonly kind: 'ready' } & Workshop);

/** Until years of jobs have been read: the bench does not wait for them. */
const NO_EXPERIENCE: readonly Experience[] = [];

/** Follows the database: every change, from this tab or another, draws anew. */
export function useWorkshop(): WorkshopState {
  const store = useStore();
  const db = store.kind === 'ready' ? store.db : undefined;
  const bench = useLive(db, readBench, keptOfBench);
  // Apart, for they change seldom and are many: an edit on the bench reads no rides and no jobs, and what hangs on the
  // shelf is not worked out anew.
  const bike = bench && bikeOnBench(bench);
  const bikeId = bike?.id;
  const rides = useLive(
    bikeId === undefined ? undefined : db,
    useCallback((from: RontelDatabase) => readRides(from, bikeId!), [bikeId]),
  );
  const stock = useLive(db, readParts);
  const experience = useLive(db, readExperience);
  const chosenCurrency = bench?.preferences.currency;
  const currency = useMemo(
    () => stock && ownCurrency({ currency: chosenCurrency }, stock.values()),
    [stock, chosenCurrency],
  );
  const parts = useMemo(() => stock && pricedInOwn(stock, currency), [stock, currency]);
  const resolved = useMemo(() => parts && resolvedBy(parts), [parts]);
  return useMemo(() => {
    if (store.kind !== 'ready') return store;
    const hasRides = bikeId === undefined || rides !== undefined;
    if (!bench || !parts || !resolved || !hasRides) return { kind: 'opening' };
    const { db, inMemoryBecause, setAside } = store;
    const setups = bench.setups.map(resolved);
    const setup = setups.find(({ id }) => id === bench.preferences.currentSetupId) ?? setups[0];
    const own = rides?.bikeId === bikeId ? (rides?.rides ?? []) : [];
    return {
      kind: 'ready',
      db,
      inMemoryBecause,
      setAside,
      ...bench,
      bike,
      setups,
      setup,
      rides: own,
      parts,
      currency,
      experience: experience ?? NO_EXPERIENCE,
    };
  }, [store, bench, bike, bikeId, rides, parts, currency, resolved, experience]);
}

/** Light, dark or as the system is, as this person chose; undefined until it has been read. Hangs on nothing else that is kept. */
export function useThemeChoice(): Preferences['theme'] | undefined {
  const store = useStore();
  const db = store.kind === 'ready' ? store.db : undefined;
  return useLive(db, readTheme);
}

async function readTheme(db: RontelDatabase): Promise<Preferences['theme']> {
  return ((await db.preferences.get('preferences')) ?? PREFERENCES_DEFAULTS).theme;
}

/** The bikes, what lies on the bench, its setups as they are kept, and how they are looked at. */
type KeptBench = Pick<Workshop, 'bikes' | 'setups' | 'routes' | 'preferences' | 'history'>;

function bikeOnBench({ bikes, preferences }: Pick<Workshop, 'bikes' | 'preferences'>): BikeRecord | undefined {
  return bikes.find(({ id }) => id === preferences.currentBikeId) ?? bikes[0];
}

function readBench(db: RontelDatabase): Promise<KeptBench> {
  return db.transaction('r', [db.bikes, db.setups, db.routes, db.preferences, db.history], async () => {
    const bikes = await db.bikes.orderBy('rank').toArray();
    const preferences = (await db.preferences.get('preferences')) ?? PREFERENCES_DEFAULTS;
    const bike = bikeOnBench({ bikes, preferences });
    const setups = bike ? await db.setups.where('bikeId').equals(bike.id).sortBy('rank') : [];
    const routes = await db.routes.toArray();
    return { bikes, setups, routes, preferences, history: await historyLabels(db) };
  });
}

function keptOfBench(before: KeptBench, after: KeptBench): KeptBench {
  return {
    bikes: replaceEqualRecords(before.bikes, after.bikes),
    setups: replaceEqualRecords(before.setups, after.setups),
    routes: replaceEqualRecords(before.routes, after.routes),
    preferences: replaceEqualDeep(before.preferences, after.preferences),
    history: replaceEqualDeep(before.history, after.history),
  };
}

/** Setups as they are made of these parts; what equals what was made before is that. */
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
      return [{ outcome, passed, derailleur: derailleurMark(setup.rearDerailleur, setup.parts, setup.shelf) }];
    }),
  );
}
