import { cogSteps } from '../../core/find';
import { percentText } from '../../ui/format';
import type { NumbersTable } from '../../ui/numbers/Numbers';
import { t } from './text';
import { itemAt } from '../../core/items';

/** Cog by cog from the smallest, with the step to each, of what is built and of what can be bought. */
export function cogsNumbers(own: readonly number[], other: readonly number[] | undefined): NumbersTable {
  const cassettes = other ? [own, other] : [own];
  const cells = cassettes.map((cogs) => {
    const steps = ['', ...cogSteps(cogs).map(percentText)];
    return cogs.map((cog, i) => [String(cog), itemAt(steps, i)]);
  });
  const count = Math.max(...cassettes.map(({ length }) => length));
  return {
    columns: ['cog', 'custom', t('cogsNumbers.stepToIt'), ...(other ? ['stock', t('cogsNumbers.stepToThat')] : [])],
    rows: Array.from({ length: count }, (_, i) => [String(i + 1), ...cells.flatMap((rows) => rows[i] ?? ['', ''])]),
  };
}
