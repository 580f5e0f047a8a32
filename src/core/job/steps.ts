import type { CheckId } from '../fit';
import { isElectronic, type Build, type GearPair } from './build';
import { swapKind, type SwapDifference } from './difference';
import { gapTarget } from './gap';
import type { LastTime } from './last-time';
import { CHAIN_SPEEDS, LINKS_COUNTED, LINKS_POSSIBLE, SHIFTER_SPEEDS, type ReadAtBike } from './read-at-bike';
import type { ReadingId, StepReading } from './readings';
import type { Bounds } from '../numbers';
import { STEP_IDS, type StepId } from './step-ids';
import { SYMPTOMS_OF, type Symptom } from './symptoms';
import type { LearnedTimes } from './times';
import { TORQUE_NM, torqueTarget, type Joint, type KnownTorques, type TorqueTarget } from './torque';

export interface JobStep {
  readonly id: StepId;
  readonly readings: readonly StepReading[];
  readonly torques: readonly TorqueTarget[];
  /** What a check at this step can find. */
  readonly symptoms: readonly Symptom[];
  readonly minutes: number;
  /** Finished jobs that the minutes are the median of; 0 where they are an estimate. */
  readonly learnedFrom: number;
}

/** What the steps are made for besides the difference. */
export interface StepContext {
  /** As it was read at the bike. */
  readonly from: Build;
  /** What was read there: its steps stay, so that it can be corrected. */
  readonly read: ReadAtBike;
  readonly to: Build;
  readonly difference: SwapDifference;
  /** Published limits that the new setup passes; each has a check of its own. */
  readonly passed: readonly CheckId[];
  readonly weighs: boolean;
  readonly usesQuickLink: boolean;
  /** Whether the bike has crashed or shifted badly: the hanger comes first. */
  readonly checksHanger: boolean;
  readonly hasSuspension: boolean;
  readonly torques: KnownTorques;
  readonly lastTime: LastTime;
  readonly times: LearnedTimes;
  /** Gears to turn backwards in, the largest cog first. */
  readonly backPedalGears: readonly GearPair[];
}

/** The steps that a swap needs, in order; none for one in which nothing differs. */
export function swapSteps(context: StepContext): JobStep[] {
  const { difference, torques, times } = context;
  if (difference.isSame) return [];
  const learned = times[swapKind(difference)] ?? {};
  const short = isShortJob(context);
  return STEP_IDS.flatMap((id): JobStep[] => {
    if (short && !SHORT_STEPS.includes(id)) return [];
    const step = STEPS[id](context);
    if (!step) return [];
    const joints = (step.joints ?? []).map((joint) => torqueTarget(joint, torques));
    const known = learned[id];
    return [
      {
        id,
        readings: [...(step.readings ?? []), ...joints.map(torqueReading)],
        torques: joints,
        symptoms: SYMPTOMS_OF[id] ?? [],
        minutes: known?.minutes ?? (short ? (SHORT_MINUTES[id] ?? step.minutes) : step.minutes),
        learnedFrom: known?.count ?? 0,
      },
    ];
  });
}

/**
 * Whether a swap is a short job: just the cassette, with the same count of cogs, whose spacer, chain and turns of
 * the B-tension screw are known from last time. No limit is passed, nothing is weighed, and the hanger is sound.
 */
export function isShortJob({ difference, from, to, passed, weighs, checksHanger, lastTime }: StepContext): boolean {
  return (
    swapKind(difference) === 'cassette' &&
    from.setup.cogs.length === to.setup.cogs.length &&
    difference.chain.action === 'leave' &&
    difference.chain.linksNow !== undefined &&
    difference.shifter === 'stays' &&
    !difference.rearDerailleur &&
    !difference.freehub &&
    !difference.wheels &&
    difference.extender === 'stays' &&
    (difference.spacerMm ?? lastTime.spacerMm) !== undefined &&
    lastTime.turns !== undefined &&
    passed.length === 0 &&
    !weighs &&
    !checksHanger
  );
}

const SHORT_STEPS: readonly StepId[] = [
  'clutchOff',
  'wheelOut',
  'cassetteOff',
  'spacer',
  'cassetteOn',
  'wheelIn',
  'clutchOn',
  'bGap',
  'indexing',
  'fineTuning',
  'bigBig',
  'smallSmall',
  'signOff',
];

/** Minutes for an experienced mechanic who knows every figure. */
const SHORT_MINUTES: Readonly<Partial<Record<StepId, number>>> = {
  clutchOff: 0.5,
  wheelOut: 1,
  cassetteOff: 2,
  spacer: 0.5,
  cassetteOn: 2,
  wheelIn: 1,
  clutchOn: 0.5,
  bGap: 1,
  indexing: 2,
  fineTuning: 2,
  bigBig: 1,
  smallSmall: 1,
  signOff: 1,
};

const torqueReading = ({ joint, torqueNm, by }: TorqueTarget): StepReading => ({
  id: `torque.${joint}`,
  unit: 'N·m',
  possible: TORQUE_NM,
  target: torqueNm,
  basis: by === 'part' ? 'torque.part' : 'torque.usual',
});

interface Step {
  readonly minutes: number;
  readonly readings?: readonly StepReading[];
  readonly joints?: readonly Joint[];
}

type MakeStep = (context: StepContext) => Step | undefined;

const movesRearWheel = ({ cassette, freehub, wheels, hub }: SwapDifference) =>
  cassette !== undefined || freehub || wheels || hub !== 'stays';
const movesCassette = ({ cassette, freehub, hub }: SwapDifference) =>
  cassette !== undefined || freehub || hub !== 'stays';
const touchesRear = (difference: SwapDifference) =>
  movesRearWheel(difference) ||
  difference.rearDerailleur ||
  difference.shifter !== 'stays' ||
  difference.extender !== 'stays';
/** Counts of links that pass both ends, as the window of a reading. */
const countWindow = ({ window: { minLinks, maxLinks } }: SwapDifference['chain']): Partial<Bounds> => ({
  min: minLinks,
  ...(maxLinks !== undefined && { max: maxLinks }),
});

/** Whether the chain comes off; one that is shortened is opened once all else is on. */
const opensChain = ({ chain, rearDerailleur }: SwapDifference) =>
  chain.action === 'newChain' || chain.action === 'ask' || rearDerailleur;
const changesRings = ({ ringsOn, ringsOff, crank }: SwapDifference) => ringsOn.length + ringsOff.length > 0 || crank;
const fitsFront = ({ front }: Pick<SwapDifference, 'front'>) => front.kind === 'on' || front.kind === 'other';
const setsFront = ({ front }: SwapDifference) => fitsFront({ front }) || front.kind === 'move';
const hasClutch = ({ parts }: Build) => parts.retention?.includes('clutch') ?? false;
const when = (needed: boolean, step: Step): Step | undefined => (needed ? step : undefined);
const passes = (id: CheckId, step: Step): MakeStep => {
  return ({ passed }) => when(passed.includes(id), step);
};

const reading = (id: ReadingId, unit: StepReading['unit'], possible: StepReading['possible']): StepReading => ({
  id,
  unit,
  possible,
});
const gapReading: StepReading = reading('gapMm', 'mm', { min: 0, max: 40 });
/** The outer plate of a front cage above the teeth of the big ring: 1 to 3 mm, the usual specification. */
const cageHeightReading: StepReading = {
  ...reading('cageHeightMm', 'mm', { min: 0, max: 20 }),
  target: 2,
  window: { min: 1, max: 3 },
  basis: 'cageHeight',
};
/** A gap that must be at least so wide, mm. */
const clearanceReading = (min: number): StepReading => ({
  ...reading('clearanceMm', 'mm', { min: 0, max: 60 }),
  target: min,
  window: { min },
  basis: 'clearance',
});

const STEPS: Readonly<Record<StepId, MakeStep>> = {
  decide: () => ({ minutes: 3 }),
  fit: () => ({ minutes: 2 }),
  chainSpeeds: ({ difference, from, read }) =>
    when(
      read.chainSpeeds !== undefined ||
        difference.chain.action === 'ask' ||
        (from.parts.chainSpeeds === undefined && changesCount(difference)),
      { minutes: 1, readings: [CHAIN_SPEEDS] },
    ),
  shifterSpeeds: ({ difference, read }) =>
    when(read.shifterSpeeds !== undefined || difference.asksShifterSpeeds, { minutes: 1, readings: [SHIFTER_SPEEDS] }),
  gather: () => ({ minutes: 5 }),
  hanger: ({ checksHanger, difference }) =>
    when(checksHanger || difference.rearDerailleur || difference.extender === 'on', { minutes: 5 }),
  countLinks: ({ difference: { chain }, read }) =>
    when(read.links !== undefined || chain.reason === 'notCounted' || chain.reason === 'mayBeTooShort', {
      minutes: 2,
      readings: [{ ...LINKS_COUNTED, window: countWindow(chain), basis: 'chainWindow' }],
    }),
  oldGap: ({ difference }) => when(touchesRear(difference), { minutes: 1, readings: [gapReading] }),
  weighBefore: ({ weighs }) => when(weighs, { minutes: 2 }),
  // Off before the chain is opened, too: a cage that a clutch holds snaps forward.
  clutchOff: ({ difference, from }) =>
    when(hasClutch(from) && (movesRearWheel(difference) || opensChain(difference)), { minutes: 1 }),
  chainOff: ({ difference }) => when(opensChain(difference), { minutes: 2 }),
  wheelOut: ({ difference }) => when(movesRearWheel(difference), { minutes: 2 }),
  cassetteOff: ({ difference }) => when(movesCassette(difference), { minutes: 5 }),
  frontOff: ({ difference: { front } }) => when(front.kind === 'off' || front.kind === 'other', { minutes: 10 }),
  ringsOff: ({ difference }) =>
    when(difference.crank || difference.ringsOff.length > 0, { minutes: difference.crank ? 8 : 6 }),
  derailleurOff: ({ difference }) =>
    when(difference.rearDerailleur || difference.extender !== 'stays' || difference.guide === 'off', { minutes: 5 }),
  weigh: ({ weighs }) => when(weighs, { minutes: 4 }),
  freehub: ({ difference }) => when(difference.freehub, { minutes: 15 }),
  spacer: ({ difference, lastTime }) => {
    if (!movesCassette(difference)) return undefined;
    const target = difference.spacerMm ?? lastTime.spacerMm;
    return {
      minutes: 2,
      readings: [{ ...reading('spacerMm', 'mm', { min: 0, max: 20 }), target, basis: 'bodyAndCassette' }],
    };
  },
  cassetteOn: ({ difference }) => when(movesCassette(difference), { minutes: 5, joints: ['lockring'] }),
  wheelIn: ({ difference }) => when(movesRearWheel(difference), { minutes: 2, joints: ['axle'] }),
  hubShifter: ({ difference }) => when(difference.hub === 'on', { minutes: 20 }),
  crank: ({ difference }) =>
    when(changesRings(difference), {
      minutes: difference.crank ? 15 : 10,
      joints: difference.crank ? ['crank', 'ringBolts'] : ['ringBolts'],
    }),
  ringClearance: ({ difference }) =>
    when(difference.ringsOn.length > 0 || difference.crank, {
      minutes: 2,
      readings: [clearanceReading(3)],
    }),
  guide: ({ difference }) => when(difference.guide === 'on', { minutes: 10 }),
  frontOn: ({ difference }) => when(fitsFront(difference), { minutes: 15, joints: ['frontClamp'] }),
  frontHeight: ({ difference }) =>
    when(setsFront(difference), {
      minutes: 5,
      readings: [cageHeightReading],
    }),
  frontAngle: ({ difference }) => when(setsFront(difference), { minutes: 3 }),
  extender: ({ difference }) => when(difference.extender === 'on', { minutes: 5 }),
  rearDerailleur: ({ difference }) =>
    when(difference.rearDerailleur || difference.extender !== 'stays', { minutes: 10, joints: ['rearMount'] }),
  shifter: ({ difference }) => when(difference.shifter !== 'stays', { minutes: 15, joints: ['shifterClamp'] }),
  battery: (context) => when(electronicIsTouched(context), { minutes: 3 }),
  pairing: ({ to, difference }) =>
    when(isElectronic(to) && (difference.rearDerailleur || difference.shifter !== 'stays' || fitsFront(difference)), {
      minutes: 5,
    }),
  cogCount: ({ from, to, difference }) =>
    when(
      isElectronic(to) &&
        (difference.rearDerailleur ||
          difference.shifter !== 'stays' ||
          from.setup.cogs.length !== to.setup.cogs.length ||
          from.setup.chainrings.length !== to.setup.chainrings.length),
      { minutes: 3 },
    ),
  clutchOn: ({ difference, to }) =>
    when(hasClutch(to) && (movesRearWheel(difference) || opensChain(difference)), { minutes: 1 }),
  chainLength: ({ difference: { chain, rearDerailleur }, usesQuickLink }) => {
    // A chain that stays is opened only where the derailleur that it runs through is replaced.
    const isLeft = chain.action === 'leave';
    if (isLeft && !rearDerailleur) return undefined;
    return {
      minutes: isLeft ? 3 : 10,
      readings: [
        {
          ...reading('links', 'links', LINKS_POSSIBLE),
          target: isLeft ? chain.linksAfter : chain.targetLinks,
          window: countWindow(chain),
          basis: 'chainWindow',
          usesQuickLink,
        },
      ],
    };
  },
  bGap: ({ difference, to, lastTime }) => {
    if (!touchesRear(difference)) return undefined;
    const { targetMm, window, by } = gapTarget(to, lastTime.gapMm);
    return {
      minutes: difference.rearDerailleur ? 8 : 5,
      readings: [
        { ...gapReading, target: targetMm, window, basis: `gap.${by}` },
        {
          ...reading('turns', 'turns', { min: -30, max: 30 }),
          ...(lastTime.turns !== undefined && { target: lastTime.turns, basis: 'turns.lastTime' as const }),
        },
      ],
    };
  },
  checkLargestCog: passes('largestCog', { minutes: 3, readings: [gapReading] }),
  limitScrews: ({ difference }) => when(touchesRear(difference), { minutes: 5 }),
  cable: ({ difference, to }) =>
    when(!isElectronic(to) && (difference.rearDerailleur || difference.shifter !== 'stays'), {
      minutes: 8,
      joints: ['rearCable'],
    }),
  indexing: ({ difference, to }) => when(!isElectronic(to) && touchesRear(difference), { minutes: 8 }),
  fineTuning: ({ difference, to }) => when(isElectronic(to) && touchesRear(difference), { minutes: 5 }),
  checkLargestCogMinimum: passes('largestCogMinimum', { minutes: 3, readings: [gapReading] }),
  checkSmallestCog: passes('smallestCog', { minutes: 3, readings: [clearanceReading(1)] }),
  frontLimits: ({ difference }) => when(fitsFront(difference), { minutes: 4 }),
  frontCable: ({ difference, to }) =>
    when(fitsFront(difference) && !isElectronic(to), { minutes: 8, joints: ['frontCable'] }),
  frontShift: ({ difference, to }) =>
    when(setsFront(difference) || (to.setup.chainrings.length > 1 && changesRings(difference)), { minutes: 4 }),
  checkFrontCage: passes('frontCage', {
    minutes: 3,
    readings: [cageHeightReading],
  }),
  checkRingDifference: passes('ringDifference', { minutes: 3, readings: [clearanceReading(1)] }),
  bigBig: () => ({ minutes: 3 }),
  smallSmall: () => ({ minutes: 2 }),
  checkCapacity: passes('totalCapacity', {
    minutes: 4,
    readings: [clearanceReading(3)],
  }),
  backPedal: () => ({ minutes: 2 }),
  torque: () => ({ minutes: 3 }),
  weighAfter: ({ weighs }) => when(weighs, { minutes: 2 }),
  testRide: () => ({ minutes: 15, readings: [reading('km', 'km', { min: 0, max: 200 })] }),
  signOff: () => ({ minutes: 2 }),
  recheck: () => ({ minutes: 10 }),
};

const changesCount = ({ cassette }: SwapDifference) =>
  cassette !== undefined && cassette.off.length !== cassette.on.length;

const electronicIsTouched = ({ to, difference }: StepContext) => isElectronic(to) && touchesRear(difference);

/** How long a list of steps takes, minutes; an estimate. */
export const minutesOf = (steps: readonly JobStep[]) => steps.reduce((sum, { minutes }) => sum + minutes, 0);
