/** Everything that `kit/top-view` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  topView: {
    countGears: (count: number) => `${count} gears`,
    chainFromAboveInValue: (value: string, sideways: number) =>
      `Chain from above in ${value}, sideways scale × ${sideways}`,
    outsideSidewaysBySideways: (sideways: number) => `outboard · sideways scale × ${sideways}`,
  },
};
