/** Everything that `kit/numbers` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  numbers: {
    theSameInNumbersValue: (value: string) => `Show as a table: ${value}`,
    theSameInNumbers: 'Show as a table',
  },
};
