import { atSpeed } from './at-speed';
import type { Gear } from './gear';
import { CHAINRING_TEETH, type Setup } from './setup';
import { cadenceRpm, developmentM, speedKmh } from './size';
import { firstOf, lastOf } from '../items';

/** What a table of rings and cogs is worked out for: the speed at a cadence, or the cadence at a speed. */
export type TableReading = 'speed' | 'cadence';
export const TABLE_READINGS = ['speed', 'cadence'] as const satisfies readonly TableReading[];

/** From the first whole number to the last, both in it; empty where the first is larger. */
export function span(from: number, to: number): number[] {
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);
}

/** Rings and cogs beside the present ones that a table shows, teeth. */
const AROUND_T = 5;

/** Returns the default span of a table: rings around the present ones, and the smallest cogs. */
export function spanAround({ chainrings, cogs }: Setup) {
  return {
    ringFromT: Math.max(CHAINRING_TEETH.min, lastOf(chainrings) - AROUND_T),
    ringToT: Math.min(CHAINRING_TEETH.max, firstOf(chainrings) + AROUND_T),
    cogFromT: firstOf(cogs),
    cogToT: firstOf(cogs) + AROUND_T,
  };
}

/**
 * Works out every ring with every cog.
 * @param at rpm where speeds are read, km/h where cadences are
 * @returns a row for each cog, in it a value for each ring: km/h, or rpm
 */
export function ringCogTable(
  rings: readonly number[],
  cogs: readonly number[],
  rolloutMm: number,
  reading: TableReading,
  at: number,
): number[][] {
  return cogs.map((cog) =>
    rings.map((ring) => {
      const development = developmentM(ring / cog, rolloutMm);
      return reading === 'speed' ? speedKmh(development, at) : cadenceRpm(development, at);
    }),
  );
}

/** A gear at a speed with what the shift to it does to the cadence. */
interface CadenceJump<G extends Gear> {
  readonly gear: G;
  readonly cadenceRpm: number;
  /** From the next easier gear, rpm, below 0; undefined for the easiest. */
  readonly jumpRpm: number | undefined;
}

/** The cadence in every gear at one speed, and the jump of each shift. @param gears easiest first */
export function cadenceJumps<G extends Gear & { readonly developmentM: number }>(
  gears: readonly G[],
  kmh: number,
): CadenceJump<G>[] {
  const all = atSpeed(gears, kmh);
  return all.map(({ gear, cadenceRpm: rpm }, i) => {
    const easier = all[i - 1];
    return { gear, cadenceRpm: rpm, jumpRpm: easier && rpm - easier.cadenceRpm };
  });
}

/** Cadences at which a table of speeds has a column, rpm. */
export const TABLE_CADENCES_RPM: readonly number[] = [60, 65, 70, 75, 80, 85, 90, 95, 100, 105, 110];

/** The speed of every gear at each cadence, km/h: a row for each gear. */
export function cadenceTable(
  gears: readonly { readonly developmentM: number }[],
  cadencesRpm: readonly number[],
): number[][] {
  return gears.map(({ developmentM: development }) => cadencesRpm.map((rpm) => speedKmh(development, rpm)));
}
