/** Everything that the stage Work says, in one place: a translation is another object of this shape. */
export const WORDS = {
  photo: {
    bytesMb: (bytes: string) => `${bytes} MB`,
    nameHasMegabytesAtMost: (name: string, megabytes: string, megabytes2: string) =>
      `${name} has ${megabytes}; at most ${megabytes2}. Take it with fewer pixels, or cut it.`,
    nameCouldNotBeMade: (name: string) => `${name} could not be made small enough: cut it, or take another`,
    nameIsNoPictureThat: (name: string) => `${name} is no picture that this browser can read: take a JPEG or PNG`,
    thePictureCouldNotBe: 'the picture could not be read',
  },
  photoField: {
    photo: 'Photo',
    takenToLocaleString: (toLocaleString: string) => `Taken ${toLocaleString}`,
    removeThisPhoto: 'Remove this photo',
  },
  signOffPanel: {
    howDidItComeOut: 'How did it come out?',
    aTroubleIsStillOpen: 'A trouble is still open: mend it, or revert.',
    whyWasItRevertedThe: 'Why was it reverted? The reason is worth as much as a success.',
    whichNotesWriteThemDown: 'Which notes? Write them down.',
    stillOpen: (open: string) => `Still open: ${open}.`,
    outcome: 'Outcome',
    becauseOfForTheLog: 'Because of, for the log to learn from',
    groupOverTOutsideTheSheet: (group: string, overT: number) => `${group}, ${overT}T outside the sheet`,
    whatWasFound: 'What was found',
    outcomeNote: 'outcome note',
    signOff: 'Sign off',
    theNewSetupBecomesA:
      'The new setup becomes A, its parts change places on the shelf, and a re-check is put in the book.',
    theBikeStaysAsIt: 'The bike stays as it was; the trial is remembered.',
  },
  stepFields: {
    capitalExpectedUnitExpected: (capital: string, expected: string, unit: string) =>
      `${capital}, ${expected} ${unit} expected`,
    notReadYet: 'not read yet',
    asWorkedOut: 'As worked out.',
    plausible: 'Plausible.',
    note: 'Note',
    whatWasFoundWhatWas: 'what was found, what was set',
  },
  troublePanel: {
    notRight: 'Not right?',
    doNotRideUntilIt: ': do not ride until it is mended',
    backToStepTitle: (stepTitle: string) => `Back to ${stepTitle}`,
    mended: 'Mended',
    itWasNothing: 'It was nothing',
  },
  useWork: {
    whatOfName: (what: string, name: string) => `${what} of ${name}`,
    stepDone: 'step done',
    stepLeftOut: 'step left out',
    readingValue: (value: string) => `reading ${value}`,
    note: (note: string) => `note “${note}”`,
    tickedOff: 'ticked off',
    aTrouble: 'a trouble',
    itIsOpenAgain: 'it is open again',
    anotherTabChangedThisStep: (said: string) =>
      `Another tab changed this step meanwhile: ${said}. That stands; what you typed is not written. Look at it, then enter yours again if it is the right one.`,
  },
  weighPanel: {
    weightOfWhat: (what: string) => `weight of ${what}`,
    comesOff: 'Comes off',
    goesOn: 'Goes on',
    weigh: 'weigh',
    scaleAway: 'Scale away',
    theBikeBecomesMassChangeDoubtG: (massChange: string, doubtG: string) =>
      `The bike becomes ${massChange}, ± ${doubtG} g by the scale.`,
    allOfItTogether: 'all of it together',
  },
  weighSummary: {
    partsAndSumAgreeApart: (apart: string, allowedG: string) =>
      `Parts and sum agree: ${apart} apart, where rounding explains ${allowedG} g.`,
    partsAndSumDisagreeBy: (apart: string, allowedG: string) =>
      `Parts and sum disagree by ${apart}, more than both resolutions (${allowedG} g): a part is missing on one side, or the scale was not at zero. Weigh again.`,
  },
  workStage: {
    openingTheJob: 'Opening the job …',
    thisJobIsNotIn: 'This job is not in the book',
    itWasTakenOutOr:
      'It was taken out, or the address is not whole. Undo on the Swap page brings back what was taken out last.',
    toSwap: 'To Swap',
    signedOffOutcome: (outcome: string) => `Signed off: ${outcome}`,
    theBikeIsAsIt: 'The bike is as it was; the trial and its reason are in the log.',
    itsSetupIsANow: 'Its setup is A now. A re-check is in the book: after the first ride, or 100 km.',
    itIsInTheLog: 'It is in the log.',
    swap: 'Swap',
    schedule: 'Schedule',
    log: 'Log',
  },
  workView: {
    backToSwap: 'Back to Swap',
    stopTheClock: 'Stop the clock',
    startTheClock: 'Start the clock',
    stepsBehind: 'Steps behind',
    thisJobIsOpenIn: 'This job is open in another tab, too. Both write to the same card; nothing is lost.',
    stepPlaceOfCount: (place: number, count: number) => `Step ${place} of ${count}`,
    leftOut: ', left out',
    done: ', done',
    writing: ', writing …',
    stepBefore: 'Step before',
    allSteps: 'All steps',
    leaveOut: 'Leave out',
    next: 'Next',
    doneLabel: 'Done',
  },
};
