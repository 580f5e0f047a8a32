import { MM_PER_TOOTH } from '../fit';
import type { Bounds } from '../gears';
import { fixed, short } from '../number-text';
import type { SwapDifference } from './difference';

/** The steps of a swap, in the order that works. */
export const STEP_IDS = [
  'decide',
  'fit',
  'gather',
  'weigh',
  'wheelOut',
  'cassetteOff',
  'freehub',
  'spacer',
  'cassetteOn',
  'wheelIn',
  'crank',
  'guide',
  'frontOff',
  'frontOn',
  'frontHeight',
  'extender',
  'rearDerailleur',
  'shifter',
  'chainLength',
  'bGap',
  'limitScrews',
  'indexing',
  'bigBig',
  'smallSmall',
  'backPedal',
  'torque',
  'testRide',
  'signOff',
  'recheck',
] as const;
export type StepId = (typeof STEP_IDS)[number];

/** What is measured in a step, and what a plausible reading is. */
export interface StepReading {
  readonly what: string;
  readonly unit: 'links' | 'mm' | 'N·m' | 'g' | 'km' | '%';
  /** What it can be at all. */
  readonly min: number;
  readonly max: number;
  /** What is usual; a reading beside it is asked for once more. */
  readonly usual?: Bounds | undefined;
  /** What the reading should come to, where that is known. */
  readonly expected?: number | undefined;
}

export interface JobStep {
  readonly id: StepId;
  /** What is done. */
  readonly text: string;
  readonly why: string;
  readonly reading?: StepReading | undefined;
  readonly caution?: string | undefined;
  readonly minutes: number;
}

/** What the steps are made for besides the difference. */
export interface StepContext {
  /** A check for each published limit that is passed. */
  readonly extraChecks: readonly string[];
  /** What Fit says against it, in its sentences. */
  readonly against: readonly string[];
  /** Data that Fit misses. */
  readonly unknown: readonly string[];
  readonly weighs: boolean;
  readonly usesQuickLink: boolean;
}

const SHEET = 'the part maker’s sheet wins';

/** The steps that a swap needs, in order; none for one in which nothing differs. */
export function swapSteps(difference: SwapDifference, context: StepContext): JobStep[] {
  if (difference.isSame) return [];
  return STEP_IDS.flatMap((id) => {
    const step = STEPS[id](difference, context);
    return step ? [{ id, ...step }] : [];
  });
}

type Step = Omit<JobStep, 'id'>;
type MakeStep = (difference: SwapDifference, context: StepContext) => Step | undefined;

const movesRearWheel = ({ cassette, freehub }: SwapDifference) => cassette !== undefined || freehub;
const touchesRear = (difference: SwapDifference) =>
  movesRearWheel(difference) || difference.rearDerailleur || difference.shifter || difference.extender !== 'stays';
const listed = (teeth: readonly number[]) => teeth.map((ring) => `${ring}T`).join(' and ');

const STEPS: Readonly<Record<StepId, MakeStep>> = {
  decide: () => ({
    text: 'Read through the whole card once.',
    why: 'A part that is missing is noticed before the bike is apart.',
    minutes: 3,
  }),
  fit: (_, { extraChecks, against, unknown }) => ({
    text:
      [
        ...against,
        ...(extraChecks.length > 0
          ? [`Past a published limit, so beside the usual checks: ${extraChecks.join('; ')}.`]
          : []),
        ...(unknown.length > 0 ? [`Not known, so look before you buy: ${unknown.join(', ')}.`] : []),
      ].join(' ') || 'Every check of Fit is inside its limit.',
    why: 'What does not go together is cheaper on paper.',
    ...(extraChecks.length + against.length > 0 && { caution: `Past the sheet you are on your own: ${SHEET}.` }),
    minutes: 2,
  }),
  gather: () => ({
    text: 'Lay out parts, tools, gloves and a rag; note the present chain’s links, B-gap and cable tension.',
    why: 'The way back is easier when the old settings are known.',
    minutes: 5,
  }),
  weigh: (_, { weighs }) =>
    weighs
      ? {
          text: 'Weigh what comes off and what goes on, on the same scale.',
          why: 'Two weighings tell the scale’s error from the part’s weight.',
          reading: { what: 'parts', unit: 'g', min: 1, max: 10_000 },
          minutes: 4,
        }
      : undefined,
  wheelOut: (difference) =>
    movesRearWheel(difference)
      ? {
          text: 'Shift to the smallest cog and take the rear wheel out.',
          why: 'The chain is slackest there.',
          minutes: 2,
        }
      : undefined,
  cassetteOff: ({ cassette }) =>
    cassette && {
      text: 'Hold the cassette with a chain whip, turn the lockring out, and slide the cassette off.',
      why: 'The freehub turns free that way: without the whip the lockring turns with it.',
      caution: 'Fingers: the whip slips. Keep them off the teeth.',
      minutes: 5,
    },
  freehub: ({ freehub }) =>
    freehub ? { text: 'Change the freehub body.', why: 'The new cassette has other splines.', minutes: 15 } : undefined,
  spacer: ({ cassette, spacerMm }) => {
    if (!cassette) return undefined;
    const text =
      spacerMm === undefined
        ? 'Measure body and cassette; what is missing goes behind it as a spacer.'
        : spacerMm > 0
          ? `Put ${short(spacerMm, 2)} mm of spacers on the body first.`
          : 'No spacer: take off any that is there.';
    return {
      text,
      why: 'Too little and the cassette rocks; too much and the lockring does not catch.',
      reading: { what: 'spacers', unit: 'mm', min: 0, max: 20, expected: spacerMm },
      minutes: 2,
    };
  },
  cassetteOn: ({ cassette }) =>
    cassette && {
      text: `Slide ${cassette.on.join('-')} on, clean splines, grease on the lockring’s thread, and tighten it.`,
      why: 'A loose lockring lets cogs rock, and eats the freehub body.',
      reading: { what: 'lockring', unit: 'N·m', min: 5, max: 60, expected: 40 },
      caution: `Usually 40 N·m; the torque on the part wins.`,
      minutes: 5,
    },
  wheelIn: (difference) =>
    movesRearWheel(difference)
      ? {
          text: 'Straight in the dropouts, axle tight.',
          why: 'A wheel that is not home spoils every setting after it.',
          minutes: 2,
        }
      : undefined,
  crank: ({ ringsOn, ringsOff, crank }) =>
    ringsOn.length + ringsOff.length === 0 && !crank
      ? undefined
      : {
          text: [
            ...(crank ? ['Change the crank; grease its axle.'] : []),
            ...(ringsOff.length > 0 ? [`Take off ${listed(ringsOff)}.`] : []),
            ...(ringsOn.length > 0 ? [`Put on ${listed(ringsOn)}, bolts crosswise.`] : []),
          ].join(' '),
          why: 'Rings seat flat when their bolts are tightened crosswise.',
          caution: `Bolts to the torque on the part; ${SHEET}.`,
          minutes: 15,
        },
  guide: ({ guide }) =>
    guide === 'stays'
      ? undefined
      : guide === 'on'
        ? {
            text: 'Fit the chain guide: it clears the chain in every gear and touches in none.',
            why: 'It holds the chain on where ring and clutch do not.',
            minutes: 10,
          }
        : { text: 'Take the chain guide off.', why: 'It has nothing to do any more.', minutes: 5 },
  frontOff: ({ front }) =>
    front.kind === 'off'
      ? {
          text: 'Take off front derailleur, its cable and its shifter.',
          why: 'With one ring it has nothing to do; its cage would rub.',
          caution: 'Something must keep the chain on now: a narrow-wide ring, a clutch or a guide.',
          minutes: 15,
        }
      : undefined,
  frontOn: ({ front }) =>
    front.kind === 'on'
      ? {
          text: 'Fit front derailleur, shifter and cable: cage 1 to 3 mm above the big ring, parallel to it.',
          why: 'Higher shifts poorly, lower touches the ring.',
          reading: { what: 'cage above the big ring', unit: 'mm', min: 0.5, max: 6, usual: { min: 1, max: 3 } },
          minutes: 30,
        }
      : undefined,
  frontHeight: ({ front }) =>
    front.kind === 'move'
      ? {
          text: `Move the front derailleur ${fixed(Math.abs(front.byMm), 1)} mm ${front.byMm > 0 ? 'up' : 'down'}.`,
          why: `A tooth more is ${fixed(MM_PER_TOOTH, 2)} mm of radius.`,
          reading: { what: 'cage above the big ring', unit: 'mm', min: 0.5, max: 6, usual: { min: 1, max: 3 } },
          minutes: 10,
        }
      : undefined,
  extender: ({ extender }) =>
    extender === 'stays'
      ? undefined
      : {
          text:
            extender === 'on'
              ? 'Fit the hanger extender between hanger and derailleur.'
              : 'Take the hanger extender off.',
          why: 'It lowers the derailleur for a larger cog, and makes shifts less crisp.',
          caution: `Not every derailleur may be hung from one; ${SHEET}.`,
          minutes: 5,
        },
  rearDerailleur: ({ rearDerailleur }) =>
    rearDerailleur
      ? {
          text: 'Straight hanger first; then change the rear derailleur.',
          why: 'On a bent hanger no setting holds.',
          minutes: 20,
        }
      : undefined,
  shifter: ({ shifter }) =>
    shifter
      ? { text: 'Change the shifter, with a new cable.', why: 'Its clicks must be those of the cassette.', minutes: 25 }
      : undefined,
  chainLength: ({ chain }, { usesQuickLink }) => {
    if (chain.kind === 'keep') return undefined;
    const cut = usesQuickLink
      ? `cut to ${chain.after - 1} and close with the quick link`
      : `cut to ${chain.after} and join with a pin`;
    const count = chain.isCounted ? '' : `Count the links first: ${chain.before} are assumed. `;
    const text =
      chain.kind === 'shorten'
        ? `${count}Take ${chain.takenOut} links out: ${chain.before} become ${chain.after}.`
        : `A new chain: ${cut}, ${chain.after} links in all.`;
    return {
      text,
      why: 'Big-big + 2: a mis-shift into the largest ring and cog must not lock the drive.',
      reading: { what: 'links', unit: 'links', min: 60, max: 180, expected: chain.after },
      caution: 'Eye protection: pins fly.',
      minutes: 10,
    };
  },
  bGap: (difference) => {
    if (!touchesRear(difference)) return undefined;
    const turn = {
      in: 'B-screw in (clockwise), for the largest cog is larger',
      out: 'B-screw out, as close as clears, for the largest cog is smaller',
      stays: 'B-screw as it was, to be checked',
    }[difference.bScrew];
    return {
      text: `On the largest cog: ${turn}.`,
      why: 'Too near and it rubs, too far and it shifts late.',
      reading: { what: 'B-gap', unit: 'mm', min: 1, max: 30, usual: { min: 4, max: 16 } },
      minutes: 5,
    };
  },
  limitScrews: (difference) =>
    touchesRear(difference)
      ? {
          text: 'The guide pulley stands under the smallest, then under the largest cog, and goes no farther.',
          why: 'Past the largest cog the derailleur goes into the spokes.',
          caution: 'Turn the cranks by hand until this is done.',
          minutes: 5,
        }
      : undefined,
  indexing: (difference) =>
    touchesRear(difference)
      ? {
          text: 'Every click up and down; cable tension by quarter turns.',
          why: 'A click that is off by half a cog lands on the next one.',
          minutes: 10,
        }
      : undefined,
  bigBig: () => ({
    text: 'Big ring, largest cog, by hand and slowly: the cage still has travel.',
    why: 'A chain too short here tears the derailleur off.',
    caution: 'Never ride before this check.',
    minutes: 2,
  }),
  smallSmall: () => ({
    text: 'Small ring, smallest cog: the chain is taut and touches nothing.',
    why: 'A slack chain jumps and drops.',
    minutes: 2,
  }),
  backPedal: () => ({
    text: 'Turn the cranks backwards on the three largest cogs: the chain stays on.',
    why: 'At a steep angle it can climb off when you roll and back-pedal.',
    minutes: 2,
  }),
  torque: () => ({
    text: 'Go over every bolt that was touched, once more.',
    why: 'Parts settle; a bolt that moves now would have moved on the road.',
    minutes: 3,
  }),
  testRide: () => ({
    text: 'A short test ride on a quiet road: every gear, under light load.',
    why: 'The stand does not load the chain.',
    reading: { what: 'test ride', unit: 'km', min: 0, max: 50 },
    caution: 'Local road rules apply; have a qualified mechanic check what you are unsure of.',
    minutes: 15,
  }),
  signOff: () => ({
    text: 'Write down how it came out: works, works with notes, or reverted, and why.',
    why: 'A trial that failed with its reason is worth as much as one that worked.',
    minutes: 2,
  }),
  recheck: () => ({
    text: 'After the first ride or 100 km: bolts, indexing, cable.',
    why: 'New cables and chains settle.',
    minutes: 10,
  }),
};

/** How long a list of steps takes, minutes; an estimate. */
export const minutesOf = (steps: readonly JobStep[]) => steps.reduce((sum, { minutes }) => sum + minutes, 0);
