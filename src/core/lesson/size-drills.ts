import { exactTwins, gearsOf, lowestTerms, type Gear, type Setup } from '../gears';
import { anyDrivetrain, twoRings } from './drivetrain';
import { apart, division, name, neighbours, setupName, shown, type Maker } from './making';
import type { Seeded } from './seeded';

/** Two gears of a drivetrain that differ in size, in the order in which the seed drew them. */
function twoGears(random: Seeded, setup: Setup): readonly [Gear, Gear] {
  const [first, ...others] = random.shuffled(gearsOf(setup));
  return [first!, others.find(({ ratio }) => ratio !== first!.ratio)!];
}

/** How large gears are, against each other. */
export const SIZE_DRILLS = {
  harderOrEasier: (random) => {
    const [from, to] = twoGears(random, anyDrivetrain(random));
    const isHarder = to.ratio > from.ratio;
    return {
      text: `From ${name(from)} to ${name(to)}: harder or easier?`,
      answer: { kind: 'choice', options: ['harder', 'easier'], right: isHarder ? 0 : 1 },
      working: [
        division(from),
        division(to),
        `${shown(to.ratio, 3)} is ${isHarder ? 'larger' : 'smaller'}: the wheel turns ${isHarder ? 'more' : 'less'} for each turn of the crank, so it is ${isHarder ? 'harder' : 'easier'}`,
      ],
      mistakes: [
        {
          mistake: 'upsideDown',
          value: isHarder ? 1 : 0,
          why: `Cog ÷ ring turns it round: ${shown(1 / from.ratio, 3)} and ${shown(1 / to.ratio, 3)}. A larger ring or a smaller cog is harder.`,
        },
      ],
    };
  },
  howMuch: (random) => {
    const [easier, harder] = neighbours(random, anyDrivetrain(random));
    const step = (harder.ratio / easier.ratio - 1) * 100;
    const drop = (1 - easier.ratio / harder.ratio) * 100;
    const teeth = easier.cog - harder.cog;
    return {
      text: `At the same cadence, how much faster is ${name(harder)} than ${name(easier)}, in percent?`,
      answer: { kind: 'number', value: step, unit: '%', tolerance: 0.5, decimals: 1 },
      working: [
        `speed goes with the ratio, and on one ring that is ${easier.cog} ÷ ${harder.cog} = ${shown(easier.cog / harder.cog, 4)}`,
        `${shown(step, 1)} % faster`,
      ],
      mistakes: apart(step, 0.5, [
        {
          mistake: 'wrongBase',
          value: drop,
          why: `${shown(drop, 1)} % is how much slower the cadence becomes at the same speed: the difference over the harder gear. Asked is the difference over the easier one, the gear you come from.`,
        },
        {
          mistake: 'teethForPercent',
          value: teeth,
          why: `${teeth} teeth are not ${teeth} percent: on a ${easier.cog} they are ${shown(step, 1)} %, on a cog of 40 they would be ${shown((teeth / (40 - teeth)) * 100, 1)} %.`,
        },
        { mistake: 'otherWay', value: -step, why: 'The size is right, the direction is not: a smaller cog is faster.' },
      ]),
    };
  },
  ratio: (random) => {
    const gear = random.pick(gearsOf(anyDrivetrain(random)));
    return {
      text: `${name(gear)}: how often does the wheel turn for one turn of the crank? To a tenth.`,
      answer: { kind: 'number', value: gear.ratio, unit: 'turns', tolerance: 0.1, decimals: 1 },
      working: [division(gear)],
      mistakes: apart(gear.ratio, 0.1, [
        {
          mistake: 'upsideDown',
          value: 1 / gear.ratio,
          why: `${gear.cog} ÷ ${gear.chainring} is how often the crank turns for one turn of the wheel. Ring ÷ cog is asked.`,
        },
      ]),
    };
  },
  twin: (random) => {
    let setup = twoRings(random);
    // Some pairs of rings have no exact twins with some cassettes.
    while (exactTwins(gearsOf(setup)).length === 0) setup = twoRings(random);
    const [gear, twin] = random.pick(exactTwins(gearsOf(setup)));
    const others = random
      .shuffled(gearsOf(setup))
      .filter((one) => one.ratio !== gear.ratio)
      .slice(0, 3);
    const options = random.shuffled([twin, ...others]);
    const [a, b] = lowestTerms(gear);
    return {
      text: `${setupName(setup)}: which gear is exactly as large as ${name(gear)}?`,
      answer: { kind: 'choice', options: options.map(name), right: options.indexOf(twin) },
      working: [
        `${name(gear)} = ${a}:${b} in lowest terms`,
        `${name(twin)} = ${a}:${b} as well, for ${gear.chainring} × ${twin.cog} = ${twin.chainring} × ${gear.cog} = ${gear.chainring * twin.cog}`,
      ],
      mistakes: [],
    };
  },
  order: (random) => {
    const setup = anyDrivetrain(random);
    const distinct = random
      .shuffled(gearsOf(setup))
      .filter((gear, i, all) => all.findIndex(({ ratio }) => ratio === gear.ratio) === i)
      .slice(0, 4);
    const right = distinct.map((_, i) => i).sort((a, b) => distinct[a]!.ratio - distinct[b]!.ratio);
    return {
      text: 'Put these gears in order, the easiest first.',
      answer: { kind: 'order', items: distinct.map(name), right },
      working: right.map((i) => division(distinct[i]!)),
      mistakes: [],
    };
  },
} satisfies Readonly<Record<string, Maker>>;
