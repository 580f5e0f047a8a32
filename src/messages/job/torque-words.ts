import type { Joint, TorqueTarget } from '../../core/job';
import { short } from '../../core/number-text';

export const JOINT_TEXT: Readonly<Record<Joint, string>> = {
  lockring: 'cassette lockring',
  axle: 'axle',
  crank: 'crank bolt',
  ringBolts: 'chainring bolts',
  frontClamp: 'front derailleur clamp',
  frontCable: 'front cable bolt',
  rearMount: 'rear derailleur mounting bolt',
  rearCable: 'rear cable bolt',
  shifterClamp: 'shifter clamp',
};

/** The torque of a joint and whose figure it is. */
export function torqueText({ joint, torqueNm, by }: TorqueTarget): string {
  const what = JOINT_TEXT[joint].replace(/^./, (letter) => letter.toUpperCase());
  if (torqueNm === undefined) return `${what}: to the torque marked on the part`;
  return by === 'part'
    ? `${what}: ${short(torqueNm, 1)} N·m, as read off the part`
    : `${what}: usually ${short(torqueNm, 1)} N·m; the part maker’s figure takes precedence`;
}
