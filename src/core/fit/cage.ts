import { bisect } from '../numbers';
import type { Bounds } from '../numbers';
import { beltLengthMm, solveBelt, type Belt, type BeltCircle, type BeltFailure, type Point } from './belt';
import { PITCH_MM } from './chain';
import { pitchRadiusMm } from './sprocket';

/** Geometry of a drive, seen from its right-hand side. Typical unless measured. */
export interface DriveGeometry {
  /** Rear axle to bottom bracket, mm. */
  readonly chainstayMm: number;
  /** Bottom bracket below the axles, mm; below 0 above them. */
  readonly bbDropMm: number;
  /** Guide to tension pulley, centre to centre, mm. */
  readonly cageLengthMm: number;
  readonly pulleyTeeth: number;
  /** Between the pitch lines of cog and guide pulley, mm. */
  readonly pitchLineGapMm: number;
  /** Direction of the guide pulley from the rear axle, degrees; −90 is straight below, more is forward. */
  readonly guidePulleyAngleDeg: number;
  /** Guide pulley from the pivot of the cage, mm, along the cage; 0 unless measured. */
  readonly guidePulleyOffsetMm: number;
  /** Past this the cage is folded back and the chain is slack, degrees. */
  readonly foldBackLimitDeg: number;
}

export const DRIVE_DEFAULTS = {
  chainstayMm: 430,
  bbDropMm: 70,
  pulleyTeeth: 11,
  pitchLineGapMm: 10,
  guidePulleyAngleDeg: -75,
  guidePulleyOffsetMm: 0,
  foldBackLimitDeg: -72,
} as const satisfies Partial<DriveGeometry>;

export const DRIVE_BOUNDS: Readonly<Record<keyof DriveGeometry, Bounds>> = {
  chainstayMm: { min: 350, max: 600 },
  bbDropMm: { min: -30, max: 120 },
  cageLengthMm: { min: 40, max: 140 },
  pulleyTeeth: { min: 9, max: 20 },
  pitchLineGapMm: { min: 2, max: 40 },
  guidePulleyAngleDeg: { min: -120, max: -40 },
  guidePulleyOffsetMm: { min: -30, max: 30 },
  foldBackLimitDeg: { min: -120, max: 0 },
};

/** How much a rear suspension lengthens the chainstay, mm. */
export const SUSPENSION_GROWTH_MM: Bounds = { min: 0, max: 60 };
export const CHAIN_LINKS: Bounds = { min: 60, max: 180 };

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** The drive in one gear with the cage at one angle. */
export interface Drive {
  readonly ring: BeltCircle;
  readonly tensionPulley: BeltCircle;
  readonly guidePulley: BeltCircle;
  readonly cog: BeltCircle;
  /** What the cage turns about. */
  readonly pivot: Point;
}

/**
 * Rear axle at (0, 0), x forward, y up, in mm; bottom bracket at (√(C² − drop²), −drop). With an
 * offset the guide pulley swings with the cage about a pivot; without one the pivot is its centre.
 * @param cageAngleDeg 0 plumb, above 0 forward (stretched), below 0 folded back
 */
export function placeDrive(chainring: number, cog: number, cageAngleDeg: number, geometry: DriveGeometry): Drive {
  const { chainstayMm, bbDropMm, cageLengthMm, pulleyTeeth, pitchLineGapMm, guidePulleyOffsetMm } = geometry;
  const pulleyMm = pitchRadiusMm(pulleyTeeth);
  const reach = pitchRadiusMm(cog) + pulleyMm + pitchLineGapMm;
  const direction = radians(geometry.guidePulleyAngleDeg);
  const cage = radians(cageAngleDeg);
  const along = (from: Point, length: number) => ({
    x: from.x + length * Math.sin(cage),
    y: from.y - length * Math.cos(cage),
  });
  const pivot = { x: reach * Math.cos(direction), y: reach * Math.sin(direction) };
  const guide = along(pivot, guidePulleyOffsetMm);
  return {
    ring: {
      name: 'ring',
      x: Math.sqrt(chainstayMm ** 2 - bbDropMm ** 2),
      y: -bbDropMm,
      radiusMm: pitchRadiusMm(chainring),
      sense: 'clockwise',
    },
    tensionPulley: { name: 'tensionPulley', ...along(guide, cageLengthMm), radiusMm: pulleyMm, sense: 'clockwise' },
    guidePulley: { name: 'guidePulley', ...guide, radiusMm: pulleyMm, sense: 'anticlockwise' },
    cog: { name: 'cog', x: 0, y: 0, radiusMm: pitchRadiusMm(cog), sense: 'clockwise' },
    pivot,
  };
}

/** The chain's path ring → tension pulley → guide pulley → cog → ring. */
export function chainPath(chainring: number, cog: number, cageAngleDeg: number, geometry: DriveGeometry) {
  const { ring, tensionPulley, guidePulley, cog: sprocket } = placeDrive(chainring, cog, cageAngleDeg, geometry);
  return solveBelt([ring, tensionPulley, guidePulley, sprocket]);
}

/** How long that path is, mm; undefined where there is none. */
export function chainPathMm(chainring: number, cog: number, cageAngleDeg: number, geometry: DriveGeometry) {
  const { ring, tensionPulley, guidePulley, cog: sprocket } = placeDrive(chainring, cog, cageAngleDeg, geometry);
  return beltLengthMm([ring, tensionPulley, guidePulley, sprocket]);
}

/** The cage in one gear with a chain of so many links. */
export type CagePose =
  | {
      /** `slack`: past the fold-back limit, so that the lower run sags or the cage fouls. */
      readonly state: 'ok' | 'slack';
      readonly angleDeg: number;
      readonly belt: Belt;
    }
  | { readonly state: 'tooShort' | 'slack'; readonly angleDeg: undefined; readonly belt: undefined }
  | {
      readonly state: 'impossible';
      readonly angleDeg: undefined;
      readonly belt: undefined;
      readonly failure: BeltFailure;
    };

/** The cage is looked for between these, degrees: farther forward the chain would be straight, farther back the pulleys meet the cogs. */
export const FORWARD_DEG = 100;
export const BACK_DEG = -110;
export const STEP_DEG = 5;
/** An angle closer than this is the same: a millionth of a link in the chain's length. */
const ANGLE_TOLERANCE_DEG = 1e-7;

/** Where the chain pulls the cage: the angle at which its path is as long as the chain. */
export function cagePose(chainring: number, cog: number, links: number, geometry: DriveGeometry): CagePose {
  const wantedMm = links * PITCH_MM;
  const excess = (angleDeg: number) => {
    const lengthMm = chainPathMm(chainring, cog, angleDeg, geometry);
    return lengthMm === undefined ? undefined : lengthMm - wantedMm;
  };
  const plumb = chainPath(chainring, cog, 0, geometry);
  if (!plumb.ok) return { state: 'impossible', angleDeg: undefined, belt: undefined, failure: plumb.failure };
  // From plumb towards the side on which the length fits, as far as there is a path at all.
  const forward = plumb.belt.lengthMm > wantedMm;
  let near = 0;
  for (let angle = forward ? STEP_DEG : -STEP_DEG; angle <= FORWARD_DEG && angle >= BACK_DEG;) {
    const value = excess(angle);
    if (value === undefined) break;
    if (value <= 0 === forward) return solved(near, angle);
    near = angle;
    angle += forward ? STEP_DEG : -STEP_DEG;
  }
  return { state: forward ? 'tooShort' : 'slack', angleDeg: undefined, belt: undefined };

  function solved(a: number, b: number): CagePose {
    const [back, ahead] = [Math.min(a, b), Math.max(a, b)];
    // Falls as the cage swings forward, so that its negative rises.
    const angleDeg = bisectTo(back, ahead);
    const path = chainPath(chainring, cog, angleDeg, geometry);
    if (!path.ok) return { state: 'impossible', angleDeg: undefined, belt: undefined, failure: path.failure };
    return { state: angleDeg < geometry.foldBackLimitDeg ? 'slack' : 'ok', angleDeg, belt: path.belt };
  }

  function bisectTo(back: number, ahead: number): number {
    const missing = (angle: number) => -(excess(angle) ?? Infinity);
    if (missing(ahead) === 0) return ahead;
    return bisect(missing, back, ahead, ANGLE_TOLERANCE_DEG);
  }
}

/** Chain length at the fold-back limit, mm: the longest that stays taut. */
export function tautLengthMm(chainring: number, cog: number, geometry: DriveGeometry): number | undefined {
  return chainPathMm(chainring, cog, geometry.foldBackLimitDeg, geometry);
}

/** The cage's angle past which the chain is all but straight between cog and ring, degrees. */
export const STRETCHED_DEG = 90;
