'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import type { Trip } from '../../core/shelf';
import type { BikeRecord, JobRecord, LogNoteRecord, RideRecord } from '../../records';
import { useDb } from '../../store';
import { tripsOf } from './trips';

/** The workshop beyond the bench: jobs, rides and notes of every bike. */
export interface Shop {
  readonly bikes: readonly BikeRecord[];
  readonly jobs: readonly JobRecord[];
  readonly rides: readonly RideRecord[];
  readonly notes: readonly LogNoteRecord[];
  /** What parts wore by. */
  readonly trips: readonly Trip[];
}

/** Follows it; undefined until it has been read. */
export function useShop(): Shop | undefined {
  const db = useDb();
  return useLiveQuery(
    () =>
      db.transaction('r', [db.bikes, db.jobs, db.rides, db.notes], async (): Promise<Shop> => {
        const [bikes, jobs, rides, notes] = [
          await db.bikes.orderBy('rank').toArray(),
          await db.jobs.toArray(),
          await db.rides.toArray(),
          await db.notes.toArray(),
        ];
        return { bikes, jobs, rides, notes, trips: tripsOf(rides, notes) };
      }),
    [db],
  );
}
