import type { Setup } from './setup';

/** One gear of a setup: a ring with a cog, in a stage of the hub. */
export interface Gear {
  /** Teeth. */
  readonly chainring: number;
  /** Teeth. */
  readonly cog: number;
  /** Ratio of the hub's stage; 1 without a two-speed hub. */
  readonly hubStage: number;
  /** Wheel turns per crank turn: ring / cog × hub stage. */
  readonly ratio: number;
}

/** All gears, easiest first; of equal ratios the one on the smaller ring first. */
export function gearsOf(setup: Setup): Gear[] {
  return setup.chainrings
    .flatMap((chainring) =>
      setup.cogs.flatMap((cog) =>
        setup.hubStages.map((hubStage) => ({ chainring, cog, hubStage, ratio: (chainring / cog) * hubStage })),
      ),
    )
    .sort((a, b) => compareSize(a, b) || a.chainring - b.chainring);
}

/** Below 0 when `a` is easier, 0 when they are the same size. Exact in integers within one hub stage. */
function compareSize(a: Gear, b: Gear): number {
  if (a.hubStage === b.hubStage) return a.chainring * b.cog - b.chainring * a.cog;
  return a.ratio - b.ratio;
}

/** A name that is the same for the same gear: for keys and for finding one again. */
export function gearKey({ chainring, cog, hubStage }: Pick<Gear, 'chainring' | 'cog' | 'hubStage'>): string {
  return hubStage === 1 ? `${chainring}/${cog}` : `${chainring}/${cog}@${hubStage}`;
}
