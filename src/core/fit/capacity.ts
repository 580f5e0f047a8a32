import { CHAINRING_TEETH, type Setup } from '../gears';
import type { RearDerailleur } from './rear-derailleur';
import { verdictOf, type Check, type CheckId } from './verdict';

/** Teeth of chain that the cage must take up: (big − small ring) + (largest − smallest cog). */
export function requiredCapacityT(setup: Setup): number {
  return ringDifferenceT(setup) + cogDifferenceT(setup);
}

function ringDifferenceT({ chainrings }: Setup): number {
  return Math.max(...chainrings) - Math.min(...chainrings);
}

function cogDifferenceT({ cogs }: Setup): number {
  return Math.max(...cogs) - Math.min(...cogs);
}

/** A setup against a rear derailleur's published numbers: capacity, then the cogs. */
export function checkCapacity(setup: Setup, derailleur: RearDerailleur): Check[] {
  const largest = Math.max(...setup.cogs);
  const smallest = Math.min(...setup.cogs);
  const { totalCapacityT, largestCogMaxT, largestCogMinT, smallestCogMinT } = derailleur;
  const required = requiredCapacityT(setup);
  return [
    check('totalCapacity', required, totalCapacityT, 'most', {
      what: `${required}T needed`,
      published: (limit) => `${limit}T published`,
      missing: 'the total capacity on its sheet',
      fixes: (limit) => capacityFixes(setup, limit),
    }),
    check('largestCog', largest, largestCogMaxT, 'most', {
      what: `Largest cog ${largest}T`,
      published: (limit) => `at most ${limit}T published`,
      missing: 'the largest cog it takes',
      // A longer cage does not raise it: the body's geometry sets the largest cog.
      fixes: (limit) => [
        `a cassette up to ${limit}T`,
        `a rear derailleur made for a ${largest}T cog; a longer cage alone does not help`,
      ],
    }),
    check('largestCogMinimum', largest, largestCogMinT, 'least', {
      what: `Largest cog ${largest}T`,
      published: (limit) => `at least ${limit}T published`,
      missing: 'the smallest that its largest cog may be',
      fixes: (limit) => [`a cassette whose largest cog has ${limit}T or more, for crisp shifting`],
    }),
    check('smallestCog', smallest, smallestCogMinT, 'least', {
      what: `Smallest cog ${smallest}T`,
      published: (limit) => `at least ${limit}T published`,
      missing: 'the smallest cog it takes',
      fixes: (limit) => [`a cassette from ${limit}T`],
    }),
  ];
}

/** The rings' difference against what the front derailleur takes; nothing to check on one ring. */
export function checkRingDifference(setup: Setup, { ringDifferenceMaxT }: RearDerailleur): Check {
  const required = ringDifferenceT(setup);
  if (setup.chainrings.length === 1) {
    return {
      id: 'ringDifference',
      verdict: 'inside',
      required,
      limit: ringDifferenceMaxT,
      margin: undefined,
      unit: 'T',
      missing: undefined,
      message: 'One ring: there is no front derailleur to ask.',
      fixes: [],
    };
  }
  return check('ringDifference', required, ringDifferenceMaxT, 'most', {
    what: `Rings ${required}T apart`,
    published: (limit) => `at most ${limit}T published`,
    missing: 'the ring difference that the front derailleur takes',
    fixes: (limit) => [`a ${Math.max(...setup.chainrings) - limit}T small ring`, `a front derailleur for ${required}T`],
  });
}

interface Wording {
  readonly what: string;
  readonly published: (limit: number) => string;
  readonly missing: string;
  readonly fixes: (limit: number) => string[];
}

function check(
  id: CheckId,
  required: number,
  limit: number | undefined,
  sense: 'most' | 'least',
  wording: Wording,
): Check {
  if (limit === undefined) {
    const message = `${wording.what}; not known: ${wording.missing}.`;
    return {
      id,
      verdict: 'notKnown',
      required,
      limit,
      margin: undefined,
      unit: 'T',
      missing: wording.missing,
      message,
      fixes: [],
    };
  }
  const margin = sense === 'most' ? limit - required : required - limit;
  const verdict = verdictOf(margin);
  const words = {
    inside: `${margin}T to spare`,
    at: 'at the limit, nothing to spare',
    outside: `${-margin}T ${sense === 'most' ? 'over' : 'under'} the sheet`,
  }[verdict];
  return {
    id,
    verdict,
    required,
    limit,
    margin,
    unit: 'T',
    missing: undefined,
    message: `${wording.what}, ${wording.published(limit)}: ${words}.`,
    fixes: verdict === 'outside' ? wording.fixes(limit) : [],
  };
}

/** The nearest single changes that bring the required capacity down to the limit, and the part that would take it. */
function capacityFixes(setup: Setup, limit: number): string[] {
  const rings = ringDifferenceT(setup);
  const cogs = cogDifferenceT(setup);
  const [big, small] = setup.chainrings;
  const fixes: string[] = [];
  if (big !== undefined && small !== undefined && limit > cogs && big - (limit - cogs) <= CHAINRING_TEETH.max) {
    fixes.push(`a ${big - (limit - cogs)}T small ring`);
  }
  if (limit > rings) fixes.push(`a largest cog of ${Math.min(...setup.cogs) + limit - rings}T`);
  return [...fixes, `a rear derailleur of ${rings + cogs}T or more`];
}
