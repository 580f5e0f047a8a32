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

interface Wording {
  readonly what: string;
  readonly published: (limitT: number) => string;
  readonly missing: string;
  readonly fixes: (limitT: number) => string[];
}

function check(
  id: CheckId,
  requiredT: number,
  limitT: number | undefined,
  sense: 'most' | 'least',
  wording: Wording,
): Check {
  if (limitT === undefined) {
    const message = `${wording.what}; not known: ${wording.missing}.`;
    return {
      id,
      verdict: 'notKnown',
      requiredT,
      limitT,
      marginT: undefined,
      missing: wording.missing,
      message,
      fixes: [],
    };
  }
  const marginT = sense === 'most' ? limitT - requiredT : requiredT - limitT;
  const verdict = verdictOf(marginT);
  const margin = {
    inside: `${marginT}T to spare`,
    at: 'at the limit, nothing to spare',
    outside: `${-marginT}T ${sense === 'most' ? 'over' : 'under'} the sheet`,
  }[verdict];
  return {
    id,
    verdict,
    requiredT,
    limitT,
    marginT,
    missing: undefined,
    message: `${wording.what}, ${wording.published(limitT)}: ${margin}.`,
    fixes: verdict === 'outside' ? wording.fixes(limitT) : [],
  };
}

/** The nearest single changes that bring the required capacity down to the limit, and the part that would take it. */
function capacityFixes(setup: Setup, limitT: number): string[] {
  const rings = ringDifferenceT(setup);
  const cogs = cogDifferenceT(setup);
  const [big, small] = setup.chainrings;
  const fixes: string[] = [];
  if (big !== undefined && small !== undefined && limitT > cogs && big - (limitT - cogs) <= CHAINRING_TEETH.max) {
    fixes.push(`a ${big - (limitT - cogs)}T small ring`);
  }
  if (limitT > rings) fixes.push(`a largest cog of ${Math.min(...setup.cogs) + limitT - rings}T`);
  return [...fixes, `a rear derailleur of ${rings + cogs}T or more`];
}
