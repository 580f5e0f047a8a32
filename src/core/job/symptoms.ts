import type { StepId } from './step-ids';

/** What a check can find wrong. */
export const SYMPTOMS = [
  'noise',
  'skipping',
  'rubbing',
  'slack',
  'lockedUp',
  'cannotReach',
  'chainOff',
  'dropsCogs',
  'intoSpokes',
  'intoFrame',
  'cassetteRocks',
  'lockringLoose',
  'hangerBent',
  'noClearance',
] as const;
export type Symptom = (typeof SYMPTOMS)[number];

/** How a check that found something ends; until then it is open. */
export const ENDINGS = ['fixed', 'accepted', 'putBack', 'falseAlarm'] as const;
export type Ending = (typeof ENDINGS)[number];

/** The steps at which a check is made, and what each can find. */
export const SYMPTOMS_OF: Readonly<Partial<Record<StepId, readonly Symptom[]>>> = {
  hanger: ['hangerBent'],
  cassetteOn: ['cassetteRocks', 'lockringLoose'],
  ringClearance: ['noClearance', 'rubbing'],
  bGap: ['rubbing', 'cannotReach'],
  checkLargestCog: ['rubbing', 'cannotReach', 'noise'],
  limitScrews: ['cannotReach', 'intoSpokes', 'intoFrame', 'rubbing'],
  indexing: ['noise', 'skipping', 'cannotReach', 'intoSpokes', 'intoFrame'],
  fineTuning: ['noise', 'skipping', 'cannotReach', 'intoSpokes', 'intoFrame'],
  checkLargestCogMinimum: ['skipping', 'noise'],
  checkSmallestCog: ['skipping', 'rubbing'],
  frontLimits: ['rubbing', 'chainOff', 'cannotReach'],
  frontShift: ['chainOff', 'cannotReach', 'rubbing', 'noise'],
  checkFrontCage: ['rubbing', 'noise'],
  checkRingDifference: ['rubbing', 'chainOff'],
  bigBig: ['lockedUp', 'rubbing', 'noise'],
  smallSmall: ['slack', 'rubbing'],
  checkCapacity: ['slack', 'lockedUp', 'rubbing'],
  backPedal: ['chainOff', 'dropsCogs', 'noise', 'skipping'],
  testRide: ['noise', 'skipping', 'rubbing', 'cannotReach', 'chainOff'],
  recheck: ['noise', 'skipping', 'rubbing'],
};

/** Findings that forbid riding, whichever gears are avoided: they end fixed, put back or as a false alarm. */
const NEVER_ACCEPTED: readonly Symptom[] = [
  'lockedUp',
  'intoSpokes',
  'intoFrame',
  'cassetteRocks',
  'lockringLoose',
  // It carries the derailleur into the spokes.
  'hangerBent',
  'noClearance',
];

/** The endings that a finding can have. */
export function endingsOf(symptom: Symptom): readonly Ending[] {
  return NEVER_ACCEPTED.includes(symptom) ? ENDINGS.filter((ending) => ending !== 'accepted') : ENDINGS;
}

const OF_GEARS: readonly Symptom[] = ['skipping', 'slack', 'cannotReach', 'chainOff', 'dropsCogs'];

/** Whether a finding is only accepted with the gears that stay out because of it. */
export function needsGears(symptom: Symptom): boolean {
  return OF_GEARS.includes(symptom);
}

/** Findings with which the bike is not ridden until they have ended. */
export const STOPS_RIDING: readonly Symptom[] = [
  'skipping',
  'slack',
  'lockedUp',
  'chainOff',
  'intoSpokes',
  'intoFrame',
  'cassetteRocks',
  'lockringLoose',
  'hangerBent',
  'noClearance',
];

/** What helps, the likeliest and cheapest first. */
export const REMEDIES = {
  noise: [
    { code: 'noise.tension', goTo: 'indexing' },
    { code: 'noise.gap', goTo: 'bGap' },
    { code: 'noise.chainline' },
    { code: 'noise.everywhere' },
  ],
  skipping: [
    { code: 'skipping.tension', goTo: 'indexing' },
    { code: 'skipping.stiffLink', goTo: 'chainLength' },
    { code: 'skipping.worn' },
    { code: 'skipping.hanger', goTo: 'limitScrews' },
  ],
  rubbing: [
    { code: 'rubbing.frontCage', goTo: 'frontHeight' },
    { code: 'rubbing.guidePulley', goTo: 'bGap' },
    { code: 'rubbing.frame', goTo: 'limitScrews' },
    { code: 'rubbing.nextRing' },
  ],
  slack: [{ code: 'slack.count', goTo: 'chainLength' }, { code: 'slack.cage' }, { code: 'slack.leaveOut' }],
  lockedUp: [
    { code: 'lockedUp.doNotForce' },
    { code: 'lockedUp.longerChain', goTo: 'chainLength' },
    { code: 'lockedUp.cage' },
  ],
  cannotReach: [
    { code: 'cannotReach.lowLimit', goTo: 'limitScrews' },
    { code: 'cannotReach.tension', goTo: 'indexing' },
    { code: 'cannotReach.gap', goTo: 'bGap' },
    { code: 'cannotReach.shifter', goTo: 'shifter' },
  ],
  chainOff: [
    { code: 'chainOff.chainline' },
    { code: 'chainOff.worn' },
    { code: 'chainOff.limits', goTo: 'limitScrews' },
    { code: 'chainOff.leaveOut' },
  ],
  dropsCogs: [
    { code: 'dropsCogs.tension', goTo: 'indexing' },
    { code: 'chainOff.chainline' },
    { code: 'dropsCogs.live' },
  ],
  intoSpokes: [{ code: 'intoSpokes.lowLimit', goTo: 'limitScrews' }, { code: 'intoSpokes.hanger' }],
  intoFrame: [
    { code: 'intoFrame.highLimit', goTo: 'limitScrews' },
    { code: 'intoFrame.spacer', goTo: 'spacer' },
  ],
  cassetteRocks: [
    { code: 'cassetteRocks.spacer', goTo: 'spacer' },
    { code: 'cassetteRocks.order', goTo: 'cassetteOn' },
    { code: 'cassetteRocks.body', goTo: 'freehub' },
  ],
  lockringLoose: [
    { code: 'lockringLoose.spacer', goTo: 'spacer' },
    { code: 'lockringLoose.thread', goTo: 'cassetteOn' },
    { code: 'lockringLoose.other' },
  ],
  hangerBent: [{ code: 'hangerBent.align' }, { code: 'hangerBent.replace' }],
  noClearance: [{ code: 'noClearance.spacers', goTo: 'crank' }, { code: 'noClearance.smaller' }],
} as const satisfies Readonly<Record<Symptom, readonly { readonly code: string; readonly goTo?: StepId }[]>>;

export type RemedyCode = (typeof REMEDIES)[Symptom][number]['code'];
