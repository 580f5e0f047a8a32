/** Everything that the app says beside its stages, in one place: a translation is another object of this shape. */
export const WORDS = {
  error: {
    thisStageBroke: 'Something went wrong on this page',
    whatYouTypedIsKept:
      'What you typed is saved. Try again. If it happens again, save a backup in Settings and undo the last change.',
    tryAgain: 'Try again',
  },
  notFound: {
    thereIsNoSuchPage: 'Page not found',
    theWorkBeginsAt: 'Start at',
    gears: 'Gears',
  },
};
