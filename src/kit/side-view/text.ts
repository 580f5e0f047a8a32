/** Everything that `kit/side-view` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  posedDrive: {
    slackLinksHangWhateverThe: (links: number) => `slack: ${links} links sag in any cage position`,
    angleDegDegreesSlack: (angleDeg: string) => `${angleDeg}°: slack`,
    tooShortLinksDoNot: (links: number) => `too short: ${links} links do not reach`,
    impossibleSizes: 'impossible sizes',
    ringChainring: (chainring: number) => `ring ${chainring}`,
    cog: (cog: number) => `cog ${cog}`,
    guidePulley: 'guide pulley',
    tensionPulley: 'tension pulley',
    fromTheRearAxle: 'from the rear axle',
    forwardMm: 'forward, mm',
    upMm: 'up, mm',
    radiusMm: 'radius, mm',
    touchedDegrees: 'touched, °',
    cageState: (state: string) => `cage ${state}`,
  },
  sideView: {
    laidOverOtherText: (otherText: string) => `; compared with ${otherText}`,
    sideViewInChainringCog: (chainring: number, cog: number, text: string, value: string) =>
      `Side view in ${chainring}/${cog}: ${text}${value}`,
  },
};
