import { message, type Message } from '../message';
import { ROLLOUT_MM } from './wheel';
import { within, type Bounds } from '../numbers';

/** One try at measuring the rollout: the bike rolled along the ground over whole wheel turns. */
export interface RolloutTry {
  readonly turns: number;
  readonly distanceMm: number;
}

export const WHEEL_TURNS: Bounds = { min: 1, max: 100 };

interface RolloutMeasurement {
  /** Of each try, mm. */
  readonly rolloutsMm: readonly number[];
  /** All distance over all turns: longer tries weigh more, for their ends are as badly read as short ones'. */
  readonly meanMm: number;
  /** Largest less smallest, mm; 0 for one try. */
  readonly spreadMm: number;
  /** The spread as a share of the mean. */
  readonly spreadFraction: number;
}

/** Returns why a measurement is invalid; undefined if it is valid. */
export function checkRolloutTry({ turns, distanceMm }: RolloutTry): Message | undefined {
  if (!Number.isInteger(turns) || !within(turns, WHEEL_TURNS)) {
    return message('gears.rolloutTry.turns', { turns, ...WHEEL_TURNS });
  }
  const rollout = distanceMm / turns;
  if (Number.isFinite(rollout) && within(rollout, ROLLOUT_MM)) return undefined;
  return message('gears.rolloutTry.outside', { distance: distanceMm, turns, rollout, ...ROLLOUT_MM });
}

/** @param tries at least one; each must pass {@link checkRolloutTry} */
export function measuredRollout(tries: readonly RolloutTry[]): RolloutMeasurement {
  if (tries.length === 0) throw new RangeError('a measurement needs at least one try');
  const rolloutsMm = tries.map(({ turns, distanceMm }) => distanceMm / turns);
  const total = (of: (one: RolloutTry) => number) => tries.reduce((sum, one) => sum + of(one), 0);
  const meanMm = total(({ distanceMm }) => distanceMm) / total(({ turns }) => turns);
  const spreadMm = Math.max(...rolloutsMm) - Math.min(...rolloutsMm);
  return { rolloutsMm, meanMm, spreadMm, spreadFraction: spreadMm / meanMm };
}
