import { chainAngles, type ChainlineGeometry } from '../fit';
import {
  DEFAULT_CLOSENESS_PERCENT,
  NO_HUB_STAGE,
  developmentM,
  distinctGears,
  exactDuplicates,
  gearsOf,
  speedKmh,
  type Gear,
  type Setup,
} from '../gears';
import { message } from '../message';
import { Drivetrains, type Rings } from './drivetrain';
import { FIT_DRILLS } from './fit-drills';
import type { LessonId } from './kinds';
import { apart, division, gearOf, name, teethOf, type Asked } from './making';
import type { Question } from './question';
import { RIDING_DRILLS } from './riding-drills';
import { Seeded } from './seeded';
import { firstOf, itemAt } from '../items';

/** The bike that a lesson is about. */
export interface LessonBike {
  /** Those in the workspace, the one fitted now first. */
  readonly setups: readonly Setup[];
  readonly rolloutMm: number;
  readonly chainline: (setup: Setup) => ChainlineGeometry;
}

/** Where the workspace has none with two rings, or with one. */
const EXAMPLE_TWO: Setup = {
  chainrings: [48, 32],
  cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32, 36],
  hubStages: NO_HUB_STAGE,
};
const EXAMPLE_ONE: Setup = {
  chainrings: [44],
  cogs: [10, 11, 13, 15, 17, 19, 21, 24, 28, 32, 38, 44],
  hubStages: NO_HUB_STAGE,
};

const isPlain = ({ hubStages }: Setup) => hubStages.length === 1 && hubStages[0] === 1;
const hasDuplicates = (setup: Setup) => exactDuplicates(gearsOf(setup)).length > 0;

export const twoRingsOf = ({ setups }: LessonBike): Setup =>
  setups.find((one) => isPlain(one) && one.chainrings.length === 2) ?? EXAMPLE_TWO;
export const oneRingOf = ({ setups }: LessonBike): Setup =>
  setups.find((one) => isPlain(one) && one.chainrings.length === 1) ?? EXAMPLE_ONE;
const anySetupOf = ({ setups }: LessonBike): Setup => setups.find(isPlain) ?? EXAMPLE_TWO;

/** The setup of a lesson. */
export const lessonSetup: Readonly<Record<LessonId, (bike: LessonBike) => Setup>> = {
  ratio: anySetupOf,
  sameRatio: (bike) => [twoRingsOf(bike)].find(hasDuplicates) ?? EXAMPLE_TWO,
  development: anySetupOf,
  speed: anySetupOf,
  steps: (bike) => [anySetupOf(bike)].find((one) => sameJumps(one).length > 0) ?? EXAMPLE_TWO,
  overlap: twoRingsOf,
  crossChaining: twoRingsOf,
  capacity: twoRingsOf,
  chainLength: anySetupOf,
  gaps: oneRingOf,
  oneOrTwo: twoRingsOf,
};

/** Pairs of neighbouring cogs that differ by as many teeth, far apart on the cassette. */
function sameJumps({
  chainrings,
  cogs,
}: Setup): { readonly small: readonly [Gear, Gear]; large: readonly [Gear, Gear] }[] {
  const ring = firstOf(chainrings);
  const jumps = cogs.slice(1).map((cog, i) => [gearOf(ring, cog), gearOf(ring, itemAt(cogs, i))] as const);
  const teeth = ([easier, harder]: readonly [Gear, Gear]) => easier.cog - harder.cog;
  return jumps.flatMap((small, i) =>
    jumps
      .slice(i + 2)
      .filter((large) => teeth(large) === teeth(small))
      .map((large) => ({ small, large })),
  );
}

/** A gear from the middle of a setup, where figures are neither tiny nor huge. */
const middle = (setup: Setup, random: Seeded) => {
  const gears = gearsOf(setup);
  return itemAt(gears, random.whole(Math.floor(gears.length / 3), Math.floor((2 * gears.length) / 3)));
};

const stepPercent = ([easier, harder]: readonly [Gear, Gear]) => (harder.ratio / easier.ratio - 1) * 100;

/** Another bike than the one just shown, so that the answer was not on screen already. */
const another = (random: Seeded, rings: Rings, accepts?: (setup: Setup) => boolean) =>
  new Drivetrains().draw(random, rings, accepts);

type LessonMaker = (random: Seeded, bike: LessonBike) => Asked;

/** What the learner predicts at the end of each lesson, before the answer is shown. */
const PREDICTIONS: Readonly<Record<LessonId, LessonMaker>> = {
  ratio: (random, bike) => {
    const gear = middle(lessonSetup.ratio(bike), random);
    const turns = random.whole(2, 4);
    const value = turns * gear.ratio;
    return {
      text: message('lesson.ratio.question', { gear: name(gear), turns }),
      answer: { kind: 'number', value, unit: 'turns', tolerance: 0.1 * turns, decimals: 2 },
      working: [division(gear), message('lesson.ratio.turns', { turns, ratio: gear.ratio, wheelTurns: value })],
      mistakes: apart(value, 0.1 * turns, [
        {
          mistake: 'upsideDown',
          value: turns / gear.ratio,
          why: message('lesson.ratio.upsideDown', { cog: gear.cog, ring: gear.chainring }),
        },
      ]),
    };
  },
  sameRatio: (random) => {
    const setup = another(random, 'two', hasDuplicates);
    const [small, big] = random.pick(exactDuplicates(gearsOf(setup)));
    return {
      text: message('lesson.sameRatio.question', { gear: name(big), ring: small.chainring }),
      answer: { kind: 'number', value: small.cog, unit: 'T', tolerance: 0, decimals: 0 },
      working: [
        message('lesson.sameRatio.cog', {
          smallRing: small.chainring,
          bigCog: big.cog,
          bigRing: big.chainring,
          cog: small.cog,
        }),
        message('divisions', { first: division(big), second: division(small) }),
      ],
      mistakes: apart(small.cog, 0, [
        {
          mistake: 'differenceForRatio',
          value: big.cog - (big.chainring - small.chainring),
          why: message('lesson.sameRatio.difference', { teeth: big.chainring - small.chainring }),
        },
      ]),
    };
  },
  development: (random, bike) => {
    const gear = middle(another(random, 'any'), random);
    const value = developmentM(gear.ratio, bike.rolloutMm);
    return {
      text: message('lesson.development.question', { rollout: bike.rolloutMm, gear: name(gear) }),
      answer: { kind: 'number', value, unit: 'm', tolerance: 0.2, decimals: 2 },
      working: [
        division(gear),
        message('lesson.development.metres', {
          ratio: gear.ratio,
          rollout: bike.rolloutMm / 1000,
          development: value,
        }),
      ],
      mistakes: apart(value, 0.2, [
        {
          mistake: 'upsideDown',
          value: developmentM(1 / gear.ratio, bike.rolloutMm),
          why: message('lesson.development.upsideDown', { cog: gear.cog, ring: gear.chainring }),
        },
      ]),
    };
  },
  speed: (random, bike) => {
    const gear = middle(lessonSetup.speed(bike), random);
    const [from, to] = random.pick([
      [90, 60],
      [80, 100],
      [60, 90],
      [100, 75],
    ] as const);
    const metres = developmentM(gear.ratio, bike.rolloutMm);
    const [before, value] = [speedKmh(metres, from), speedKmh(metres, to)];
    return {
      text: message('lesson.speed.question', { gear: name(gear), speed: before, from, to }),
      answer: { kind: 'number', value, unit: 'km/h', tolerance: 0.5, decimals: 1 },
      working: [message('lesson.speed.proportional', { before, to, from, after: value })],
      mistakes: apart(value, 0.5, [
        {
          mistake: 'upsideDown',
          value: (before * from) / to,
          why: message(to > from ? 'lesson.speed.higher' : 'lesson.speed.lower', { from, to }),
        },
        {
          mistake: 'differenceForRatio',
          value: before + (to - from),
          why: message('lesson.speed.difference', { rpm: Math.abs(to - from) }),
        },
      ]),
    };
  },
  steps: (random) => {
    const { small, large } = random.pick(sameJumps(another(random, 'any', (one) => sameJumps(one).length > 0)));
    const [easier, harder] = large;
    const teeth = easier.cog - harder.cog;
    const [first, value] = [stepPercent(small), stepPercent(large)];
    return {
      text: message('lesson.steps.question', {
        smallFrom: small[0].cog,
        smallTo: small[1].cog,
        step: first,
        from: easier.cog,
        to: harder.cog,
      }),
      answer: { kind: 'number', value, unit: '%', tolerance: 0.5, decimals: 1 },
      working: [
        message('lesson.steps.step', {
          from: easier.cog,
          to: harder.cog,
          factor: easier.cog / harder.cog,
          step: value,
        }),
      ],
      mistakes: apart(value, 0.5, [
        {
          mistake: 'teethForPercent',
          value: first,
          why: message('lesson.steps.sameTeeth', { teeth }),
        },
        { mistake: 'teethForPercent', value: teeth, why: message('teethForPercent', { teeth }) },
        {
          mistake: 'wrongBase',
          value: (1 - easier.ratio / harder.ratio) * 100,
          why: message('lesson.steps.wrongBase', { teeth, from: easier.cog, to: harder.cog }),
        },
      ]),
    };
  },
  overlap: (random) => {
    const setup = another(random, 'two');
    const gears = gearsOf(setup);
    const percent = DEFAULT_CLOSENESS_PERCENT;
    const value = distinctGears(gears, percent).length;
    const duplicates = exactDuplicates(gears);
    return {
      text: message('lesson.overlap.question', { ...teethOf(setup), gears: gears.length, percent }),
      answer: { kind: 'number', value, unit: 'gears', tolerance: 2, decimals: 0 },
      working: [
        message('lesson.overlap.counted', { percent, distinct: value, gears: gears.length }),
        duplicates.length === 0
          ? message('lesson.overlap.noDuplicates')
          : message('lesson.overlap.duplicates', { pairs: duplicates.map(([a, b]) => `${name(a)} = ${name(b)}`) }),
      ],
      mistakes: apart(value, 2, [
        {
          mistake: 'countedAll',
          value: gears.length,
          why: message('lesson.overlap.countedAll', { rings: setup.chainrings.length, cogs: setup.cogs.length }),
        },
        {
          mistake: 'countedAll',
          value: setup.cogs.length,
          why: message('lesson.overlap.countedCogs', { more: value - setup.cogs.length, cogs: setup.cogs.length }),
        },
      ]),
    };
  },
  crossChaining: (random, bike) => {
    const setup = another(random, 'two');
    const angles = chainAngles(setup, bike.chainline(setup));
    const size = ({ angleDeg }: (typeof angles)[number]) => Math.abs(angleDeg);
    const sorted = [...angles].sort((a, b) => size(b) - size(a));
    const [steepest] = sorted as [(typeof angles)[number]];
    const others = random.shuffled(sorted.slice(3).filter((one) => size(one) < size(steepest) * 0.9)).slice(0, 3);
    const options = random.shuffled([steepest, ...others]);
    return {
      text: message('lesson.crossChaining.question', teethOf(setup)),
      answer: { kind: 'choice', options: options.map(name), right: options.indexOf(steepest) },
      working: [...options].map((one) => message('lesson.crossChaining.angle', { gear: name(one), angle: size(one) })),
      mistakes: [],
    };
  },
  capacity: (random, bike) =>
    FIT_DRILLS.capacity(random, { level: 2, drivetrains: new OnlyOne(lessonSetup.capacity(bike)) }),
  chainLength: (random, bike) =>
    FIT_DRILLS.links(random, { level: 2, drivetrains: new OnlyOne(lessonSetup.chainLength(bike)) }),
  gaps: (random) => RIDING_DRILLS.gap(random, { level: 1, drivetrains: new Drivetrains() }),
  oneOrTwo: (_, bike) => {
    const [two, one] = [twoRingsOf(bike), oneRingOf(bike)];
    const [from, to] = [firstOf(gearsOf(two)), firstOf(gearsOf(one))];
    const value = (to.ratio / from.ratio - 1) * 100;
    const [low, high] = [Math.min(from.ratio, to.ratio), Math.max(from.ratio, to.ratio)];
    return {
      text: message('lesson.oneOrTwo.question', {
        twoRings: teethOf(two).rings,
        twoCogs: teethOf(two).cogs,
        from: name(from),
        oneRing: teethOf(one).rings,
        oneCogs: teethOf(one).cogs,
        to: name(to),
      }),
      answer: { kind: 'number', value, unit: '%', tolerance: 0.5, decimals: 1 },
      working: [
        division(from),
        division(to),
        message('lesson.oneOrTwo.percent', { to: to.ratio, from: from.ratio, percent: value }),
      ],
      mistakes: apart(value, 0.5, [
        {
          mistake: 'wrongBase',
          value: Math.sign(value) * (value > 0 ? (1 - low / high) * 100 : (high / low - 1) * 100),
          why: message('lesson.oneOrTwo.wrongBase', { gear: name(from), from: from.ratio, to: to.ratio }),
        },
        { mistake: 'otherWay', value: -value, why: message('rightSizeWrongDirection') },
      ]),
    };
  },
};

/** Always the same drivetrain: a lesson is about the learner's own bike. */
class OnlyOne extends Drivetrains {
  constructor(private readonly setup: Setup) {
    super();
  }

  override draw(): Setup {
    return this.setup;
  }
}

/** What the learner predicts; the same for the same seed and bike. */
export function prediction(id: LessonId, bike: LessonBike, seed: number): Question<LessonId> {
  return { kind: id, seed, ...PREDICTIONS[id](new Seeded(seed), bike) };
}
