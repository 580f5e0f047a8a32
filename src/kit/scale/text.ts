/** Everything that `kit/scale` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  scalePanel: {
    unitOfTheScale: 'Unit of the scale',
    units: { g: 'g', kg: 'kg', lbOz: 'lb and oz' },
    resolution: 'Resolution',
    resolutionOfTheScale: 'Resolution of the scale',
    scaleShows: (what: string) => `Your scale shows: ${what}`,
    weight: 'weight',
    ounces: 'ounces',
    noMultiple: (value: string, resolutionG: string) =>
      `${value} g is not a multiple of ${resolutionG} g. Choose the resolution of your scale, or read it again.`,
    saveWeight: 'Save the weight',
    useDemoScale: 'No scale? Try the demo scale',
  },
  demoScale: {
    demo: 'Demo.',
    simulated: 'A simulated scale: it rests, rounds and drifts as a bench scale does. Its weights are not real.',
    shows: 'Demo scale shows',
    atRest: (what: string) => `${what}: at rest`,
    settling: (what: string) => `${what}: settling …`,
    nothingOnIt: 'nothing on it',
    takeOff: 'Take off',
    putOn: 'Put on',
    zero: 'Zero',
    takeTheReading: 'Take the demo reading',
  },
  simulatedScale: {
    simulatedBenchScaleResolutionG: (resolutionG: number) => `simulated bench scale, ${resolutionG} g`,
  },
};
