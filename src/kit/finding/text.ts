/** What the search of a bike says, in one place: a translation is another object of this shape. */
export const WORDS = {
  useSearch: {
    timeOutOfTheBand: 'to rank by time outside your cadence range, choose a route or a ride',
    theRouteHasGoneMeanwhile: 'that route has been deleted: choose another route or a ride',
    theRideHasGoneMeanwhile: 'that ride has been deleted: choose another ride or a route',
  },
  oneOrTwo: {
    oneOrTwoForMe: '1x or 2x for me?',
    working: 'Working it out …',
    couldNot: (problem: string) => `No answer: ${problem}.`,
    seeAll: 'See all setups in Find',
  },
};
