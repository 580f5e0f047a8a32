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
        ? 'This takes longer than it should: another window of Rontel may hold the data. Close all other windows of Rontel, also hidden ones; this page goes on by itself. If there is none, reload.'
        : `This takes longer than it should: ${windows === 1 ? 'another window' : `${windows} other windows`} of Rontel may hold the data. Close ${windows === 1 ? 'it' : 'them'}; this page goes on by itself.`,
  },
  shortcutHelp: {
    keys: 'Keys',
  },
  storeNotices: {
    thisBrowserKeepsNothingAll: 'This browser keeps nothing: all of it is gone when this page closes',
    youCanWorkAsAlways: 'You can work as always. Before you close it, save a backup under',
    data: 'Settings',
    toHaveItKeptAllow: (because: string) =>
      `. To have it kept, allow site data for this page, or leave the private window. (The browser says: ${because})`,
    setAside: (count: number) =>
      count === 1
        ? 'A record could not be read, and was set aside or mended'
        : `${count} records could not be read, and were set aside or mended`,
    setAsideWhere: 'Everything else is in order. What they are, and how to save them, is said under',
    cannotBeOpened: 'The data in this browser cannot be opened',
    cannotOpen: (message: string) =>
      `${message} Rontel has deleted nothing. Close other windows of Rontel and reload; if that does not help, save nothing over it and open a backup in another browser.`,
    updated: 'A newer Rontel is open in another window',
    updatedWhatToDo:
      'It has brought the data up to date, so this window has let go of them. Everything that it showed as saved is kept. Reload this window.',
    deleted: 'The data in this browser are being deleted',
    deletedRescued:
      'Another window, or the browser’s settings, deletes what Rontel keeps here. This window has read all of it before letting go: save it as a backup now, then reload and open that backup. Once this window is closed it is gone.',
    deletedNotRescued:
      'Another window, or the browser’s settings, deletes what Rontel keeps here, and it could not be read in time. Reload: under Settings there may be automatic copies; else open a backup.',
    saveWhatWasThere: 'Save all of it as a backup',
    lost: 'The browser has taken its database away',
    lostWhatToDo:
      'It may have cleared its data, or run out of room. Reload; if nothing is there, look for automatic copies under Settings, or open a backup.',
    itIsLeftAsIt: 'It is left as it is. Saved as a file it can be opened by that Rontel wherever it runs.',
    saveAllOfItAs: 'Save all of it as a file',
    itCannotBeReadFailure: (failure: string) => `It cannot be read: ${failure}`,
  },
  toolbar: {
    linkCopiedItCarriesThe: 'Link copied: it carries the setup, wheel, cadence and derailleur',
    undo: (undo: string) => `Undo: ${undo}`,
    nothingToUndo: 'Nothing to undo',
    redo: (redo: string) => `Redo: ${redo}`,
    nothingToRedo: 'Nothing to redo',
    copyALinkToThis: 'Copy a link to this setup',
    words: 'Words',
    keys: 'Keys',
    linkToThisSetup: 'Link to this setup',
    thisBrowserDoesNotLet: 'This browser does not let the page copy. Mark the link and copy it by hand:',
    link: 'Link',
    asTheSystem: 'as the system',
    coloursNowAndNext: (theme: string, theme2: string) => `Colours: ${theme}. Next: ${theme2}`,
  },
};
