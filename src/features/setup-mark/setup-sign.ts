import { itemAt } from '../../core/items';
/** The letters of the workspace's places; the first is the setup fitted now. */
export const LETTERS = ['A', 'B', 'C', 'D'] as const;

type Letter = (typeof LETTERS)[number];

/** The letter of a place in the workspace. */
export const letterOf = (place: number): Letter => itemAt(LETTERS, place);

/** Returns the value of the `data-setup` attribute, which sets colour, tint and line pattern. */
export const signOf = (place: number) => letterOf(place).toLowerCase();

/** Line patterns, the same for every drawing, so that no setup is known by its colour alone. */
export const DASHES: readonly (readonly number[])[] = [[], [8, 4], [2, 3], [9, 3, 2, 3]];

/** The shape of each place, in a box of 16 × 16. */
export const SHAPE_PATHS: readonly string[] = [
  'M1 8a7 7 0 1 0 14 0a7 7 0 1 0 -14 0z',
  'M1.5 1.5h13v13h-13z',
  'M8 .8 15.6 15H.4z',
  'M8 .4 15.6 8 8 15.6.4 8z',
];
