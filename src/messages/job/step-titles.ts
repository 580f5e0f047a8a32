import type { StepId } from '../../core/job';
import { t } from './text';

/** Steps in a word or two. */
export const STEP_TITLES: Readonly<Record<StepId, string>> = {
  decide: t('stepTitles.decide'),
  fit: t('stepTitles.fit'),
  chainSpeeds: t('stepTitles.chainSpeeds'),
  shifterSpeeds: t('stepTitles.shifterSpeeds'),
  gather: t('stepTitles.gather'),
  hanger: t('stepTitles.hanger'),
  countLinks: t('stepTitles.countLinks'),
  oldGap: t('stepTitles.oldGap'),
  weighBefore: t('stepTitles.weighBefore'),
  clutchOff: t('stepTitles.clutchOff'),
  chainOff: t('stepTitles.chainOff'),
  wheelOut: t('stepTitles.wheelOut'),
  cassetteOff: t('stepTitles.cassetteOff'),
  frontOff: t('stepTitles.frontOff'),
  ringsOff: t('stepTitles.ringsOff'),
  derailleurOff: t('stepTitles.derailleurOff'),
  weigh: t('stepTitles.weigh'),
  freehub: t('stepTitles.freehub'),
  spacer: t('stepTitles.spacer'),
  cassetteOn: t('stepTitles.cassetteOn'),
  wheelIn: t('stepTitles.wheelIn'),
  hubShifter: t('stepTitles.hubShifter'),
  crank: t('stepTitles.crank'),
  ringClearance: t('stepTitles.ringClearance'),
  guide: t('stepTitles.guide'),
  frontOn: t('stepTitles.frontOn'),
  frontHeight: t('stepTitles.frontHeight'),
  frontAngle: t('stepTitles.frontAngle'),
  extender: t('stepTitles.extender'),
  rearDerailleur: t('stepTitles.rearDerailleur'),
  shifter: t('stepTitles.shifter'),
  battery: t('stepTitles.battery'),
  pairing: t('stepTitles.pairing'),
  cogCount: t('stepTitles.cogCount'),
  clutchOn: t('stepTitles.clutchOn'),
  chainLength: t('stepTitles.chainLength'),
  bGap: t('stepTitles.bGap'),
  checkLargestCog: t('stepTitles.checkLargestCog'),
  limitScrews: t('stepTitles.limitScrews'),
  cable: t('stepTitles.cable'),
  indexing: t('stepTitles.indexing'),
  fineTuning: t('stepTitles.fineTuning'),
  checkLargestCogMinimum: t('stepTitles.checkLargestCogMinimum'),
  checkSmallestCog: t('stepTitles.checkSmallestCog'),
  frontLimits: t('stepTitles.frontLimits'),
  frontCable: t('stepTitles.frontCable'),
  frontShift: t('stepTitles.frontShift'),
  checkFrontCage: t('stepTitles.checkFrontCage'),
  checkRingDifference: t('stepTitles.checkRingDifference'),
  bigBig: t('stepTitles.bigBig'),
  smallSmall: t('stepTitles.smallSmall'),
  checkCapacity: t('stepTitles.checkCapacity'),
  backPedal: t('stepTitles.backPedal'),
  torque: t('stepTitles.torque'),
  weighAfter: t('stepTitles.weighAfter'),
  testRide: t('stepTitles.testRide'),
  signOff: t('stepTitles.signOff'),
  recheck: t('stepTitles.recheck'),
};

/** On 1x there is no big or small ring to speak of. */
const TITLES_1X: Readonly<Partial<Record<StepId, string>>> = {
  bigBig: t('stepTitles.titles1x.bigBig'),
  smallSmall: t('stepTitles.titles1x.smallSmall'),
  crank: t('stepTitles.titles1x.crank'),
};

/** The title of a step. @param rings of the setup that goes on */
export function stepTitle(id: StepId, rings: number): string {
  return (rings === 1 ? TITLES_1X[id] : undefined) ?? STEP_TITLES[id];
}
