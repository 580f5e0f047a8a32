import { percentText } from '../../kit/format';
import type { NumbersTable } from '../../kit/numbers/Numbers';

/** Cog by cog from the smallest, with the step to each, of what is built and of what can be bought. */
export function cogsNumbers(own: readonly number[], other: readonly number[] | undefined): NumbersTable {
  const of = (cogs: readonly number[], i: number) => {
    const cog = cogs[i];
    if (cog === undefined) return ['', ''];
    return [String(cog), i === 0 ? '' : percentText(cog / cogs[i - 1]! - 1)];
  };
  const count = Math.max(own.length, other?.length ?? 0);
  return {
    columns: ['cog', 'built', 'step to it', ...(other ? ['bought', 'step to that'] : [])],
    rows: Array.from({ length: count }, (_, i) => [String(i + 1), ...of(own, i), ...(other ? of(other, i) : [])]),
  };
}
