/** Everything that `kit/scale` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  scalePanel: {
    unitOfTheScale: 'Unit of the scale',
    units: { g: 'g', kg: 'kg', lbOz: 'lb and oz' },
    resolution: 'Resolution',
    resolutionOfTheScale: 'Resolution of the scale',
    scaleShows: (what: string) => `Scale reading: ${what}`,
    weight: 'weight',
    ounces: 'ounces',
    noMultiple: (value: string, resolutionG: string) =>
      `${value} g is not a multiple of ${resolutionG} g. Choose the resolution of your scale, or read it again.`,
    saveWeight: 'Save the weight',
    useDemoScale: 'No scale? Try the demo scale',
  },
  demoScale: {
    demo: 'Demo.',
    simulated: 'A simulated scale: it settles, rounds and drifts like a real one. Its weights are not real.',
    shows: 'Demo scale shows',
    atRest: (what: string) => `${what}: stable`,
    settling: (what: string) => `${what}: settling …`,
    nothingOnIt: 'empty',
    takeOff: 'Remove the part',
    putOn: 'Put the part on',
    zero: 'Tare',
    takeTheReading: 'Use the demo reading',
  },
  simulatedScale: {
    simulatedBenchScaleResolutionG: (resolutionG: number) => `simulated bench scale, ${resolutionG} g`,
  },
};
