import { percentText } from '../format';

/** Everything that `kit/ladder` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  axes: {
    speedAt: (rpm: string, speedUnit: string) => `Speed at ${rpm} rpm, ${speedUnit}`,
    gearSize: {
      development: 'Development, m',
      gearInchesOwn: 'Gear inches',
      gearInches27: 'Gear inches, 27 in wheel',
      gainRatio: 'Gain ratio',
    },
  },
  ladder: {
    ladderOfGears: 'Gear ladder',
    lastReadable: 'last valid setup',
    bothRingsShare: (share: string) => `both rings: ${share}`,
    crossChained: ', cross-chained',
    needed: (size: string) => `need ${size}`,
    gearNeeded: {
      easiest: (size: string) => `easiest gear needed, ${size}`,
      hardest: (size: string) => `hardest gear needed, ${size}`,
    },
    speedsAt: (rpm: string) => `speeds at ${rpm} rpm`,
    setupShown: 'Setup shown',
    showSetup: (letter: string, title: string) => `${letter}, ${title}`,
    pointed: (gear: string, rpm: string, next: string) => `${gear} at ${rpm} rpm, next ${next}`,
    hardest: 'none: the hardest',
    ringChainringCogValue: (chainring: number, cog: number, value: string, share?: number) =>
      `ring ${chainring}, cog ${cog}${value}${share === undefined ? '' : `, ${percentText(share)} of the time`}`,
  },
  ladderNumbers: {
    letterHole: (letter: string) => `${letter} gap`,
    developmentM: 'development, m',
    speedSpeedUnit: (speedUnit: string) => `speed, ${speedUnit}`,
    stepToTheNextOn: 'step to the next on its ring',
  },
};
