import type { LessonId } from '../../../core/lesson';
import { short } from '../../../kit/format';

export interface LessonWords {
  readonly title: string;
  /** The one idea, a paragraph each. */
  readonly idea: readonly string[];
  /** The thing to do. */
  readonly task: string;
  /** What was seen by doing it. */
  readonly seen: string;
}

export const LESSON_WORDS: Readonly<Record<LessonId, LessonWords>> = {
  ratio: {
    title: 'The ratio',
    idea: [
      'Every tooth of the chainring pulls one link of chain, and every link pulls one tooth of the cog. So the wheel turns ring ÷ cog times for one turn of the crank. That number is the ratio, and it is exact: teeth are counted, not measured.',
      'A larger ratio is harder: the bike goes farther for a turn and pushes back more.',
    ],
    task: 'Turn the crank once and count how often the valve comes down.',
    seen: 'The whole turns are the valve’s count; what is left over is the part of a turn that the wheel has gone past it.',
  },
  sameRatio: {
    title: 'Other teeth, the same gear',
    idea: [
      'Only the quotient counts. Two rings and two cogs can have quite different teeth and be the very same gear: both come to the same fraction in lowest terms. Such gears are twins.',
      'Teeth are divided, never subtracted: 16 teeth less at the ring are not made good by 16 less at the cog.',
    ],
    task: 'Turn the crank once with both and compare where the valves end.',
    seen: 'Both wheels stand the same: no rider and no instrument could tell these two apart.',
  },
  development: {
    title: 'How far it goes: development and gear inches',
    idea: [
      'The ratio says how often the wheel turns. How far that is hangs on the wheel: one turn of it rolls its rollout. Ratio × rollout is the development, metres for a turn of the crank.',
      'Gear inches say the same as a diameter: that of a wheel which, driven straight by the crank, would go as far.',
    ],
    task: 'Choose the gear that goes nearest to 5 metres for a turn.',
    seen: 'That is about the length of a car, for one turn of the crank.',
  },
  speed: {
    title: 'Speed and cadence',
    idea: [
      'In one gear speed goes with cadence: turn half as fast again, and you are half as fast again. Speed = development × turns in a minute.',
      'So a gear is not a speed but a stretch of speeds: those at which your cadence is one you can keep.',
      'Shift before the hill, while your legs still turn lightly: a derailleur moves the chain only while you pedal, and shifts badly under full force. For a steep start choose the easiest gear before you stop.',
    ],
    task: `Find a gear and a cadence between 80 and 95 rpm that ride the speed asked for, to within ${short(0.3, 1)} km/h.`,
    seen: 'More than one gear does it, each at its own cadence. Which is right is for your legs to say.',
  },
  steps: {
    title: 'Steps, and why two teeth are not always two teeth',
    idea: [
      'A step is what changes from one gear to the next, in percent. It is a quotient again: from a 12 to a 10 is 20 %, from a 30 to a 28 is 7 %, and both are two teeth.',
      'So cassettes take single teeth at the small end and four or five at the large one, to make steps that feel alike.',
    ],
    task: 'Choose the pair of neighbours with the largest step.',
    seen: 'Compare its teeth with those of the others: the most teeth and the largest step are seldom the same pair.',
  },
  overlap: {
    title: 'Overlap, and why 24 is not 24',
    idea: [
      'Two rings with twelve cogs are 24 ways of driving. But where the two rings overlap, many of them are the same, or so close that nobody feels it.',
      'How many sizes are left hangs on how close is too close. That is a matter of the rider, not of arithmetic.',
    ],
    task: 'Move the closeness until half the gears or fewer are left.',
    seen: 'There is no one number of gears: it falls as you ask for more difference.',
  },
  crossChaining: {
    title: 'Cross-chaining',
    idea: [
      'Seen from above the chain runs straight only where ring and cog stand in one line. The big ring stands outside and goes with the outer, small cogs; the small ring goes with the inner, large ones.',
      'A chain at a steep angle is noisy, wears the teeth, and can drop off when you pedal backwards.',
    ],
    task: 'Choose the gear with the steepest chain.',
    seen: 'The ends across are the steep ones. You lose nothing by leaving them: the other ring has nearly the same gear.',
  },
  capacity: {
    title: 'Capacity and the cage',
    idea: [
      'The chain has one length, and every gear needs another. The cage takes up the rest: it swings forward where much chain is needed and back where little is.',
      'The capacity is how many teeth it can take up. What a setup needs is the difference of its rings plus that of its cogs.',
    ],
    task: 'Look at big-big and at small-small, and watch the cage.',
    seen: 'Between the two it swung through all that it has to take up. A longer cage takes up more; it does not clear a larger cog.',
  },
  chainLength: {
    title: 'Chain length',
    idea: [
      'The chain must reach round the big ring and the largest cog, with a little left for the cage. Too short, and a shift there locks the drive and can tear the derailleur off: that is the one mistake that breaks things.',
      'Inner and outer links alternate, so the count is even; with a quick link as one of the outer ones.',
    ],
    task: 'Take out links, two at a time, until the chain no longer reaches.',
    seen: 'Just before it the cage was pulled all but straight. Two links more than straight round leave it room.',
  },
  holes: {
    title: 'Holes',
    idea: [
      'You turn within a band: not slower than one cadence, not faster than another. Each gear covers the speeds between. Where two gears’ speeds do not meet there is a hole: in one gear you spin, in the next you grind.',
      'So a large step is no fault by itself. It is one if it is wider than your band, at a speed that you ride.',
    ],
    task: 'Widen the band until no hole is left.',
    seen: 'A wide band bridges any cassette. A rider who keeps a narrow one needs closer cogs.',
  },
  oneOrTwo: {
    title: 'One ring or two',
    idea: [
      'Two rings give range and small steps together. One ring gives them up for less to shift, to adjust and to clog: it has either range or small steps.',
      'There is no best. There are needs, and each is met or not.',
      'So their riders shift differently. With 1x one hand goes up and down the cassette, a click at a time or several. With 2x the rear hand does most of it, and the ring is changed early, before a long climb or descent, with a click or two at the back to keep the legs turning as before.',
    ],
    task: 'Say what matters most to you, and see what each setup has to offer for it.',
    seen: 'The same two setups, and another one wins: it was your question that decided.',
  },
};
