import { exactTwins, gearsOf, lowestTerms, type Gear, type Setup } from '../gears';
import type { Level } from './level';
import { apart, division, name, neighbours, setupName, shown, type Making, type Maker } from './making';
import type { Seeded } from './seeded';

/** Gears closer than this are told apart by working them out alone. */
const CLOSE_FACTOR = 1.15;

type Pair = readonly [Gear, Gear];
const factor = ([a, b]: Pair) => Math.max(a.ratio, b.ratio) / Math.min(a.ratio, b.ratio);
const sharePart = ([a, b]: Pair) => a.chainring === b.chainring || a.cog === b.cog;

function pairsOf(setup: Setup): Pair[] {
  const gears = gearsOf(setup);
  return gears.flatMap((a, i) => gears.slice(i + 1).map((b): Pair => [a, b])).filter(([a, b]) => a.ratio !== b.ratio);
}

/** Two gears: with a ring or cog in common at first, then with none, at last so close that one must work it out. */
const SUITS_LEVEL: Readonly<Record<Level, (pair: Pair) => boolean>> = {
  1: sharePart,
  2: (pair) => !sharePart(pair) && factor(pair) >= CLOSE_FACTOR,
  3: (pair) => !sharePart(pair) && factor(pair) < CLOSE_FACTOR,
};

function twoGears(random: Seeded, { level, drivetrains }: Making): Pair {
  const suits = SUITS_LEVEL[level];
  const setup = drivetrains.draw(random, level === 1 ? 'any' : 'two', (one) => pairsOf(one).some(suits));
  const [a, b] = random.pick(pairsOf(setup).filter(suits));
  return random.next() < 0.5 ? [a, b] : [b, a];
}

/** A drivetrain and a pair of its exact twins; some pairs of rings have none with some cassettes. */
function twins(random: Seeded, { drivetrains }: Making) {
  const setup = drivetrains.draw(random, 'two', (one) => exactTwins(gearsOf(one)).length > 0);
  return { setup, pair: random.pick(exactTwins(gearsOf(setup))) };
}

/** Gears of other sizes: any at first, at last those that come nearest. */
function otherThan(random: Seeded, setup: Setup, gear: Gear, level: Level): Gear[] {
  const others = random.shuffled(gearsOf(setup)).filter((one) => one.ratio !== gear.ratio);
  if (level === 3) others.sort((a, b) => factor([a, gear]) - factor([b, gear]));
  return others.slice(0, level === 1 ? 2 : 3);
}

/** How far beside the step still counts, points of percent; at first there is room for an estimate. */
const STEP_TOLERANCE: Readonly<Record<Level, number>> = { 1: 1, 2: 0.5, 3: 0.5 };
/** Gears to be put in order. */
const ORDER_COUNT: Readonly<Record<Level, number>> = { 1: 3, 2: 4, 3: 5 };
/** Ratios this near to a half or a whole are good to begin with. */
const NEAR_HALF = 0.06;
const isNearHalf = ({ ratio }: Gear) => Math.abs(ratio * 2 - Math.round(ratio * 2)) <= 2 * NEAR_HALF;

/** Of a gear in lowest terms, turns of the crank after which both are down: few at first, for they are multiplied in the head. */
const CRANK_TERM: Readonly<Record<Level, number>> = { 1: 2, 2: 4, 3: 7 };
/** The turns that are asked about are that many times these at most. */
const MANY_TIMES = 5;

/** Gears of different sizes in no order; at the last level neighbours in size. */
function toOrder(random: Seeded, { level, drivetrains }: Making): Gear[] {
  const count = ORDER_COUNT[level];
  const distinct = (setup: Setup) =>
    gearsOf(setup).filter((gear, i, all) => all.findIndex(({ ratio }) => ratio === gear.ratio) === i);
  const setup = drivetrains.draw(random, level === 1 ? 'any' : 'two', (one) => distinct(one).length >= count);
  const gears = distinct(setup);
  const first = random.whole(0, gears.length - count);
  const drawn = level < 3 ? random.shuffled(gears).slice(0, count) : random.shuffled(gears.slice(first, first + count));
  const isSorted = drawn.every((gear, i) => i === 0 || drawn[i - 1]!.ratio < gear.ratio);
  return isSorted ? drawn.reverse() : drawn;
}

/** How large gears are, against each other. */
export const SIZE_DRILLS = {
  harderOrEasier: (random, making) => {
    const [from, to] = twoGears(random, making);
    const isHarder = to.ratio > from.ratio;
    return {
      text: `From ${name(from)} to ${name(to)}: harder or easier?`,
      answer: { kind: 'choice', options: ['harder', 'easier'], right: isHarder ? 0 : 1 },
      working: [
        division(from),
        division(to),
        `${shown(to.ratio, 3)} is ${isHarder ? 'higher' : 'lower'}: the wheel turns ${isHarder ? 'more' : 'less'} per crank turn, so the gear is ${isHarder ? 'harder' : 'easier'}`,
      ],
      mistakes: [
        {
          mistake: 'upsideDown',
          value: isHarder ? 1 : 0,
          why: `Cog ÷ ring is the wrong way round: ${shown(1 / from.ratio, 3)} and ${shown(1 / to.ratio, 3)}. A larger ring or a smaller cog is harder.`,
        },
      ],
    };
  },
  howMuch: (random, { level, drivetrains }) => {
    const [easier, harder] = neighbours(random, drivetrains.draw(random, 'any'));
    const tolerance = STEP_TOLERANCE[level];
    const step = (harder.ratio / easier.ratio - 1) * 100;
    const drop = (1 - easier.ratio / harder.ratio) * 100;
    const teeth = easier.cog - harder.cog;
    return {
      text: `At the same cadence, how much faster is ${name(harder)} than ${name(easier)}, in percent?`,
      answer: { kind: 'number', value: step, unit: '%', tolerance, decimals: 1 },
      working: [
        `speed is proportional to the ratio, and on one ring that is ${easier.cog} ÷ ${harder.cog} = ${shown(easier.cog / harder.cog, 4)}`,
        `${shown(step, 1)} % faster`,
      ],
      mistakes: apart(step, tolerance, [
        {
          mistake: 'wrongBase',
          value: drop,
          why: `${shown(drop, 1)} % is the drop in cadence at the same speed: the difference divided by the harder gear. Divide it by the easier gear, the one you come from.`,
        },
        {
          mistake: 'teethForPercent',
          value: teeth,
          why: `${teeth} teeth are not ${teeth} percent: from a ${easier.cog} they are ${shown(step, 1)} %, from a cog of 40 they would be ${shown((teeth / (40 - teeth)) * 100, 1)} %.`,
        },
        { mistake: 'otherWay', value: -step, why: 'The size is right, the direction is not: a smaller cog is faster.' },
      ]),
    };
  },
  ratio: (random, { level, drivetrains }) => {
    const suits = level === 1 ? isNearHalf : () => true;
    const setup = drivetrains.draw(random, 'any', (one) => gearsOf(one).some(suits));
    const gear = random.pick(gearsOf(setup).filter(suits));
    return {
      text: `${name(gear)}: how many times does the wheel turn per crank turn? Answer to within ${shown(0.1, 1)}.`,
      answer: { kind: 'number', value: gear.ratio, unit: 'turns', tolerance: 0.1, decimals: 2 },
      working: [division(gear)],
      mistakes: apart(gear.ratio, 0.1, [
        {
          mistake: 'upsideDown',
          value: 1 / gear.ratio,
          why: `${gear.cog} ÷ ${gear.chainring} is crank turns per wheel turn. The ratio is ring ÷ cog.`,
        },
      ]),
    };
  },
  wheelTurns: (random, { level, drivetrains }) => {
    const most = CRANK_TERM[level];
    const suits = (gear: Gear) => lowestTerms(gear)[1] <= most;
    const setup = drivetrains.draw(random, 'any', (one) => gearsOf(one).some(suits));
    const gear = random.pick(gearsOf(setup).filter(suits));
    const [wheel, crank] = lowestTerms(gear);
    const times = random.whole(1, MANY_TIMES);
    const [turns, value] = [crank * times, wheel * times];
    return {
      text: `${name(gear)}: you turn the crank ${turns === 1 ? 'once' : `${turns} times`}. How many times does the wheel turn?`,
      answer: { kind: 'number', value, unit: 'turns', tolerance: 0, decimals: 0 },
      working: [
        `${name(gear)} = ${wheel}:${crank} in lowest terms: ${wheel} wheel turns for ${crank} crank turns`,
        `${turns} ÷ ${crank} = ${times}, and ${times} × ${wheel} = ${value}`,
      ],
      mistakes: apart(value, 0, [
        {
          mistake: 'upsideDown',
          value: (turns * gear.cog) / gear.chainring,
          why: `That is ${turns} × ${gear.cog} ÷ ${gear.chainring}: crank turns for ${turns} wheel turns. A larger ring turns a smaller cog faster.`,
        },
      ]),
    };
  },
  twin: (random, making) => {
    const { setup, pair } = twins(random, making);
    const [gear, twin] = pair;
    const others = otherThan(random, setup, gear, making.level);
    const options = random.shuffled([twin, ...others]);
    const [a, b] = lowestTerms(gear);
    return {
      text: `${setupName(setup)}: which gear is exactly the same as ${name(gear)}?`,
      answer: { kind: 'choice', options: options.map(name), right: options.indexOf(twin) },
      working: [
        `${name(gear)} = ${a}:${b} in lowest terms`,
        `${name(twin)} = ${a}:${b} as well, because ${gear.chainring} × ${twin.cog} = ${twin.chainring} × ${gear.cog} = ${gear.chainring * twin.cog}`,
      ],
      mistakes: [],
    };
  },
  order: (random, making) => {
    const distinct = toOrder(random, making);
    const right = distinct.map((_, i) => i).sort((a, b) => distinct[a]!.ratio - distinct[b]!.ratio);
    return {
      text: 'Put these gears in order, easiest first.',
      answer: { kind: 'order', items: distinct.map(name), right },
      working: right.map((i) => division(distinct[i]!)),
      mistakes: [],
    };
  },
} satisfies Readonly<Record<string, Maker>>;
