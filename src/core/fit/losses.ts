import type { Bounds } from '../gears';
import { PITCH_MM } from './chain';

/** Friction of a chain's pins, and how far published measurements spread about it. */
export const CHAIN_FRICTION = { mu: 0.11, lowMu: 0.08, highMu: 0.14 } as const;
/** Radius at which the link turns about its pin, mm. */
const PIN_RADIUS_MM = 1.8;

/** A share of the power, with the span in which measurements lie. */
export interface LossEstimate {
  readonly fraction: number;
  readonly lowFraction: number;
  readonly highFraction: number;
}

/**
 * Share of the power lost as links bend on to and off ring and cog: μ · r_pin · (2π / p) · (1/ring + 1/cog).
 * From first principles; the sideways angle is left out, for measurements disagree on it
 * (Spicer et al., J. Mech. Design 2001, found little).
 */
export function articulationLoss(chainring: number, cog: number): LossEstimate {
  const perMu = PIN_RADIUS_MM * ((2 * Math.PI) / PITCH_MM) * (1 / chainring + 1 / cog);
  return {
    fraction: CHAIN_FRICTION.mu * perMu,
    lowFraction: CHAIN_FRICTION.lowMu * perMu,
    highFraction: CHAIN_FRICTION.highMu * perMu,
  };
}

/** Loss that a rider ascribes to the sideways angle, percent of the power for each degree. */
export const ANGLE_LOSS_PERCENT_PER_DEG: Bounds = { min: 0, max: 2 };

/** Loss in a gear in watts, with its spread. */
export interface LossWatts {
  readonly chainring: number;
  readonly cog: number;
  readonly watts: number;
  readonly lowWatts: number;
  readonly highWatts: number;
}

/**
 * Articulation loss and, where a share for it is set, that of the sideways angle, at some power.
 * @param anglePercentPerDeg 0 where the angle is taken to cost nothing
 */
export function lossWatts(
  { chainring, cog, angleDeg }: { readonly chainring: number; readonly cog: number; readonly angleDeg: number },
  powerW: number,
  anglePercentPerDeg: number,
): LossWatts {
  const { fraction, lowFraction, highFraction } = articulationLoss(chainring, cog);
  const angle = (Math.abs(angleDeg) * anglePercentPerDeg) / 100;
  const watts = (share: number) => (share + angle) * powerW;
  return { chainring, cog, watts: watts(fraction), lowWatts: watts(lowFraction), highWatts: watts(highFraction) };
}
