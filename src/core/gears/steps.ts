import type { Gear } from './gear';
import { itemAt } from '../items';

/**
 * Three readings of one step between an easier gear e and a harder gear h:
 * `speedStep` h/e − 1, `cadenceDrop` 1 − e/h, `logStep` ln(h/e). Only the last adds up over shifts.
 */
export type StepReading = 'speedStep' | 'cadenceDrop' | 'logStep';

export interface Step {
  readonly from: Gear;
  readonly to: Gear;
  /** Share by which speed rises at equal cadence; 0.167 is 16.7%. */
  readonly speedStep: number;
  /** Share of the cadence lost when shifting to the harder gear at equal speed. */
  readonly cadenceDrop: number;
  /** Natural logarithm of the quotient. */
  readonly logStep: number;
  /** Teeth from the one cog to the other, harder less easier; −2 for 21→19. */
  readonly cogJumpT: number;
  /** Whether the ring changes. */
  readonly ringChange: boolean;
}

/** The step between two gears, from the easier (`from`) to the harder (`to`); from tooth counts, not rounded sizes. */
export function stepBetween(from: Gear, to: Gear): Step {
  // Written over the integers so that a quotient such as 48·24 / (32·36) is exact where it can be.
  const harder = to.chainring * from.cog * to.hubStage;
  const easier = from.chainring * to.cog * from.hubStage;
  return {
    from,
    to,
    speedStep: (harder - easier) / easier,
    cadenceDrop: (harder - easier) / harder,
    logStep: Math.log(harder / easier),
    cogJumpT: to.cog - from.cog,
    ringChange: to.chainring !== from.chainring,
  };
}

/** The steps between neighbours of a list of gears, easiest first. */
export function stepsAlong(gears: readonly Gear[]): Step[] {
  return gears.slice(1).map((gear, i) => stepBetween(itemAt(gears, i), gear));
}

/** One step in its three readings. */
export type StepSize = Pick<Step, StepReading>;

/** The three readings of a step whose speed step is known. @param speedStep a share, above −1 */
export function stepOfSize(speedStep: number): StepSize {
  return { speedStep, cadenceDrop: speedStep / (1 + speedStep), logStep: Math.log1p(speedStep) };
}

/** The even step that, taken as often, spans the same range (geometric mean). @param steps at least one */
export function meanStep(steps: readonly StepSize[]): StepSize {
  if (steps.length === 0) throw new RangeError('a mean step needs at least one step');
  const logStep = steps.reduce((sum, step) => sum + step.logStep, 0) / steps.length;
  return stepOfSize(Math.expm1(logStep));
}

/** The step that is largest, the first of equals; the readings agree on which. @param steps at least one */
export function largestStep(steps: readonly Step[]): Step {
  return steps.reduce((largest, step) => (step.logStep > largest.logStep ? step : largest));
}
