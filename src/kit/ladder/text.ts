/** Everything that `kit/ladder` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  ladder: {
    ladderOfGears: 'Ladder of gears',
    bothRingsShare: (share: string) => `both rings: ${share}`,
    crossChained: ', cross-chained',
    ringChainringCogValue: (chainring: number, cog: number, value: string) => `ring ${chainring}, cog ${cog}${value}`,
  },
  ladderNumbers: {
    letterHole: (letter: string) => `${letter} hole`,
    developmentM: 'development, m',
    speedSpeedUnit: (speedUnit: string) => `speed, ${speedUnit}`,
    stepToTheNextOn: 'step to the next on its ring',
  },
};
