import type { CheckId } from '../../core/fit';
import type { ChainPlan, ChainWarning } from '../../core/job';
import { chainText, chainWarningText, endsOf } from './chain-words';
import { count } from './list';

/** What a limit is about. */
const LIMIT_TEXT: Readonly<Partial<Record<CheckId, string>>> = {
  totalCapacity: 'Total capacity',
  largestCog: 'Largest cog',
  largestCogMinimum: 'Smallest that the largest cog may be',
  smallestCog: 'Smallest cog',
  ringDifference: 'Ring difference',
  frontCage: 'Front derailleur cage',
};

/** What a card warns of, for those who read it without its page. */
export const warningText = {
  chain: chainText,
  ofChain: (warning: ChainWarning, plan: ChainPlan, rings: number) => chainWarningText(warning, plan, endsOf(rings)),
  shifterUnknown:
    'The number of cogs changes and the shifter’s speeds are not known. Read them off the shifter first; a new one is assumed.',
  tooShort: (links: number, minLinks: number) =>
    `Never ride with this chain: ${count(links, 'link')}, where at least ${minLinks} are needed.`,
  passed: (id: CheckId, overT: number) => `${LIMIT_TEXT[id] ?? id}: ${overT}T past the published limit.`,
};
