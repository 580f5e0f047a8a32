/** Everything that the stage Schedule says, in one place: a translation is another object of this shape. */
export const WORDS = {
  boardView: {
    noDayYet: 'unscheduled',
    aJobIsDoneWhen: 'Sign the job off to mark it done.',
    dayAndStateOfName: (name: string) => `day and state of ${name}`,
    tools: (tools: string) => `Tools: ${tools}`,
    afterTheFirstRidesBolts: 'After the first rides: bolts, indexing, cable',
    week: 'Week',
    fromDayToDay: (day: string, day2: string) => `${day} to ${day2}`,
    aWeekEarlier: 'A week earlier',
    today: 'Today',
    aWeekLater: 'A week later',
    saveTheJobsThatHave: 'Export scheduled jobs (.ics)',
    calendar: 'Calendar',
    board: 'Board',
    late: 'late',
  },
  buyPanel: {
    purchasesOfName: (name: string) => `purchases of ${name}`,
    toBuy: 'Parts to order',
    buyList: 'parts to order',
    nothingEveryOpenJobHas: 'No parts to order.',
    stillToPayCost: (cost: string) => `Still to pay: ${cost}.`,
    typedSums: (jobs: string) => `A cost entered for a whole setup counts until all its parts have arrived: ${jobs}.`,
    onTheShelfButAnother: ' · in stock, but reserved for another job',
    yes: 'yes',
    no: 'no',
  },
  chosenJob: {
    chosenJob: 'Selected job',
    reCheckAfterTheFirst: 'Re-check after the first rides.',
    state: 'State',
    day: 'Day',
    card: 'Card',
    workOnIt: 'Work on it',
    closeTheJob: 'Close the job',
  },
  duePanel: {
    due: 'Due',
    nothingASwapThatIs:
      'Nothing due. Re-checks appear here after a swap is signed off, chain replacements once wear is measured.',
    dueKmInRides: (km: string, rides: number) => `due, ${km} in ${rides} ${rides === 1 ? 'ride' : 'rides'} since`,
    afterTheFirstRideOr: (distance: string) => `after the first ride, or ${distance}`,
    nameOn: (name: string, on: string) => `${name}, on ${on}`,
  },
  scheduleStage: {
    schedule: 'Schedule',
  },
  useSchedule: {
    aBikeThatIsGone: 'deleted bike',
  },
};
