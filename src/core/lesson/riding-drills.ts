import { atLeast } from '../numbers';
import {
  DEFAULT_CROSSED_COGS,
  clicksBetween,
  coverage,
  developedGears,
  gearsOf,
  shiftPath,
  type Gear,
  type Hole,
  type Setup,
} from '../gears';
import type { Level } from './level';
import { apart, gearOf, name, neighbours, setupName, shown, type Maker, type Making } from './making';
import type { Seeded } from './seeded';

/** Nothing hangs on the wheel where gears are compared: a hole is one on any. */
const ANY_ROLLOUT_MM = 2100;
/** Pairs of neighbours to choose from. */
const HOLE_OPTIONS: Readonly<Record<Level, number>> = { 1: 3, 2: 4, 3: 5 };
/** How far beside the cadence still counts, rpm. */
const CADENCE_TOLERANCE: Readonly<Record<Level, number>> = { 1: 2, 2: 1, 3: 1 };
/** At a change of ring the cadence is asked where it stays one that somebody turns. */
const RING_CHANGE_FACTOR = { min: 1.1, max: 1.5 } as const;

/** A shift on one ring; at the last level one that changes ring and cog. */
function shift(random: Seeded, { level, drivetrains }: Making): readonly [easier: Gear, harder: Gear] {
  if (level < 3) return neighbours(random, drivetrains.draw(random, 'any'));
  const changes = (setup: Setup) =>
    gearsOf(setup)
      .filter(({ chainring }) => chainring === setup.chainrings[0])
      .flatMap((harder) => setup.cogs.map((cog) => [gearOf(setup.chainrings.at(-1)!, cog), harder] as const))
      .filter(([easier, harder]) => {
        const factor = harder.ratio / easier.ratio;
        return easier.cog !== harder.cog && factor >= RING_CHANGE_FACTOR.min && factor <= RING_CHANGE_FACTOR.max;
      });
  const setup = drivetrains.draw(random, 'two', (one) => changes(one).length > 0);
  return random.pick(changes(setup));
}

/** A single ring, a band and the one widest hole that they leave. */
function drivetrainWithHole(random: Seeded, { level, drivetrains }: Making) {
  for (;;) {
    const setup = drivetrains.draw(random, 'one', ({ cogs }) => cogs.length > HOLE_OPTIONS[level]);
    const lowRpm = random.whole(75, 90);
    const band = { lowRpm, highRpm: lowRpm + random.whole(6, 14) };
    const gears = developedGears(setup, ANY_ROLLOUT_MM);
    const step = ({ above, below }: Hole) => above.ratio / below.ratio;
    const [widest, next] = [...coverage(gears, band).holes].sort((a, b) => step(b) - step(a));
    // 14 ÷ 12 and 21 ÷ 18 are the same step, and no question.
    const isAlone = !next || !atLeast(step(next), step(widest!));
    if (widest && isAlone) return { setup, band, gears, widest };
  }
}

/** What gears mean while one rides. */
export const RIDING_DRILLS = {
  cadenceAfterShift: (random, making) => {
    const [easier, harder] = shift(random, making);
    const tolerance = CADENCE_TOLERANCE[making.level];
    const toHarder = random.next() < 0.5;
    const [from, to] = toHarder ? [easier, harder] : [harder, easier];
    const before = random.whole(65, 100);
    const after = (before * from.ratio) / to.ratio;
    return {
      text: `You pedal at ${before} rpm in ${name(from)} and shift to ${name(to)} at the same speed. What is your new cadence?`,
      answer: { kind: 'number', value: after, unit: 'rpm', tolerance, decimals: 1 },
      working: [
        `the speed stays the same, so cadence × ratio stays the same: ${before} × ${from.chainring}/${from.cog} = ? × ${to.chainring}/${to.cog}`,
        from.chainring === to.chainring
          ? `${before} × ${to.cog} ÷ ${from.cog} = ${shown(after, 1)} rpm`
          : `${before} × ${from.chainring} × ${to.cog} ÷ (${from.cog} × ${to.chainring}) = ${shown(after, 1)} rpm`,
      ],
      mistakes: apart(after, tolerance, [
        {
          mistake: 'otherWay',
          value: (before * to.ratio) / from.ratio,
          why: `To a ${toHarder ? 'harder' : 'easier'} gear the cadence ${toHarder ? 'falls' : 'rises'}: you divided the wrong way round.`,
        },
        {
          mistake: 'teethForPercent',
          value: before * (1 + ((toHarder ? -1 : 1) * Math.abs(to.cog - from.cog)) / 100),
          why: `${Math.abs(to.cog - from.cog)} teeth are not ${Math.abs(to.cog - from.cog)} percent.`,
        },
      ]),
    };
  },
  ringClicks: (random, { level, drivetrains }) => {
    const softened = (one: Setup) => shiftPath(one).crossovers.filter(({ rearClicks }) => rearClicks > 0);
    // Without a change of ring and cog at once there is nothing to soften.
    const setup = drivetrains.draw(random, 'two', (one) => softened(one).length > 0);
    const [crossover] = softened(setup) as [ReturnType<typeof softened>[number]];
    const isNamed = level === 1;
    const { from, to } = crossover.step;
    const clicks = clicksBetween(setup, to, from);
    return {
      text: `${setupName(setup)}: you shift from ${name(to)} to the ${from.chainring}T ring. How many rear clicks at the same time make the step to the next easier gear smallest${isNamed ? `, the one to ${name(from)}` : ''}? Do not use cross-chained gears: the big ring with its ${DEFAULT_CROSSED_COGS} largest cogs, the small ring with its ${DEFAULT_CROSSED_COGS} smallest.`,
      answer: { kind: 'number', value: Math.abs(clicks), unit: 'clicks', tolerance: 0, decimals: 0 },
      working: [
        `from the ${to.cog} to the ${from.cog} there are ${Math.abs(clicks)} cogs`,
        `that leaves a step of ${shown((from.ratio / to.ratio - 1) * 100, 1)} %, instead of ${shown((from.chainring / to.chainring - 1) * 100, 1)} % without a click`,
      ],
      mistakes: [],
    };
  },
  hole: (random, making) => {
    const { setup, band, gears, widest } = drivetrainWithHole(random, making);
    const pairs = gears.slice(1).map((harder, i) => ({ easier: gears[i]!, harder }));
    const right = pairs.find(({ easier }) => easier.cog === widest.below.cog)!;
    const others = random.shuffled(pairs.filter((pair) => pair !== right)).slice(0, HOLE_OPTIONS[making.level] - 1);
    const options = [right, ...others].sort((a, b) => a.easier.ratio - b.easier.ratio);
    const step = right.harder.ratio / right.easier.ratio;
    const wide = band.highRpm / band.lowRpm;
    return {
      text: `${setupName(setup)}, and a rider with a cadence range of ${band.lowRpm} to ${band.highRpm} rpm: between which neighbouring gears is the widest gap in speed?`,
      answer: {
        kind: 'choice',
        options: options.map(({ easier, harder }) => `${name(easier)} and ${name(harder)}`),
        right: options.indexOf(right),
      },
      working: [
        `the cadence range covers a step of ${band.highRpm} ÷ ${band.lowRpm} = ${shown(wide, 3)}`,
        `${name(right.easier)} to ${name(right.harder)} is ${right.easier.cog} ÷ ${right.harder.cog} = ${shown(step, 3)}, which exceeds it the most`,
      ],
      mistakes: [],
    };
  },
} satisfies Readonly<Record<string, Maker>>;
