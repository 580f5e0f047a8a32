import { atLeast } from '../numbers';
import type { Gear } from './gear';
import type { CadenceBand } from './riding';
import { speedKmh } from './size';
import { firstOf, lastOf } from '../items';

/** A gear with its development. */
type Developed = Gear & { readonly developmentM: number };

/** A stretch of speeds, km/h. */
export interface SpeedSpan {
  readonly fromKmh: number;
  readonly toKmh: number;
}

/** Speeds at which no gear keeps the rider in the band, between two gears that do. */
export interface Gap extends SpeedSpan {
  /** The gear that runs out of cadence at `fromKmh`. */
  readonly below: Gear;
  /** The gear above the gap: below `toKmh` its cadence is too low. */
  readonly above: Gear;
}

/** What a band of cadences reaches in a set of gears. */
export interface Coverage {
  readonly band: CadenceBand;
  /** Speeds that some gear keeps in the band, slowest first, not touching. */
  readonly spans: readonly SpeedSpan[];
  readonly gaps: readonly Gap[];
  /** Easiest gear at the low rpm. */
  readonly lowestSteadyKmh: number;
  /** Hardest gear at the high rpm. */
  readonly topKmh: number;
}

/**
 * A gear covers the speeds between the low and the high rpm; whatever is between covered stretches
 * are gaps.
 * @param gears easiest first, at least one
 * @param band low below high
 */
export function coverage(gears: readonly Developed[], band: CadenceBand): Coverage {
  const spans: { fromKmh: number; toKmh: number }[] = [];
  const gaps: Gap[] = [];
  let reaching = firstOf(gears);
  for (const gear of gears) {
    const fromKmh = speedKmh(gear.developmentM, band.lowRpm);
    const toKmh = speedKmh(gear.developmentM, band.highRpm);
    const last = spans.at(-1);
    if (last && atLeast(last.toKmh, fromKmh)) last.toKmh = toKmh;
    else {
      if (last) gaps.push({ fromKmh: last.toKmh, toKmh: fromKmh, below: reaching, above: gear });
      spans.push({ fromKmh, toKmh });
    }
    reaching = gear;
  }
  return { band, spans, gaps, lowestSteadyKmh: firstOf(spans).fromKmh, topKmh: lastOf(spans).toKmh };
}

/** The high rpm, with the same low one, at which a gap closes. */
export function highRpmToClose({ below, above }: Gap, { lowRpm }: CadenceBand): number {
  return lowRpm * (above.ratio / below.ratio);
}
