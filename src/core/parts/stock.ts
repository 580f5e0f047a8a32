/** A stretch of time that a part was on a bike. */
export interface Mount {
  readonly bikeId: string;
  /** Milliseconds since 1970. */
  readonly fromMs: number;
  /** Undefined while it is on. */
  readonly toMs?: number | undefined;
}

/** Distance that wears parts: a ride, or unrecorded kilometres. */
export interface Trip {
  readonly bikeId: string;
  readonly atMs: number;
  readonly km: number;
}

interface Countable {
  readonly quantity: number;
  readonly mounts: readonly Mount[];
}

/** Where a part is fitted now. */
export function fittedOn({ mounts }: Pick<Countable, 'mounts'>): readonly string[] {
  return mounts.filter(({ toMs }) => toMs === undefined).map(({ bikeId }) => bikeId);
}

/** How many lie free. */
export function freeCount(part: Countable): number {
  return part.quantity - fittedOn(part).length;
}

/** Whether a bike can have it without buying: it is fitted or unused. */
export function isAtHand(part: Countable, bikeId: string): boolean {
  return fittedOn(part).includes(bikeId) || freeCount(part) > 0;
}

/** Kilometres of a part through its life: what it had when it came, and every trip of a bike while it was on. */
export function partKm(
  { kmBefore, mounts }: { readonly kmBefore: number; readonly mounts: readonly Mount[] },
  trips: readonly Trip[],
): number {
  return mounts.reduce(
    (sum, { bikeId, fromMs, toMs = Infinity }) =>
      trips.reduce(
        (km, trip) => (trip.bikeId === bikeId && trip.atMs >= fromMs && trip.atMs < toMs ? km + trip.km : km),
        sum,
      ),
    kmBefore,
  );
}

/** The same up to a moment. */
export function partKmAt(
  part: { readonly kmBefore: number; readonly mounts: readonly Mount[] },
  trips: readonly Trip[],
  atMs: number,
): number {
  return partKm(
    part,
    trips.filter((trip) => trip.atMs <= atMs),
  );
}

/** How a part's life fell on bikes, in the order in which they first had it. */
export function kmByBike(
  mounts: readonly Mount[],
  trips: readonly Trip[],
): readonly { readonly bikeId: string; readonly km: number }[] {
  const bikes = [...new Set(mounts.map(({ bikeId }) => bikeId))];
  return bikes.map((bikeId) => ({
    bikeId,
    km: partKm({ kmBefore: 0, mounts: mounts.filter((mount) => mount.bikeId === bikeId) }, trips),
  }));
}

/** Mounts with one more, from `atMs`; none is added where the bike has it already. */
export function mountedOn(mounts: readonly Mount[], bikeId: string, atMs: number): readonly Mount[] {
  const has = mounts.some((mount) => mount.bikeId === bikeId && mount.toMs === undefined);
  return has ? mounts : [...mounts, { bikeId, fromMs: atMs }];
}

/** Mounts with that of a bike ended at `atMs`. */
export function unmountedFrom(mounts: readonly Mount[], bikeId: string, atMs: number): readonly Mount[] {
  return mounts.map((mount) =>
    mount.bikeId === bikeId && mount.toMs === undefined ? { ...mount, toMs: Math.max(atMs, mount.fromMs) } : mount,
  );
}
