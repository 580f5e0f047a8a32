import { allDigits } from '../format';

/** Places gear sizes along the ladder: equal steps in percent are equally long, wherever they are. */
export interface LadderScale {
  /** Pixels from the left edge of the picture for a development in metres. */
  readonly x: (developmentM: number) => number;
  readonly left: number;
  readonly right: number;
}

/** Share of the range left free at either end, so that the end rungs do not touch the edge. */
const END_ROOM = 1.045;

export function ladderScale(developmentsM: readonly number[], left: number, right: number): LadderScale {
  const least = Math.min(...developmentsM) / END_ROOM;
  const most = Math.max(...developmentsM) * END_ROOM;
  const pixels = (right - left) / Math.log(most / least);
  return { x: (developmentM) => left + Math.log(developmentM / least) * pixels, left, right };
}

export interface Tick {
  readonly x: number;
  readonly label: string;
}

/** Numbers that people read easily on a log axis, in every decade. */
const FRIENDLY = [1, 1.2, 1.5, 1.8, 2, 2.5, 3, 3.5, 4, 5, 6, 7, 8, 9];

/**
 * Ticks of an axis that shows `perMetre` × development, no two labels nearer than `minGap` pixels.
 * Rounder numbers are placed first, so that what is dropped is the less round.
 */
export function axisTicks(scale: LadderScale, perMetre: number, minGap: number): Tick[] {
  const values = [0.1, 1, 10, 100].flatMap((decade) =>
    FRIENDLY.map((value) => Number((value * decade).toPrecision(2))),
  );
  const roundness = (value: number) => String(value).replace(/[0.]/g, '').length;
  const placed: (Tick & { readonly value: number })[] = [];
  for (const value of [...values].sort((a, b) => roundness(a) - roundness(b))) {
    const x = scale.x(value / perMetre);
    const inside = x >= scale.left && x <= scale.right;
    if (inside && placed.every((tick) => Math.abs(tick.x - x) >= minGap))
      placed.push({ x, value, label: allDigits(value) });
  }
  return placed.sort((a, b) => a.x - b.x).map(({ x, label }) => ({ x, label }));
}
