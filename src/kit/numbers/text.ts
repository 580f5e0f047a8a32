/** Everything that `kit/numbers` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  numbers: {
    theSameInNumbersValue: (value: string) => `The same in numbers: ${value}`,
    theSameInNumbers: 'The same in numbers',
  },
};
