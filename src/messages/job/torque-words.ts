import type { Joint, TorqueTarget } from '../../core/job';
import { short } from '../number-text';
import { t } from './text';

export const JOINT_TEXT: Readonly<Record<Joint, string>> = {
  lockring: t('torqueWords.jointText.lockring'),
  axle: t('torqueWords.jointText.axle'),
  crank: t('torqueWords.jointText.crank'),
  ringBolts: t('torqueWords.jointText.ringBolts'),
  frontClamp: t('torqueWords.jointText.frontClamp'),
  frontCable: t('torqueWords.jointText.frontCable'),
  rearMount: t('torqueWords.jointText.rearMount'),
  rearCable: t('torqueWords.jointText.rearCable'),
  shifterClamp: t('torqueWords.jointText.shifterClamp'),
};

/** The torque of a joint and whose figure it is. */
export function torqueText({ joint, torqueNm, by }: TorqueTarget): string {
  const what = JOINT_TEXT[joint].replace(/^./, (letter) => letter.toUpperCase());
  if (torqueNm === undefined) return t('torqueWords.torqueText.toTheTorqueMarkedOn', { what });
  return by === 'part'
    ? t('torqueWords.torqueText.nMAsReadOff', { what, torqueNm: short(torqueNm, 1) })
    : t('torqueWords.torqueText.usuallyNMThePart', { what, torqueNm: short(torqueNm, 1) });
}
