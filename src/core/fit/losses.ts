import type { Bounds } from '../numbers';
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

/** What the estimate leaves out, as far as published measurements differ on it: it widens the spread alone. */
export const LOSS_SPREAD = {
  /** Relative uncertainty of the loss from chain tension. */
  tension: 0.15,
  /** Share of the power that the two pulleys take at most. */
  pulleys: 0.002,
  /** Share of the power for each degree of sideways angle at most; some found none (Spicer et al., J. Mech. Design 2001). */
  perDegree: 0.001,
} as const;

/**
 * Share of the power lost as links bend on to and off ring and cog: μ · r_pin · (2π / p) · (1/ring + 1/cog), from first
 * principles. What is left out is in the spread.
 * @param angleDeg of the chain, sideways
 */
export function articulationLoss(chainring: number, cog: number, angleDeg = 0): LossEstimate {
  const perMu = PIN_RADIUS_MM * ((2 * Math.PI) / PITCH_MM) * (1 / chainring + 1 / cog);
  const { tension, pulleys, perDegree } = LOSS_SPREAD;
  return {
    fraction: CHAIN_FRICTION.mu * perMu,
    lowFraction: CHAIN_FRICTION.lowMu * perMu * (1 - tension),
    highFraction: CHAIN_FRICTION.highMu * perMu * (1 + tension) + pulleys + perDegree * Math.abs(angleDeg),
  };
}

/**
 * Share of the power that a two-speed hub takes in a stage that is geared: one planetary stage with its bearings, some
 * 1 to 2% for each of two or three meshes, an assumption; direct drive loses nothing.
 */
const HUB_STAGE_LOSS: LossEstimate = { fraction: 0.03, lowFraction: 0.015, highFraction: 0.05 };
const NO_LOSS: LossEstimate = { fraction: 0, lowFraction: 0, highFraction: 0 };

/** @param hubStage ratio of the stage; 1 straight through, or without a two-speed hub */
export const hubLoss = (hubStage: number): LossEstimate => (hubStage === 1 ? NO_LOSS : HUB_STAGE_LOSS);

/** Adds two losses up; both may be at the same end of their spans. */
export const addLosses = (a: LossEstimate, b: LossEstimate): LossEstimate => ({
  fraction: a.fraction + b.fraction,
  lowFraction: a.lowFraction + b.lowFraction,
  highFraction: a.highFraction + b.highFraction,
});

/** A figure with its uncertainty. */
export interface Spread {
  readonly low: number;
  readonly high: number;
}

/** Whether a difference is smaller than both uncertainties together, so that neither is better. */
export function isWithinSpreads(a: number, b: number, spreadA: Spread, spreadB: Spread): boolean {
  const half = ({ low, high }: Spread) => (high - low) / 2;
  return Math.abs(a - b) < half(spreadA) + half(spreadB);
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
  const { fraction, lowFraction, highFraction } = articulationLoss(chainring, cog, angleDeg);
  const angle = (Math.abs(angleDeg) * anglePercentPerDeg) / 100;
  const watts = (share: number) => (share + angle) * powerW;
  return { chainring, cog, watts: watts(fraction), lowWatts: watts(lowFraction), highWatts: watts(highFraction) };
}
