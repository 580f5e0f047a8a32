/** What the search of a bike says, in one place: a translation is another object of this shape. */
export const WORDS = {
  useSearch: {
    timeOutOfTheBand: 'time out of the band is an aim, but no road is chosen: choose a route or a ride',
    theRouteHasGoneMeanwhile: 'the route has gone meanwhile: choose another road',
    theRideHasGoneMeanwhile: 'the ride has gone meanwhile: choose another road',
  },
  oneOrTwo: {
    oneOrTwoForMe: '1x or 2x for me?',
    working: 'Working it out …',
    couldNot: (problem: string) => `Not worked out: ${problem}.`,
    seeAll: 'See all setups in Find',
  },
};
