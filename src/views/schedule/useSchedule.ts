'use client';

import { useMemo, useState } from 'react';
import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { buyList, stillToPay, type BuyLine, type StillToPay } from '../../features/workshop/buy-list';
import { jobFactsOf, stepsOf } from '../../features/workshop/job-facts';
import { rechecksDue, type RecheckDue } from '../../features/workshop/due';
import { useAllRecords } from '../../features/workshop/RecordsProvider';
import { chainWearOf, type ChainWear } from '../../features/workshop/wear-of';
import type { PartRecord } from '../../records';
import { isSwap, jobWithCard } from '../../records/selectors/job-card';
import { boardOf, type Board, type BoardJob } from './board';
import { todayIso, weekOf, weeksFrom } from './days';
import { t } from './text';

export interface Schedule {
  readonly jobs: readonly BoardJob[];
  readonly board: Board;
  readonly days: readonly string[];
  readonly today: string;
  readonly move: (weeks: number) => void;
  readonly toToday: () => void;
  readonly buys: readonly BuyLine[];
  readonly toPay: StillToPay;
  readonly due: readonly RecheckDue[];
  readonly chains: readonly { readonly part: PartRecord; readonly on: string; readonly wear: ChainWear }[];
}

/** Jobs of the whole workshop by day and state, what they wait for, and what is due; undefined until it is open. */
export function useSchedule(): Schedule | undefined {
  const state = useWorkspace();
  const shop = useAllRecords();
  const [nowMs] = useState(() => Date.now());
  const today = todayIso(nowMs);
  const [shownDay, show] = useState(today);
  const workshop = state.kind === 'ready' ? state.workshop : undefined;
  const parts = workshop?.parts;
  const experience = workshop?.experience;
  const jobs = useMemo((): readonly BoardJob[] => {
    if (!shop || !parts || !experience) return [];
    const bikes = new Map(shop.bikes.map((bike) => [bike.id, bike]));
    return shop.jobs.flatMap((job): BoardJob[] => {
      const bike = bikes.get(job.bikeId);
      if (!bike) return [];
      // Finished jobs are shown by their outcome; deriving years of cards would take seconds.
      if (job.state === 'done') return [{ job, card: undefined, minutes: 0, bikeName: bike.name }];
      const card = isSwap(job) ? jobWithCard(job, jobFactsOf(bike, shop, { parts, experience })).card : undefined;
      return [{ job, card, minutes: stepsOf(job, card).minutes, bikeName: bike.name }];
    });
  }, [shop, parts, experience]);
  const days = useMemo(() => weekOf(shownDay), [shownDay]);
  const board = useMemo(() => boardOf(jobs, days, today), [jobs, days, today]);
  if (!shop || !parts) return undefined;
  const buys = buyList(jobs, parts);
  const bikeName = (id: string) => shop.bikes.find((bike) => bike.id === id)?.name ?? t('useSchedule.deletedBike');
  return {
    jobs,
    board,
    days,
    today,
    move: (weeks) => show((day) => weeksFrom(day, weeks)),
    toToday: () => show(today),
    buys,
    toPay: stillToPay(buys),
    due: rechecksDue(shop.jobs, shop.rides, shop.notes),
    chains: [...parts.values()].flatMap((part) => {
      const on = part.mounts.find(({ toMs }) => toMs === undefined);
      if (part.kind !== 'chain' || !on || part.wear.length === 0) return [];
      return [{ part, on: bikeName(on.bikeId), wear: chainWearOf(part, shop.trips, nowMs) }];
    }),
  };
}
