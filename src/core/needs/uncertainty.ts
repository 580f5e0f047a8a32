import type { FilledBrief } from './fill';
import type { Needs } from './needs';

/** How far a rollout by the tyre's size may be off, as a share: width on the rim, pressure and load. */
const TYRE_UNCERTAINTY = 0.01;
/** Relative uncertainty of power: measured, or estimated from body weight and effort. */
const POWER_UNCERTAINTY = { said: 0.03, assumed: 0.05 };

/** How far each need itself may be off, as a share of its figure; a miss by less is none that anybody could feel. */
interface NeedUncertainty {
  readonly easiest: number;
  readonly topSpeed: number;
}

/**
 * Works out the uncertainty of both needs. On a steep climb speed goes nearly with power; at walking pace the need no
 * longer depends on it.
 */
export function needUncertainty({ assumed }: FilledBrief, { walks }: Needs): NeedUncertainty {
  const power = POWER_UNCERTAINTY[assumed.includes('powerW') ? 'assumed' : 'said'];
  return { easiest: walks ? TYRE_UNCERTAINTY : Math.hypot(TYRE_UNCERTAINTY, power), topSpeed: TYRE_UNCERTAINTY };
}
