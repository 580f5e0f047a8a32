import { atLeast, nearlyEqual } from '../numbers';
import { DEFAULT_CROSSED_COGS, isCrossChained } from './cross-chain';
import { gearsOf, type Gear } from './gear';
import type { Setup } from './setup';
import { stepBetween, stepsAlong, type Step } from './steps';

/** The gears a rider meets from easiest to hardest, and the one ring change on the way. */
export interface ShiftPath {
  readonly gears: readonly Gear[];
  /** The step with the ring change; undefined on one ring. */
  readonly crossover: Step | undefined;
  /** Cogs that the rear derailleur moves over at the crossover, either way. */
  readonly crossoverRearClicks: number;
  /** Speed step, as a share; 0 for a single gear. */
  readonly largestStep: number;
}

/**
 * The shift path: the small ring from the largest cog down to some cog, one change to the big ring
 * at a cog that makes it harder, then down to the smallest. Cross-chained gears are skipped. Of all
 * such crossovers the one whose largest step is least; ties: more gears, then fewer rear clicks.
 * On one ring it is the cassette. The hub stays in its first stage.
 */
export function shiftPath(setup: Setup, crossedCogs = DEFAULT_CROSSED_COGS): ShiftPath {
  const firstStage = { ...setup, hubStages: setup.hubStages.slice(0, 1) };
  const straight = gearsOf(firstStage).filter((gear) => !isCrossChained(setup, gear, crossedCogs));
  const [bigRing, smallRing] = setup.chainrings;
  if (smallRing === undefined) return describePath(straight, undefined, 0);

  const onSmall = straight.filter((gear) => gear.chainring === smallRing);
  const onBig = straight.filter((gear) => gear.chainring === bigRing);
  let best: ShiftPath | undefined;
  for (let last = 0; last < onSmall.length; last += 1) {
    for (let first = 0; first < onBig.length; first += 1) {
      const leave = onSmall[last]!;
      const enter = onBig[first]!;
      if (enter.ratio <= leave.ratio) continue;
      const clicks = Math.abs(setup.cogs.indexOf(leave.cog) - setup.cogs.indexOf(enter.cog));
      const gears = [...onSmall.slice(0, last + 1), ...onBig.slice(first)];
      const path = describePath(gears, stepBetween(leave, enter), clicks);
      if (!best || isBetter(path, best)) best = path;
    }
  }
  if (!best) throw new Error('no crossover: the big ring with the smallest cog is always harder than the small ring');
  return best;
}

function describePath(gears: readonly Gear[], crossover: Step | undefined, crossoverRearClicks: number): ShiftPath {
  const largestStep = Math.max(0, ...stepsAlong(gears).map((step) => step.speedStep));
  return { gears, crossover, crossoverRearClicks, largestStep };
}

function isBetter(path: ShiftPath, best: ShiftPath): boolean {
  if (!nearlyEqual(path.largestStep, best.largestStep)) return !atLeast(path.largestStep, best.largestStep);
  if (path.gears.length !== best.gears.length) return path.gears.length > best.gears.length;
  return path.crossoverRearClicks < best.crossoverRearClicks;
}
