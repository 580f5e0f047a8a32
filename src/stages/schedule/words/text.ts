/** Everything that the stage Schedule says, in one place: a translation is another object of this shape. */
export const WORDS = {
  boardView: {
    noDayYet: 'no day yet',
    aJobIsDoneWhen: 'A job is done when it is signed off: work on it.',
    dayAndStateOfName: (name: string) => `day and state of ${name}`,
    tools: (tools: string) => `Tools: ${tools}`,
    afterTheFirstRidesBolts: 'After the first rides: bolts, indexing, cable',
    week: 'Week',
    fromDayToDay: (day: string, day2: string) => `${day} to ${day2}`,
    aWeekEarlier: 'A week earlier',
    today: 'Today',
    aWeekLater: 'A week later',
    saveTheJobsThatHave: 'Save the jobs that have a day as an iCalendar file',
    calendar: 'Calendar',
    board: 'Board',
    late: 'late',
  },
  buyPanel: {
    purchasesOfName: (name: string) => `purchases of ${name}`,
    toBuy: 'To buy',
    buyList: 'buy list',
    nothingEveryOpenJobHas: 'Nothing: every open job has its parts.',
    stillToPayCost: (cost: string) => `Still to pay: ${cost}.`,
    typedSums: (jobs: string) => `A sum typed for a whole setup counts until all its parts have come: ${jobs}.`,
    onTheShelfButAnother: ' · on the shelf, but another job counts on it',
    yes: 'yes',
    no: 'no',
  },
  chosenJob: {
    chosenJob: 'Chosen job',
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
      'Nothing. A swap that is signed off puts its re-check here; a chain that was measured its forecast.',
    dueKmInRides: (km: string, rides: number) => `due, ${km} in ${rides} ${rides === 1 ? 'ride' : 'rides'} since`,
    afterTheFirstRideOr: (distance: string) => `after the first ride, or ${distance}`,
    nameOn: (name: string, on: string) => `${name}, on ${on}`,
  },
  scheduleStage: {
    schedule: 'Schedule',
  },
  useSchedule: {
    aBikeThatIsGone: 'a bike that is gone',
  },
};
