import { STANDING_MS, TURNING_RPM, durationsS, type Recording } from '../recording';
import type { CogWanted } from './cassette-builder';
import { itemAt } from '../items';

/** Cogs closer than this, as ln, are one: a fifth of what sensors scatter. */
const BIN = 0.005;

/**
 * Cogs that match the riding on a single ring: ridden developments, m, as
 * teeth of a cog that need not be whole. Fewest teeth first.
 */
export function wantedCogs(recordings: readonly Recording[], chainring: number, rolloutMm: number): CogWanted[] {
  const secondsByBin = new Map<number, number>();
  for (const { timeS, speedMs, cadenceRpm } of recordings) {
    const lasts = durationsS(timeS);
    for (let i = 0; i < speedMs.length; i += 1) {
      const [speed, cadence] = [itemAt(speedMs, i), itemAt(cadenceRpm, i)];
      if (!(speed > STANDING_MS && cadence > TURNING_RPM)) continue;
      const teeth = (chainring * (rolloutMm / 1000) * cadence) / (speed * 60);
      const bin = Math.round(Math.log(teeth) / BIN);
      secondsByBin.set(bin, (secondsByBin.get(bin) ?? 0) + itemAt(lasts, i));
    }
  }
  return [...secondsByBin.entries()]
    .sort(([a], [b]) => a - b)
    .map(([bin, seconds]) => ({ teeth: Math.exp(bin * BIN), seconds }));
}
