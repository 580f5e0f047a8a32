import { short } from '../number-text';
import { within, type Bounds } from './setup';

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
 * diameter + 2 × tyre width), ISO 5775, which a loaded tyre falls short of by 1–3 %.
 */
export function rolloutMm(wheel: Wheel): number {
  return isMeasured(wheel) ? wheel.rolloutMm : Math.PI * (wheel.rimDiameterMm + 2 * wheel.tyreWidthMm);
}

export interface WheelProblem {
  readonly path: readonly string[];
  readonly message: string;
}

/** Every reason why this is no wheel; empty when it is one. */
export function checkWheel(wheel: Wheel): WheelProblem[] {
  if (isMeasured(wheel)) {
    return outside('rollout', wheel.rolloutMm, ROLLOUT_MM, 'rolloutMm', 'measure one full wheel turn along the ground');
  }
  const sizes = [
    ...outside(
      'rim seat diameter',
      wheel.rimDiameterMm,
      RIM_DIAMETER_MM,
      'rimDiameterMm',
      'read it off the tyre, as in 38-622',
    ),
    ...outside('tyre width', wheel.tyreWidthMm, TYRE_WIDTH_MM, 'tyreWidthMm', 'read it off the tyre, as in 38-622'),
  ];
  if (sizes.length > 0) return sizes;
  return outside('rollout from these sizes', rolloutMm(wheel), ROLLOUT_MM, 'tyreWidthMm', 'check both sizes');
}

function outside(what: string, valueMm: number, bounds: Bounds, path: string, advice: string): WheelProblem[] {
  if (Number.isFinite(valueMm) && within(valueMm, bounds)) return [];
  return [
    {
      path: [path],
      message: `${what} ${short(valueMm, 1)} mm: it runs from ${bounds.min} to ${bounds.max} mm; ${advice}`,
    },
  ];
}
