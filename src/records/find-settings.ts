import type { FindSettings } from '../core/find';

/** A search that is kept under a name. */
export interface SavedSearch {
  readonly id: string;
  readonly name: string;
  readonly find: FindSettings;
}

/** A cassette that was built for a bike. */
export interface BuiltCassette {
  readonly id: string;
  readonly name: string;
  /** Smallest first. */
  readonly cogs: readonly number[];
}
