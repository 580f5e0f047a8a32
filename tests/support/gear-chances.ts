import type { Gear, Setup } from '@/core/gears';
import type { ChangeChances, GearChanges } from '@/core/recording/gear-changes';

/** The chance of one gear after another by its definition, to another gear. */
function chanceTo(from: Gear, to: Gear, { chainrings, cogs, hubStages }: Setup, chances: ChangeChances): number {
  const clicks = Math.abs(cogs.indexOf(from.cog) - cogs.indexOf(to.cog));
  const rows =
    Math.abs(chainrings.indexOf(from.chainring) - chainrings.indexOf(to.chainring)) +
    Math.abs(hubStages.indexOf(from.hubStage) - hubStages.indexOf(to.hubStage));
  return rows > 0 ? chances.rowChange ** rows * 0.35 ** clicks : chances.oneClick * 0.35 ** (clicks - 1);
}

/** The whole matrix: chances of each gear after each gear, by position. */
export function chanceMatrix(
  gears: readonly Gear[],
  setup: Setup,
  { positions, size }: Pick<GearChanges, 'positions' | 'size'>,
  chances: ChangeChances,
): number[][] {
  const matrix = Array.from({ length: size }, () => new Array<number>(size).fill(0));
  gears.forEach((from, a) => {
    const row = matrix[positions[a]!]!;
    gears.forEach((to, b) => {
      if (a !== b) row[positions[b]!] = chanceTo(from, to, setup, chances);
    });
    row[positions[a]!] = 1 - row.reduce((sum, chance) => sum + chance, 0);
  });
  return matrix;
}
