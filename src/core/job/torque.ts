import type { Bounds } from '../numbers';

/** Joints that a job tightens. */
export const JOINTS = [
  'lockring',
  'axle',
  'crank',
  'ringBolts',
  'frontClamp',
  'frontCable',
  'rearMount',
  'rearCable',
  'shifterClamp',
] as const;
export type Joint = (typeof JOINTS)[number];

/**
 * Usual torques, N·m; undefined where makers differ too much for one to be usual. The figure on the part or
 * in its maker's spec takes precedence.
 */
export const USUAL_TORQUE_NM: Readonly<Record<Joint, number | undefined>> = {
  lockring: 40,
  axle: undefined,
  crank: undefined,
  ringBolts: 10,
  frontClamp: 6,
  frontCable: 6,
  rearMount: 9,
  rearCable: 6,
  shifterClamp: 5,
};

/** What a bicycle's joint can be tightened to at all, N·m. */
export const TORQUE_NM: Bounds = { min: 0.5, max: 80 };

/** Torques that were read off the parts of a bike, N·m. */
export type KnownTorques = Readonly<Partial<Record<Joint, number>>>;

/** The torque of a joint, and whose figure it is. */
export interface TorqueTarget {
  readonly joint: Joint;
  /** N·m; undefined where only the part states it. */
  readonly torqueNm: number | undefined;
  /** `part`: read off the part. `usual`: a typical value. */
  readonly by: 'part' | 'usual';
}

export function torqueTarget(joint: Joint, known: KnownTorques): TorqueTarget {
  const own = known[joint];
  return own === undefined
    ? { joint, torqueNm: USUAL_TORQUE_NM[joint], by: 'usual' }
    : { joint, torqueNm: own, by: 'part' };
}
