import type { Setup } from '../gears';
import { GENERIC_CASSETTES } from '../parts/cassettes';
import { requiredCapacityT, type GearIndex } from './allowed';
import type { RearDerailleur } from './rear-derailleur';
import { checkTeeth, type Check, type Fix } from './verdict';

/** A rear derailleur that is at hand. */
export interface OtherDerailleur {
  /** Such as "of Two rings, closer". */
  readonly name: string;
  readonly rearDerailleur: RearDerailleur;
  /** Of the shelf, where it lies there. */
  readonly partId?: string | undefined;
  /** What it costs, in the rider's money; undefined where it is not known. */
  readonly cost?: number | undefined;
}

export interface CapacityInput {
  readonly setup: Setup;
  readonly rearDerailleur: RearDerailleur;
  readonly avoided?: readonly GearIndex[] | undefined;
  readonly others?: readonly OtherDerailleur[] | undefined;
  /** Cage that would hang taut in every allowed gear, mm; where it is known. */
  readonly cageForMm?: number | undefined;
}

/** Checks a setup against a rear derailleur's published limits: capacity, then cog sizes. */
export function checkCapacity(input: CapacityInput): Check[] {
  const { setup, rearDerailleur, avoided = [] } = input;
  const largest = Math.max(...setup.cogs);
  const smallest = Math.min(...setup.cogs);
  const { totalCapacityT, largestCogMaxT, largestCogMinT, smallestCogMinT } = rearDerailleur;
  const required = requiredCapacityT(setup, avoided);
  const whole = requiredCapacityT(setup);
  const left = whole === required ? '' : ` with gears excluded from this combination (${whole}T in all gears)`;
  return [
    checkTeeth('totalCapacity', required, totalCapacityT, 'most', {
      what: `${required}T needed${left}`,
      published: (limit) =>
        `${limit}T published${required <= limit && whole > limit ? ` (${whole - limit}T over in the excluded gears)` : ''}`,
      missing: 'the published total capacity',
      fixes: (limit) => capacityFixes(input, limit, required),
    }),
    checkTeeth('largestCog', largest, largestCogMaxT, 'most', {
      what: `Largest cog ${largest}T`,
      published: (limit) => `at most ${limit}T published`,
      missing: 'the largest cog it takes',
      // A longer cage does not raise it: the body's geometry sets the largest cog.
      fixes: (limit) => [
        cassetteFix(setup, `a cassette up to ${limit}T`, (cogs) => cogs.at(-1)! <= limit),
        ...atHand(input),
        { text: `a rear derailleur rated for a ${largest}T cog; a longer cage alone does not help` },
      ],
    }),
    checkTeeth('largestCogMinimum', largest, largestCogMinT, 'least', {
      what: `Largest cog ${largest}T`,
      published: (limit) => `at least ${limit}T published`,
      missing: 'the smallest allowed largest cog',
      fixes: (limit) => [
        cassetteFix(
          setup,
          `a cassette whose largest cog has ${limit}T or more, for crisp shifting`,
          (cogs) => cogs.at(-1)! >= limit,
        ),
        ...atHand(input),
      ],
    }),
    checkTeeth('smallestCog', smallest, smallestCogMinT, 'least', {
      what: `Smallest cog ${smallest}T`,
      published: (limit) => `at least ${limit}T published`,
      missing: 'the smallest cog it takes',
      fixes: (limit) => [
        cassetteFix(setup, `a cassette from ${limit}T`, (cogs) => cogs[0]! >= limit),
        ...atHand(input),
      ],
    }),
  ];
}

/** The nearest single changes that bring the required capacity down to the limit, and the parts that would take it. */
function capacityFixes(input: CapacityInput, limit: number, required: number): Fix[] {
  const { setup, avoided = [], cageForMm, rearDerailleur } = input;
  const takes = (changed: Setup) => requiredCapacityT(changed, avoided) <= limit;
  const [big, small] = setup.chainrings;
  const fixes: Fix[] = [];
  if (big !== undefined && small !== undefined) {
    const ring = range(small + 1, big - 1).find((teeth) => takes({ ...setup, chainrings: [big, teeth] }));
    if (ring !== undefined) fixes.push({ text: `a ${ring}T small ring`, change: { chainrings: [big, ring] } });
  }
  const { cogs } = setup;
  const upTo = (largest: number) => [...cogs.filter((cog) => cog < largest), largest];
  const largest = range(cogs[0]! + 1, cogs.at(-1)! - 1)
    .reverse()
    .find((teeth) => takes({ ...setup, cogs: upTo(teeth) }));
  if (largest !== undefined) {
    fixes.push(cassetteFix(setup, `a largest cog of ${largest}T`, (other) => takes({ ...setup, cogs: other })));
  }
  if (cageForMm !== undefined && cageForMm > (rearDerailleur.cageLengthMm ?? 0)) {
    fixes.push({ text: `a cage of about ${Math.ceil(cageForMm)} mm, if that derailleur is rated for it` });
  }
  return [...fixes, ...atHand(input), { text: `a rear derailleur with ${required}T capacity or more` }];
}

function range(from: number, to: number): number[] {
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);
}

/** The fix by cassette, with the nearest one that can be bought: as many cogs, the ends least changed. */
function cassetteFix({ cogs }: Setup, text: string, fits: (cogs: readonly number[]) => boolean): Fix {
  const away = (other: readonly number[]) =>
    Math.abs(other[0]! - cogs[0]!) * 4 + Math.abs(other.at(-1)! - cogs.at(-1)!);
  const [nearest] = GENERIC_CASSETTES.filter((one) => one.cogs.length === cogs.length && fits(one.cogs)).sort(
    (a, b) => away(a.cogs) - away(b.cogs),
  );
  if (!nearest) return { text };
  return { text: `${text} (${nearest.cogs[0]}-${nearest.cogs.at(-1)})`, change: { cogs: nearest.cogs } };
}

/** Available derailleurs whose published limits all accept the setup. */
function atHand({ others = [], ...input }: CapacityInput): Fix[] {
  return others
    .filter(({ rearDerailleur }) =>
      checkCapacity({ ...input, rearDerailleur }).every(({ verdict }) => verdict === 'inside' || verdict === 'at'),
    )
    .map(({ name, rearDerailleur, partId }) => ({
      text: `the rear derailleur ${name}`,
      change: { rearDerailleur, ...(partId !== undefined && { derailleurPartId: partId }) },
    }));
}
