'use client';

import { useMemo, useState } from 'react';
import { useBench } from '../../kit/bench/BenchProvider';
import { buyList, stillToPay, type BuyLine, type StillToPay } from '../../kit/shop/buy-list';
import { jobFactsOf, stepsOf } from '../../kit/shop/job-facts';
import { rechecksDue, type RecheckDue } from '../../kit/shop/due';
import { useShop } from '../../kit/shop/ShopProvider';
import { chainWearOf, type ChainWear } from '../../kit/shop/wear-of';
import { isSwap, jobWithCard, type PartRecord } from '../../records';
import { boardOf, type Board, type BoardJob } from './board';
import { todayIso, weekOf, weeksFrom } from './days';
import { t } from './words/text';

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
  const state = useBench();
  const shop = useShop();
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
      // What is over is told by its outcome; working out years of cards would take seconds.
      if (job.state === 'done') return [{ job, card: undefined, minutes: 0, bikeName: bike.name }];
      const card = isSwap(job) ? jobWithCard(job, jobFactsOf(bike, shop, { parts, experience })).card : undefined;
      return [{ job, card, minutes: stepsOf(job, card).minutes, bikeName: bike.name }];
    });
  }, [shop, parts, experience]);
  const days = useMemo(() => weekOf(shownDay), [shownDay]);
  const board = useMemo(() => boardOf(jobs, days, today), [jobs, days, today]);
  if (!shop || !parts) return undefined;
  const buys = buyList(jobs, parts);
  const bikeName = (id: string) => shop.bikes.find((bike) => bike.id === id)?.name ?? t('useSchedule.aBikeThatIsGone');
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
