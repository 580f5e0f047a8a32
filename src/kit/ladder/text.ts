import { percentText } from '../format';

/** Everything that `kit/ladder` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  axes: {
    speedAt: (rpm: string, speedUnit: string) => `Speed at ${rpm} rpm, ${speedUnit}`,
    developmentM: 'Development, m',
  },
  ladder: {
    ladderOfGears: 'Ladder of gears',
    bothRingsShare: (share: string) => `both rings: ${share}`,
    crossChained: ', cross-chained',
    needed: (developmentM: string) => `need ${developmentM} m`,
    gearNeeded: {
      easiest: (developmentM: string) => `easiest gear needed, ${developmentM} m`,
      hardest: (developmentM: string) => `hardest gear needed, ${developmentM} m`,
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
    letterHole: (letter: string) => `${letter} hole`,
    developmentM: 'development, m',
    speedSpeedUnit: (speedUnit: string) => `speed, ${speedUnit}`,
    stepToTheNextOn: 'step to the next on its ring',
  },
};
