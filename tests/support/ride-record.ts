import type { RideRecord } from '@/records';
import { TOURER } from './setups';

/** A ride of the tourer of the worked examples as it is stored, an hour long; a test says what else it is. */
export const RIDE: RideRecord = {
  id: 'ride',
  bikeId: 'tourer',
  name: 'Along the dyke',
  startedAtMs: Date.UTC(2026, 8, 12, 8, 30),
  seconds: 3600,
  distanceM: 24_000,
  setup: TOURER,
  wheelsetId: 'wheels',
  digest: 'a ride of a test',
};
