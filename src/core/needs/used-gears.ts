import { developmentM, gearsOf, type Gear, type Setup } from '../gears';
import type { Brief } from './brief';
import { itemAt } from '../items';

/** A gear by its teeth, as a rider names it. */
export interface GearTeeth {
  readonly chainring: number;
  readonly cog: number;
}

/** Which gears of a setup a rider uses most and least. */
export interface UsedGears {
  /** Recordings replace what the rider entered. */
  readonly source: 'said' | 'recorded';
  /** Easiest first. */
  readonly usual: readonly Gear[];
  /** Teeth. */
  readonly rareCogs: readonly number[];
  readonly rareRings: readonly number[];
  /** Share of the pedalled time in each gear, easiest first; empty where nothing was recorded. */
  readonly shares: readonly { readonly gear: Gear; readonly share: number }[];
  /** Pedalled time that was recorded on these gears; 0 where none was. */
  readonly recordedS: number;
}

/** Minimum recorded time, s. */
const RECORDED_MIN_S = 1800;
/** The usual gears are those with the most time, until this share of it is reached. */
const USUAL_SHARE = 0.5;
const USUAL_MAX = 5;
/** A cog or ring with less of the time is rarely used. */
export const RARE_COG_SHARE = 0.02;
export const RARE_RING_SHARE = 0.05;

/**
 * Returns which gears of a setup are used, by recordings if there are enough, else as entered.
 * Teeth that the setup does not have are left out.
 * @param recordedS time in each gear of the setup, in the order of `gearsOf`, s; empty where nothing was recorded
 * @returns undefined where nothing is known
 */
export function usedGears(setup: Setup, said: Brief, recordedS: readonly number[]): UsedGears | undefined {
  const gears = gearsOf(setup);
  const all = recordedS.reduce((sum, seconds) => sum + seconds, 0);
  if (all >= RECORDED_MIN_S && recordedS.length === gears.length) return recordedGears(setup, gears, recordedS, all);
  const { usualGears = [], rareCogs = [], rareRings = [] } = said;
  const entered: UsedGears = {
    source: 'said',
    usual: gears.filter(({ chainring, cog }) =>
      usualGears.some((one) => one.chainring === chainring && one.cog === cog),
    ),
    rareCogs: rareCogs.filter((cog) => setup.cogs.includes(cog)),
    rareRings: rareRings.filter((ring) => setup.chainrings.includes(ring)),
    shares: [],
    recordedS: 0,
  };
  return entered.usual.length + entered.rareCogs.length + entered.rareRings.length > 0 ? entered : undefined;
}

function recordedGears(setup: Setup, gears: readonly Gear[], seconds: readonly number[], all: number): UsedGears {
  const shares = gears.map((gear, i) => ({ gear, share: itemAt(seconds, i) / all }));
  const shareWith = (has: (gear: Gear) => boolean) =>
    shares.reduce((sum, { gear, share }) => (has(gear) ? sum + share : sum), 0);
  return {
    source: 'recorded',
    usual: mostUsed(shares),
    rareCogs: setup.cogs.filter((teeth) => shareWith(({ cog }) => cog === teeth) < RARE_COG_SHARE),
    rareRings: setup.chainrings.filter((teeth) => shareWith(({ chainring }) => chainring === teeth) < RARE_RING_SHARE),
    shares,
    recordedS: all,
  };
}

function mostUsed(shares: UsedGears['shares']): readonly Gear[] {
  const usual = new Set<Gear>();
  let reached = 0;
  for (const { gear, share } of [...shares].sort((a, b) => b.share - a.share)) {
    if (reached >= USUAL_SHARE || usual.size === USUAL_MAX) break;
    usual.add(gear);
    reached += share;
  }
  return shares.flatMap(({ gear }) => (usual.has(gear) ? [gear] : []));
}

/** How often a gear is used. */
export function usageOf(used: UsedGears | undefined, { chainring, cog, hubStage }: Gear): 'usual' | 'rare' | 'known' {
  if (!used) return 'known';
  const same = (one: Gear) => one.chainring === chainring && one.cog === cog && one.hubStage === hubStage;
  if (used.usual.some(same)) return 'usual';
  return used.rareCogs.includes(cog) || used.rareRings.includes(chainring) ? 'rare' : 'known';
}

/** A rider's habits, independent of the gears. */
export interface RiddenSizes {
  /** Development of the gears that the rider names as usual on the flat, metres; empty where none is named. */
  readonly flatM: readonly number[];
  /** Developments of the usual gears, by recordings or as entered, metres. */
  readonly usualM: readonly number[];
  /** Share of the pedalled time at each development, by recordings; empty without. */
  readonly shares: readonly { readonly developmentM: number; readonly share: number }[];
}

/** @param rolloutMm of the wheel that the gears are ridden on */
export function riddenSizes(setup: Setup, said: Brief, recordedS: readonly number[], rolloutMm: number): RiddenSizes {
  const sizeM = ({ ratio }: Gear) => developmentM(ratio, rolloutMm);
  const used = usedGears(setup, said, recordedS);
  return {
    flatM: (usedGears(setup, { usualGears: said.usualGears }, [])?.usual ?? []).map(sizeM),
    usualM: (used?.usual ?? []).map(sizeM),
    shares: (used?.shares ?? []).map(({ gear, share }) => ({ developmentM: sizeM(gear), share })),
  };
}
