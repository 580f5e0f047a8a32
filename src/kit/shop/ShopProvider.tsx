'use client';

import { createContext, use, useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { Trip } from '../../core/shelf';
import type { BikeRecord, JobRecord, LogNoteRecord, RideRecord } from '../../records';
import { useLive, type RontelDatabase } from '../../store';
import { useBench } from '../bench/BenchProvider';
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

interface SharedShop {
  readonly shop: Shop | undefined;
  readonly open: () => void;
}

const ShopContext = createContext<SharedShop>({ shop: undefined, open: () => undefined });

/** Reads the shop when the first stage asks for it, and follows it from then on: the next stage finds it there. */
export function ShopProvider({ children }: { children: ReactNode }) {
  const state = useBench();
  const db = state.kind === 'ready' ? state.workshop.db : undefined;
  const [isOpen, setOpen] = useState(false);
  const shop = useLive(isOpen ? db : undefined, readShop);
  const open = useCallback(() => setOpen(true), []);
  return <ShopContext value={useMemo(() => ({ shop, open }), [shop, open])}>{children}</ShopContext>;
}

/** Follows the shop; undefined until it has been read. */
export function useShop(): Shop | undefined {
  const { shop, open } = use(ShopContext);
  useEffect(open, [open]);
  return shop;
}

function readShop(db: RontelDatabase): Promise<Shop> {
  return db.transaction('r', [db.bikes, db.jobs, db.rides, db.notes], async () => {
    const [bikes, jobs, rides, notes] = [
      await db.bikes.orderBy('rank').toArray(),
      await db.jobs.toArray(),
      await db.rides.toArray(),
      await db.notes.toArray(),
    ];
    return { bikes, jobs, rides, notes, trips: tripsOf(rides, notes) };
  });
}
