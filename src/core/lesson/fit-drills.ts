import { chainLinks, directPitches, requiredCapacityT } from '../fit';
import type { Setup } from '../gears';
import { GENERIC_CASSETTES } from '../parts/cassettes';
import { anyDrivetrain, twoRings } from './drivetrain';
import { apart, setupName, shown, type Maker } from './making';
import type { Seeded } from './seeded';

/** Capacities as they stand in sheets. */
const PUBLISHED_T = [33, 35, 37, 39, 41, 43, 45, 47] as const;

const PLAN_FAULTS = [
  'the largest cog is over the sheet',
  'the capacity is over the sheet',
  'the chain is too short',
  'nothing is wrong with it',
] as const;

/** A cassette swap with just one thing wrong, or none. */
function planWithFault(random: Seeded) {
  for (;;) {
    const setup = anyDrivetrain(random);
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
    const isNear = Math.abs(capacityT - required) <= 8 && Math.abs(largestCogT - cogs.at(-1)!) <= 6;
    if (count > 1 || !isNear || cogs.join() === setup.cogs.join()) continue;
    const right = count === 0 ? PLAN_FAULTS.length - 1 : faults.indexOf(true);
    return { setup, cogs, links, needed, capacityT, largestCogT, required, right };
  }
}

/** What goes together. */
export const FIT_DRILLS = {
  capacity: (random) => {
    const setup = twoRings(random);
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
        { mistake: 'forgotRings', value: cogsT, why: `The cage takes up the rings’ ${rings} teeth as well.` },
        { mistake: 'forgotCogs', value: rings, why: `The cage takes up the cassette’s ${cogsT} teeth as well.` },
      ]),
    };
  },
  takes: (random) => {
    const setup = twoRings(random);
    const required = requiredCapacityT(setup);
    const published = random.pick(PUBLISHED_T);
    const spare = published - required;
    const [rings, cogs] = [setup.chainrings[0]! - setup.chainrings.at(-1)!, setup.cogs.at(-1)! - setup.cogs[0]!];
    return {
      text: `${setupName(setup)}, and a rear derailleur whose sheet says ${published}T. How many teeth are to spare? With a minus where it takes too little.`,
      answer: { kind: 'number', value: spare, unit: 'T', tolerance: 0, decimals: 0 },
      working: [
        `needed: (${setup.chainrings[0]} − ${setup.chainrings.at(-1)}) + (${setup.cogs.at(-1)} − ${setup.cogs[0]}) = ${required}T`,
        `${published} − ${required} = ${shown(spare, 0)}T: ${spare < 0 ? 'outside the sheet' : spare === 0 ? 'at the limit' : 'inside'}`,
      ],
      mistakes: apart(spare, 0, [
        {
          mistake: 'otherWay',
          value: -spare,
          why: 'What is needed is taken from what the sheet says, not the other way round.',
        },
        {
          mistake: 'forgotRings',
          value: published - cogs,
          why: `The cage takes up the rings’ ${rings} teeth as well.`,
        },
        {
          mistake: 'forgotCogs',
          value: published - rings,
          why: `The cage takes up the cassette’s ${cogs} teeth as well.`,
        },
      ]),
    };
  },
  links: (random) => {
    const setup = anyDrivetrain(random);
    const chainstayMm = random.whole(405, 460);
    const [ring, cog] = [setup.chainrings[0]!, setup.cogs.at(-1)!];
    const direct = directPitches(ring, cog, chainstayMm);
    const { bigBigPlusTwo } = chainLinks({ ...setup, chainstayMm, geometry: undefined });
    return {
      text: `Straight round the ${ring}T ring and the ${cog}T cog a chain takes ${shown(direct, 2)} links. How many does it get by big-big + 2?`,
      answer: { kind: 'number', value: bigBigPlusTwo, unit: 'links', tolerance: 0, decimals: 0 },
      working: [
        `${shown(direct, 2)} + 2 = ${shown(direct + 2, 2)}`,
        `up to an even count, for inner and outer links alternate: ${bigBigPlusTwo}`,
      ],
      mistakes: apart(bigBigPlusTwo, 0, [
        {
          mistake: 'oddLinks',
          value: Math.ceil(direct + 2),
          why: 'An odd count cannot be joined: inner and outer links alternate.',
        },
        {
          mistake: 'notRoundedUp',
          value: 2 * Math.floor((direct + 2) / 2),
          why: 'Rounded down it is too short: a shift into big-big would lock the drive.',
        },
      ]),
    };
  },
  plan: (random) => {
    const { setup, cogs, links, needed, capacityT, largestCogT, required, right } = planWithFault(random);
    return {
      text: `A bike with ${setup.chainrings.join('/')} and a chain of ${links} links is to have a cassette ${cogs.join('-')} instead of ${setup.cogs[0]}-${setup.cogs.at(-1)}; the chain stays. Its rear derailleur’s sheet: ${capacityT}T in all, largest cog ${largestCogT}T. By big-big + 2 the new cassette asks for ${needed} links. What is wrong with the plan?`,
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
