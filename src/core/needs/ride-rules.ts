import { developedGears, type Setup } from '../gears';
import type { RideRules } from '../ride';
import type { FilledBrief } from './fill';

/** Rules by which the rider of a brief rides a setup on a route. */
export function rideRulesOf(
  brief: FilledBrief,
  { chainrings, cogs, hubStages }: Setup,
  rolloutMm: number,
  crossedCogs: number,
  walkingRpm: number,
): RideRules {
  const { powerW, lowRpm, highRpm, preferredRpm, spinOutRpm, climbingRpm } = brief;
  const setup = { chainrings, cogs, hubStages };
  return {
    setup,
    gears: developedGears(setup, rolloutMm),
    crossedCogs,
    powerW,
    lowRpm,
    highRpm,
    preferredRpm,
    spinOutRpm,
    climbingRpm,
    walkingRpm,
  };
}
