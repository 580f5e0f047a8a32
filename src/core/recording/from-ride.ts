import type { RideThrough } from '../ride';
import type { Recording } from './recording';
import { itemAt, lastOf } from '../items';

/** Resolution of a bicycle computer: speed 0.1 km/h, cadence 1 rpm. */
const SPEED_STEP_MS = 0.1 / 3.6;

/** What a bicycle computer would have recorded of a ride-through, a sample a second. */
export function recordingOfRide({ points }: RideThrough): Recording {
  const seconds = Math.floor(lastOf(points).timeS);
  const columns = {
    timeS: new Float64Array(seconds + 1),
    speedMs: new Float32Array(seconds + 1),
    cadenceRpm: new Float32Array(seconds + 1),
    distanceM: new Float64Array(seconds + 1),
    elevationM: new Float32Array(seconds + 1),
  };
  let place = 0;
  for (let s = 0; s <= seconds; s += 1) {
    while (place < points.length - 2 && itemAt(points, place + 1).timeS <= s) place += 1;
    const [a, b] = [itemAt(points, place), points[place + 1] ?? itemAt(points, place)];
    const share = b.timeS > a.timeS ? Math.min(1, Math.max(0, (s - a.timeS) / (b.timeS - a.timeS))) : 0;
    const between = (from: number, to: number) => from + share * (to - from);
    const speedMs = between(a.speedKmh, b.speedKmh) / 3.6;
    // Within a gear cadence follows speed; across a shift it is that of the gear held.
    const rpm = a.speedKmh > 0 ? (a.cadenceRpm * speedMs * 3.6) / a.speedKmh : 0;
    columns.timeS[s] = s;
    columns.speedMs[s] = Math.round(speedMs / SPEED_STEP_MS) * SPEED_STEP_MS;
    columns.cadenceRpm[s] = Math.round(rpm);
    columns.distanceM[s] = between(a.distanceM, b.distanceM);
    columns.elevationM[s] = Math.round(between(a.elevationM, b.elevationM) * 10) / 10;
  }
  return columns;
}
