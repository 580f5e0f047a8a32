import { bisect } from '../numbers';
import { speedForPower, type Resistance } from './road-load';

/** What a rider can hold, by how long. */
export interface Stamina {
  /** Held for an hour, W. */
  readonly power60W: number;
  /** Work above the critical power that is there once, J. */
  readonly anaerobicJ: number;
}

const HOUR_S = 3600;
/** For shorter efforts the model promises more than legs give, s. */
export const SHORTEST_EFFORT_S = 120;

/** The power that could be held without end, W: CP = P60 − W′ / 3600 s. */
export function criticalPowerW({ power60W, anaerobicJ }: Stamina): number {
  return power60W - anaerobicJ / HOUR_S;
}

/**
 * The power that can be held for a time, W: P(t) = CP + W′ / t (Monod & Scherrer, Ergonomics 8, 1965), for no less
 * than {@link SHORTEST_EFFORT_S}.
 */
function heldPowerW(stamina: Stamina, seconds: number): number {
  return criticalPowerW(stamina) + stamina.anaerobicJ / Math.max(SHORTEST_EFFORT_S, seconds);
}

/** The power for an hour of a rider who held a power for another time, W. @param anaerobicJ as of {@link Stamina} */
export function power60FromW(powerW: number, seconds: number, anaerobicJ: number): number {
  return powerW - anaerobicJ / seconds + anaerobicJ / HOUR_S;
}

/** A climb ridden at all the power that can be held to its end. */
interface Effort {
  readonly seconds: number;
  /** Of the rider, without a motor's share. */
  readonly powerW: number;
  readonly speedMs: number;
}

/**
 * How a climb is ridden by a rider who has nothing left at its end: the time t that solves t = length / v(P(t)). The
 * distance ridden in t grows with t, so there is exactly one.
 * @throws RangeError where the critical power is not above 0
 */
export function climbEffort(lengthM: number, gradeFraction: number, stamina: Stamina, resistance: Resistance): Effort {
  const speedMs = (seconds: number) => speedForPower(heldPowerW(stamina, seconds), gradeFraction, resistance);
  const beyond = (seconds: number) => seconds * speedMs(seconds) - lengthM;
  const criticalW = criticalPowerW(stamina);
  if (!(criticalW > 0)) throw new RangeError(`critical power ${criticalW} W: above 0`);
  const shortest = speedMs(SHORTEST_EFFORT_S);
  // At the critical power it would take longest; as long as that at a motor's cut-off.
  const longestS = (1.001 * lengthM) / speedForPower(criticalW, gradeFraction, resistance);
  const seconds =
    beyond(SHORTEST_EFFORT_S) >= 0 ? lengthM / shortest : bisect(beyond, SHORTEST_EFFORT_S, longestS, 1e-6);
  return { seconds, powerW: heldPowerW(stamina, seconds), speedMs: speedMs(seconds) };
}
