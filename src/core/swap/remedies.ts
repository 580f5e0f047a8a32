import type { StepId } from './steps';

/** What a check can find wrong. */
export const SYMPTOMS = ['noise', 'skipping', 'rubbing', 'slack', 'lockedUp', 'cannotReach'] as const;
export type Symptom = (typeof SYMPTOMS)[number];

/** One thing to try, and the step of the card that it goes back to. */
export interface Remedy {
  readonly text: string;
  readonly goTo?: StepId;
}

/** What helps, the likeliest and cheapest first. Never ride meanwhile where `stop` is set. */
export const REMEDIES: Readonly<
  Record<Symptom, { readonly title: string; readonly stop: boolean; readonly remedies: readonly Remedy[] }>
> = {
  noise: {
    title: 'Noise',
    stop: false,
    remedies: [
      { text: 'A quarter turn of cable tension, then the other way; listen on the middle cogs.', goTo: 'indexing' },
      { text: 'Only on the largest cogs: guide pulley too near. B-screw in.', goTo: 'bGap' },
      { text: 'Only in gears with a steep chain: the chainline; the top view of Fit shows which.' },
      { text: 'In every gear: lube, a stiff link, a ring or pulley on backwards.' },
    ],
  },
  skipping: {
    title: 'Skipping',
    stop: true,
    remedies: [
      { text: 'Indexing between two cogs: tension until it stands under one.', goTo: 'indexing' },
      { text: 'A stiff link at the joint: flex it sideways.', goTo: 'chainLength' },
      { text: 'Under load on old cogs or rings with a new chain: they are worn with the old one. Change together.' },
      { text: 'A bent hanger: straighten it with the gauge, then index anew.', goTo: 'limitScrews' },
    ],
  },
  rubbing: {
    title: 'Rubbing',
    stop: false,
    remedies: [
      {
        text: 'Front cage: height 1 to 3 mm above the big ring, parallel, then its limit screws.',
        goTo: 'frontHeight',
      },
      { text: 'Guide pulley on the largest cog: B-screw in (clockwise).', goTo: 'bGap' },
      { text: 'Chain on the frame or dropout at the smallest cog: high limit screw; spacer.', goTo: 'limitScrews' },
      { text: 'Chain on the next ring or cog when cross-chained: leave that gear out.' },
    ],
  },
  slack: {
    title: 'Slack in small-small',
    stop: true,
    remedies: [
      { text: 'Count the links again: more than worked out are taken out in pairs.', goTo: 'chainLength' },
      { text: 'Right length, still slack: the cage is too short for this spread. Fit tells the cage it needs.' },
      { text: 'Never ride the small ring with the smallest cogs, and note it on the bike.' },
    ],
  },
  lockedUp: {
    title: 'Locked up in big-big',
    stop: true,
    remedies: [
      { text: 'Do not force it: shift back by hand, take the wheel out if it is stuck.' },
      { text: 'The chain is too short: two links more, or a new chain by big-big + 2.', goTo: 'chainLength' },
      { text: 'Right length, cage fully stretched: the cage is too short. Fit tells the cage it needs.' },
    ],
  },
  cannotReach: {
    title: 'Cannot reach the largest cog',
    stop: false,
    remedies: [
      { text: 'Low limit screw out by half turns, cranked slowly by hand.', goTo: 'limitScrews' },
      { text: 'Cable tension: too slack for the last click.', goTo: 'indexing' },
      {
        text: 'The guide pulley runs into the cog: B-screw in; at its end a hanger extender, at the cost of crispness.',
        goTo: 'bGap',
      },
      { text: 'A shifter with too few clicks, or one of another cable pull: see Indexing in Fit.', goTo: 'shifter' },
    ],
  },
};

/** The steps at which a check is made, and what each can find. */
export const SYMPTOMS_OF: Readonly<Partial<Record<StepId, readonly Symptom[]>>> = {
  bGap: ['rubbing', 'cannotReach'],
  limitScrews: ['cannotReach', 'rubbing'],
  indexing: ['noise', 'skipping', 'cannotReach'],
  bigBig: ['lockedUp', 'rubbing', 'noise'],
  smallSmall: ['slack', 'rubbing'],
  backPedal: ['noise', 'skipping'],
  testRide: ['noise', 'skipping', 'rubbing', 'cannotReach'],
  recheck: ['noise', 'skipping', 'rubbing'],
};
