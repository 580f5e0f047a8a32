import { isCrossChained } from './cross-chain';
import { distinctGears } from './distinct';
import { gearKey, gearsOf, type Gear } from './gear';
import { ringOverlap, type RingOverlap } from './overlap';
import { rangeOf, type GearRange } from './range';
import type { Setup } from './setup';
import { shiftPath, type ShiftPath } from './shift-path';
import { developmentM, gainRatio, gearInches, speedKmh } from './size';
import { stepsAlong, type Step } from './steps';
import { exactDuplicates, nearDuplicates, duplicateByKey } from './duplicates';
import { entryOf } from '../items';

/** What the sizes depend on besides teeth. */
export interface Riding {
  readonly rolloutMm: number;
  readonly cadenceRpm: number;
  /** Undefined where it is not known: there is no gain ratio then. */
  readonly crankLengthMm: number | undefined;
  readonly closenessPercent: number;
  /** How many cogs at each end count as cross-chained. */
  readonly crossedCogs?: number | undefined;
}

/** A gear with all its sizes, in full precision. */
export interface SizedGear extends Gear {
  readonly key: string;
  readonly gearInchesOwnWheel: number;
  readonly gearInchesNominal27: number;
  readonly developmentM: number;
  readonly gainRatio: number | undefined;
  readonly speedKmh: number;
  readonly crossChained: boolean;
  /** The gear of exactly this size on the other ring. */
  readonly duplicate: Gear | undefined;
  /** The gear on the other ring that is closer than the minimum difference, and not exactly the same. */
  readonly near: Gear | undefined;
}

/** The gears of a setup by their sizes, and how those of its rings lie to each other. */
interface GearSizes {
  readonly setup: Setup;
  /** Easiest first. */
  readonly gears: readonly SizedGear[];
  readonly duplicates: readonly (readonly [Gear, Gear])[];
  /** Gears on different rings closer than the minimum difference. */
  readonly nears: readonly (readonly [Gear, Gear])[];
  readonly overlap: RingOverlap | undefined;
}

/** All figures of one setup, for the Gears page and the HTTP interface. */
export interface GearReport extends GearSizes {
  readonly range: GearRange;
  /** Between neighbours of `gears`, duplicates included. */
  readonly steps: readonly Step[];
  readonly distinct: readonly Gear[];
  /** At which they were counted, percent. */
  readonly closenessPercent: number;
  readonly path: ShiftPath;
  /** The gears of the path, sized. */
  readonly pathGears: readonly SizedGear[];
}

/** @param setup one that checkSetup finds no fault with */
export function gearReport(setup: Setup, riding: Riding): GearReport {
  const gears = gearsOf(setup);
  const sizes = sizesOf(gears, setup, riding);
  const byKey = new Map(sizes.gears.map((gear) => [gear.key, gear]));
  const path = shiftPath(setup, riding.crossedCogs);
  return {
    ...sizes,
    range: rangeOf(gears),
    steps: stepsAlong(gears),
    distinct: distinctGears(gears, riding.closenessPercent),
    closenessPercent: riding.closenessPercent,
    path,
    pathGears: path.gears.map((gear) => entryOf(byKey, gearKey(gear))),
  };
}

function sizesOf(gears: readonly Gear[], setup: Setup, riding: Riding): GearSizes {
  const duplicates = exactDuplicates(gears);
  const nears = nearDuplicates(gears, riding.closenessPercent);
  const [duplicateOf, nearOf] = [duplicateByKey(duplicates), duplicateByKey(nears)];
  return {
    setup,
    gears: gears.map((gear) => sizeGear(gear, setup, riding, duplicateOf, nearOf)),
    duplicates,
    nears,
    overlap: ringOverlap(setup),
  };
}

function sizeGear(
  gear: Gear,
  setup: Setup,
  riding: Riding,
  duplicateOf: Map<string, Gear>,
  nearOf: Map<string, Gear>,
): SizedGear {
  const { rolloutMm, cadenceRpm, crankLengthMm } = riding;
  const key = gearKey(gear);
  const development = developmentM(gear.ratio, rolloutMm);
  return {
    ...gear,
    key,
    gearInchesOwnWheel: gearInches(gear.ratio, rolloutMm, 'ownWheel'),
    gearInchesNominal27: gearInches(gear.ratio, rolloutMm, 'nominal27'),
    developmentM: development,
    gainRatio: crankLengthMm === undefined ? undefined : gainRatio(gear.ratio, rolloutMm, crankLengthMm),
    speedKmh: speedKmh(development, cadenceRpm),
    crossChained: isCrossChained(setup, gear, riding.crossedCogs),
    duplicate: duplicateOf.get(key),
    near: nearOf.get(key),
  };
}
