import { allDigits } from '../../ui/format';

/** Places gear sizes along the ladder: equal steps in percent are equally long, wherever they are. */
export interface LadderScale {
  /** Position of a development in metres, pixels along the picture. */
  readonly at: (developmentM: number) => number;
  /** The development at a position, metres: the inverse of `at`. */
  readonly sizeAt: (pixels: number) => number;
  /** Where the scale begins, with the easiest, and where it ends; standing, its begin is the lower end. */
  readonly begin: number;
  readonly end: number;
}

/** The stretch of gear sizes that a ladder shows: developments in metres, or ratios. */
export interface Span {
  readonly least: number;
  readonly most: number;
}

/** Share of the range left free at either end, so that the end rungs do not touch the edge. */
const END_ROOM = 1.045;
/** The least of it that a span may keep when its ends change. */
const KEPT_END_ROOM = 1.02;
/** Of a kept span, the least share of its length that has to be needed still. */
const KEPT_USE = 0.9;

const lengthOf = ({ least, most }: Span) => Math.log(most / least);
const around = (sizes: readonly number[], room: number): Span => ({
  least: Math.min(...sizes) / room,
  most: Math.max(...sizes) * room,
});

/** The range that shows these sizes, with a margin at either end. */
export function spanOf(sizes: readonly number[]): Span {
  return around(sizes, END_ROOM);
}

/**
 * The span before, as long as these sizes have room in it and fill it; else a span of their own. So a tooth typed over
 * moves the gears that it changes, and not the axis under all of them.
 */
export function steadySpan(sizes: readonly number[], before: Span | undefined): Span {
  const own = spanOf(sizes);
  if (!before) return own;
  const needed = around(sizes, KEPT_END_ROOM);
  const hasRoom = before.least <= needed.least && needed.most <= before.most;
  return hasRoom && lengthOf(own) >= KEPT_USE * lengthOf(before) ? before : own;
}

export function ladderScale(span: Span, begin: number, end: number): LadderScale {
  const pixels = (end - begin) / lengthOf(span);
  return {
    at: (developmentM) => begin + Math.log(developmentM / span.least) * pixels,
    sizeAt: (place) => span.least * Math.exp((place - begin) / pixels),
    begin,
    end,
  };
}

interface Tick {
  readonly at: number;
  readonly label: string;
}

/** Mantissas of ticks on a log axis. */
const FRIENDLY = [1, 1.2, 1.5, 1.8, 2, 2.5, 3, 3.5, 4, 5, 6, 7, 8, 9];

const roundness = (value: number) => String(value).replace(/[0.]/g, '').length;
/** Tick values, the roundest first. */
const TICK_VALUES = [0.1, 1, 10, 100]
  .flatMap((decade) => FRIENDLY.map((value) => Number((value * decade).toPrecision(2))))
  .sort((a, b) => roundness(a) - roundness(b));

/**
 * Ticks of an axis that shows `perMetre` × development, no two labels nearer than `minGap` pixels.
 * Rounder numbers are placed first, so that what is dropped is the less round.
 */
export function axisTicks(scale: LadderScale, perMetre: number, minGap: number): Tick[] {
  const placed: Tick[] = [];
  for (const value of TICK_VALUES) {
    const at = scale.at(value / perMetre);
    const inside = at >= Math.min(scale.begin, scale.end) && at <= Math.max(scale.begin, scale.end);
    if (inside && placed.every((tick) => Math.abs(tick.at - at) >= minGap))
      placed.push({ at, label: allDigits(value) });
  }
  return placed.sort((a, b) => a.at - b.at);
}
