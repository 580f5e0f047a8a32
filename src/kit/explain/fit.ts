import { PITCH_MM, pitchRadiusMm, type Check, type ChainLinks } from '../../core/fit';
import type { Setup } from '../../core/gears';
import { fixed, short } from '../format';
import type { Explanation } from './explanation';

const SHEET = 'Limits are the part maker’s; their sheet, and a qualified mechanic, win over Rontel.';

/** Checks of one tooth count against one published limit. */
type PlainCheck = 'largestCog' | 'largestCogMinimum' | 'smallestCog' | 'ringDifference';

const PLAIN: Readonly<Record<PlainCheck, { readonly formula: string; readonly note?: string }>> = {
  largestCog: {
    formula: 'largest cog ≤ published maximum',
    note: 'A longer cage does not raise it: the body’s geometry sets the largest cog.',
  },
  largestCogMinimum: {
    formula: 'largest cog ≥ published minimum',
    note: 'Below it the guide pulley hangs too far from the cogs to shift crisply.',
  },
  smallestCog: { formula: 'smallest cog ≥ published minimum' },
  ringDifference: {
    formula: 'big ring − small ring ≤ published difference of the front derailleur',
    note: 'Its cage is curved for a range of largest rings, too: see its sheet.',
  },
};

export function explainCheck(check: Check, setup: Setup): Explanation {
  const { id, required, limit, message } = check;
  const published = limit === undefined ? 'published: not known' : `published: ${limit}T`;
  if (id === 'chainLength') {
    return {
      title: message,
      formula: 'links ≥ straight round the largest ring and cog, made even, + 2',
      worked: [
        `needed: ${required} links`,
        limit === undefined ? 'on the bike: not known' : `on the bike: ${limit} links`,
      ],
      source: 'Workshop rule. A chain too short for big-big locks the drive at a mis-shift.',
    };
  }
  if (id !== 'totalCapacity') {
    const { formula, note } = PLAIN[id];
    return { title: message, formula, worked: [`on this setup: ${required}T`, published], source: SHEET, note };
  }
  const [big, small] = setup.chainrings;
  const rings = small === undefined ? '(one ring: 0)' : `(${big} − ${small})`;
  return {
    title: `Total capacity: ${required}T needed`,
    formula: 'needed = (big ring − small ring) + (largest cog − smallest cog)',
    worked: [`${rings} + (${setup.cogs.at(-1)} − ${setup.cogs[0]}) = ${required}T`, published],
    source: SHEET,
    note: 'Teeth of chain that the cage takes up between big-big and small-small. Capacity to spare is no fault, only weight.',
  };
}

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
          `straight round both: ${fixed(direct, 3)} pitches of ${PITCH_MM} mm; up to even, and two: ${links}`,
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
