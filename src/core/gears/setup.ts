import { message, type Message } from '../message';
import { within, type Bounds } from '../numbers';
import { itemAt } from '../items';

/** What is on the bike: rings and cassette, and the stages of a two-speed hub where one is fitted. */
export interface Setup {
  /** Teeth of the chainrings, big ring first; one ring or two. */
  readonly chainrings: readonly number[];
  /** Teeth of the cogs, smallest first; 1 to 14 of them. */
  readonly cogs: readonly number[];
  /** Ratios of the hub's stages, direct drive (1) first; [1] without such a hub. */
  readonly hubStages: readonly number[];
}

export const CHAINRING_TEETH: Bounds = { min: 20, max: 70 };
export const COG_TEETH: Bounds = { min: 9, max: 60 };
const CHAINRING_COUNT: Bounds = { min: 1, max: 2 };
export const COG_COUNT: Bounds = { min: 1, max: 14 };
export const HUB_STAGE_RATIO: Bounds = { min: 0.6, max: 1 };
export const NO_HUB_STAGE: readonly number[] = [1];

interface SetupProblem {
  /** Where it is, as in ['cogs', 3]. */
  readonly path: readonly (string | number)[];
  /** Value, bounds and what to do. */
  readonly message: Message;
}

/** Every reason why these teeth are no drivetrain; empty when they are one. Nothing is repaired. */
export function checkSetup(setup: Setup): SetupProblem[] {
  return [...checkChainrings(setup.chainrings), ...checkCogs(setup.cogs), ...checkHubStages(setup.hubStages)];
}

function checkChainrings(rings: readonly number[]): SetupProblem[] {
  if (!within(rings.length, CHAINRING_COUNT)) {
    return [{ path: ['chainrings'], message: message('gears.setup.ringCount', { rings: rings.length }) }];
  }
  const problems = rings.flatMap((ring, i) => checkTeeth('chainring', ring, CHAINRING_TEETH, ['chainrings', i]));
  const [big, small] = rings;
  if (big !== undefined && small !== undefined && small >= big) {
    problems.push({
      path: ['chainrings', 1],
      message: message(small === big ? 'gears.setup.ringsTheSame' : 'gears.setup.ringsTurnedRound', { big, small }),
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
        message: message('gears.setup.cogCount', { cogs: cogs.length, ...COG_COUNT }),
      },
    ];
  }
  const problems = cogs.flatMap((cog, i) => checkTeeth('cog', cog, COG_TEETH, ['cogs', i]));
  for (let i = 1; i < cogs.length; i += 1) {
    const before = itemAt(cogs, i - 1);
    const cog = itemAt(cogs, i);
    if (!(cog <= before)) continue;
    problems.push({
      path: ['cogs', i],
      message:
        cog === before
          ? message('gears.setup.cogTwice', { cog })
          : message('gears.setup.cogsNotRising', { cog, before }),
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
  const isRing = part === 'chainring';
  const values = { teeth, ...bounds };
  if (!Number.isInteger(teeth)) {
    return [{ path, message: message(isRing ? 'gears.setup.ringNotWhole' : 'gears.setup.cogNotWhole', values) }];
  }
  if (within(teeth, bounds)) return [];
  return [{ path, message: message(isRing ? 'gears.setup.ringOutside' : 'gears.setup.cogOutside', values) }];
}

function checkHubStages(stages: readonly number[]): SetupProblem[] {
  if (stages.length < 1 || stages.length > 2) {
    return [
      {
        path: ['hubStages'],
        message: message('gears.setup.hubStageCount', { stages: stages.length }),
      },
    ];
  }
  const problems: SetupProblem[] = stages.flatMap((stage, i) =>
    Number.isFinite(stage) && within(stage, HUB_STAGE_RATIO)
      ? []
      : [
          {
            path: ['hubStages', i],
            message: message('gears.setup.hubStageOutside', { stage, ...HUB_STAGE_RATIO }),
          },
        ],
  );
  const [first, second] = stages;
  if (first !== undefined && second !== undefined && second >= first) {
    problems.push({
      path: ['hubStages', 1],
      message: message('gears.setup.hubStagesTurnedRound', { first, second }),
    });
  }
  return problems;
}
