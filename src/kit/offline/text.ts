/** Everything that `kit/offline` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  updateNotice: {
    aNewerRontelIsReady: 'An update is ready',
    whatIsTypedIsKept: 'Your work is saved. The update also installs when you close every Rontel window.',
    takeItNow: 'Update now',
  },
};
