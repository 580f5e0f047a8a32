/** Everything that `kit/chart` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  cadenceChart: {
    labelYRpmAtX: (label: string | undefined, y: string, x: string, speedUnit: string) =>
      `${label}: ${y} rpm at ${x} ${speedUnit}`,
    letterRpm: (letter: string | undefined) => `${letter}, rpm`,
  },
  chartPicture: {
    theChartIsNotOn: 'the chart is not on screen yet: try again',
  },
  stepChart: {
    takenAtSpeedUnitAndPreferredRpm: (speedUnit: string, preferredRpm: string) =>
      `speed at the shift, ${speedUnit}, at ${preferredRpm} rpm`,
    zoneLimit: (zone: string, limit: string) => `${zone} ${limit}`,
    yourLimits: (limits: readonly string[]) => `Dashed red lines: your limits, ${limits.join(', ')}.`,
    letterAtMostValue: (letter: string | undefined, value: string) => `${letter} at most ${value}`,
    readingOverSpeedLargest: (reading: string, largest: string) => `${reading} by speed: ${largest}`,
  },
};
