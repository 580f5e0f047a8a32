import { atLeast, nearlyEqual } from '../numbers';
import { COG_COUNT, shiftPath, zoneOf, type Setup, type Zone, type ZoneLimits } from '../gears';

/** Riding parameters of a search. */
export interface FindRiding {
  readonly rolloutMm: number;
  readonly hubStages: readonly number[];
  readonly crossedCogs: number;
  readonly lowRpm: number;
  /** Above `lowRpm`. */
  readonly highRpm: number;
  readonly preferredRpm: number;
  readonly zones: ZoneLimits;
  /** Largest steps that do not bother, as shares; without them none does. */
  readonly stepTolerance?: Readonly<Record<Zone, number>> | undefined;
  /** Whether the system shifts the front, so that there are no double shifts. */
  readonly frontShiftsItself?: boolean | undefined;
  /** Developments of the gears that the rider uses most now, metres; none where they are not known. */
  readonly usualM?: readonly number[] | undefined;
}

/** Gear figures of a setup for a search. Steps are speed steps along the shift path, as shares. */
export interface GearMetrics {
  readonly easiestRatio: number;
  readonly easiestDevelopmentM: number;
  readonly hardestDevelopmentM: number;
  /** Hardest gear at the high rpm, km/h. */
  readonly topSpeedKmh: number;
  readonly largestStep: number;
  /** 0 where no step falls into the zone. */
  readonly zoneSteps: Readonly<Record<Zone, number>>;
  /** By how much the step that is farthest over what the rider accepts in its zone is over it; 0 where none is by a point. */
  readonly stepsOver: number;
  /** The even step that, taken as often, spans the same range; 0 for a single gear. */
  readonly meanStep: number;
  readonly pathGears: number;
  readonly frontShifts: number;
  readonly doubleShifts: number;
  readonly gaps: number;
  /** Share of the speeds from lowest steady to top, on a log scale, at which no gear keeps the rider in the band. */
  readonly gapShare: number;
  /** How far the usual gear that changes most is from the nearest one here, as a share; 0 where none is known, or none changes to be felt. */
  readonly usualChange: number;
}

/** A shift path by numbers alone: quotients of neighbours as integers where the hub has one stage. */
interface Path {
  /** Ratios, easiest first. */
  readonly ratios: readonly number[];
  readonly largestStep: number;
  readonly frontShifts: number;
  readonly doubleShifts: number;
}

/**
 * The metrics of one setup out of very many. One or two rings on a plain hub take a short cut whose
 * path is that of {@link shiftPath} (a test compares them); two-speed hubs use the general algorithm.
 */
export function gearMetrics(chainrings: readonly number[], cogs: readonly number[], riding: FindRiding): GearMetrics {
  const { rolloutMm, hubStages, crossedCogs, lowRpm, highRpm, preferredRpm, zones, stepTolerance, usualM } = riding;
  const path = pathOf(chainrings, cogs, hubStages, crossedCogs);
  const { ratios } = path;
  const last = ratios.length - 1;
  const zoneSteps: Record<Zone, number> = { climbing: 0, between: 0, fast: 0 };
  const speedAtRatio = (rolloutMm / 1000) * preferredRpm * 0.06;
  for (let i = 0; i < last; i += 1) {
    const step = ratios[i + 1]! / ratios[i]! - 1;
    const zone = zoneOf(Math.sqrt(ratios[i]! * ratios[i + 1]!) * speedAtRatio, zones);
    if (step > zoneSteps[zone]) zoneSteps[zone] = step;
  }
  const easiest = (chainrings.at(-1)! / cogs.at(-1)!) * hubStages.at(-1)!;
  const hardest = (chainrings[0]! / cogs[0]!) * hubStages[0]!;
  const { gaps, missing } = gapsOf(chainrings, cogs, hubStages, highRpm / lowRpm);
  // Over whole teeth, so that equal ranges are equal to the last bit.
  const range =
    ((chainrings[0]! * cogs.at(-1)!) / (chainrings.at(-1)! * cogs[0]!)) * (hubStages[0]! / hubStages.at(-1)!);
  const hardestDevelopmentM = (hardest * rolloutMm) / 1000;
  return {
    easiestRatio: easiest,
    easiestDevelopmentM: (easiest * rolloutMm) / 1000,
    hardestDevelopmentM,
    topSpeedKmh: (hardestDevelopmentM * highRpm * 60) / 1000,
    largestStep: path.largestStep,
    zoneSteps,
    stepsOver: stepTolerance ? stepsOverOf(zoneSteps, stepTolerance) : 0,
    meanStep: last > 0 ? Math.expm1(Math.log(range) / last) : 0,
    pathGears: ratios.length,
    frontShifts: path.frontShifts,
    doubleShifts: riding.frontShiftsItself ? 0 : path.doubleShifts,
    gaps,
    gapShare: missing / Math.log(range * (highRpm / lowRpm)),
    usualChange: usualM ? usualChangeOf(ratios, rolloutMm / 1000, usualM) : 0,
  };
}

/** A step that is over by less is not felt: one point, as a share. */
const STEP_NOT_FELT = 0.01;

function stepsOverOf(
  steps: Readonly<Record<Zone, number>>,
  { climbing, between, fast }: Readonly<Record<Zone, number>>,
): number {
  const over = Math.max(steps.climbing - climbing, steps.between - between, steps.fast - fast);
  return over >= STEP_NOT_FELT ? over : 0;
}

/** A gear that changes by less is felt as the same: a share. */
const CHANGE_NOT_FELT = 0.025;

function usualChangeOf(ratios: readonly number[], rolloutM: number, usualM: readonly number[]): number {
  let most = 0;
  for (const sizeM of usualM) {
    let least = Infinity;
    for (const ratio of ratios) {
      const quotient = (ratio * rolloutM) / sizeM;
      least = Math.min(least, quotient > 1 ? quotient - 1 : 1 / quotient - 1);
    }
    most = Math.max(most, least);
  }
  return most < CHANGE_NOT_FELT ? 0 : withoutRounding(most);
}

function pathOf(
  chainrings: readonly number[],
  cogs: readonly number[],
  hubStages: readonly number[],
  crossedCogs: number,
): Path {
  const [big, small] = chainrings;
  if (hubStages.length > 1 || hubStages[0] !== 1) return longWay({ chainrings, cogs, hubStages }, crossedCogs);
  return small === undefined ? oneRingPath(big!, cogs) : twoRingPath(big!, small, cogs, crossedCogs);
}

function longWay(setup: Setup, crossedCogs: number): Path {
  const { gears, largestStep, frontShifts, doubleShifts } = shiftPath(setup, crossedCogs);
  const ratios = gears.map(({ ratio }) => ratio);
  // Through the ratios of a hub equal steps come out unequal by double rounding, and would beat each other.
  return { ratios, largestStep: withoutRounding(largestStep), frontShifts, doubleShifts };
}

function oneRingPath(ring: number, cogs: readonly number[]): Path {
  const ratios: number[] = [];
  let largestStep = 0;
  for (let i = cogs.length - 1; i >= 0; i -= 1) {
    ratios.push(ring / cogs[i]!);
    const step = i > 0 ? (cogs[i]! - cogs[i - 1]!) / cogs[i - 1]! : 0;
    if (step > largestStep) largestStep = step;
  }
  return { ratios, largestStep, frontShifts: 0, doubleShifts: 0 };
}

/** Largest steps up to each cog; a scratch array, overwritten for each setup. */
const smallMost = new Float64Array(COG_COUNT.max);
const bigMost = new Float64Array(COG_COUNT.max);

/**
 * One crossover from the small ring to the big one. First the least that the largest step can be,
 * then of the sequences within it the one with most gears, then fewest clicks, then the first found when
 * gears are tried easiest first: the order in which {@link shiftPath} breaks its ties.
 */
function twoRingPath(big: number, small: number, cogs: readonly number[], crossedCogs: number): Path {
  const top = cogs.length - 1;
  const crossed = cogs.length <= 2 * crossedCogs ? 0 : crossedCogs;
  // The straight gears: small ring from cog `top` down to `crossed`, big ring from `bigStart` down to 0.
  const bigStart = top - crossed;
  smallMost[top] = 0;
  for (let i = top - 1; i >= crossed; i -= 1) smallMost[i] = Math.max(smallMost[i + 1]!, cogStep(cogs, i));
  bigMost[0] = 0;
  for (let j = 1; j <= bigStart; j += 1) bigMost[j] = Math.max(bigMost[j - 1]!, cogStep(cogs, j - 1));

  let limit = Infinity;
  for (let i = top; i >= crossed && smallMost[i]! < limit; i -= 1) {
    for (let j = bigStart; j >= 0; j -= 1) {
      const over = step(big * cogs[i]!, small * cogs[j]!);
      // The crossover grows from cog to cog, and nothing after it reduces the largest step.
      if (over >= limit) break;
      if (over > 0) limit = Math.min(limit, Math.max(smallMost[i]!, over, bigMost[j]!));
    }
  }

  const { from, to } = bestCrossover(big, small, cogs, crossed, limit);
  const ratios: number[] = [];
  for (let i = top; i >= from; i -= 1) ratios.push(small / cogs[i]!);
  for (let j = to; j >= 0; j -= 1) ratios.push(big / cogs[j]!);
  return { ratios, largestStep: limit, frontShifts: 1, doubleShifts: from === to ? 0 : 1 };
}

const step = (harder: number, easier: number) => (harder - easier) / easier;
const cogStep = (cogs: readonly number[], i: number) => step(cogs[i + 1]!, cogs[i]!);

/** Cogs at which a sequence leaves the small ring and enters the big one, and its score so far. */
interface Way {
  readonly from: number;
  readonly to: number;
  readonly gears: number;
  readonly clicks: number;
}

const isBetter = (one: Way, other: Way | undefined) =>
  !other || one.gears > other.gears || (one.gears === other.gears && one.clicks < other.clicks);

function bestCrossover(big: number, small: number, cogs: readonly number[], crossed: number, limit: number): Way {
  const top = cogs.length - 1;
  let best: Way | undefined;
  for (let j = top - crossed; j >= 0; j -= 1) {
    let here: Way | undefined;
    // On along the big ring: tried after the small-ring gears that are easier, or as easy.
    let along: Way | undefined =
      best && atLeast(limit, cogStep(cogs, j)) ? { ...best, gears: best.gears + 1 } : undefined;
    for (let i = top; i >= crossed; i -= 1) {
      const over = step(big * cogs[i]!, small * cogs[j]!);
      if (over <= 0) break;
      if (along && small * cogs[j + 1]! > big * cogs[i]!) {
        if (isBetter(along, here)) here = along;
        along = undefined;
      }
      if (!atLeast(limit, over) || !atLeast(limit, smallMost[i]!)) continue;
      const way = { from: i, to: j, gears: top - i + 2, clicks: Math.abs(i - j) };
      if (isBetter(way, here)) here = way;
    }
    if (along && isBetter(along, here)) here = along;
    best = here;
  }
  return best!;
}

interface Gaps {
  readonly gaps: number;
  /** How wide they are together, as ln of speed. */
  readonly missing: number;
}

/** Gaps between neighbouring gears that are farther apart than the band is wide. */
function gapsOf(
  chainrings: readonly number[],
  cogs: readonly number[],
  hubStages: readonly number[],
  band: number,
): Gaps {
  const [big, small] = chainrings;
  if (hubStages.length > 1) return gapsOfRatios(chainrings, cogs, hubStages, band);
  let gaps = 0;
  let missing = 0;
  // Both rings from the largest cog down, merged from easy to hard; quotients of whole numbers, so that equal gaps are equal.
  let i = small === undefined ? -1 : cogs.length - 1;
  let j = cogs.length - 1;
  let ring = 0;
  let cog = 1;
  while (i >= 0 || j >= 0) {
    const takeSmall = i >= 0 && (j < 0 || small! * cogs[j]! <= big! * cogs[i]!);
    const nextRing = takeSmall ? small! : big!;
    const nextCog = takeSmall ? cogs[i]! : cogs[j]!;
    if (takeSmall) i -= 1;
    else j -= 1;
    const apart = ring === 0 ? 1 : (nextRing * cog) / (ring * nextCog);
    if (apart > band && !nearlyEqual(apart, band)) {
      gaps += 1;
      missing += Math.log(apart / band);
    }
    ring = nextRing;
    cog = nextCog;
  }
  return { gaps, missing };
}

function gapsOfRatios(
  chainrings: readonly number[],
  cogs: readonly number[],
  hubStages: readonly number[],
  band: number,
): Gaps {
  const ratios = chainrings
    .flatMap((ring) => hubStages.flatMap((stage) => cogs.map((cog) => (ring / cog) * stage)))
    .sort((a, b) => a - b);
  const gaps = ratios
    .slice(1)
    .map((ratio, i) => ratio / ratios[i]!)
    .filter((apart) => apart > band && !nearlyEqual(apart, band));
  const missing = gaps.reduce((sum, apart) => sum + Math.log(apart / band), 0);
  return { gaps: gaps.length, missing: withoutRounding(missing) };
}

/** To twelve digits: what differs less is the same number. */
const withoutRounding = (value: number) => Number(value.toPrecision(12));
