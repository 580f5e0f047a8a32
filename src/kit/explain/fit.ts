import {
  MM_PER_TOOTH,
  PITCH_MM,
  pitchRadiusMm,
  requiredCapacityT,
  type Check,
  type CheckId,
  type ChainLinks,
} from '../../core/fit';
import type { Setup } from '../../core/gears';
import { fixed, short } from '../format';
import type { Explanation } from './explanation';

const SHEET =
  'Limits are the part maker’s. Their specification, and a qualified mechanic, take precedence over Rontel.';

const ESTIMATE = 'Calculated from first principles: an estimate. Confirm it on the stand.';

interface Rule {
  readonly formula: string;
  readonly source: string;
  readonly note?: string;
}

/** How each check comes to its verdict. */
const RULES: Readonly<Record<Exclude<CheckId, 'totalCapacity'>, Rule>> = {
  largestCog: {
    formula: 'largest cog ≤ published maximum',
    source: SHEET,
    note: 'A longer cage does not raise this limit: the geometry of the derailleur body sets it.',
  },
  largestCogMinimum: {
    formula: 'largest cog ≥ published minimum',
    source: SHEET,
    note: 'Below this, the guide pulley is too far from the cogs for crisp shifting.',
  },
  smallestCog: { formula: 'smallest cog ≥ published minimum', source: SHEET },
  ringDifference: {
    formula: 'big ring − small ring ≤ published maximum difference of the front derailleur',
    source: SHEET,
  },
  frontCage: {
    formula: `published smallest ≤ big ring ≤ published largest; height changes by ${short(12.7, 1)} ÷ 2π = ${fixed(MM_PER_TOOTH, 2)} mm per tooth`,
    source: SHEET,
    note: 'The cage of a front derailleur is curved for a range of big rings. Its outer plate sits 1 to 3 mm above the teeth of the big ring.',
  },
  indexing: {
    formula: '(cable pull per click × actuation ratio − cog pitch) × half the number of shifts ≤ tolerance',
    source: ESTIMATE,
    note: 'Indexing is set in the middle of the cassette; the error per click accumulates towards both ends. Electronic parts must be from the same system.',
  },
  shifterSpeeds: { formula: 'clicks of the shifter = cogs', source: SHEET },
  freehub: {
    formula: 'freehub type of the body = freehub type of the cassette; smallest cog ≥ the smallest that fits the body',
    source: SHEET,
  },
  freehubLength: {
    formula: 'spacer = length of the freehub body − stack length of the cassette',
    source: SHEET,
    note: 'With too little spacer the cassette has play; with too much the lockring threads do not engage.',
  },
  hubRatio: {
    formula: 'smallest chainring ÷ largest cog ≥ published minimum (the minimum primary ratio of the hub)',
    source: SHEET,
    note: 'The lower this ratio, the more torque acts on the gears of the hub.',
  },
  chainLength: {
    formula:
      'links ≥ straight round the big ring and the largest cog (bypassing the derailleur), rounded up to an even number, + 2; still taut in every gear you use',
    source: 'Workshop rule. If the chain is too short for big-big, an accidental shift locks the drivetrain.',
  },
  chainSpeeds: {
    formula: 'chain speed = number of cogs (chain width); chains up to 8-speed are interchangeable',
    source: SHEET,
  },
  smallestRing: {
    formula: `smallest ring ≥ published minimum, otherwise the smallest whose pitch circle clears the BCD by ${short(11.4, 1)} mm`,
    source: SHEET,
    note: 'The figure from the BCD is an estimate based on common cranks.',
  },
  ringRoom: { formula: 'big ring ≤ the largest ring that the frame maker allows', source: SHEET },
  retention: {
    formula: '1x: at least one of narrow-wide ring, clutch, chain guide',
    source: 'Workshop rule. On 2x the cage of the front derailleur keeps the chain on.',
  },
  chainline: {
    formula: 'angle = atan(|ring offset − cog offset| ÷ chainstay), in the gears you use',
    source: ESTIMATE,
    note: 'Cross-chained and excluded gears do not count. Set the maximum acceptable angle below the top view.',
  },
  hangerExtender: {
    formula: `extra teeth = drop of the extender ÷ ${fixed(MM_PER_TOOTH, 2)} mm per tooth, rounded down`,
    source: ESTIMATE,
    note: 'Derailleur makers rarely approve of extenders, so this is never better than a caution.',
  },
};

export function explainCheck(check: Check, setup: Setup): Explanation {
  const { id, required, limit, margin, message } = check;
  if (id !== 'totalCapacity') {
    const amount = (value: number) =>
      check.unit === 'T' ? `${short(value, 2)}T` : `${short(value, 2)} ${check.unit ?? ''}`.trim();
    const worked = [
      ...(required === undefined ? [] : [`needed: ${amount(required)}`]),
      ...(limit === undefined ? [] : [`published or on the bike: ${amount(limit)}`]),
      ...(margin === undefined ? [] : [`margin: ${amount(margin)}`]),
    ];
    return { title: message, ...RULES[id], worked: worked.length > 0 ? worked : [VERDICT_ALONE] };
  }
  const published = limit === undefined ? 'published: no data' : `published: ${limit}T`;
  const [big, small] = setup.chainrings;
  const [smallest, largest] = [setup.cogs[0]!, setup.cogs.at(-1)!];
  const whole = requiredCapacityT(setup);
  const rings = small === undefined ? '(1x: 0)' : `(${big} − ${small})`;
  return {
    title: `Total capacity: ${required}T needed`,
    formula: 'needed = (big ring − small ring) + (largest cog − smallest cog)',
    worked: [
      `${rings} + (${largest} − ${smallest}) = ${whole}T`,
      ...(whole === required
        ? []
        : [
            `largest minus smallest (ring + cog) of the gears you use: ${big! + largest} − ${big! + largest - required!} = ${required}T`,
          ]),
      published,
    ],
    source: SHEET,
    note: 'The chain, in teeth, that the cage takes up between big-big and small-small. Spare capacity does no harm; it only adds weight.',
  };
}

const VERDICT_ALONE = 'a yes/no check with no figure';

export type ChainSchool = keyof ChainLinks;

/** How a school comes to its count of links. */
export function explainChain(
  school: ChainSchool,
  links: number | undefined,
  setup: Setup,
  chainstayMm: number,
  direct: number,
): Explanation {
  const big = setup.chainrings[0]!;
  const small = setup.chainrings.at(-1)!;
  const [smallest, largest] = [setup.cogs[0]!, setup.cogs.at(-1)!];
  const title = `${links === undefined ? 'No result' : `${links} links`} by ${CHAIN_SCHOOL_TEXT[school]}`;
  switch (school) {
    case 'bigBigPlusTwo':
      return {
        title,
        formula:
          'links = straight round the big ring and the largest cog (bypassing the derailleur), rounded up to an even number, + 2',
        worked: [
          `pitch radii: ${big}T ${fixed(pitchRadiusMm(big), 2)} mm, ${largest}T ${fixed(pitchRadiusMm(largest), 2)} mm; centres ${short(chainstayMm, 1)} mm apart`,
          `straight round both: ${fixed(direct, 3)} pitches of ${short(PITCH_MM, 1)} mm; rounded up to an even number, + 2: ${links}`,
        ],
        source:
          'Geometry of an open belt: [2√(C² − (a−b)²) + a(π + 2α) + b(π − 2α)] ÷ p. The two extra links are for the rear derailleur.',
        note: 'A quick link counts as one outer link, so the rest of the chain must start and end with inner links.',
      };
    case 'equation':
      return {
        title,
        formula: 'inches = 2 × chainstay + ring ÷ 4 + cog ÷ 4 + 1, rounded up to a whole inch; 2 links per inch',
        worked: [
          `2 × ${fixed(chainstayMm / 25.4, 3)} + ${big} ÷ 4 + ${largest} ÷ 4 + 1 = ${fixed((2 * chainstayMm) / 25.4 + big / 4 + largest / 4 + 1, 3)} in`,
        ],
        source: 'Workshop formula: an approximation of the open-belt formula.',
      };
    case 'smallSmall':
      return {
        title,
        formula: 'links = the longest chain that does not fold the cage back past its limit in small-small',
        worked: [
          links === undefined
            ? 'the cage length is missing'
            : `in ${small}/${smallest}: ${links} links, even, rounded down`,
        ],
        source: 'Side view: the chain as a belt round chainring, both pulleys and cog.',
      };
    case 'pulleysUpright':
      return {
        title,
        formula: 'links = the chain that puts one pulley vertically above the other on the big ring and smallest cog',
        worked: [
          links === undefined
            ? largest > 28
              ? `only for largest cogs up to 28T; this cassette has ${largest}T`
              : 'the cage length is missing'
            : `in ${big}/${smallest} with the cage at 0°: ${links} links, the nearest even number`,
        ],
        source: 'Workshop rule for road gearing.',
      };
  }
}

export const CHAIN_SCHOOL_TEXT: Readonly<Record<ChainSchool, string>> = {
  bigBigPlusTwo: 'big-big + 2',
  equation: 'length formula',
  smallSmall: 'small-small taut',
  pulleysUpright: 'pulleys vertical',
};
