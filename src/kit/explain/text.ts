/** Everything that `kit/explain` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  slip: {
    howThisWorkedOut: 'How this is worked out',
    howItIsWorkedOut: (title: string) => `How it is worked out: ${title}`,
    close: 'Close',
    closeEsc: 'Close (Esc)',
  },
};
