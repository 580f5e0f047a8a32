/** A route with its elevation at equal distances. */
export interface RouteRecord {
  readonly id: string;
  readonly name: string;
  readonly stepM: number;
  /** At 0, 1, 2 … steps, smoothed. */
  readonly elevationM: readonly number[];
}
