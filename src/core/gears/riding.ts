import type { Bounds } from '../numbers';

/** Bounds of a steady cadence, rpm. */
export const CADENCE_RPM: Bounds = { min: 20, max: 200 };
export const DEFAULT_CADENCE_RPM = 90;
/** Cranks from a small child's to a very long one, mm, centre to centre. */
export const CRANK_LENGTH_MM: Bounds = { min: 80, max: 220 };

/** The cadences at which a rider is comfortable. */
export interface CadenceBand {
  readonly lowRpm: number;
  /** Above `lowRpm`. */
  readonly highRpm: number;
}
