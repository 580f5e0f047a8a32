import type { GearPair } from '../../core/job';

/** "a", "a and b", "a, b and c". */
export function listed(items: readonly string[]): string {
  if (items.length <= 1) return items.join('');
  return `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`;
}

export const pairText = ({ chainring, cog }: GearPair): string => `${chainring}/${cog}`;

export const pairsText = (pairs: readonly GearPair[]): string => listed(pairs.map(pairText));

export const count = (value: number, one: string, many = `${one}s`): string => `${value} ${value === 1 ? one : many}`;

/** A list as sentences of their own. */
export const sentences = (parts: readonly (string | undefined | false)[]): string =>
  parts.filter((part): part is string => typeof part === 'string' && part !== '').join(' ');
