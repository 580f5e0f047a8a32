import { AIR_DENSITY_KG_M3, type FilledBrief } from '../brief';
import { msOf } from '../ride';

const CM2_PER_M2 = 10_000;

/** Watts that a front derailleur and a second ring cost in the air at the usual speed: ½·ρ·CdA·v³. */
export function frontDragW({ frontDragCm2, cruisingSpeedKmh }: FilledBrief): number {
  return 0.5 * AIR_DENSITY_KG_M3 * (frontDragCm2 / CM2_PER_M2) * msOf(cruisingSpeedKmh) ** 3;
}
