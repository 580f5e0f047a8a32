const KMH_PER_MS = 3.6;

export const kmhOf = (speedMs: number) => speedMs * KMH_PER_MS;
export const msOf = (speedKmh: number) => speedKmh / KMH_PER_MS;
