import type { Bounds } from './numbers';

/** Bounds that the real world sets to what is recorded; past them a figure is a fault, not a ride. */

/** Heights above the sea, m: below the lowest shore, above the highest pass. Devices write others for "no data". */
export const ELEVATION_M: Bounds = { min: -500, max: 9000 };

/** Moments, milliseconds since 1970: 1970 to 2199, the clocks of devices that were never set among them. */
export const TIME_MS: Bounds = { min: 0, max: Date.UTC(2200, 0, 1) - 1 };

/** Power at the cranks of one sample, W: a track sprinter's is below; devices write more for "no data". */
export const POWER_W: Bounds = { min: 0, max: 3000 };

/** From the first sample of a ride to the last, s: a month. */
export const RIDE_SECONDS: Bounds = { min: 0, max: 31 * 86_400 };

/** Of one ride, m: half way round the world. */
export const RIDE_DISTANCE_M: Bounds = { min: 0, max: 20_000_000 };
