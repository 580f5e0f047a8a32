import { chainAngles, type ChainlineGeometry } from '../fit';
import {
  DEFAULT_CLOSENESS_PERCENT,
  NO_HUB_STAGE,
  developmentM,
  distinctGears,
  exactTwins,
  gearsOf,
  speedKmh,
  type Gear,
  type Setup,
} from '../gears';
import { Drivetrains, type Rings } from './drivetrain';
import { FIT_DRILLS } from './fit-drills';
import type { LessonId } from './kinds';
import { apart, division, gearOf, name, setupName, shown, type Asked } from './making';
import type { Question } from './question';
import { RIDING_DRILLS } from './riding-drills';
import { Seeded } from './seeded';

/** The bike that a lesson is about. */
export interface LessonBike {
  /** Those on the bench, the one fitted now first. */
  readonly setups: readonly Setup[];
  readonly rolloutMm: number;
  readonly chainline: (setup: Setup) => ChainlineGeometry;
}

/** Where the bench has none with two rings, or with one. */
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
const hasTwins = (setup: Setup) => exactTwins(gearsOf(setup)).length > 0;

export const twoRingsOf = ({ setups }: LessonBike): Setup =>
  setups.find((one) => isPlain(one) && one.chainrings.length === 2) ?? EXAMPLE_TWO;
export const oneRingOf = ({ setups }: LessonBike): Setup =>
  setups.find((one) => isPlain(one) && one.chainrings.length === 1) ?? EXAMPLE_ONE;
const anySetupOf = ({ setups }: LessonBike): Setup => setups.find(isPlain) ?? EXAMPLE_TWO;

/** The setup that a lesson shows and asks about. */
export const lessonSetup: Readonly<Record<LessonId, (bike: LessonBike) => Setup>> = {
  ratio: anySetupOf,
  sameRatio: (bike) => [twoRingsOf(bike)].find(hasTwins) ?? EXAMPLE_TWO,
  development: anySetupOf,
  speed: anySetupOf,
  steps: (bike) => [anySetupOf(bike)].find((one) => sameJumps(one).length > 0) ?? EXAMPLE_TWO,
  overlap: twoRingsOf,
  crossChaining: twoRingsOf,
  capacity: twoRingsOf,
  chainLength: anySetupOf,
  holes: oneRingOf,
  oneOrTwo: twoRingsOf,
};

/** Pairs of neighbouring cogs that differ by as many teeth, far apart on the cassette. */
function sameJumps({
  chainrings,
  cogs,
}: Setup): { readonly small: readonly [Gear, Gear]; large: readonly [Gear, Gear] }[] {
  const ring = chainrings[0]!;
  const jumps = cogs.slice(1).map((cog, i) => [gearOf(ring, cog), gearOf(ring, cogs[i]!)] as const);
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
  return gears[random.whole(Math.floor(gears.length / 3), Math.floor((2 * gears.length) / 3))]!;
};

const stepPercent = ([easier, harder]: readonly [Gear, Gear]) => (harder.ratio / easier.ratio - 1) * 100;

/** Another bike than the one that was just looked at, so that the answer was not on screen already. */
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
      text: `In ${name(gear)} you turn the crank ${turns} times. How many times does the wheel turn?`,
      answer: { kind: 'number', value, unit: 'turns', tolerance: 0.1 * turns, decimals: 2 },
      working: [division(gear), `${turns} × ${shown(gear.ratio, 3)} = ${shown(value, 2)} turns`],
      mistakes: apart(value, 0.1 * turns, [
        {
          mistake: 'upsideDown',
          value: turns / gear.ratio,
          why: `${gear.cog} ÷ ${gear.chainring} is crank turns per wheel turn.`,
        },
      ]),
    };
  },
  sameRatio: (random) => {
    const setup = another(random, 'two', hasTwins);
    const [small, big] = random.pick(exactTwins(gearsOf(setup)));
    return {
      text: `${name(big)} and a ring of ${small.chainring}: which cog gives exactly the same gear?`,
      answer: { kind: 'number', value: small.cog, unit: 'T', tolerance: 0, decimals: 0 },
      working: [
        `cog = ${small.chainring} × ${big.cog} ÷ ${big.chainring} = ${small.cog}`,
        `${division(big)}, and ${division(small)}`,
      ],
      mistakes: apart(small.cog, 0, [
        {
          mistake: 'differenceForRatio',
          value: big.cog - (big.chainring - small.chainring),
          why: `The ring has ${big.chainring - small.chainring} fewer teeth, but taking as many off the cog does not keep the ratio: teeth are divided, not subtracted.`,
        },
      ]),
    };
  },
  development: (random, bike) => {
    const gear = middle(another(random, 'any'), random);
    const value = developmentM(gear.ratio, bike.rolloutMm);
    return {
      text: `Your wheel covers ${shown(bike.rolloutMm, 0)} mm per turn. How far does the bike go per crank turn in ${name(gear)}?`,
      answer: { kind: 'number', value, unit: 'm', tolerance: 0.2, decimals: 2 },
      working: [
        division(gear),
        `${shown(gear.ratio, 3)} × ${shown(bike.rolloutMm / 1000, 3)} m = ${shown(value, 2)} m`,
      ],
      mistakes: apart(value, 0.2, [
        {
          mistake: 'upsideDown',
          value: developmentM(1 / gear.ratio, bike.rolloutMm),
          why: `${gear.cog} ÷ ${gear.chainring} turns the ratio upside down: the wheel turns ring ÷ cog times.`,
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
      text: `In ${name(gear)} you ride ${shown(before, 1)} km/h at ${from} rpm. How fast is it at ${to} rpm?`,
      answer: { kind: 'number', value, unit: 'km/h', tolerance: 0.5, decimals: 1 },
      working: [`in one gear speed goes with cadence: ${shown(before, 1)} × ${to} ÷ ${from} = ${shown(value, 1)} km/h`],
      mistakes: apart(value, 0.5, [
        {
          mistake: 'upsideDown',
          value: (before * from) / to,
          why: `${from} ÷ ${to} is the wrong way round: a ${to > from ? 'higher' : 'lower'} cadence is ${to > from ? 'faster' : 'slower'}.`,
        },
        {
          mistake: 'differenceForRatio',
          value: before + (to - from),
          why: `${Math.abs(to - from)} rpm is not ${Math.abs(to - from)} km/h: multiply the speed by the ratio of the cadences.`,
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
      text: `From the ${small[0].cog} to the ${small[1].cog} is a step of ${shown(first, 1)} %. How large is the step from the ${easier.cog} to the ${harder.cog}, in percent?`,
      answer: { kind: 'number', value, unit: '%', tolerance: 0.5, decimals: 1 },
      working: [`${easier.cog} ÷ ${harder.cog} = ${shown(easier.cog / harder.cog, 4)}: ${shown(value, 1)} %`],
      mistakes: apart(value, 0.5, [
        {
          mistake: 'teethForPercent',
          value: first,
          why: `Both are ${teeth}T, but on different cogs: the larger the cogs, the smaller a step of ${teeth}T.`,
        },
        { mistake: 'teethForPercent', value: teeth, why: `${teeth} teeth are not ${teeth} percent.` },
        {
          mistake: 'wrongBase',
          value: (1 - easier.ratio / harder.ratio) * 100,
          why: `That is ${easier.cog - harder.cog} ÷ ${easier.cog}: the drop in cadence. Divide by the ${harder.cog}, because speed is proportional to 1 ÷ cog.`,
        },
      ]),
    };
  },
  overlap: (random) => {
    const setup = another(random, 'two');
    const gears = gearsOf(setup);
    const percent = DEFAULT_CLOSENESS_PERCENT;
    const value = distinctGears(gears, percent).length;
    return {
      text: `${setupName(setup)} has ${gears.length} gears. How many remain if gears less than ${percent} % apart count as one?`,
      answer: { kind: 'number', value, unit: 'gears', tolerance: 2, decimals: 0 },
      working: [
        `from the easiest up, every gear at least ${percent} % above the last one counted: ${value} of ${gears.length}`,
        `exact duplicates: ${
          exactTwins(gears).length === 0
            ? 'none'
            : exactTwins(gears)
                .map(([a, b]) => `${name(a)} = ${name(b)}`)
                .join(', ')
        }`,
      ],
      mistakes: apart(value, 2, [
        {
          mistake: 'countedAll',
          value: gears.length,
          why: `${setup.chainrings.length} × ${setup.cogs.length} counts combinations, not different gears: where the rings overlap, two of them are nearly the same.`,
        },
        {
          mistake: 'countedAll',
          value: setup.cogs.length,
          why: `The second ring adds more than that: ${value - setup.cogs.length} gears beyond the ${setup.cogs.length} of the cassette.`,
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
      text: `${setupName(setup)}: in which of these gears is the chain angle sharpest?`,
      answer: { kind: 'choice', options: options.map(name), right: options.indexOf(steepest) },
      working: [...options].map((one) => `${name(one)}: ${shown(size(one), 1)}°`),
      mistakes: [],
    };
  },
  capacity: (random, bike) =>
    FIT_DRILLS.capacity(random, { level: 2, drivetrains: new OnlyOne(lessonSetup.capacity(bike)) }),
  chainLength: (random, bike) =>
    FIT_DRILLS.links(random, { level: 2, drivetrains: new OnlyOne(lessonSetup.chainLength(bike)) }),
  holes: (random) => RIDING_DRILLS.hole(random, { level: 1, drivetrains: new Drivetrains() }),
  oneOrTwo: (_, bike) => {
    const [two, one] = [twoRingsOf(bike), oneRingOf(bike)];
    const [from, to] = [gearsOf(two)[0]!, gearsOf(one)[0]!];
    const value = (to.ratio / from.ratio - 1) * 100;
    const [low, high] = [Math.min(from.ratio, to.ratio), Math.max(from.ratio, to.ratio)];
    return {
      text: `The easiest gear of ${setupName(two)} is ${name(from)}; the easiest gear of ${setupName(one)} is ${name(to)}. How much harder is the second, in percent? Use a minus sign if it is easier.`,
      answer: { kind: 'number', value, unit: '%', tolerance: 0.5, decimals: 1 },
      working: [
        division(from),
        division(to),
        `${shown(to.ratio, 3)} ÷ ${shown(from.ratio, 3)} − 1 = ${shown(value, 1)} %`,
      ],
      mistakes: apart(value, 0.5, [
        {
          mistake: 'wrongBase',
          value: Math.sign(value) * (value > 0 ? (1 - low / high) * 100 : (high / low - 1) * 100),
          why: `The base is your present gear, ${name(from)}: divide the difference by ${shown(from.ratio, 3)}, not by ${shown(to.ratio, 3)}.`,
        },
        { mistake: 'otherWay', value: -value, why: 'The size is right, the direction is not.' },
      ]),
    };
  },
};

/** One drivetrain and no other, whatever is asked for: a lesson is about the learner's own bike. */
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
