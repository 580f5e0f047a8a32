import type { Ending, Finding, Obstacle, RemedyCode, StepId, StepProgress, Symptom } from '../../core/job';
import { openFinding } from '../../core/job';
import { count, listed, pairsText } from './list';
import { STEP_TITLES } from './step-titles';

export const SYMPTOM_TEXT: Readonly<Record<Symptom, string>> = {
  noise: 'Noise',
  skipping: 'Skipping',
  rubbing: 'Rubbing',
  slack: 'Slack chain',
  lockedUp: 'Locked up',
  cannotReach: 'Cannot reach a gear',
  chainOff: 'Chain comes off',
  dropsCogs: 'Chain drops cogs',
  intoSpokes: 'Overshoots into the spokes',
  intoFrame: 'Overshoots into the frame',
  cassetteRocks: 'Cassette rocks',
  lockringLoose: 'Lockring does not engage',
  hangerBent: 'Hanger is bent',
  noClearance: 'Too little clearance',
};

export const ENDING_TEXT: Readonly<Record<Ending, string>> = {
  fixed: 'fixed',
  accepted: 'accepted with limits',
  putBack: 'put back',
  falseAlarm: 'false alarm',
};

export const ENDING_LABEL: Readonly<Record<Ending, string>> = {
  fixed: 'Fixed',
  accepted: 'Accept with limits',
  putBack: 'Put the old parts back',
  falseAlarm: 'False alarm',
};

export const REMEDY_TEXT: Readonly<Record<RemedyCode, string>> = {
  'noise.tension': 'Adjust cable tension a quarter turn either way; listen in the middle of the cassette.',
  'noise.gap': 'Only on the largest cogs: the guide pulley is too close. Turn the B-tension screw in.',
  'noise.chainline': 'Only in gears with a steep chain: the chainline. The top view in Compatibility shows which.',
  'noise.everywhere': 'In every gear: lube, a stiff link, a ring or pulley fitted back to front.',
  'skipping.tension': 'Indexing between two cogs: adjust tension until the chain sits on one.',
  'skipping.stiffLink': 'A stiff link at the joint: flex it sideways.',
  'skipping.worn': 'New chain skipping under load on old cogs or rings: they are worn. Replace them together.',
  'skipping.hanger': 'A bent hanger: straighten it with the gauge, then re-index.',
  'rubbing.frontCage': 'Front cage: 1 to 3 mm above the big ring, parallel, then its limit screws.',
  'rubbing.guidePulley': 'Guide pulley on the largest cog: turn the B-tension screw in (clockwise).',
  'rubbing.frame': 'Chain on the frame or dropout at the smallest cog: high limit screw; spacer.',
  'rubbing.nextRing': 'Chain on the next ring or cog when cross-chained: leave that gear out.',
  'slack.count': 'Recount the links; remove any that are more than the card plans, in pairs.',
  'slack.cage':
    'Right length, still slack: the cage is too short for this range. Compatibility shows the cage length needed.',
  'slack.leaveOut': 'Or accept it with limits: never ride the gears in which it is slack, and write them on the bike.',
  'lockedUp.doNotForce': 'Do not force it: shift back by hand, take the wheel out if it is stuck.',
  'lockedUp.longerChain': 'The chain is too short: use a longer one.',
  'lockedUp.cage':
    'Right length, cage fully stretched: the cage is too short. Compatibility shows the cage length needed.',
  'cannotReach.lowLimit': 'Back out the low limit screw half a turn at a time, turning the cranks slowly by hand.',
  'cannotReach.tension': 'Cable tension: too slack for the last click.',
  'cannotReach.gap':
    'The guide pulley runs into the cog: turn the B-tension screw in; if that is not enough, a hanger extender (shifting will be less crisp).',
  'cannotReach.shifter': 'A shifter with too few clicks, or with another cable pull: see Indexing in Compatibility.',
  'chainOff.chainline': 'Steep chain: move the ring in with spacers, or use a crank with a shorter chainline.',
  'chainOff.worn': 'Worn or dirty teeth do not hold the chain: clean and look at the largest cogs and the ring.',
  'chainOff.limits': 'Off the end of the cassette or rings: the limit screw on that side.',
  'chainOff.leaveOut': 'Or accept it with limits: write down the gears in which not to back-pedal.',
  'dropsCogs.tension': 'Indexing a touch towards the wheel holds it longer.',
  'dropsCogs.live': 'One cog down when back-pedalling is common on wide cassettes: accept it with those gears named.',
  'intoSpokes.lowLimit': 'Low limit screw in, a quarter turn at a time, until the pulley stops under the largest cog.',
  'intoSpokes.hanger': 'Still goes past: the hanger is bent inwards. Straighten it first.',
  'intoFrame.highLimit': 'High limit screw in until the pulley stops under the smallest cog.',
  'intoFrame.spacer': 'Still jams: a spacer is missing behind the cassette, or the lockring rubs the frame.',
  'cassetteRocks.spacer': 'A spacer is missing behind it: measure body and cassette again.',
  'cassetteRocks.order': 'A cog or spacer sits out of order or beside its spline: take it off and line it up.',
  'cassetteRocks.body': 'The cogs have gouged the body, or it is the wrong one: change it.',
  'lockringLoose.spacer': 'Too much behind it: take a spacer off.',
  'lockringLoose.thread': 'Dirty or crossed thread: clean it, turn it in by hand first.',
  'lockringLoose.other': 'A lockring of another cassette or size: use the one that belongs to it.',
  'hangerBent.align': 'Straighten it with the alignment gauge, in small steps.',
  'hangerBent.replace': 'Cracked, or straightened before: replace it.',
  'noClearance.spacers': 'Put the bottom bracket spacer on the other side, or add one.',
  'noClearance.smaller': 'Use a smaller ring: the frame’s own limit takes precedence.',
};

/** A finding with how it ended: "slack chain, accepted with limits: 32/11 and 32/12 stay out". */
export function findingText({ symptom, ending, gears = [], dropsCogs }: Finding): string {
  const cogs = dropsCogs === undefined ? '' : ` (${count(dropsCogs, 'cog')})`;
  const what = `${SYMPTOM_TEXT[symptom].toLowerCase()}${cogs}`;
  if (ending === undefined) return `${what}, still open`;
  const out = ending === 'accepted' && gears.length > 0 ? `: ${pairsText(gears)} stay out` : '';
  return `${what}, ${ENDING_TEXT[ending]}${out}`;
}

export function findingsText(step: StepProgress | undefined): string {
  return (step?.findings ?? []).map(findingText).join('; ');
}

/** How a step stands, in a mark that prints. */
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
      return 'This check cannot be skipped: a locked chain or a derailleur in the spokes will throw the rider.';
    case 'checksFirst':
      return `Never ride before these are done: ${listed(obstacle.steps.map(titleOf))}.`;
    case 'chainTooShort':
      return obstacle.minLinks === undefined
        ? `Never ride with this chain: ${count(obstacle.links, 'link')} cannot be right. Count again.`
        : `Never ride with this chain: ${count(obstacle.links, 'link')} cannot be joined or are too few; at least ${obstacle.minLinks} are needed. Count again, or use a longer chain.`;
    case 'mustBePutBack':
      return 'A check ended with the old parts being put back: sign the job off as put back.';
    case 'findingOpen':
      return `${titleOf(obstacle.step)} is still open: ${SYMPTOM_TEXT[obstacle.symptom].toLowerCase()}. Fix it, accept it with limits, or put the old parts back.`;
  }
}
