import { exactDuplicates, gearsOf, lowestTerms, type Gear, type Setup } from '../gears';
import { message } from '../message';
import type { Level } from './level';
import { apart, division, name, neighbours, teethOf, type Making, type Maker } from './making';
import type { Seeded } from './seeded';
import { itemAt } from '../items';

/** Gears closer than this can be distinguished only by calculation. */
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

/** A drivetrain and a pair of its exact duplicates; some pairs of rings have none with some cassettes. */
function duplicates(random: Seeded, { drivetrains }: Making) {
  const setup = drivetrains.draw(random, 'two', (one) => exactDuplicates(gearsOf(one)).length > 0);
  return { setup, pair: random.pick(exactDuplicates(gearsOf(setup))) };
}

/** Gears of other sizes: any at first, at last those that come nearest. */
function otherThan(random: Seeded, setup: Setup, gear: Gear, level: Level): Gear[] {
  const others = random.shuffled(gearsOf(setup)).filter((one) => one.ratio !== gear.ratio);
  if (level === 3) others.sort((a, b) => factor([a, gear]) - factor([b, gear]));
  return others.slice(0, level === 1 ? 2 : 3);
}

/** Tolerance of the answer, percentage points; wide enough for an estimate at the first level. */
const STEP_TOLERANCE: Readonly<Record<Level, number>> = { 1: 1, 2: 0.5, 3: 0.5 };
/** Gears to be put in order. */
const ORDER_COUNT: Readonly<Record<Level, number>> = { 1: 3, 2: 4, 3: 5 };
/** Ratios this near to a half or a whole are good to begin with. */
const NEAR_HALF = 0.06;
const isNearHalf = ({ ratio }: Gear) => Math.abs(ratio * 2 - Math.round(ratio * 2)) <= 2 * NEAR_HALF;

/** Of a gear in lowest terms, turns of the crank after which both are down: few at first, for they are multiplied in the head. */
const CRANK_TERM: Readonly<Record<Level, number>> = { 1: 2, 2: 4, 3: 7 };
/** Maximum factor of the turns in a question. */
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
  const isSorted = drawn.every((gear, i) => i === 0 || itemAt(drawn, i - 1).ratio < gear.ratio);
  return isSorted ? drawn.reverse() : drawn;
}

/** How large gears are, against each other. */
export const SIZE_DRILLS = {
  harderOrEasier: (random, making) => {
    const [from, to] = twoGears(random, making);
    const isHarder = to.ratio > from.ratio;
    return {
      text: message('harderOrEasier.question', { from: name(from), to: name(to) }),
      answer: {
        kind: 'choice',
        options: [message('harderOrEasier.harder'), message('harderOrEasier.easier')],
        right: isHarder ? 0 : 1,
      },
      working: [
        division(from),
        division(to),
        message(isHarder ? 'harderOrEasier.higher' : 'harderOrEasier.lower', { ratio: to.ratio }),
      ],
      mistakes: [
        {
          mistake: 'upsideDown',
          value: isHarder ? 1 : 0,
          why: message('harderOrEasier.upsideDown', { from: 1 / from.ratio, to: 1 / to.ratio }),
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
      text: message('howMuch.question', { harder: name(harder), easier: name(easier) }),
      answer: { kind: 'number', value: step, unit: '%', tolerance, decimals: 1 },
      working: [
        message('howMuch.proportional', {
          easierCog: easier.cog,
          harderCog: harder.cog,
          factor: easier.cog / harder.cog,
        }),
        message('howMuch.faster', { step }),
      ],
      mistakes: apart(step, tolerance, [
        {
          mistake: 'wrongBase',
          value: drop,
          why: message('howMuch.wrongBase', { drop }),
        },
        {
          mistake: 'teethForPercent',
          value: teeth,
          why: message('howMuch.teethForPercent', {
            teeth,
            cog: easier.cog,
            step,
            fromForty: (teeth / (40 - teeth)) * 100,
          }),
        },
        { mistake: 'otherWay', value: -step, why: message('howMuch.otherWay') },
      ]),
    };
  },
  ratio: (random, { level, drivetrains }) => {
    const suits = level === 1 ? isNearHalf : () => true;
    const setup = drivetrains.draw(random, 'any', (one) => gearsOf(one).some(suits));
    const gear = random.pick(gearsOf(setup).filter(suits));
    return {
      text: message('ratio.question', { gear: name(gear), tolerance: 0.1 }),
      answer: { kind: 'number', value: gear.ratio, unit: 'turns', tolerance: 0.1, decimals: 2 },
      working: [division(gear)],
      mistakes: apart(gear.ratio, 0.1, [
        {
          mistake: 'upsideDown',
          value: 1 / gear.ratio,
          why: message('ratio.upsideDown', { cog: gear.cog, ring: gear.chainring }),
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
      text: message('wheelTurns.question', { gear: name(gear), turns }),
      answer: { kind: 'number', value, unit: 'turns', tolerance: 0, decimals: 0 },
      working: [
        message('wheelTurns.lowestTerms', { gear: name(gear), wheel, crank }),
        message('wheelTurns.times', { turns, crank, times, wheel, wheelTurns: value }),
      ],
      mistakes: apart(value, 0, [
        {
          mistake: 'upsideDown',
          value: (turns * gear.cog) / gear.chainring,
          why: message('wheelTurns.upsideDown', { turns, cog: gear.cog, ring: gear.chainring }),
        },
      ]),
    };
  },
  duplicate: (random, making) => {
    const { setup, pair } = duplicates(random, making);
    const [gear, duplicate] = pair;
    const others = otherThan(random, setup, gear, making.level);
    const options = random.shuffled([duplicate, ...others]);
    const [a, b] = lowestTerms(gear);
    return {
      text: message('duplicate.question', { ...teethOf(setup), gear: name(gear) }),
      answer: { kind: 'choice', options: options.map(name), right: options.indexOf(duplicate) },
      working: [
        message('duplicate.lowestTerms', { gear: name(gear), a, b }),
        message('duplicate.alike', {
          duplicate: name(duplicate),
          a,
          b,
          ring: gear.chainring,
          duplicateCog: duplicate.cog,
          duplicateRing: duplicate.chainring,
          cog: gear.cog,
          product: gear.chainring * duplicate.cog,
        }),
      ],
      mistakes: [],
    };
  },
  order: (random, making) => {
    const distinct = toOrder(random, making);
    const right = distinct.map((_, i) => i).sort((a, b) => itemAt(distinct, a).ratio - itemAt(distinct, b).ratio);
    return {
      text: message('order.question'),
      answer: { kind: 'order', items: distinct.map(name), right },
      working: right.map((i) => division(itemAt(distinct, i))),
      mistakes: [],
    };
  },
} satisfies Readonly<Record<string, Maker>>;
