/** What is on the bike: rings and cassette, and the stages of a two-speed hub where one is fitted. */
export interface Setup {
  /** Teeth of the chainrings, big ring first; one ring or two. */
  readonly chainrings: readonly number[];
  /** Teeth of the cogs, smallest first; 1 to 14 of them. */
  readonly cogs: readonly number[];
  /** Ratios of the hub's stages, direct drive (1) first; [1] without such a hub. */
  readonly hubStages: readonly number[];
}

/** An inclusive interval that a typed number must lie in. */
export interface Bounds {
  readonly min: number;
  readonly max: number;
}

export const CHAINRING_TEETH: Bounds = { min: 20, max: 70 };
export const COG_TEETH: Bounds = { min: 9, max: 60 };
const CHAINRING_COUNT: Bounds = { min: 1, max: 2 };
export const COG_COUNT: Bounds = { min: 1, max: 14 };
export const HUB_STAGE_RATIO: Bounds = { min: 0.6, max: 1 };
export const NO_HUB_STAGE: readonly number[] = [1];

export interface SetupProblem {
  /** Where it is, as in ['cogs', 3]. */
  readonly path: readonly (string | number)[];
  /** Value, bounds and what to do. */
  readonly message: string;
}

export function within(value: number, { min, max }: Bounds): boolean {
  return value >= min && value <= max;
}

/** Every reason why these teeth are no drivetrain; empty when they are one. Nothing is mended. */
export function checkSetup(setup: Setup): SetupProblem[] {
  return [...checkChainrings(setup.chainrings), ...checkCogs(setup.cogs), ...checkHubStages(setup.hubStages)];
}

function checkChainrings(rings: readonly number[]): SetupProblem[] {
  if (!within(rings.length, CHAINRING_COUNT)) {
    return [{ path: ['chainrings'], message: `${rings.length} chainrings: give one ring or two` }];
  }
  const problems = rings.flatMap((ring, i) => checkTeeth('chainring', ring, CHAINRING_TEETH, ['chainrings', i]));
  const [big, small] = rings;
  if (big !== undefined && small !== undefined && small >= big) {
    problems.push({
      path: ['chainrings', 1],
      message:
        small === big
          ? `chainrings ${big}/${small} are the same: give one ring, or a smaller second one`
          : `chainrings ${big}/${small}: the big ring stands first; write ${small}/${big}`,
    });
  }
  return problems;
}

/** Whether two setups have the same rings, cogs and hub. */
export function sameGears(a: Setup, b: Setup): boolean {
  return (['chainrings', 'cogs', 'hubStages'] as const).every((list) => a[list].join() === b[list].join());
}

/** Every reason why these teeth are no cassette. */
export function checkCogs(cogs: readonly number[]): SetupProblem[] {
  if (!within(cogs.length, COG_COUNT)) {
    return [
      {
        path: ['cogs'],
        message: `${cogs.length} cogs: a cassette has ${COG_COUNT.min} to ${COG_COUNT.max}; name each once`,
      },
    ];
  }
  const problems = cogs.flatMap((cog, i) => checkTeeth('cog', cog, COG_TEETH, ['cogs', i]));
  for (let i = 1; i < cogs.length; i += 1) {
    const before = cogs[i - 1]!;
    const cog = cogs[i]!;
    if (!(cog <= before)) continue;
    problems.push({
      path: ['cogs', i],
      message:
        cog === before
          ? `cog ${cog} is there twice: name each cog once`
          : `cog ${cog} after ${before}: cogs run from the smallest to the largest; write them in rising order`,
    });
  }
  return problems;
}

function checkTeeth(
  part: 'chainring' | 'cog',
  teeth: number,
  bounds: Bounds,
  path: (string | number)[],
): SetupProblem[] {
  if (!Number.isInteger(teeth)) {
    return [{ path, message: `${part} ${teeth}: teeth are whole numbers from ${bounds.min} to ${bounds.max}` }];
  }
  if (within(teeth, bounds)) return [];
  return [{ path, message: `${part} ${teeth}: ${part}s run from ${bounds.min} to ${bounds.max} teeth` }];
}

function checkHubStages(stages: readonly number[]): SetupProblem[] {
  if (stages.length < 1 || stages.length > 2) {
    return [
      {
        path: ['hubStages'],
        message: `${stages.length} hub stages: give [1] for a plain hub, two ratios for a two-speed one`,
      },
    ];
  }
  const problems: SetupProblem[] = stages.flatMap((stage, i) =>
    Number.isFinite(stage) && within(stage, HUB_STAGE_RATIO)
      ? []
      : [
          {
            path: ['hubStages', i],
            message: `hub stage ${stage}: ratios run from ${HUB_STAGE_RATIO.min} to ${HUB_STAGE_RATIO.max}, 1 is direct drive`,
          },
        ],
  );
  const [first, second] = stages;
  if (first !== undefined && second !== undefined && second >= first) {
    problems.push({
      path: ['hubStages', 1],
      message: `hub stages ${first}, ${second}: give the harder stage (the larger ratio) first`,
    });
  }
  return problems;
}
