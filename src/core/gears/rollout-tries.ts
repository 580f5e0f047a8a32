import { allDigits } from '../number-text';
import { ROLLOUT_MM } from './wheel';
import { within, type Bounds } from './setup';

/** One try at measuring the rollout: the bike rolled along the ground over whole wheel turns. */
export interface RolloutTry {
  readonly turns: number;
  readonly distanceMm: number;
}

export const WHEEL_TURNS: Bounds = { min: 1, max: 100 };

export interface RolloutMeasurement {
  /** Of each try, mm. */
  readonly rolloutsMm: readonly number[];
  /** All distance over all turns: longer tries weigh more, for their ends are as badly read as short ones'. */
  readonly meanMm: number;
  /** Largest less smallest, mm; 0 for one try. */
  readonly spreadMm: number;
  /** The spread as a share of the mean. */
  readonly spreadFraction: number;
}

/** Says why a measurement is invalid; undefined if it is valid. */
export function checkRolloutTry({ turns, distanceMm }: RolloutTry): string | undefined {
  if (!Number.isInteger(turns) || !within(turns, WHEEL_TURNS)) {
    return `${turns} wheel turns: whole turns, ${WHEEL_TURNS.min} to ${WHEEL_TURNS.max}`;
  }
  const rollout = distanceMm / turns;
  if (Number.isFinite(rollout) && within(rollout, ROLLOUT_MM)) return undefined;
  return `${allDigits(distanceMm)} mm over ${turns} turns is ${Math.round(rollout)} mm a turn: it runs from ${ROLLOUT_MM.min} to ${ROLLOUT_MM.max} mm; count the turns again`;
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
