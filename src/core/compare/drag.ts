import { AIR_DENSITY_KG_M3 } from '../needs';
import { msOf } from '../ride';

const CM2_PER_M2 = 10_000;

/** Watts that a drag area, such as that of a front derailleur and a second ring, costs in the air: ½·ρ·CdA·v³. */
export function frontDragW(frontDragCm2: number, speedKmh: number): number {
  return 0.5 * AIR_DENSITY_KG_M3 * (frontDragCm2 / CM2_PER_M2) * msOf(speedKmh) ** 3;
}
