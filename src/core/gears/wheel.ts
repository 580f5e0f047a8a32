import { message, type Message } from '../message';
import { within, type Bounds } from '../numbers';

/** A wheel by its ISO 5775 sizes, or by what it rolled when measured. */
export type Wheel =
  | { readonly rimDiameterMm: number; readonly tyreWidthMm: number }
  | {
      /** Path of one wheel turn, mm, measured under load. */
      readonly rolloutMm: number;
    };

export const ROLLOUT_MM: Bounds = { min: 800, max: 2600 };
/** Rim seat diameters from the smallest folding wheel to the largest in ISO 5775. */
export const RIM_DIAMETER_MM: Bounds = { min: 200, max: 700 };
export const TYRE_WIDTH_MM: Bounds = { min: 15, max: 130 };

export function isMeasured(wheel: Wheel): wheel is { readonly rolloutMm: number } {
  return 'rolloutMm' in wheel;
}

/**
 * Path of one wheel turn, mm. A measured rollout is taken as it is; otherwise π × (rim seat
 * diameter + 2 × tyre width), ISO 5775, which a loaded tyre falls short of by 1–3%.
 */
export function rolloutMm(wheel: Wheel): number {
  return isMeasured(wheel) ? wheel.rolloutMm : Math.PI * (wheel.rimDiameterMm + 2 * wheel.tyreWidthMm);
}

interface WheelProblem {
  readonly path: readonly string[];
  readonly message: Message;
}

/** Every reason why this is no wheel; empty when it is one. */
export function checkWheel(wheel: Wheel): WheelProblem[] {
  if (isMeasured(wheel)) {
    return outside('rollout', wheel.rolloutMm, ROLLOUT_MM, 'rolloutMm');
  }
  const sizes = [
    ...outside('rim', wheel.rimDiameterMm, RIM_DIAMETER_MM, 'rimDiameterMm'),
    ...outside('tyre', wheel.tyreWidthMm, TYRE_WIDTH_MM, 'tyreWidthMm'),
  ];
  if (sizes.length > 0) return sizes;
  return outside('rolloutOfSizes', rolloutMm(wheel), ROLLOUT_MM, 'tyreWidthMm');
}

function outside(
  what: 'rollout' | 'rim' | 'tyre' | 'rolloutOfSizes',
  sizeMm: number,
  bounds: Bounds,
  path: string,
): WheelProblem[] {
  if (Number.isFinite(sizeMm) && within(sizeMm, bounds)) return [];
  return [{ path: [path], message: message(`gears.wheel.${what}`, { size: sizeMm, ...bounds }) }];
}
