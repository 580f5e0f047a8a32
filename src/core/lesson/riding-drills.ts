import { atLeast } from '../numbers';
import {
  DEFAULT_CROSSED_COGS,
  clicksBetween,
  coverage,
  developedGears,
  gearsOf,
  shiftPath,
  type Gear,
  type Gap,
  type Setup,
} from '../gears';
import { message } from '../message';
import type { Level } from './level';
import { apart, gearOf, name, neighbours, teethOf, type Maker, type Making } from './making';
import type { Seeded } from './seeded';
import { itemAt, lastOf, definite } from '../items';

/** Comparing gears does not depend on the wheel: a gap is one on any. */
const ANY_ROLLOUT_MM = 2100;
/** Pairs of neighbours to choose from. */
const HOLE_OPTIONS: Readonly<Record<Level, number>> = { 1: 3, 2: 4, 3: 5 };
/** How far beside the cadence still counts, rpm. */
const CADENCE_TOLERANCE: Readonly<Record<Level, number>> = { 1: 2, 2: 1, 3: 1 };
/** At a change of ring the question is asked only if the cadence stays realistic. */
const RING_CHANGE_FACTOR = { min: 1.1, max: 1.5 } as const;

/** A shift on one ring; at the last level one that changes ring and cog. */
function shift(random: Seeded, { level, drivetrains }: Making): readonly [easier: Gear, harder: Gear] {
  if (level < 3) return neighbours(random, drivetrains.draw(random, 'any'));
  const changes = (setup: Setup) =>
    gearsOf(setup)
      .filter(({ chainring }) => chainring === setup.chainrings[0])
      .flatMap((harder) => setup.cogs.map((cog) => [gearOf(lastOf(setup.chainrings), cog), harder] as const))
      .filter(([easier, harder]) => {
        const factor = harder.ratio / easier.ratio;
        return easier.cog !== harder.cog && factor >= RING_CHANGE_FACTOR.min && factor <= RING_CHANGE_FACTOR.max;
      });
  const setup = drivetrains.draw(random, 'two', (one) => changes(one).length > 0);
  return random.pick(changes(setup));
}

/** A single ring, a band and the one widest gap that they leave. */
function drivetrainWithGap(random: Seeded, { level, drivetrains }: Making) {
  for (;;) {
    const setup = drivetrains.draw(random, 'one', ({ cogs }) => cogs.length > HOLE_OPTIONS[level]);
    const lowRpm = random.whole(75, 90);
    const band = { lowRpm, highRpm: lowRpm + random.whole(6, 14) };
    const gears = developedGears(setup, ANY_ROLLOUT_MM);
    const step = ({ above, below }: Gap) => above.ratio / below.ratio;
    const [widest, next] = [...coverage(gears, band).gaps].sort((a, b) => step(b) - step(a));
    // 14 ÷ 12 and 21 ÷ 18 are the same step, and no question.
    const isAlone = !next || !atLeast(step(next), step(definite(widest)));
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
      text: message('cadenceAfterShift.question', { rpm: before, from: name(from), to: name(to) }),
      answer: { kind: 'number', value: after, unit: 'rpm', tolerance, decimals: 1 },
      working: [
        message('cadenceAfterShift.sameSpeed', { rpm: before, from: name(from), to: name(to) }),
        from.chainring === to.chainring
          ? message('cadenceAfterShift.sameRing', { rpm: before, toCog: to.cog, fromCog: from.cog, after })
          : message('cadenceAfterShift.bothChange', {
              rpm: before,
              fromRing: from.chainring,
              toCog: to.cog,
              fromCog: from.cog,
              toRing: to.chainring,
              after,
            }),
      ],
      mistakes: apart(after, tolerance, [
        {
          mistake: 'otherWay',
          value: (before * to.ratio) / from.ratio,
          why: message(toHarder ? 'cadenceAfterShift.falls' : 'cadenceAfterShift.rises'),
        },
        {
          mistake: 'teethForPercent',
          value: before * (1 + ((toHarder ? -1 : 1) * Math.abs(to.cog - from.cog)) / 100),
          why: message('teethForPercent', { teeth: Math.abs(to.cog - from.cog) }),
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
    const asked = { ...teethOf(setup), from: name(to), ring: from.chainring, crossed: DEFAULT_CROSSED_COGS };
    return {
      text: isNamed
        ? message('ringClicks.questionNamed', { ...asked, to: name(from) })
        : message('ringClicks.question', asked),
      answer: { kind: 'number', value: Math.abs(clicks), unit: 'clicks', tolerance: 0, decimals: 0 },
      working: [
        message('ringClicks.cogsBetween', { fromCog: to.cog, toCog: from.cog, count: Math.abs(clicks) }),
        message('ringClicks.stepLeft', {
          step: (from.ratio / to.ratio - 1) * 100,
          without: (from.chainring / to.chainring - 1) * 100,
        }),
      ],
      mistakes: [],
    };
  },
  gap: (random, making) => {
    const { setup, band, gears, widest } = drivetrainWithGap(random, making);
    const pairs = gears.slice(1).map((harder, i) => ({ easier: itemAt(gears, i), harder }));
    const right = definite(pairs.find(({ easier }) => easier.cog === widest.below.cog));
    const others = random.shuffled(pairs.filter((pair) => pair !== right)).slice(0, HOLE_OPTIONS[making.level] - 1);
    const options = [right, ...others].sort((a, b) => a.easier.ratio - b.easier.ratio);
    const step = right.harder.ratio / right.easier.ratio;
    const wide = band.highRpm / band.lowRpm;
    return {
      text: message('gap.question', { ...teethOf(setup), low: band.lowRpm, high: band.highRpm }),
      answer: {
        kind: 'choice',
        options: options.map(({ easier, harder }) => message('gears', { easier: name(easier), harder: name(harder) })),
        right: options.indexOf(right),
      },
      working: [
        message('gap.covered', { high: band.highRpm, low: band.lowRpm, factor: wide }),
        message('gap.widest', {
          easier: name(right.easier),
          harder: name(right.harder),
          easierCog: right.easier.cog,
          harderCog: right.harder.cog,
          factor: step,
        }),
      ],
      mistakes: [],
    };
  },
} satisfies Readonly<Record<string, Maker>>;
