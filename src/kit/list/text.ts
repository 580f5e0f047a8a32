/** Everything that `kit/list` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  useFirst: {
    showPageMoreOfCount: (page: number, count: number) => `Show ${page} more of ${count}`,
  },
};
