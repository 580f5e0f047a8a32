import { atLeast, nearlyEqual } from '../numbers';
import { DEFAULT_CROSSED_COGS, isCrossChained } from './cross-chain';
import { gearsOf, type Gear } from './gear';
import type { Setup } from './setup';
import { stepBetween, stepsAlong, type Step } from './steps';

/** One change of ring or hub stage in the sequence. */
export interface Crossover {
  /** From the easier gear to the harder. */
  readonly step: Step;
  /** Cogs that the rear derailleur moves over, in either direction; 0 without a rear shift. */
  readonly rearClicks: number;
  readonly changesRing: boolean;
  readonly changesHubStage: boolean;
}

/** The gears a rider meets from easiest to hardest. */
export interface ShiftPath {
  readonly gears: readonly Gear[];
  readonly steps: readonly Step[];
  readonly crossovers: readonly Crossover[];
  /** Speed step, as a share; 0 for a single gear. */
  readonly largestStep: number;
  /** Ring changes in the sequence. */
  readonly frontShifts: number;
  /** Stage changes of a two-speed hub in the sequence. */
  readonly hubShifts: number;
  /** Changes at which ring or hub and the rear derailleur move at once. */
  readonly doubleShifts: number;
}

/** A gear with its row: rings and hub stages, from the easiest row to the hardest. */
interface Place {
  readonly gear: Gear;
  readonly row: number;
}

/** The best sequence found to a gear. */
interface Way {
  readonly before: Way | undefined;
  readonly place: Place;
  readonly count: number;
  readonly clicks: number;
}

/**
 * The shift path: the easiest row (ring and hub stage) from its largest cog, one change to a harder
 * row at a cog that makes it harder, and so on down to the smallest cog of the hardest row.
 * Cross-chained gears are skipped. Of all such sequences the one whose largest step is smallest; ties: more
 * gears, then fewer rear clicks at the changes. On one ring it is the cassette.
 * @param crossedCogs how many cogs at each end count as cross-chained
 */
export function shiftPath(setup: Setup, crossedCogs = DEFAULT_CROSSED_COGS): ShiftPath {
  const rows = rowsOf(setup, crossedCogs);
  const places = rows
    .flatMap((gears, row) => gears.map((gear) => ({ gear, row })))
    .sort((a, b) => a.gear.ratio - b.gear.ratio || a.row - b.row);
  const goal = rows.at(-1)!.at(-1)!;
  const limit = leastLargestStep(rows, places, goal);
  return describePath(setup, longestWay(setup, rows, places, goal, limit));
}

/** Straight gears by ring and hub stage, the easiest row first, each row easiest gear first. */
function rowsOf(setup: Setup, crossedCogs: number): Gear[][] {
  const straight = gearsOf(setup).filter((gear) => !isCrossChained(setup, gear, crossedCogs));
  return setup.chainrings
    .flatMap((chainring) => setup.hubStages.map((hubStage) => ({ chainring, hubStage })))
    .sort((a, b) => a.chainring * a.hubStage - b.chainring * b.hubStage || a.chainring - b.chainring)
    .map((row) => straight.filter((gear) => gear.chainring === row.chainring && gear.hubStage === row.hubStage));
}

/** Whether the path may go from one place straight to the other: one cog on in its row, or up to any row. */
function mayFollow(rows: readonly Gear[][], from: Place, to: Place): boolean {
  if (from.row !== to.row) return to.row > from.row && to.gear.ratio > from.gear.ratio;
  const row = rows[from.row]!;
  return row.indexOf(to.gear) === row.indexOf(from.gear) + 1;
}

/** Returns the smallest possible largest step of a sequence to `goal`. */
function leastLargestStep(rows: readonly Gear[][], places: readonly Place[], goal: Gear): number {
  const least = new Map<Gear, number>([[rows[0]![0]!, 0]]);
  for (const to of places) {
    for (const from of places) {
      const sofar = least.get(from.gear);
      if (sofar === undefined || !mayFollow(rows, from, to)) continue;
      const step = Math.max(sofar, stepBetween(from.gear, to.gear).speedStep);
      if (step < (least.get(to.gear) ?? Infinity)) least.set(to.gear, step);
    }
  }
  return least.get(goal)!;
}

/** Returns the sequence with no step above `limit` that has most gears, then fewest rear clicks at the changes. */
function longestWay(
  setup: Setup,
  rows: readonly Gear[][],
  places: readonly Place[],
  goal: Gear,
  limit: number,
): Gear[] {
  const best = new Map<Gear, Way>();
  const start = places.find(({ gear }) => gear === rows[0]![0])!;
  best.set(start.gear, { before: undefined, place: start, count: 1, clicks: 0 });
  for (const to of places) {
    for (const from of places) {
      const way = best.get(from.gear);
      if (!way || !mayFollow(rows, from, to)) continue;
      if (!atLeast(limit, stepBetween(from.gear, to.gear).speedStep)) continue;
      const clicks = way.clicks + (from.row === to.row ? 0 : clicksBetween(setup, from.gear, to.gear));
      const found = { before: way, place: to, count: way.count + 1, clicks };
      const known = best.get(to.gear);
      if (!known || found.count > known.count || (found.count === known.count && found.clicks < known.clicks)) {
        best.set(to.gear, found);
      }
    }
  }
  const gears: Gear[] = [];
  for (let way = best.get(goal); way; way = way.before) gears.unshift(way.place.gear);
  return gears;
}

/** Cogs between two gears on the cassette. */
export function clicksBetween({ cogs }: Setup, a: Gear, b: Gear): number {
  return Math.abs(cogs.indexOf(a.cog) - cogs.indexOf(b.cog));
}

function describePath(setup: Setup, gears: readonly Gear[]): ShiftPath {
  const steps = stepsAlong(gears);
  const crossovers = steps
    .filter(({ from, to }) => from.chainring !== to.chainring || !nearlyEqual(from.hubStage, to.hubStage))
    .map((step) => ({
      step,
      rearClicks: clicksBetween(setup, step.from, step.to),
      changesRing: step.ringChange,
      changesHubStage: step.from.hubStage !== step.to.hubStage,
    }));
  return {
    gears,
    steps,
    crossovers,
    largestStep: Math.max(0, ...steps.map(({ speedStep }) => speedStep)),
    frontShifts: crossovers.filter(({ changesRing }) => changesRing).length,
    hubShifts: crossovers.filter(({ changesHubStage }) => changesHubStage).length,
    doubleShifts: crossovers.filter(({ rearClicks, changesRing, changesHubStage }) =>
      changesRing && changesHubStage ? true : rearClicks > 0,
    ).length,
  };
}

/** A big change at once, such as over a crest: from one end of the path to the other. */
export interface BigChange {
  readonly rearClicks: number;
  /** Pushes of the rear lever from the easiest gear to the hardest, and back. */
  readonly pushesHarder: number;
  readonly pushesEasier: number;
  /** Of the direction that takes more. */
  readonly leverPushes: number;
  readonly frontShifts: number;
  readonly hubShifts: number;
}

/** Cogs that one push of the rear lever moves over at most, in each direction. */
export interface ClicksPerPush {
  readonly easier: number;
  readonly harder: number;
}

/** Pushes that so many clicks take in one direction. */
export const pushesFor = (clicks: number, perPush: number): number => Math.ceil(clicks / perPush);

export function bigChange(setup: Setup, path: ShiftPath, { easier, harder }: ClicksPerPush): BigChange {
  const rearClicks = clicksBetween(setup, path.gears[0]!, path.gears.at(-1)!);
  const [pushesHarder, pushesEasier] = [pushesFor(rearClicks, harder), pushesFor(rearClicks, easier)];
  return {
    rearClicks,
    pushesHarder,
    pushesEasier,
    leverPushes: Math.max(pushesHarder, pushesEasier),
    frontShifts: path.frontShifts,
    hubShifts: path.hubShifts,
  };
}
