import type { Gear } from '../gears';
import { TURNING_RPM } from './readings';
import { STANDING_MS } from './recording';

/** The gear that a speed and a cadence point to, and by how much they miss it, as ln; undefined where nothing drives. */
export function gearNow<G extends Gear & { readonly developmentM: number }>(
  gears: readonly G[],
  speedMs: number,
  cadenceRpm: number,
): { readonly gear: G; readonly error: number } | undefined {
  if (!(speedMs > STANDING_MS && cadenceRpm > TURNING_RPM)) return undefined;
  const ridden = (speedMs * 60) / cadenceRpm;
  const error = (gear: G) => Math.log(ridden / gear.developmentM);
  const gear = gears.reduce((best, one) => (Math.abs(error(one)) < Math.abs(error(best)) ? one : best));
  return { gear, error: error(gear) };
}
