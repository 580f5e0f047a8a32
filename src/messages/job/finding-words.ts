import type { Ending, Finding, Obstacle, RemedyCode, StepId, StepProgress, Symptom } from '../../core/job';
import { endingsOf, openFinding } from '../../core/job';
import { cogsText, linksText, listed, pairsText } from './list';
import { STEP_TITLES } from './step-titles';
import { t } from './text';

export const SYMPTOM_TEXT: Readonly<Record<Symptom, string>> = {
  noise: t('findingWords.symptomText.noise'),
  skipping: t('findingWords.symptomText.skipping'),
  rubbing: t('findingWords.symptomText.rubbing'),
  slack: t('findingWords.symptomText.slack'),
  lockedUp: t('findingWords.symptomText.lockedUp'),
  cannotReach: t('findingWords.symptomText.cannotReach'),
  chainOff: t('findingWords.symptomText.chainOff'),
  dropsCogs: t('findingWords.symptomText.dropsCogs'),
  intoSpokes: t('findingWords.symptomText.intoSpokes'),
  intoFrame: t('findingWords.symptomText.intoFrame'),
  cassetteRocks: t('findingWords.symptomText.cassetteRocks'),
  lockringLoose: t('findingWords.symptomText.lockringLoose'),
  hangerBent: t('findingWords.symptomText.hangerBent'),
  noClearance: t('findingWords.symptomText.noClearance'),
};

const ENDING_TEXT: Readonly<Record<Ending, string>> = {
  fixed: t('findingWords.endingText.fixed'),
  accepted: t('findingWords.endingText.accepted'),
  putBack: t('findingWords.endingText.putBack'),
  falseAlarm: t('findingWords.endingText.falseAlarm'),
};

export const ENDING_LABEL: Readonly<Record<Ending, string>> = {
  fixed: t('findingWords.endingLabel.fixed'),
  accepted: t('findingWords.endingLabel.accepted'),
  putBack: t('findingWords.endingLabel.putBack'),
  falseAlarm: t('findingWords.endingLabel.falseAlarm'),
};

export const REMEDY_TEXT: Readonly<Record<RemedyCode, string>> = {
  'noise.tension': t('findingWords.remedyText.noiseTension'),
  'noise.gap': t('findingWords.remedyText.noiseGap'),
  'noise.chainline': t('findingWords.remedyText.noiseChainline'),
  'noise.everywhere': t('findingWords.remedyText.noiseEverywhere'),
  'skipping.tension': t('findingWords.remedyText.skippingTension'),
  'skipping.stiffLink': t('findingWords.remedyText.skippingStiffLink'),
  'skipping.worn': t('findingWords.remedyText.skippingWorn'),
  'skipping.hanger': t('findingWords.remedyText.skippingHanger'),
  'rubbing.frontCage': t('findingWords.remedyText.rubbingFrontCage'),
  'rubbing.guidePulley': t('findingWords.remedyText.rubbingGuidePulley'),
  'rubbing.frame': t('findingWords.remedyText.rubbingFrame'),
  'rubbing.nextRing': t('findingWords.remedyText.rubbingNextRing'),
  'slack.count': t('findingWords.remedyText.slackCount'),
  'slack.cage': t('findingWords.remedyText.slackCage'),
  'slack.leaveOut': t('findingWords.remedyText.slackLeaveOut'),
  'lockedUp.doNotForce': t('findingWords.remedyText.lockedUpDoNotForce'),
  'lockedUp.longerChain': t('findingWords.remedyText.lockedUpLongerChain'),
  'lockedUp.cage': t('findingWords.remedyText.lockedUpCage'),
  'cannotReach.lowLimit': t('findingWords.remedyText.cannotReachLowLimit'),
  'cannotReach.tension': t('findingWords.remedyText.cannotReachTension'),
  'cannotReach.gap': t('findingWords.remedyText.cannotReachGap'),
  'cannotReach.shifter': t('findingWords.remedyText.cannotReachShifter'),
  'chainOff.chainline': t('findingWords.remedyText.chainOffChainline'),
  'chainOff.worn': t('findingWords.remedyText.chainOffWorn'),
  'chainOff.limits': t('findingWords.remedyText.chainOffLimits'),
  'chainOff.leaveOut': t('findingWords.remedyText.chainOffLeaveOut'),
  'dropsCogs.tension': t('findingWords.remedyText.dropsCogsTension'),
  'dropsCogs.live': t('findingWords.remedyText.dropsCogsLive'),
  'intoSpokes.lowLimit': t('findingWords.remedyText.intoSpokesLowLimit'),
  'intoSpokes.hanger': t('findingWords.remedyText.intoSpokesHanger'),
  'intoFrame.highLimit': t('findingWords.remedyText.intoFrameHighLimit'),
  'intoFrame.spacer': t('findingWords.remedyText.intoFrameSpacer'),
  'cassetteRocks.spacer': t('findingWords.remedyText.cassetteRocksSpacer'),
  'cassetteRocks.order': t('findingWords.remedyText.cassetteRocksOrder'),
  'cassetteRocks.body': t('findingWords.remedyText.cassetteRocksBody'),
  'lockringLoose.spacer': t('findingWords.remedyText.lockringLooseSpacer'),
  'lockringLoose.thread': t('findingWords.remedyText.lockringLooseThread'),
  'lockringLoose.other': t('findingWords.remedyText.lockringLooseOther'),
  'hangerBent.align': t('findingWords.remedyText.hangerBentAlign'),
  'hangerBent.replace': t('findingWords.remedyText.hangerBentReplace'),
  'noClearance.spacers': t('findingWords.remedyText.noClearanceSpacers'),
  'noClearance.smaller': t('findingWords.remedyText.noClearanceSmaller'),
};

/** A finding with how it ended: "slack chain, accepted with limits: 32/11 and 32/12 stay out". */
export function findingText({ symptom, ending, gears = [], dropsCogs }: Finding): string {
  const what = t('findingWords.findingText.what', {
    symptom: SYMPTOM_TEXT[symptom].toLowerCase(),
    cogs: dropsCogs === undefined ? 'none' : cogsText(dropsCogs),
  });
  if (ending === undefined) return t('findingWords.findingText.stillOpen', { what });
  return t('findingWords.findingText.ended', {
    what,
    ending: ENDING_TEXT[ending],
    stayOut: ending === 'accepted' && gears.length > 0 ? 'yes' : 'no',
    gears: pairsText(gears),
  });
}

export function findingsText(step: StepProgress | undefined): string {
  return (step?.findings ?? []).map(findingText).join('; ');
}

/** Returns the state of a step as a printable mark. */
export function stepMark(step: StepProgress | undefined): string {
  if (!step) return '○';
  if (openFinding(step)) return '!';
  if (step.skipped) return '–';
  return step.doneAtMs === undefined ? '○' : '✓';
}

/** Why a step cannot be done or skipped yet. */
export function obstacleText(obstacle: Obstacle, titleOf: (id: StepId) => string = (id) => STEP_TITLES[id]): string {
  switch (obstacle.code) {
    case 'neverSkipped':
      return t('findingWords.obstacleText.neverSkipped');
    case 'checksFirst':
      return t('findingWords.obstacleText.checksFirst', { steps: listed(obstacle.steps.map(titleOf)) });
    case 'chainTooShort':
      return obstacle.minLinks === undefined
        ? t('findingWords.obstacleText.chainTooShort.neverRideWithThisChain', { links: linksText(obstacle.links) })
        : t('findingWords.obstacleText.chainTooShort.neverRideWithThisChain2', {
            links: linksText(obstacle.links),
            minLinks: obstacle.minLinks,
          });
    case 'mustBePutBack':
      return t('findingWords.obstacleText.mustBePutBack');
    case 'findingOpen':
      return t('findingWords.obstacleText.findingOpen', {
        step: titleOf(obstacle.step),
        symptomText: SYMPTOM_TEXT[obstacle.symptom].toLowerCase(),
        canAccept: endingsOf(obstacle.symptom).includes('accepted') ? 'yes' : 'no',
      });
  }
}
