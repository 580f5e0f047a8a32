import { atLeast } from '../numbers';
import { largestStep, meanStep, type Step, type StepSize } from './steps';
import { developmentM, speedKmh } from './size';

/** Where a rider feels a step: grinding up, in between, at speed. */
export const ZONES = ['climbing', 'between', 'fast'] as const;
export type Zone = (typeof ZONES)[number];

/** Where one zone ends and the next begins, km/h. */
export interface ZoneLimits {
  readonly climbingBelowKmh: number;
  readonly fastAboveKmh: number;
}

/** The steps of one zone. */
export interface ZoneSteps {
  readonly steps: readonly Step[];
  /** Undefined where no step falls in the zone. */
  readonly largest: Step | undefined;
  readonly mean: StepSize | undefined;
}

/** The speed at which a step is taken: at the preferred cadence, at the geometric mean of its gears. */
export function speedOfStepKmh({ from, to }: Step, rolloutMm: number, preferredRpm: number): number {
  return speedKmh(developmentM(Math.sqrt(from.ratio * to.ratio), rolloutMm), preferredRpm);
}

export function zoneOf(speed: number, limits: ZoneLimits): Zone {
  if (speed < limits.climbingBelowKmh) return 'climbing';
  return speed > limits.fastAboveKmh ? 'fast' : 'between';
}

/** Whether the step between two neighbours is larger than what is accepted in the zone in which it is taken; shares. */
export function isStepOver(
  easierM: number,
  harderM: number,
  preferredRpm: number,
  limits: ZoneLimits,
  accepted: Readonly<Record<Zone, number>>,
): boolean {
  const zone = zoneOf(speedKmh(Math.sqrt(easierM * harderM), preferredRpm), limits);
  return !atLeast(accepted[zone], harderM / easierM - 1);
}

/** Parts steps by the zone in which they are taken. */
export function stepsByZone(
  steps: readonly Step[],
  rolloutMm: number,
  preferredRpm: number,
  limits: ZoneLimits,
): Record<Zone, ZoneSteps> {
  const inZone = (zone: Zone): ZoneSteps => {
    const own = steps.filter((step) => zoneOf(speedOfStepKmh(step, rolloutMm, preferredRpm), limits) === zone);
    return {
      steps: own,
      largest: own.length > 0 ? largestStep(own) : undefined,
      mean: own.length > 0 ? meanStep(own) : undefined,
    };
  };
  return { climbing: inZone('climbing'), between: inZone('between'), fast: inZone('fast') };
}
