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

const SHEET = 'Limits are the part maker’s; their sheet, and a qualified mechanic, win over Rontel.';

const ESTIMATE = 'First principles; an estimate, to be confirmed on the stand.';

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
    note: 'A longer cage does not raise it: the body’s geometry sets the largest cog.',
  },
  largestCogMinimum: {
    formula: 'largest cog ≥ published minimum',
    source: SHEET,
    note: 'Below it the guide pulley hangs too far from the cogs to shift crisply.',
  },
  smallestCog: { formula: 'smallest cog ≥ published minimum', source: SHEET },
  ringDifference: { formula: 'big ring − small ring ≤ published difference of the front derailleur', source: SHEET },
  frontCage: {
    formula: `published smallest ≤ big ring ≤ published largest; height changes by ${short(12.7, 1)} ÷ 2π = ${fixed(MM_PER_TOOTH, 2)} mm a tooth`,
    source: SHEET,
    note: 'The cage of a front derailleur is curved for a range of big rings; it stands 1 to 3 mm above the ring’s teeth.',
  },
  indexing: {
    formula: 'cable a click × derailleur ratio − cog pitch, times half the cogs between both ends ≤ tolerance',
    source: ESTIMATE,
    note: 'Indexing is set in the middle of the cassette; what a click is wrong by adds up towards both ends. Electronic parts must be of one family.',
  },
  shifterSpeeds: { formula: 'clicks of the shifter = cogs', source: SHEET },
  freehub: {
    formula: 'splines of the body = splines of the cassette; smallest cog ≥ the smallest that fits over the body',
    source: SHEET,
  },
  freehubLength: {
    formula: 'spacer = length of the body − what the cassette takes up on it',
    source: SHEET,
    note: 'A spacer that is missing lets the cassette rock; too much, and the lockring does not catch.',
  },
  hubRatio: {
    formula: 'smallest ring ÷ largest cog ≥ published least',
    source: SHEET,
    note: 'The smaller the quotient, the more torque the hub’s gears take.',
  },
  chainLength: {
    formula: 'links ≥ straight round the largest ring and cog, made even, + 2; taut in every gear you allow',
    source: 'Workshop rule. A chain too short for big-big locks the drive at a mis-shift.',
  },
  chainSpeeds: {
    formula: 'speeds of the chain = cogs, for the width of the chain; up to 8 all are one',
    source: SHEET,
  },
  smallestRing: {
    formula: `smallest ring ≥ published, else the first whose pitch circle clears the bolt circle by ${short(11.4, 1)} mm`,
    source: SHEET,
    note: 'The figure from the bolt circle is an estimate from common cranks.',
  },
  ringRoom: { formula: 'big ring ≤ the largest that the frame’s sheet names', source: SHEET },
  retention: {
    formula: 'one ring: at least one of narrow-wide ring, clutch, guide',
    source: 'Workshop rule. With two rings the front derailleur’s cage keeps the chain on.',
  },
  chainline: {
    formula: 'angle = atan(|ring offset − cog offset| ÷ chainstay), in the gears that are ridden',
    source: ESTIMATE,
    note: 'Cross-chained gears and those you leave out are not counted. The angle you allow is set below the top view.',
  },
  hangerExtender: {
    formula: `room for teeth = how far it lowers the derailleur ÷ ${fixed(MM_PER_TOOTH, 2)} mm a tooth, rounded down`,
    source: ESTIMATE,
    note: 'Makers of derailleurs rarely approve of it. A caution, never a plain yes.',
  },
};

export function explainCheck(check: Check, setup: Setup): Explanation {
  const { id, required, limit, margin, message } = check;
  if (id !== 'totalCapacity') {
    const amount = (value: number) =>
      check.unit === 'T' ? `${short(value, 2)}T` : `${short(value, 2)} ${check.unit ?? ''}`.trim();
    const worked = [
      ...(required === undefined ? [] : [`asked for: ${amount(required)}`]),
      ...(limit === undefined ? [] : [`published or on the bike: ${amount(limit)}`]),
      ...(margin === undefined ? [] : [`to spare: ${amount(margin)}`]),
    ];
    return { title: message, ...RULES[id], worked: worked.length > 0 ? worked : [VERDICT_ALONE] };
  }
  const published = limit === undefined ? 'published: not known' : `published: ${limit}T`;
  const [big, small] = setup.chainrings;
  const [smallest, largest] = [setup.cogs[0]!, setup.cogs.at(-1)!];
  const whole = requiredCapacityT(setup);
  const rings = small === undefined ? '(one ring: 0)' : `(${big} − ${small})`;
  return {
    title: `Total capacity: ${required}T needed`,
    formula: 'needed = (big ring − small ring) + (largest cog − smallest cog)',
    worked: [
      `${rings} + (${largest} − ${smallest}) = ${whole}T`,
      ...(whole === required
        ? []
        : [
            `most less least of ring + cog over the gears you allow: ${big! + largest} − ${big! + largest - required!} = ${required}T`,
          ]),
      published,
    ],
    source: SHEET,
    note: 'Teeth of chain that the cage takes up between big-big and small-small. Capacity to spare is no fault, only weight.',
  };
}

const VERDICT_ALONE = 'a yes or no; there is no figure in it';

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
  const title = `${links === undefined ? 'Cannot say' : `${links} links`} by ${CHAIN_SCHOOL_TEXT[school]}`;
  switch (school) {
    case 'bigBigPlusTwo':
      return {
        title,
        formula: 'links = straight round largest ring and cog, up to an even count, + 2',
        worked: [
          `pitch radii: ${big}T ${fixed(pitchRadiusMm(big), 2)} mm, ${largest}T ${fixed(pitchRadiusMm(largest), 2)} mm; centres ${short(chainstayMm, 1)} mm apart`,
          `straight round both: ${fixed(direct, 3)} pitches of ${short(PITCH_MM, 1)} mm; up to even, and two: ${links}`,
        ],
        source:
          'Geometry of an open belt: [2√(C² − (a−b)²) + a(π + 2α) + b(π − 2α)] ÷ p. The two links are for the rear derailleur.',
        note: 'A quick link counts as one outer pair, so what is left must begin and end on inner links.',
      };
    case 'equation':
      return {
        title,
        formula: 'inches = 2 × chainstay + ring ÷ 4 + cog ÷ 4 + 1, up to a whole inch; two links each',
        worked: [
          `2 × ${fixed(chainstayMm / 25.4, 3)} + ${big} ÷ 4 + ${largest} ÷ 4 + 1 = ${fixed((2 * chainstayMm) / 25.4 + big / 4 + largest / 4 + 1, 3)} in`,
        ],
        source: 'Workshop equation; an approximation of the same belt.',
      };
    case 'smallSmall':
      return {
        title,
        formula: 'links = the longest chain with which the cage is not folded back past its limit in small-small',
        worked: [
          links === undefined
            ? 'the length of the cage is missing'
            : `in ${small}/${smallest}: ${links} links, even, rounded down`,
        ],
        source: 'Side view: the chain as a belt round ring, both pulleys and cog.',
      };
    case 'pulleysUpright':
      return {
        title,
        formula: 'links = the chain with which both pulleys stand plumb on the big ring and the smallest cog',
        worked: [
          links === undefined
            ? largest > 28
              ? `for largest cogs to 28T; this one has ${largest}T`
              : 'the length of the cage is missing'
            : `in ${big}/${smallest} with the cage at 0°: ${links} links, the nearest even count`,
        ],
        source: 'Workshop rule for road gearing.',
      };
  }
}

export const CHAIN_SCHOOL_TEXT: Readonly<Record<ChainSchool, string>> = {
  bigBigPlusTwo: 'big-big + 2',
  equation: 'the equation',
  smallSmall: 'small-small taut',
  pulleysUpright: 'pulleys upright',
};
