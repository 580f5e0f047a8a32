/** Everything that `kit/shop` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  cardView: {
    comesOff: 'Comes off',
    goesOn: 'Goes on',
    toBuy: 'Parts to buy',
    together: 'Total',
    allInStock: 'Everything is in stock.',
    weightTotal: (total: string) => `Weight ${total}`,
    nothing: 'Nothing.',
    tools: 'Tools:',
    consumables: 'Consumables:',
  },
  signOff: {
    partOff: (part: string, bike: string) => `${part}, off ${bike}`,
    cameOffAt: (job: string) => `came off at “${job}”`,
  },
  stateSelect: {
    stateOfName: (name: string) => `State of ${name}`,
  },
  useJobEdits: {
    whatOfName: (what: string, name: string) => `${what} of ${name}`,
  },
  wearNumbers: {
    wearPercent: 'wear, %',
    limitByTheLine: 'limit reached (trend)',
    earliest80Percent: 'earliest, 80 %',
    latest80Percent: 'latest, 80 %',
  },
  wearView: {
    chainWearOverDistance: 'Chain wear over distance',
    wearPercentAtKm: (wearPercent: string, distance: string) => `${wearPercent} % at ${distance}`,
    chainWearOverDistanceReadings: (readings: string, limitPercent: string) =>
      `Chain wear over distance: ${readings}; limit ${limitPercent} %`,
  },
};
