import {
  stepBetween,
  type Coverage,
  type GearSizes,
  type SizedGear,
  type SpeedSpan,
  type StepReading,
} from '../../core/gears';
import { developmentForM } from '../../core/ride';
import { stepText } from '../explain/gears';
import { allDigits, fixed } from '../format';
import { ladderScale, steadySpan, type LadderScale, type Span } from './scale';

/** One setup on the ladder. */
export interface LadderLane {
  /** Place on the bench: letter, shape, colour and line. */
  readonly place: number;
  readonly title: string;
  readonly report: GearSizes;
  /** Speeds that the rider's cadences reach; undefined where the brief contradicts itself. */
  readonly coverage: Coverage | undefined;
  /** The cadence at which the axis of speeds holds. */
  readonly cadenceRpm: number;
}

export interface LadderOptions {
  /** What the axis showed last. */
  readonly before?: Span | undefined;
  readonly reading: StepReading;
  /** Turns km/h into what the person reads. */
  readonly speedIn: (speedKmh: number) => number;
}

/** Where everything of the ladder goes, in pixels. Nothing here is rounded, so that lengths stay true. */
export interface LadderLayout {
  readonly width: number;
  readonly height: number;
  /** Thickness of a rung. */
  readonly barWidth: number;
  readonly railHeight: number;
  /** What the axis shows. */
  readonly span: Span;
  readonly scale: LadderScale;
  readonly lanes: readonly LaneLayout[];
}

export interface LaneLayout {
  readonly place: number;
  readonly title: string;
  /** Base line of the title; undefined on a ladder of one lane, which needs none. */
  readonly titleY: number | undefined;
  readonly rows: readonly LadderRow[];
  /** Lines that tie exact twins on the two rings. */
  readonly ties: readonly { readonly key: string; readonly x: number; readonly top: number; readonly bottom: number }[];
  /** The stretch that both rings reach. */
  readonly overlap:
    | {
        readonly from: number;
        readonly to: number;
        readonly top: number;
        readonly bottom: number;
        readonly share: number;
        /** Middle of its text, clear of the ties; undefined where there is no room for it. */
        readonly textX: number | undefined;
      }
    | undefined;
  readonly coverage: CoverageLayout | undefined;
}

export interface CoverageLayout {
  readonly y: number;
  readonly label: string;
  readonly spans: readonly { readonly from: number; readonly to: number }[];
  readonly holes: readonly {
    readonly from: number;
    readonly to: number;
    readonly text: string;
    /** Where the text stands; undefined where there is no room for it. */
    readonly textX: number | undefined;
  }[];
}

export interface LadderRow {
  readonly chainring: number;
  readonly hubStage: number;
  /** Middle of the row. */
  readonly y: number;
  readonly from: number;
  readonly to: number;
  readonly rungs: readonly { readonly gear: SizedGear; readonly x: number }[];
  /** Steps between neighbouring rungs, where there is room to write them. */
  readonly gaps: readonly { readonly x: number; readonly text: string }[];
}

export const AXIS_HEIGHT = 30;
export const COVERAGE_HEIGHT = 9;
const LABEL_HEIGHT = 18;
const GAP_TEXT_WIDTH = 38;
const HOLE_TEXT_WIDTH = 58;
const HOLE_TEXT_HEIGHT = 16;
const TITLE_HEIGHT = 17;

/** One lane is drawn large; several share the height. */
const SIZES = {
  one: { railHeight: 28, rowPitch: 76, laneGap: 0 },
  several: { railHeight: 20, rowPitch: 54, laneGap: 8 },
} as const;

/** Everything that has a place along the axis, as developments in metres. */
function sizesOf(lanes: readonly LadderLane[]): number[] {
  return lanes.flatMap(({ report, coverage, cadenceRpm }) => [
    ...report.gears.map(({ developmentM }) => developmentM),
    ...(coverage ? [coverage.lowestSteadyKmh, coverage.topKmh].map((v) => developmentForM(v, cadenceRpm)) : []),
  ]);
}

export function ladderLayout(lanes: readonly LadderLane[], width: number, options: LadderOptions): LadderLayout {
  const narrow = width < 600;
  const size = lanes.length > 1 ? SIZES.several : SIZES.one;
  const span = steadySpan(sizesOf(lanes), options.before);
  const scale = ladderScale(span, narrow ? 34 : 62, width - (narrow ? 8 : 18));
  let top = AXIS_HEIGHT;
  const laid = lanes.map((lane) => {
    const { layout, bottom } = layoutLane(lane, lanes.length > 1, top, scale, size, options);
    top = bottom + size.laneGap;
    return layout;
  });
  return {
    width,
    height: top - size.laneGap + 4 + AXIS_HEIGHT,
    barWidth: narrow ? 4 : lanes.length > 1 ? 6 : 7,
    railHeight: size.railHeight,
    span,
    scale,
    lanes: laid,
  };
}

function layoutLane(
  lane: LadderLane,
  titled: boolean,
  top: number,
  scale: LadderScale,
  size: (typeof SIZES)['one' | 'several'],
  options: LadderOptions,
): { layout: LaneLayout; bottom: number } {
  const { report, place, title } = lane;
  const first = top + (titled ? TITLE_HEIGHT : 0) + LABEL_HEIGHT + size.railHeight / 2;
  const rows = rowsOf(report).map((row, i) =>
    layoutRow(row, first + i * size.rowPitch, report, scale, options.reading),
  );
  const [upper, lower] = rows;
  const between = upper &&
    lower && { top: upper.y + size.railHeight / 2, bottom: lower.y - size.railHeight / 2 - LABEL_HEIGHT };
  // With a two-speed hub there are more rows than the two that one tie can span.
  const ties =
    between && rows.length === 2
      ? report.twins.flatMap(([a, b]) => {
          const rung = lower.rungs.find(({ gear }) => gear.cog === a.cog && gear.chainring === a.chainring);
          return rung ? [{ key: `${a.cog}=${b.cog}`, x: rung.x, ...between }] : [];
        })
      : [];
  const overlap = report.overlap;
  const rowsEnd = rows.at(-1)!.y + size.railHeight / 2;
  const coverage = lane.coverage && layoutCoverage(lane, lane.coverage, rowsEnd + 10, scale, options);
  return {
    layout: {
      place,
      title,
      titleY: titled ? top + TITLE_HEIGHT - 2 : undefined,
      rows,
      ties,
      overlap:
        between && overlap && overlap.share > 0 && rows.length === 2
          ? {
              from: upper.from,
              to: lower.to,
              share: overlap.share,
              textX: freePlace(
                upper.from,
                lower.to,
                ties.map(({ x }) => x),
              ),
              ...between,
            }
          : undefined,
      coverage,
    },
    // Room for the speeds of holes whether there are any or not: what stands below does not jump while teeth are typed.
    bottom: coverage ? coverage.y + COVERAGE_HEIGHT + HOLE_TEXT_HEIGHT : rowsEnd + 4,
  };
}

/** Half the width of the overlap's text, with a little air. */
const OVERLAP_TEXT_HALF = 62;
const TIE_HALF = 10;

/** The middle for a text between `from` and `to` that no tie crosses: nearest to the middle of both. */
function freePlace(from: number, to: number, ties: readonly number[]): number | undefined {
  const reach = OVERLAP_TEXT_HALF + TIE_HALF;
  const middle = (from + to) / 2;
  return [middle, ...ties.flatMap((x) => [x - reach, x + reach])]
    .filter((x) => x - OVERLAP_TEXT_HALF >= from && x + OVERLAP_TEXT_HALF <= to)
    .filter((x) => ties.every((tie) => Math.abs(tie - x) >= reach - 1e-9))
    .sort((a, b) => Math.abs(a - middle) - Math.abs(b - middle))[0];
}

/** Ring and hub stage of each row, the hardest first. */
function rowsOf({ setup }: GearSizes) {
  return setup.chainrings
    .flatMap((chainring) => setup.hubStages.map((hubStage) => ({ chainring, hubStage })))
    .sort((a, b) => b.chainring * b.hubStage - a.chainring * a.hubStage);
}

function layoutRow(
  { chainring, hubStage }: { chainring: number; hubStage: number },
  y: number,
  { gears }: GearSizes,
  scale: LadderScale,
  reading: StepReading,
): LadderRow {
  const rungs = gears
    .filter((gear) => gear.chainring === chainring && gear.hubStage === hubStage)
    .map((gear) => ({ gear, x: scale.x(gear.developmentM) }));
  const gaps = rungs.slice(1).flatMap(({ gear, x }, i) => {
    const easier = rungs[i]!;
    if (x - easier.x < GAP_TEXT_WIDTH) return [];
    const text = stepText(stepBetween(easier.gear, gear), reading).replace(' %', '');
    return [{ x: (easier.x + x) / 2, text }];
  });
  return { chainring, hubStage, y, from: rungs[0]!.x, to: rungs.at(-1)!.x, rungs, gaps };
}

function layoutCoverage(
  { cadenceRpm }: LadderLane,
  { spans, holes, band }: Coverage,
  y: number,
  scale: LadderScale,
  { speedIn }: LadderOptions,
): CoverageLayout {
  const place = ({ fromKmh, toKmh }: SpeedSpan) => ({
    from: scale.x(developmentForM(fromKmh, cadenceRpm)),
    to: scale.x(developmentForM(toKmh, cadenceRpm)),
  });
  let free = -Infinity;
  return {
    y,
    label: `${allDigits(band.lowRpm)}–${allDigits(band.highRpm)}`,
    spans: spans.map(place),
    holes: holes.map((hole) => {
      const span = place(hole);
      const middle = (span.from + span.to) / 2;
      const fits = middle - HOLE_TEXT_WIDTH / 2 >= free;
      if (fits) free = middle + HOLE_TEXT_WIDTH / 2;
      return {
        ...span,
        text: `${fixed(speedIn(hole.fromKmh), 1)}–${fixed(speedIn(hole.toKmh), 1)}`,
        textX: fits ? middle : undefined,
      };
    }),
  };
}

/** A gear on a ladder of several lanes. */
export interface PlacedGear {
  readonly place: number;
  readonly gear: SizedGear;
}

/** The gear that an arrow key leads to: along its own row, or to the nearest size in the next row up or down. */
export function neighbourOf(layout: LadderLayout, { place, gear }: PlacedGear, key: string): PlacedGear | undefined {
  const rows = layout.lanes.flatMap((lane) => lane.rows.map((row) => ({ place: lane.place, row })));
  const at = rows.findIndex(
    ({ place: own, row }) => own === place && row.rungs.some((rung) => rung.gear.key === gear.key),
  );
  const rungs = rows[at]?.row.rungs ?? [];
  const along = rungs.findIndex((rung) => rung.gear.key === gear.key);
  if (key === 'ArrowRight' || key === 'ArrowLeft') {
    const next = rungs[key === 'ArrowRight' ? along + 1 : along - 1];
    return next && { place, gear: next.gear };
  }
  if (key !== 'ArrowUp' && key !== 'ArrowDown') return undefined;
  const other = rows[key === 'ArrowUp' ? at - 1 : at + 1];
  if (!other) return undefined;
  const distance = (candidate: SizedGear) => Math.abs(Math.log(candidate.developmentM / gear.developmentM));
  const nearest = other.row.rungs.reduce((best, rung) => (distance(rung.gear) < distance(best.gear) ? rung : best));
  return { place: other.place, gear: nearest.gear };
}
