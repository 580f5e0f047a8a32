'use client';

import { createContext, use, useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { Trip } from '../../core/parts';
import { learnedTimes, type LearnedTimes } from '../../core/job';
import type { BikeRecord, JobRecord, LogNoteRecord, RideRecord, SetupRecord } from '../../records';
import { useLive, type RontelDatabase } from '../../store';
import { useWorkspace } from '../workspace/WorkspaceProvider';
import { tripsOf } from './trips';

/** The workshop beyond the workspace: jobs, rides and notes of every bike. */
export interface AllRecords {
  readonly bikes: readonly BikeRecord[];
  /** Of every bike, each bike's in their order. */
  readonly setups: readonly SetupRecord[];
  readonly jobs: readonly JobRecord[];
  readonly rides: readonly RideRecord[];
  readonly notes: readonly LogNoteRecord[];
  /** What parts wore by. */
  readonly trips: readonly Trip[];
  /** How long the steps of finished jobs took. */
  readonly times: LearnedTimes;
}

interface SharedRecords {
  readonly shop: AllRecords | undefined;
  readonly open: () => void;
}

const RecordsContext = createContext<SharedRecords>({ shop: undefined, open: () => undefined });

/** Reads the shop when the first stage asks for it, and follows it from then on: the next stage finds it there. */
export function RecordsProvider({ children }: { children: ReactNode }) {
  const state = useWorkspace();
  const db = state.kind === 'ready' ? state.workshop.db : undefined;
  const [isOpen, setOpen] = useState(false);
  const shop = useLive(isOpen ? db : undefined, readAllRecords);
  const open = useCallback(() => setOpen(true), []);
  return <RecordsContext value={useMemo(() => ({ shop, open }), [shop, open])}>{children}</RecordsContext>;
}

/** Follows the shop; undefined until it has been read. */
export function useAllRecords(): AllRecords | undefined {
  const { shop, open } = use(RecordsContext);
  useEffect(open, [open]);
  return shop;
}

function readAllRecords(db: RontelDatabase): Promise<AllRecords> {
  return db.transaction('r', [db.bikes, db.setups, db.jobs, db.rides, db.notes], async () => {
    const [bikes, setups, jobs, rides, notes] = [
      await db.bikes.orderBy('rank').toArray(),
      await db.setups.orderBy('rank').toArray(),
      await db.jobs.toArray(),
      await db.rides.toArray(),
      await db.notes.toArray(),
    ];
    const timed = jobs.flatMap(({ swapKind, progress, runs, state }) =>
      state === 'done' && swapKind !== undefined ? [{ kind: swapKind, progress, runs }] : [],
    );
    return { bikes, setups, jobs, rides, notes, trips: tripsOf(rides, notes), times: learnedTimes(timed) };
  });
}
