import { chainLinks, directPitches, requiredCapacityT, type GearIndex } from '../fit';
import type { Setup } from '../gears';
import { allDigits } from '../number-text';
import { MM_PER_INCH } from '../units';
import { GENERIC_CASSETTES } from '../parts/cassettes';
import type { Level } from './level';
import { apart, setupName, shown, type Asked, type Maker, type Making } from './making';
import type { Seeded } from './seeded';

/** Capacities as they stand in sheets. */
const PUBLISHED_T = [33, 35, 37, 39, 41, 43, 45, 47] as const;

const CASSETTE_SPEEDS = new Set(GENERIC_CASSETTES.map(({ cogs }) => cogs.length));

const PLAN_FAULTS = [
  'the largest cog exceeds the published limit',
  'the capacity needed exceeds the published limit',
  'the chain is too short',
  'nothing is wrong with this plan',
] as const;

/** How near a sheet may come to what is asked of it, and how far from it, teeth. */
const SHEET_FROM: Readonly<Record<Level, number>> = { 1: 2, 2: 0, 3: 0 };
const SHEET_TO: Readonly<Record<Level, number>> = { 1: 8, 2: 8, 3: 3 };

/** A cassette swap with just one thing wrong, or none. */
function planWithFault(random: Seeded, { level, drivetrains }: Making) {
  for (;;) {
    const setup = drivetrains.draw(random, 'any', (one) => CASSETTE_SPEEDS.has(one.cogs.length));
    const cogs = random.pick(GENERIC_CASSETTES.filter((one) => one.cogs.length === setup.cogs.length)).cogs;
    const chainstayMm = random.whole(410, 450);
    const after = { ...setup, cogs };
    const linksOf = (one: Setup) => chainLinks({ ...one, chainstayMm, geometry: undefined }).bigBigPlusTwo;
    const [links, needed] = [linksOf(setup), linksOf(after)];
    const capacityT = random.pick(PUBLISHED_T);
    const largestCogT = random.pick([28, 30, 32, 34, 36, 40, 42, 46, 50, 52]);
    const required = requiredCapacityT(after);
    const faults = [cogs.at(-1)! > largestCogT, required > capacityT, links < needed];
    const count = faults.filter(Boolean).length;
    // A sheet far from what it would be asked for makes a silly question.
    const isNear = [capacityT - required, largestCogT - cogs.at(-1)!].every(
      (spareT) => Math.abs(spareT) >= SHEET_FROM[level] && Math.abs(spareT) <= SHEET_TO[level],
    );
    if (count > 1 || !isNear || cogs.join() === setup.cogs.join()) continue;
    const right = count === 0 ? PLAN_FAULTS.length - 1 : faults.indexOf(true);
    return { setup, cogs, links, needed, capacityT, largestCogT, required, right };
  }
}

/** Teeth that the gears of a setup ask for. */
function capacityOf(setup: Setup): Asked {
  const { chainrings, cogs } = setup;
  const required = requiredCapacityT(setup);
  const [rings, cogsT] = [chainrings[0]! - chainrings.at(-1)!, cogs.at(-1)! - cogs[0]!];
  return {
    text: `${setupName(setup)}: how many teeth of capacity does the rear derailleur need?`,
    answer: { kind: 'number', value: required, unit: 'T', tolerance: 0, decimals: 0 },
    working: [
      `rings: ${chainrings[0]} − ${chainrings.at(-1)} = ${rings}`,
      `cogs: ${cogs.at(-1)} − ${cogs[0]} = ${cogsT}`,
      `${rings} + ${cogsT} = ${required}T`,
    ],
    mistakes: apart(required, 0, [
      { mistake: 'forgotRings', value: cogsT, why: `The cage also takes up the ring difference of ${rings} teeth.` },
      { mistake: 'forgotCogs', value: rings, why: `The cage also takes up the cog difference of ${cogsT} teeth.` },
    ]),
  };
}

/** The same for a rider who never turns the small ring with the smallest cogs. */
function capacityWithout(setup: Setup, count: number): Asked {
  const { chainrings, cogs } = setup;
  const small = chainrings.length - 1;
  const avoided = Array.from({ length: count }, (_, cog): GearIndex => ({ ring: small, cog }));
  const required = requiredCapacityT(setup, avoided);
  const whole = requiredCapacityT(setup);
  const most = chainrings[0]! + cogs.at(-1)!;
  const never = cogs.slice(0, count).join(count === 2 ? ' and ' : ', ');
  return {
    text: `${setupName(setup)}: how many teeth of capacity does a rider need who never uses the ${chainrings[small]}T ring with the ${never}T ${count === 1 ? 'cog' : 'cogs'}?`,
    answer: { kind: 'number', value: required, unit: 'T', tolerance: 0, decimals: 0 },
    working: [
      `most chain: ${chainrings[0]} + ${cogs.at(-1)} = ${most}`,
      `least chain in the remaining gears: ${most - required}`,
      `${most} − ${most - required} = ${required}T`,
    ],
    mistakes: apart(required, 0, [
      {
        mistake: 'forgotAvoided',
        value: whole,
        why: `${whole}T counts every gear: the least chain would be in ${chainrings[small]}/${cogs[0]}, which this rider never uses.`,
      },
    ]),
  };
}

/** Straight round the largest sprockets, and two links more. */
function linksByBigBig(setup: Setup, chainstayMm: number): Asked {
  const [ring, cog] = [setup.chainrings[0]!, setup.cogs.at(-1)!];
  const direct = directPitches(ring, cog, chainstayMm);
  const { bigBigPlusTwo } = chainLinks({ ...setup, chainstayMm, geometry: undefined });
  return {
    text: `A chain takes ${shown(direct, 2)} links to go straight round the ${ring}T ring and the ${cog}T cog. How many links does it need by big-big + 2?`,
    answer: { kind: 'number', value: bigBigPlusTwo, unit: 'links', tolerance: 0, decimals: 0 },
    working: [
      `${shown(direct, 2)} + 2 = ${shown(direct + 2, 2)}`,
      `rounded up to an even number, because inner and outer links alternate: ${bigBigPlusTwo}`,
    ],
    mistakes: apart(bigBigPlusTwo, 0, [
      {
        mistake: 'oddLinks',
        value: Math.ceil(direct + 2),
        why: 'An odd number cannot be joined: inner and outer links alternate.',
      },
      {
        mistake: 'notRoundedUp',
        value: 2 * Math.floor((direct + 2) / 2),
        why: 'Rounded down, the chain is too short: shifting into big-big would lock the drivetrain.',
      },
    ]),
  };
}

/** The school of the equation: from lengths and teeth alone. */
function linksByEquation(setup: Setup, chainstayMm: number): Asked {
  const [ring, cog] = [setup.chainrings[0]!, setup.cogs.at(-1)!];
  const { equation } = chainLinks({ ...setup, chainstayMm, geometry: undefined });
  const inches = (2 * chainstayMm) / MM_PER_INCH + ring / 4 + cog / 4 + 1;
  return {
    text: `Chainstay ${allDigits(chainstayMm)} mm, largest ring ${ring}T, largest cog ${cog}T: how many links does the equation 2C + ring/4 + cog/4 + 1 give, with all lengths in inches?`,
    answer: { kind: 'number', value: equation, unit: 'links', tolerance: 0, decimals: 0 },
    working: [
      `2 × ${allDigits(chainstayMm)} ÷ ${allDigits(MM_PER_INCH)} = ${shown((2 * chainstayMm) / MM_PER_INCH, 2)} in`,
      `+ ${ring} ÷ 4 + ${cog} ÷ 4 + 1 = ${shown(inches, 2)} in, rounded up to a whole inch: ${equation / 2}`,
      `two links per inch: ${equation}`,
    ],
    mistakes: apart(equation, 0, [
      {
        mistake: 'oddLinks',
        value: Math.ceil(2 * inches),
        why: 'Round up to a whole inch, so that the number of links is even.',
      },
      {
        mistake: 'notRoundedUp',
        value: 2 * Math.floor(inches),
        why: 'Rounded down, the chain is too short: shifting into big-big would lock the drivetrain.',
      },
    ]),
  };
}

/** What goes together. */
export const FIT_DRILLS = {
  capacity: (random, { level, drivetrains }) => {
    const setup = drivetrains.draw(random, level === 1 ? 'one' : 'two');
    return level === 3 ? capacityWithout(setup, random.whole(1, 3)) : capacityOf(setup);
  },
  takes: (random, { level, drivetrains }) => {
    const setup = drivetrains.draw(random, level === 1 ? 'one' : 'two');
    const required = requiredCapacityT(setup);
    const published = random.pick(PUBLISHED_T);
    const spare = published - required;
    const [rings, cogs] = [setup.chainrings[0]! - setup.chainrings.at(-1)!, setup.cogs.at(-1)! - setup.cogs[0]!];
    return {
      text: `${setupName(setup)}, and a rear derailleur with a published capacity of ${published}T. How many teeth are to spare? Use a minus sign if the capacity is too small.`,
      answer: { kind: 'number', value: spare, unit: 'T', tolerance: 0, decimals: 0 },
      working: [
        `needed: (${setup.chainrings[0]} − ${setup.chainrings.at(-1)}) + (${setup.cogs.at(-1)} − ${setup.cogs[0]}) = ${required}T`,
        `${published} − ${required} = ${shown(spare, 0)}T: ${spare < 0 ? 'over the published limit' : spare === 0 ? 'at the limit' : 'within the limit'}`,
      ],
      mistakes: apart(spare, 0, [
        {
          mistake: 'otherWay',
          value: -spare,
          why: 'Subtract the capacity needed from the published capacity, not the other way round.',
        },
        {
          mistake: 'forgotRings',
          value: published - cogs,
          why: `The cage also takes up the ring difference of ${rings} teeth.`,
        },
        {
          mistake: 'forgotCogs',
          value: published - rings,
          why: `The cage also takes up the cog difference of ${cogs} teeth.`,
        },
      ]),
    };
  },
  links: (random, { level, drivetrains }) => {
    const setup = drivetrains.draw(random, level === 1 ? 'one' : 'any');
    const chainstayMm = random.whole(405, 460);
    return level === 3 ? linksByEquation(setup, chainstayMm) : linksByBigBig(setup, chainstayMm);
  },
  plan: (random, making) => {
    const { setup, cogs, links, needed, capacityT, largestCogT, required, right } = planWithFault(random, making);
    return {
      text: `A bike with ${setup.chainrings.join('/')} and a chain of ${links} links is to get a cassette ${cogs.join('-')} instead of ${setup.cogs[0]}-${setup.cogs.at(-1)}; the chain stays. The published limits of its rear derailleur: ${capacityT}T capacity, largest cog ${largestCogT}T. By big-big + 2 the new cassette needs ${needed} links. What is wrong with this plan?`,
      answer: { kind: 'choice', options: PLAN_FAULTS, right },
      working: [
        `largest cog: ${cogs.at(-1)}T of ${largestCogT}T`,
        `capacity: ${required}T of ${capacityT}T`,
        `chain: ${links} links of ${needed}`,
      ],
      mistakes: [],
    };
  },
} satisfies Readonly<Record<string, Maker>>;
