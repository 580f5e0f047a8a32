import type { Wheel } from '../core/gears';
import type { WheelsetRecord } from './wheelset.schema';
import { firstOf } from '../core/items';

export type { WheelsetRecord };

export const WHEEL_DEFAULTS = {
  id: 'wheels-1',
  name: 'Wheels',
  rimDiameterMm: 622,
  tyreWidthMm: 40,
} as const satisfies WheelsetRecord;

/** Returns the wheel for calculations: the measured rollout if there is one. */
export function wheelOf({ measuredRolloutMm, rimDiameterMm, tyreWidthMm }: WheelsetRecord): Wheel {
  return measuredRolloutMm === undefined ? { rimDiameterMm, tyreWidthMm } : { rolloutMm: measuredRolloutMm };
}

/** The wheelset that a setup or a ride was on. What names one that its bike has no longer is taken for the bike's first. */
export function wheelsetOf(
  { wheelsets }: { readonly wheelsets: readonly WheelsetRecord[] },
  { wheelsetId }: { readonly wheelsetId: string },
): WheelsetRecord {
  return wheelsets.find(({ id }) => id === wheelsetId) ?? firstOf(wheelsets);
}
