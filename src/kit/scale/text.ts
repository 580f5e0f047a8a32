/** Everything that `kit/scale` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  scalePanel: {
    scaleShows: 'Scale shows',
    whatRest: (what: string) => `${what}: at rest`,
    whatSettling: (what: string) => `${what}: settling …`,
    nothingOnIt: 'nothing on it',
    takeOff: 'Take off',
    putOn: 'Put on',
    zero: 'Zero',
    takeTheReading: 'Take the reading',
    resolutionOfTheScale: 'Resolution of the scale',
    simulatedScaleItRestsRounds: 'Simulated scale: it rests, rounds and drifts as a bench scale does.',
    orWhatYourOwnScale: 'Or what your own scale shows, in its steps above',
    weight: 'weight',
    valueGIsNoMultiple: (value: string, resolutionG: string) =>
      `${value} g is no multiple of ${resolutionG} g: choose the step that the scale shows`,
    takeThat: 'Take that',
  },
  simulatedScale: {
    simulatedBenchScaleResolutionG: (resolutionG: number) => `simulated bench scale, ${resolutionG} g`,
  },
};
