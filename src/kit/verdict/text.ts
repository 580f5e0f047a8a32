/** Everything that `kit/verdict` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  checkList: {
    decision: {
      try: 'Worth testing',
      doNot: 'Not worth testing',
      undecided: 'Undecided until tested',
    },
    extraCheck: 'Extra check',
    toMend: 'To fix:',
    or: '; or ',
    putItOnThisSetup: 'Apply to this setup (can be undone)',
    goToItsField: 'Go to the field',
    typeIt: 'Add it',
  },
  verdictMark: {
    word: {
      inside: 'OK',
      at: 'at the limit',
      outside: 'over limit',
      cannotWork: 'cannot work',
      notKnown: 'no data',
    },
  },
};
