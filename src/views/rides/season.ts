import { gearsOf } from '../../core/gears';
import type { Surface } from '../../core/needs';
import { kmhOf } from '../../core/ride';
import type { RideRecord } from '../../records';
import { itemAt } from '../../core/items';

/** By what rides of a season are put together. */
export const SEASON_BY = ['month', 'bike', 'surface'] as const;
export type SeasonBy = (typeof SEASON_BY)[number];

/** Rides that have something in common. */
interface SeasonGroup {
  /** 2026-05, the id of a bike, or a surface; empty where a ride does not say. */
  readonly key: string;
  readonly rides: number;
  readonly metres: number;
  readonly seconds: number;
  /** Mean, pauses within rides included. */
  readonly speedKmh: number;
  /** The gear with the most pedalled time, and its share; undefined where no times are known. */
  readonly mostUsed: { readonly chainring: number; readonly cog: number; readonly share: number } | undefined;
}

/** Which rides are counted; absent for all. */
export interface SeasonFilter {
  readonly bikeId?: string | undefined;
  readonly surface?: Surface | undefined;
  readonly year?: string | undefined;
}

/** Rides that counted their seconds from 0 have no date. */
const DATED_FROM_MS = Date.UTC(1980, 0, 1);

/** Month of a ride in the reader's time zone, as 2026-05; empty without a date. */
function monthOf({ startedAtMs }: RideRecord): string {
  if (startedAtMs < DATED_FROM_MS) return '';
  const date = new Date(startedAtMs);
  return `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}`;
}

const KEYS: Readonly<Record<SeasonBy, (ride: RideRecord) => string>> = {
  month: monthOf,
  bike: ({ bikeId }) => bikeId,
  surface: ({ surface }) => surface ?? '',
};

/** Years with rides, the newest first. */
export function yearsOf(rides: readonly RideRecord[]): readonly string[] {
  return [...new Set(rides.map((ride) => monthOf(ride).slice(0, 4)).filter((year) => year !== ''))].sort().reverse();
}

/** Puts rides together; months in their order, the newest first, others by their distance, those that do not say last. */
export function seasonOf(
  rides: readonly RideRecord[],
  by: SeasonBy,
  filter: SeasonFilter = {},
): readonly SeasonGroup[] {
  const counted = rides.filter(
    (ride) =>
      (filter.bikeId === undefined || ride.bikeId === filter.bikeId) &&
      (filter.surface === undefined || ride.surface === filter.surface) &&
      (filter.year === undefined || monthOf(ride).startsWith(filter.year)),
  );
  const keys = new Set(counted.map(KEYS[by]));
  return [...keys]
    .map((key): SeasonGroup => ({ key, ...sumOf(counted.filter((ride) => KEYS[by](ride) === key)) }))
    .sort((a, b) => {
      if (a.key === '' || b.key === '') return a.key === '' ? 1 : -1;
      return by === 'month' ? (a.key < b.key ? 1 : -1) : b.metres - a.metres;
    });
}

/** Rides as one. */
function sumOf(rides: readonly RideRecord[]): Omit<SeasonGroup, 'key'> {
  const seconds = new Map<string, { chainring: number; cog: number; seconds: number }>();
  let pedalled = 0;
  for (const { setup, gearSeconds } of rides) {
    gearsOf(setup).forEach(({ chainring, cog }, i) => {
      const own = gearSeconds ? itemAt(gearSeconds, i) : 0;
      const name = `${chainring}/${cog}`;
      pedalled += own;
      seconds.set(name, { chainring, cog, seconds: own + (seconds.get(name)?.seconds ?? 0) });
    });
  }
  const most = [...seconds.values()].sort((a, b) => b.seconds - a.seconds)[0];
  const metres = rides.reduce((sum, { distanceM }) => sum + distanceM, 0);
  const rideSeconds = rides.reduce((sum, ride) => sum + ride.seconds, 0);
  return {
    rides: rides.length,
    metres,
    seconds: rideSeconds,
    speedKmh: rideSeconds > 0 ? kmhOf(metres / rideSeconds) : 0,
    mostUsed:
      most && pedalled > 0 ? { chainring: most.chainring, cog: most.cog, share: most.seconds / pedalled } : undefined,
  };
}
