import type { Wheel } from '../core/gears';
import type { Freehub } from '../core/fit';

/** A pair of wheels with tyres that fits a bike. */
export interface WheelsetRecord {
  readonly id: string;
  readonly name: string;
  /** ISO 5775 rim seat diameter, mm. */
  readonly rimDiameterMm: number;
  /** mm */
  readonly tyreWidthMm: number;
  /** Measured path of one wheel turn, mm; wins over the sizes. */
  readonly measuredRolloutMm?: number | undefined;
  readonly freehub?: Freehub | undefined;
}

export const WHEEL_DEFAULTS = {
  id: 'wheels-1',
  name: 'Wheels',
  rimDiameterMm: 622,
  tyreWidthMm: 40,
} as const satisfies WheelsetRecord;

/** The wheel to reckon with: as measured, where it was. */
export function wheelOf({ measuredRolloutMm, rimDiameterMm, tyreWidthMm }: WheelsetRecord): Wheel {
  return measuredRolloutMm === undefined ? { rimDiameterMm, tyreWidthMm } : { rolloutMm: measuredRolloutMm };
}

/** The wheelset that a setup or a ride was on. What names one that its bike has no longer is taken for the bike's first. */
export function wheelsetOf(
  { wheelsets }: { readonly wheelsets: readonly WheelsetRecord[] },
  { wheelsetId }: { readonly wheelsetId: string },
): WheelsetRecord {
  return wheelsets.find(({ id }) => id === wheelsetId) ?? wheelsets[0]!;
}
