import { DRIVE_DEFAULTS } from '../fit';
import type { Bounds } from '../numbers';
import type { Build } from './build';

/** From pitch line to tooth tip of a cog and of a guide pulley together, mm: about 2.3 mm each. */
const TIPS_MM = 4.6;
/** Tolerance of the gap, mm. */
const EITHER_WAY_MM = 2;
/** Never closer than this, mm: the pulley would touch as soon as the chain pulls. */
const LEAST_MM = 2;

/** The B-gap to aim at: tip of the guide pulley to tip of the largest cog, in the largest cog. */
interface GapTarget {
  readonly targetMm: number;
  readonly window: Bounds;
  /** `lastTime`: worked with this cassette before. `derailleur`: published for it. `typical`: a default. */
  readonly by: 'lastTime' | 'derailleur' | 'typical';
}

/** @param lastMm the gap with which this cassette worked last time, mm */
export function gapTarget({ rearDerailleur }: Pick<Build, 'rearDerailleur'>, lastMm?: number): GapTarget {
  const { pitchLineGapMm } = rearDerailleur;
  const byDrawing = Math.max(LEAST_MM, (pitchLineGapMm ?? DRIVE_DEFAULTS.pitchLineGapMm) - TIPS_MM);
  // To half a millimetre, as a caliper on a pulley is read.
  const targetMm = lastMm ?? Math.round(byDrawing * 2) / 2;
  return {
    targetMm,
    window: { min: Math.max(LEAST_MM, targetMm - EITHER_WAY_MM), max: targetMm + EITHER_WAY_MM },
    by: lastMm !== undefined ? 'lastTime' : pitchLineGapMm !== undefined ? 'derailleur' : 'typical',
  };
}
