/** The letters of the bench's places; the first is the setup fitted now. */
export const LETTERS = ['A', 'B', 'C', 'D'] as const;

export type Letter = (typeof LETTERS)[number];

/** What a style sheet knows a place by: it sets colour, wash and dash of all below. */
export const signOf = (place: number) => LETTERS[place]!.toLowerCase();

/** Line patterns, the same for every drawing, so that no setup is known by its colour alone. */
export const DASHES: readonly (readonly number[])[] = [[], [8, 4], [2, 3], [9, 3, 2, 3]];
