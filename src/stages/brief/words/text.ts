/** Everything that the stage Brief says, in one place: a translation is another object of this shape. */
export const WORDS = {
  briefChoice: {
    textAssumed: (text: string) => `${text} assumed`,
  },
  briefStage: {
    brief: 'Brief',
    riderAndBike: 'Rider and bike',
    riddenFor: 'Ridden for',
    position: 'Position',
    dragArea: (positionCdaM2: number) => `CdA ${positionCdaM2} m²`,
    allUp: 'All-up',
    effortIfWattsAreUnknown: 'Effort, if watts are unknown',
    cadence: 'Cadence',
    theCadenceYouLikeBest: (preferredRpm: string) =>
      `The cadence you like best stands on the bench: ${preferredRpm} rpm.`,
    roadsAndSpeeds: 'Roads and speeds',
    surface: 'Surface',
    terrainSharesOfYourRiding: 'Terrain, shares of your riding',
    stepsAndWishes: 'Steps and wishes',
    largestStepThatDoesNot: 'Largest step that does not bother you',
    climbing: 'Climbing',
    inBetween: 'In between',
    fast: 'Fast',
    climbingIsBelow: 'Climbing is below',
    fastIsAbove: 'Fast is above',
    whatBothersYouToday: 'What bothers you today',
    whatBothers: 'what bothers',
    whatMattersMost: 'What matters most',
    inTheOrderInWhich: 'In the order in which you pick them',
    nothingAboveTheRest: 'nothing above the rest',
    whatMatters: 'what matters',
  },
  wanted: {
    whatItAsksFor: 'What it asks for',
    onTheSteepestClimb: 'On the steepest climb',
    onSteepestGradePercentClimbMinutes: (steepestGradePercent: string, climbMinutes: string) =>
      `on ${steepestGradePercent} %, ${climbMinutes} minutes`,
    easiestGearWanted: 'Easiest gear wanted',
    orLessToKeepClimbingRpm: (climbingRpm: string) => `or less, to keep ${climbingRpm} rpm there`,
    hardestGearWanted: 'Hardest gear wanted',
    orMoreForTopSpeedKmhKm: (topSpeedKmh: string, highRpm: string) =>
      `or more, for ${topSpeedKmh} km/h at ${highRpm} rpm`,
    gives: 'gives',
    valueEasiestMAtTheEasy: (value: string, easiestM: string, climbRpm: string) =>
      `${value} ${easiestM} m at the easy end: ${climbRpm} rpm on that climb`,
    valueHardestMAtTheHard: (value: string, hardestM: string, topKmh: string, highRpm: string) =>
      `${value} ${hardestM} m at the hard end: ${topKmh} km/h at ${highRpm} rpm`,
  },
};
