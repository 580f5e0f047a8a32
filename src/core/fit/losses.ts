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
