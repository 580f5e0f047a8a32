/** Everything that `kit/keeping` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  backupNotice: {
    saveOne: 'Save one',
    later: 'Later',
  },
  outside: {
    rontelBackup: 'Rontel backup',
  },
};
