/** Everything that `kit/shell` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  shell: {
    plan: 'Plan',
    workshop: 'Workshop',
    pagesOf: (group: string, pages: string) => `${group}: ${pages}`,
    brief: 'Needs',
    gears: 'Gears',
    compare: 'Compare',
    find: 'Find',
    rides: 'Rides',
    fit: 'Compatibility',
    swap: 'Jobs',
    schedule: 'Schedule',
    log: 'Log',
    shelf: 'Parts',
    learn: 'Learn',
    data: 'Settings and data',
    rontel: 'Rontel',
    title: (parts: readonly string[]) => [...parts, 'Rontel'].join(' · '),
    stages: 'Pages',
    openingTheWorkshop: 'Opening the workshop …',
    waitsFor: (windows: number | undefined) =>
      windows === undefined || windows === 0
        ? 'This is taking longer than it should. Another Rontel window may be using the data. Close all other Rontel windows, including hidden ones; this page then continues. If there is none, reload.'
        : windows === 1
          ? 'This is taking longer than it should. Another Rontel window may be using the data. Close that window; this page then continues.'
          : `This is taking longer than it should. ${windows} other Rontel windows may be using the data. Close those windows; this page then continues.`,
  },
  shortcutHelp: {
    keys: 'Keyboard shortcuts',
  },
  storeNotices: {
    thisBrowserKeepsNothingAll: 'Nothing can be saved in this browser: your work will be lost when you close this page',
    youCanWorkAsAlways: 'You can carry on working. Save a backup before you close this page:',
    data: 'Settings',
    toHaveItKeptAllow: (because: string) =>
      `. To keep your work, allow site data for this page, or leave private browsing. (Browser message: ${because})`,
    setAside: (count: number) =>
      count === 1
        ? 'A record could not be read and was set aside or repaired'
        : `${count} records could not be read and were set aside or repaired`,
    setAsideWhere: 'Everything else is fine. For details, and to save these records, see',
    cannotBeOpened: 'The data in this browser cannot be opened',
    cannotOpen: (message: string) =>
      `${message} Rontel has deleted nothing. Close other Rontel windows and reload. If that does not help, do not overwrite the data; open a backup in another browser.`,
    updated: 'A newer version of Rontel is open in another window',
    updatedWhatToDo:
      'The newer version has updated the data, so this window can no longer use them. Everything shown as saved is safe. Reload this window.',
    deleted: 'The data in this browser are being deleted',
    deletedRescued:
      'Another window or the browser settings are deleting Rontel’s data. This window still has a copy: save it as a backup now, then reload and open that backup. The copy is lost when you close this window.',
    deletedNotRescued:
      'Another window or the browser settings are deleting Rontel’s data, and the data could not be read in time. Reload and look for automatic backups in Settings, or open a backup file.',
    saveWhatWasThere: 'Save everything as a backup',
    lost: 'The browser has removed Rontel’s database',
    lostWhatToDo:
      'The browser may have cleared its data or run out of storage. Reload. If your data are missing, look for automatic backups in Settings, or open a backup file.',
    itIsLeftAsIt: 'The data have not been changed. Save them to a file to open them in the newer version.',
    saveAllOfItAs: 'Save everything to a file',
    itCannotBeReadFailure: (failure: string) => `The data cannot be read: ${failure}`,
  },
  toolbar: {
    linkCopiedItCarriesThe: 'Link copied. It includes the setup, wheels, cadence and derailleur.',
    undo: (undo: string) => `Undo: ${undo}`,
    nothingToUndo: 'Nothing to undo',
    redo: (redo: string) => `Redo: ${redo}`,
    nothingToRedo: 'Nothing to redo',
    copyALinkToThis: 'Copy a link to this setup',
    words: 'Glossary',
    keys: 'Keyboard shortcuts',
    linkToThisSetup: 'Link to this setup',
    thisBrowserDoesNotLet: 'This browser blocks copying. Select the link and copy it:',
    link: 'Link',
    asTheSystem: 'match system',
    coloursNowAndNext: (theme: string, theme2: string) => `Theme: ${theme}. Switch to ${theme2}`,
  },
};
