/** Everything that `kit/verdict` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  checkList: {
    decision: {
      try: 'Worth a trial',
      doNot: 'Not worth a trial',
      undecided: 'Open until it is tried',
    },
    extraCheck: 'Extra check',
    toMend: 'To mend:',
    or: '; or ',
    putItOnThisSetup: 'Put it on this setup; Undo takes it back',
    goToItsField: 'Go to its field',
    typeIt: 'Type it',
  },
  verdictMark: {
    word: {
      inside: 'inside',
      at: 'at the limit',
      outside: 'outside',
      cannotWork: 'cannot work',
      notKnown: 'not known',
    },
  },
};
