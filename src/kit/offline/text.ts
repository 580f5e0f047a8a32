/** Everything that `kit/offline` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  updateNotice: {
    aNewerRontelIsReady: 'A newer Rontel is ready',
    whatIsTypedIsKept: 'What is typed is kept. It also takes over by itself once every Rontel window has been closed.',
    takeItNow: 'Take it now',
  },
};
