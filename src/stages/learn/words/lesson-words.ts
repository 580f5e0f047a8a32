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
      'Every chainring tooth pulls one link of chain, and every link pulls one tooth of the cog. So the wheel turns chainring ÷ cog times per crank turn. That number is the ratio. It is exact, because teeth are counted, not measured.',
      'A higher ratio is harder: the bike goes farther per crank turn, and you push harder for it.',
    ],
    task: 'Turn the crank once and count how many times the valve passes the bottom.',
    seen: 'The valve counts the whole turns. The rest of the ratio is how far the wheel has turned past the last one.',
  },
  sameRatio: {
    title: 'Different teeth, same gear',
    idea: [
      'Only the ratio counts. Two gears can have quite different teeth and be exactly the same: both reduce to the same fraction. Such gears are duplicates.',
      'Teeth are divided, never subtracted: 16 teeth fewer on the chainring are not balanced by 16 fewer on the cog.',
    ],
    task: 'Turn the crank once in both gears and compare where the valves stop.',
    seen: 'Both valves stop at the same place: no rider and no instrument could tell these two gears apart.',
  },
  development: {
    title: 'Distance: development and gear inches',
    idea: [
      'The ratio says how many times the wheel turns. How far that takes you depends on the wheel: one turn covers its rollout. Ratio × rollout is the development, in metres per crank turn.',
      'Gear inches say the same thing as a diameter: the diameter of a directly driven wheel that would travel as far.',
    ],
    task: 'Choose the gear that comes closest to 5 metres per crank turn.',
    seen: 'That is about the length of a car, per crank turn.',
  },
  speed: {
    title: 'Speed and cadence',
    idea: [
      'In one gear, speed is proportional to cadence: pedal 50 % faster and you go 50 % faster. Speed = development × crank turns per minute.',
      'So a gear is not one speed but a range of speeds: those at which you can keep up your cadence.',
      'Shift before the hill, while pedalling is still easy: a derailleur moves the chain only while you pedal, and shifts badly under full force. Before you stop on a slope, shift to an easy gear.',
    ],
    task: `Find a gear and a cadence between 80 and 95 rpm that give the target speed, to within ${short(0.3, 1)} km/h.`,
    seen: 'More than one gear gives this speed, each at its own cadence. Which is best is up to your legs.',
  },
  steps: {
    title: 'Steps: why two teeth are not always the same',
    idea: [
      'A step is the change from one gear to the next, in percent. It comes from dividing, too: from a 12 to a 10 is 20 %, from a 30 to a 28 is 7 %, and both are two teeth.',
      'So cassettes change by one tooth at the small end and by four or five at the large end, to make steps that feel similar.',
    ],
    task: 'Choose the two neighbouring cogs with the largest step.',
    seen: 'Compare the teeth: the pair with the biggest tooth difference is rarely the pair with the largest step.',
  },
  overlap: {
    title: 'Overlap: why 24 gears are not 24',
    idea: [
      'Two chainrings and twelve cogs make 24 combinations. But where the rings overlap, many gears are the same, or so close that nobody feels the difference.',
      'How many useful gears remain depends on how close is too close. That is up to the rider, not to arithmetic.',
    ],
    task: 'Raise the minimum difference until half the gears or fewer remain.',
    seen: 'There is no single number of gears: it falls as you ask for a larger difference.',
  },
  crossChaining: {
    title: 'Cross-chaining',
    idea: [
      'Seen from above, the chain is straight only where ring and cog line up. The big ring is outboard and lines up with the small, outer cogs; the small ring lines up with the large, inner cogs.',
      'A chain at a sharp angle is noisy, wears the teeth, and can drop when you pedal backwards.',
    ],
    task: 'Choose the gear with the sharpest chain angle.',
    seen: 'Opposite ends are the worst: big ring with largest cog, small ring with smallest cog. You lose nothing by avoiding them: the other ring has nearly the same gear.',
  },
  capacity: {
    title: 'Capacity and the cage',
    idea: [
      'The chain has one length, but every gear needs a different amount. The cage takes up the slack: it swings forward when a gear needs much chain, and back when it needs little.',
      'Capacity is how much chain the cage can take up, in teeth. A setup needs ring difference + cog difference.',
    ],
    task: 'Look at big-big and at small-small, and watch the cage move.',
    seen: 'Between the two, the cage swung through everything it has to take up. A longer cage takes up more chain; it does not clear a larger cog.',
  },
  chainLength: {
    title: 'Chain length',
    idea: [
      'The chain must reach round the big ring and the largest cog, with a little to spare for the cage. If it is too short, shifting there locks the drivetrain and can tear off the derailleur. This is the mistake that breaks things.',
      'Inner and outer links alternate, so the number of links is even. A quick link counts as an outer link.',
    ],
    task: 'Remove links, two at a time, until the chain no longer reaches.',
    seen: 'Just before that, the cage was almost straight. Two extra links give it room.',
  },
  holes: {
    title: 'Gaps',
    idea: [
      'You pedal within a cadence range. Each gear covers the speeds between your lowest and your highest cadence. Where the speeds of two gears do not meet, there is a gap: in one gear you spin out, in the next you grind.',
      'So a large step is not a problem by itself. It is a problem if it is wider than your cadence range, at a speed you ride.',
    ],
    task: 'Widen the cadence range until no gap is left.',
    seen: 'A wide cadence range covers any cassette. A rider with a narrow range needs closer cogs.',
  },
  oneOrTwo: {
    title: '1x or 2x',
    idea: [
      '2x gives range and small steps together. 1x trades one of them for less to shift, adjust and clog.',
      'Neither is best. There are needs, and each is met or not.',
      'Riders shift them differently. On 1x, one hand works up and down the cassette, one or several clicks at a time. On 2x, the right hand does most of the shifting; the chainring is changed early, before a long climb or descent, with a click or two at the rear to keep the cadence steady.',
    ],
    task: 'Choose what matters most to you, and see which setup serves it better.',
    seen: 'The same two setups, but a different winner: your priority decided.',
  },
};
