import type { Trip } from '../../core/parts';
import { M_PER_KM } from '../../core/units';
import type { LogNoteRecord, RideRecord } from '../../records';

/** What parts wear by: rides, and kilometres that were only noted. */
export function tripsOf(rides: readonly RideRecord[], notes: readonly LogNoteRecord[]): Trip[] {
  return [
    ...rides.map(({ bikeId, startedAtMs, distanceM }) => ({ bikeId, atMs: startedAtMs, km: distanceM / M_PER_KM })),
    ...notes.flatMap(({ bikeId, atMs, km }) => (km === undefined ? [] : [{ bikeId, atMs, km }])),
  ];
}
