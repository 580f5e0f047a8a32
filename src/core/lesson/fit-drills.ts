import { chainLinks, directPitches, requiredCapacityT, type GearIndex } from '../fit';
import type { Setup } from '../gears';
import { MM_PER_INCH } from '../units';
import { GENERIC_CASSETTES } from '../catalog/cassettes';
import { message } from '../message';
import type { Level } from './level';
import { apart, teethOf, type Asked, type Maker, type Making } from './making';
import type { Seeded } from './seeded';
import { firstOf, itemAt, lastOf } from '../items';

/** Published capacities. */
const PUBLISHED_T = [33, 35, 37, 39, 41, 43, 45, 47] as const;

const CASSETTE_SPEEDS = new Set(GENERIC_CASSETTES.map(({ cogs }) => cogs.length));

const PLAN_FAULTS = [
  message('plan.cogOver'),
  message('plan.capacityOver'),
  message('plan.chainTooShort'),
  message('plan.nothing'),
] as const;

/** Minimum and maximum distance of a published limit from what is needed, teeth. */
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
    const faults = [lastOf(cogs) > largestCogT, required > capacityT, links < needed];
    const count = faults.filter(Boolean).length;
    // A limit far from what is needed makes a trivial question.
    const isNear = [capacityT - required, largestCogT - lastOf(cogs)].every(
      (spareT) => Math.abs(spareT) >= SHEET_FROM[level] && Math.abs(spareT) <= SHEET_TO[level],
    );
    if (count > 1 || !isNear || cogs.join() === setup.cogs.join()) continue;
    const right = count === 0 ? PLAN_FAULTS.length - 1 : faults.indexOf(true);
    return { setup, cogs, links, needed, capacityT, largestCogT, required, right };
  }
}

/** Capacity that the gears of a setup need, teeth. */
function capacityOf(setup: Setup): Asked {
  const { chainrings, cogs } = setup;
  const required = requiredCapacityT(setup);
  const [rings, cogsT] = [firstOf(chainrings) - lastOf(chainrings), lastOf(cogs) - firstOf(cogs)];
  return {
    text: message('capacity.question', teethOf(setup)),
    answer: { kind: 'number', value: required, unit: 'T', tolerance: 0, decimals: 0 },
    working: [
      message('capacity.rings', { big: firstOf(chainrings), small: lastOf(chainrings), difference: rings }),
      message('capacity.cogs', { largest: lastOf(cogs), smallest: firstOf(cogs), difference: cogsT }),
      `${rings} + ${cogsT} = ${required}T`,
    ],
    mistakes: apart(required, 0, [
      { mistake: 'forgotRings', value: cogsT, why: message('capacity.forgotRings', { teeth: rings }) },
      { mistake: 'forgotCogs', value: rings, why: message('capacity.forgotCogs', { teeth: cogsT }) },
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
  const most = firstOf(chainrings) + lastOf(cogs);
  const [first, second, third] = cogs as readonly [number, number, number];
  return {
    text: message('capacityWithout.question', {
      ...teethOf(setup),
      ring: itemAt(chainrings, small),
      count,
      first,
      second,
      third,
    }),
    answer: { kind: 'number', value: required, unit: 'T', tolerance: 0, decimals: 0 },
    working: [
      message('capacityWithout.most', { ring: firstOf(chainrings), cog: lastOf(cogs), sum: most }),
      message('capacityWithout.least', { sum: most - required }),
      `${most} − ${most - required} = ${required}T`,
    ],
    mistakes: apart(required, 0, [
      {
        mistake: 'forgotAvoided',
        value: whole,
        why: message('capacityWithout.forgotAvoided', {
          teeth: whole,
          gear: `${itemAt(chainrings, small)}/${firstOf(cogs)}`,
        }),
      },
    ]),
  };
}

/** Straight round the largest sprockets, and two links more. */
function linksByBigBig(setup: Setup, chainstayMm: number): Asked {
  const [ring, cog] = [firstOf(setup.chainrings), lastOf(setup.cogs)];
  const direct = directPitches(ring, cog, chainstayMm);
  const { bigBigPlusTwo } = chainLinks({ ...setup, chainstayMm, geometry: undefined });
  return {
    text: message('links.question', { direct, ring, cog }),
    answer: { kind: 'number', value: bigBigPlusTwo, unit: 'links', tolerance: 0, decimals: 0 },
    working: [
      message('links.plusTwo', { direct, sum: direct + 2 }),
      message('links.roundedUp', { links: bigBigPlusTwo }),
    ],
    mistakes: apart(bigBigPlusTwo, 0, [
      {
        mistake: 'oddLinks',
        value: Math.ceil(direct + 2),
        why: message('links.oddLinks'),
      },
      {
        mistake: 'notRoundedUp',
        value: 2 * Math.floor((direct + 2) / 2),
        why: message('links.notRoundedUp'),
      },
    ]),
  };
}

/** The school of the equation: from lengths and teeth alone. */
function linksByEquation(setup: Setup, chainstayMm: number): Asked {
  const [ring, cog] = [firstOf(setup.chainrings), lastOf(setup.cogs)];
  const { equation } = chainLinks({ ...setup, chainstayMm, geometry: undefined });
  const inches = (2 * chainstayMm) / MM_PER_INCH + ring / 4 + cog / 4 + 1;
  return {
    text: message('linksByEquation.question', { chainstay: chainstayMm, ring, cog }),
    answer: { kind: 'number', value: equation, unit: 'links', tolerance: 0, decimals: 0 },
    working: [
      message('linksByEquation.stay', {
        chainstay: chainstayMm,
        mmPerInch: MM_PER_INCH,
        inches: (2 * chainstayMm) / MM_PER_INCH,
      }),
      message('linksByEquation.sum', { ring, cog, inches, whole: equation / 2 }),
      message('linksByEquation.twoPerInch', { links: equation }),
    ],
    mistakes: apart(equation, 0, [
      {
        mistake: 'oddLinks',
        value: Math.ceil(2 * inches),
        why: message('linksByEquation.oddLinks'),
      },
      {
        mistake: 'notRoundedUp',
        value: 2 * Math.floor(inches),
        why: message('links.notRoundedUp'),
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
    const [rings, cogs] = [
      firstOf(setup.chainrings) - lastOf(setup.chainrings),
      lastOf(setup.cogs) - firstOf(setup.cogs),
    ];
    return {
      text: message('takes.question', { ...teethOf(setup), published }),
      answer: { kind: 'number', value: spare, unit: 'T', tolerance: 0, decimals: 0 },
      working: [
        message('takes.needed', {
          big: firstOf(setup.chainrings),
          small: lastOf(setup.chainrings),
          largest: lastOf(setup.cogs),
          smallest: firstOf(setup.cogs),
          required,
        }),
        message(spare < 0 ? 'takes.over' : spare === 0 ? 'takes.at' : 'takes.within', { published, required, spare }),
      ],
      mistakes: apart(spare, 0, [
        {
          mistake: 'otherWay',
          value: -spare,
          why: message('takes.otherWay'),
        },
        {
          mistake: 'forgotRings',
          value: published - cogs,
          why: message('capacity.forgotRings', { teeth: rings }),
        },
        {
          mistake: 'forgotCogs',
          value: published - rings,
          why: message('capacity.forgotCogs', { teeth: cogs }),
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
      text: message('plan.question', {
        rings: setup.chainrings.join('/'),
        links,
        cogs: cogs.join('-'),
        smallest: firstOf(setup.cogs),
        largest: lastOf(setup.cogs),
        capacity: capacityT,
        largestCog: largestCogT,
        needed,
      }),
      answer: { kind: 'choice', options: PLAN_FAULTS, right },
      working: [
        message('plan.cogOf', { teeth: lastOf(cogs), limit: largestCogT }),
        message('plan.capacityOf', { teeth: required, limit: capacityT }),
        message('plan.chainOf', { links, needed }),
      ],
      mistakes: [],
    };
  },
} satisfies Readonly<Record<string, Maker>>;
