import type { GearPair } from '../../core/job';
import { t } from './text';

/** Lists things in a sentence: "a", "a and b", "a, b and c". */
const LIST = new Intl.ListFormat('en-GB', { type: 'conjunction' });

export const listed = (items: readonly string[]): string => LIST.format(items);

/** One of several: "a or b". */
export const eitherOf = (items: readonly string[]): string =>
  new Intl.ListFormat('en-GB', { type: 'disjunction' }).format(items);

export const pairText = ({ chainring, cog }: GearPair): string => `${chainring}/${cog}`;

export const pairsText = (pairs: readonly GearPair[]): string => listed(pairs.map(pairText));

export const linksText = (links: number): string => t('list.links', { links });

export const cogsText = (cogs: number): string => t('list.cogs', { cogs });

/** A list as sentences of their own. */
export const sentences = (parts: readonly (string | undefined | false)[]): string =>
  parts.filter((part): part is string => typeof part === 'string' && part !== '').join(' ');
