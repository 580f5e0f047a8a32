import { chainAngles, straightest, type ChainAngle, type ChainlineGeometry } from '../../core/fit';
import type { Setup } from '../../core/gears';

/** A gear to draw from above. */
export interface TopViewGear extends ChainAngle {
  /** Of its ring. */
  readonly isStraightest: boolean;
  readonly isSteep: boolean;
}

/** All gears of a setup with their texts. @param steepDeg angle above which a chain is steep */
export function topViewGears(setup: Setup, geometry: ChainlineGeometry, steepDeg: number): TopViewGear[] {
  const angles = chainAngles(setup, geometry);
  const straight = setup.chainrings.map((ring) => straightest(angles, ring));
  return angles.map((angle) => ({
    ...angle,
    isStraightest: straight.includes(angle),
    isSteep: Math.abs(angle.angleDeg) > steepDeg,
  }));
}
