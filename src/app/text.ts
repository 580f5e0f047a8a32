/** Everything that the app says beside its stages, in one place: a translation is another object of this shape. */
export const WORDS = {
  error: {
    thisStageBroke: 'This stage broke',
    whatYouTypedIsKept:
      'What you typed is kept. Try again; if it breaks again, save a backup in Settings and undo the last change.',
    tryAgain: 'Try again',
  },
  notFound: {
    thereIsNoSuchPage: 'There is no such page',
    theWorkBeginsAt: 'The work begins at',
    gears: 'Gears',
  },
};
