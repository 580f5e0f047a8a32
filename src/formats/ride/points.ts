import type { RawSample } from '../../core/recording';

/** A sample while its file is read. */
export type Point = { -readonly [K in keyof RawSample]: RawSample[K] };

/** Takes heights for missing where all of them are exactly 0: programs that know none write it. */
export function withoutFlatHeights(points: readonly Point[]): readonly Point[] {
  if (points.some(({ elevationM }) => elevationM !== undefined && elevationM !== 0)) return points;
  return points.map((point) => ({ ...point, elevationM: undefined }));
}
