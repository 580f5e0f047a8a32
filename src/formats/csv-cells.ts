import type { Gear } from '../core/gears';

/** Headings of a gear in a table of a file; unlike on screen, each number has a column of its own. */
export const gearFields = (prefix = ''): readonly string[] =>
  ['chainring_t', 'cog_t', 'hub_stage'].map((field) => `${prefix}${field}`);

/** Cells below {@link gearFields}. */
export const gearCells = ({ chainring, cog, hubStage }: Gear): readonly number[] => [chainring, cog, hubStage];

export const yesOrNo = (value: boolean) => (value ? 'yes' : 'no');

/** A share as a percentage, for a heading that ends in `_percent`. */
export const percentCell = (share: number) => share * 100;
