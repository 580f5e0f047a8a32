import {
  isStepOver,
  stepBetween,
  type Coverage,
  type Gear,
  type GearReport,
  type SizedGear,
  type SpeedSpan,
  type StepReading,
  type Zone,
  type ZoneLimits,
} from '../../core/gears';
import { developmentForM } from '../../core/ride';
import { stepText } from '../explanations/gears';
import { allDigits, fixed } from '../../ui/format';
import { ladderScale, steadySpan, type LadderScale, type Span } from './scale';
import { firstOf, itemAt, lastOf, definite } from '../../core/items';

/** One setup on the ladder. */
export interface LadderLane {
  /** Place in the workspace: letter, shape, colour and line. */
  readonly place: number;
  readonly title: string;
  readonly report: GearReport;
  /** Speeds within the rider's cadences; undefined while the needs conflict. */
  readonly coverage: Coverage | undefined;
  /** The cadence at which the axis of speeds holds. */
  readonly cadenceRpm: number;
  /** Share of the pedalled time in each gear, by its key; drawn as bars on the rungs instead of steps and speeds. */
  readonly shares?: ReadonlyMap<string, number> | undefined;
}

/** The rider's needs, across all columns; undefined while the needs conflict. */
export interface LadderNeeds {
  readonly easiestMaxM: number;
  readonly hardestMinM: number;
  readonly zones: ZoneLimits;
  /** At which zones and steps are judged. */
  readonly preferredRpm: number;
  /** Largest steps that do not bother, by zone, as shares. */
  readonly tolerance: Readonly<Record<Zone, number>>;
}

interface LadderOptions {
  /** What the axis showed last. */
  readonly before?: Span | undefined;
  readonly reading: StepReading;
  /** Converts km/h to the user's unit. */
  readonly speedIn: (speedKmh: number) => number;
  readonly height: number;
  readonly needs?: LadderNeeds | undefined;
  /** The share of the time that has the longest bar; of all columns the largest. */
  readonly mostShare?: number | undefined;
}

/** Where everything of the ladder goes, in pixels. Nothing here is rounded, so that lengths stay true. */
export interface LadderLayout {
  readonly width: number;
  readonly height: number;
  /** What the axis shows. */
  readonly span: Span;
  /** From the lower end, with the easiest gears, to the upper one. */
  readonly scale: LadderScale;
  /** The columns lie between. */
  readonly left: number;
  readonly right: number;
  readonly columns: readonly ColumnLayout[];
  readonly zones: readonly { readonly from: number; readonly to: number; readonly shaded: boolean }[];
  readonly needs: readonly {
    readonly end: 'easiest' | 'hardest';
    readonly at: number;
    readonly developmentM: number;
  }[];
}

/** One setup: from the uprights on the left to the speeds that its rider reaches on the right. */
export interface ColumnLayout {
  readonly place: number;
  readonly title: string;
  readonly left: number;
  readonly width: number;
  readonly uprights: readonly Upright[];
  /** Ring changes of the shift sequence, from the easier gear to the harder. */
  readonly bridges: readonly { readonly from: Spot; readonly to: Spot }[];
  readonly steps: readonly StepLayout[];
  /** Duplicates on two uprights, exact ones and near ones. */
  readonly ties: readonly { readonly key: string; readonly mark: '=' | '≈'; readonly from: Spot; readonly to: Spot }[];
  /** The stretch that both rings reach. */
  readonly overlap: { readonly from: number; readonly to: number; readonly share: number } | undefined;
  readonly stepsX: number;
  readonly coverage: CoverageLayout | undefined;
}

export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** A ring, or a ring with a stage of the hub: a rung a gear, easiest at the foot. */
export interface Upright {
  readonly chainring: number;
  readonly hubStage: number;
  readonly x: number;
  /** Half the length of a rung. */
  readonly half: number;
  /** Which side its cogs are written on. */
  readonly side: 'left' | 'right';
  readonly bottom: number;
  readonly top: number;
  readonly rungs: readonly {
    readonly gear: SizedGear;
    readonly y: number;
    readonly isOnPath: boolean;
    /** Whether its cog fits. */
    readonly isNamed: boolean;
    /** The share of the time in it, and how long its bar is; undefined where no time is shown. */
    readonly use: { readonly share: number; readonly length: number; readonly isWritten: boolean } | undefined;
  }[];
}

interface StepLayout {
  readonly from: number;
  readonly to: number;
  readonly text: string;
  /** Whether its text fits. */
  readonly isWritten: boolean;
  /** Whether it is larger than what does not bother this rider. */
  readonly isOver: boolean;
}

export interface CoverageLayout {
  readonly x: number;
  readonly label: string;
  readonly spans: readonly { readonly from: number; readonly to: number }[];
  readonly gaps: readonly {
    readonly from: number;
    readonly to: number;
    readonly text: string;
    /** Position of the text; undefined where it does not fit. */
    readonly textY: number | undefined;
  }[];
}

/** Above the scale: names of the columns and what is read out where one points. */
const HEAD_HEIGHT = 38;
/** Of a ladder of one setup, which needs no name. */
const LOW_HEAD_HEIGHT = 22;
/** Below it: the rings. */
const FOOT_HEIGHT = 34;
const RUNG_HALF = 16;
/** A column as narrow as this, such as on a card, has shorter rungs. */
const SLIM = 240;
const SLIM_RUNG_HALF = 11;
/** With bars of time on them rungs are short. */
const USED_RUNG_HALF = 7;
export const COVERAGE_WIDTH = 10;
const LEFT_AXIS = 44;
const RIGHT_AXIS = 34;
const TEXT_HEIGHT = 11.5;
const GAP_TEXT_WIDTH = 58;
/** Below this a ladder shows one setup at a time. */
export const NARROW = 560;

/** Positions of the uprights of a column, by their number, as shares of its width; then steps and speeds. */
const UPRIGHTS_AT: readonly (readonly number[])[] = [
  [],
  [0.3],
  [0.2, 0.44],
  [0.16, 0.3, 0.46],
  [0.13, 0.25, 0.37, 0.49],
];
/** With time bars the uprights are in the middle and the bars point outward. */
const USED_UPRIGHTS_AT: readonly (readonly number[])[] = [
  [],
  [0.16],
  [0.37, 0.63],
  [0.3, 0.5, 0.7],
  [0.2, 0.4, 0.6, 0.8],
];
/** Width of the share behind a bar. */
export const SHARE_TEXT_WIDTH = 34;
/** Shares below are not written. */
const SHARE_WRITTEN = 0.005;
const STEPS_AT = 0.62;
/** Without speeds beside them. */
const STEPS_ALONE_AT = 0.76;
const SPEEDS_AT = 0.765;

/** Everything that has a place along the axis, as developments in metres. */
function sizesOf(lanes: readonly LadderLane[], needs: LadderNeeds | undefined): number[] {
  return [
    ...lanes.flatMap(({ report, coverage, cadenceRpm }) => [
      ...report.gears.map(({ developmentM }) => developmentM),
      ...(coverage ? [coverage.lowestSteadyKmh, coverage.topKmh].map((v) => developmentForM(v, cadenceRpm)) : []),
    ]),
    ...(needs ? [needs.easiestMaxM, needs.hardestMinM] : []),
  ];
}

/** @param lanes at least one */
export function ladderLayout(lanes: readonly LadderLane[], width: number, options: LadderOptions): LadderLayout {
  const { height, needs } = options;
  const span = steadySpan(sizesOf(lanes, needs), options.before);
  const mostShare = Math.max(...lanes.flatMap(({ shares }) => [...(shares?.values() ?? [])]), 1e-9);
  const scale = ladderScale(span, height - FOOT_HEIGHT, lanes.length > 1 ? HEAD_HEIGHT : LOW_HEAD_HEIGHT);
  const [left, right] = [LEFT_AXIS, width - RIGHT_AXIS];
  const columnWidth = Math.max(0, right - left) / lanes.length;
  return {
    ...{ width, height, span, scale, left, right },
    columns: lanes.map((lane, i) =>
      layoutColumn(lane, left + i * columnWidth, columnWidth, scale, { ...options, mostShare }),
    ),
    zones: needs ? zonesOf(needs, firstOf(lanes).cadenceRpm, scale) : [],
    needs: needs
      ? [
          { end: 'easiest', developmentM: needs.easiestMaxM, at: scale.at(needs.easiestMaxM) },
          { end: 'hardest', developmentM: needs.hardestMinM, at: scale.at(needs.hardestMinM) },
        ]
      : [],
  };
}

/** Zones are speeds, so their position depends on the cadence of the axis. */
function zonesOf({ zones }: LadderNeeds, cadenceRpm: number, { at, begin, end }: LadderScale): LadderLayout['zones'] {
  const inside = (y: number) => Math.min(begin, Math.max(end, y));
  const [climbing, fast] = [zones.climbingBelowKmh, zones.fastAboveKmh].map((speed) =>
    inside(at(developmentForM(speed, cadenceRpm))),
  ) as [number, number];
  return [
    { from: begin, to: climbing, shaded: false },
    { from: climbing, to: fast, shaded: true },
    { from: fast, to: end, shaded: false },
  ];
}

function layoutColumn(
  lane: LadderLane,
  left: number,
  width: number,
  scale: LadderScale,
  options: LadderOptions,
): ColumnLayout {
  const { report, place, title } = lane;
  const { path } = report;
  const rows = rowsOf(report);
  const isOnPath = new Set(report.pathGears.map(({ key }) => key));
  const { shares } = lane;
  const half = shares ? USED_RUNG_HALF : width < SLIM ? SLIM_RUNG_HALF : RUNG_HALF;
  const places = itemAt(shares ? USED_UPRIGHTS_AT : UPRIGHTS_AT, rows.length);
  const uprights = rows.map(({ chainring, hubStage }, i): Upright => {
    const own = report.gears.filter((gear) => gear.chainring === chainring && gear.hubStage === hubStage);
    const spots = own.map((gear) => ({ gear, y: scale.at(gear.developmentM), isOnPath: isOnPath.has(gear.key) }));
    const side = i < rows.length / 2 && rows.length > 1 ? 'left' : 'right';
    const room = width * (side === 'left' ? itemAt(places, i) : 1 - itemAt(places, i)) - half - SHARE_TEXT_WIDTH - 4;
    const named = keptApart(
      spots,
      ({ y }) => y,
      ({ isOnPath: first }) => first,
    );
    return {
      ...{ chainring, hubStage },
      half,
      x: left + width * itemAt(places, i),
      side,
      bottom: firstOf(spots).y,
      top: lastOf(spots).y,
      rungs: spots.map((spot) => ({
        ...spot,
        isNamed: named.has(spot),
        use: shares && timeIn(shares.get(spot.gear.key) ?? 0, room, options.mostShare ?? 1, named.has(spot)),
      })),
    };
  });
  const spotOf = (gear: Gear): Spot => {
    const upright = definite(
      uprights.find(({ chainring, hubStage }) => chainring === gear.chainring && hubStage === gear.hubStage),
    );
    return { x: upright.x, y: definite(upright.rungs.find((rung) => rung.gear.cog === gear.cog)).y };
  };
  const [small, big] = uprights;
  const tiesOf = (mark: '=' | '≈', pairs: GearReport['duplicates']) =>
    uprights.length === 2
      ? pairs.map(([a, b]) => ({ key: `${a.cog}${mark}${b.cog}`, mark, from: spotOf(a), to: spotOf(b) }))
      : [];
  const { overlap } = report;
  return {
    ...{ place, title, left, width, uprights },
    bridges: shares ? [] : path.crossovers.map(({ step }) => ({ from: spotOf(step.from), to: spotOf(step.to) })),
    steps: shares ? [] : layoutSteps(lane, scale, options),
    ties: shares ? [] : [...tiesOf('=', report.duplicates), ...tiesOf('≈', report.nears)],
    overlap:
      !shares && small && big && uprights.length === 2 && overlap && overlap.share > 0
        ? { from: big.bottom, to: small.top, share: overlap.share }
        : undefined,
    stepsX: left + width * (lane.coverage ? STEPS_AT : STEPS_ALONE_AT),
    coverage: shares ? undefined : lane.coverage && layoutCoverage(lane, lane.coverage, left, width, scale, options),
  };
}

function timeIn(share: number, room: number, most: number, isNamed: boolean): Upright['rungs'][number]['use'] {
  return { share, length: Math.max(0, room) * (share / most), isWritten: isNamed && share >= SHARE_WRITTEN };
}

/** Ring and hub stage of each upright, the easiest first. */
function rowsOf({ setup }: GearReport) {
  return setup.chainrings
    .flatMap((chainring) => setup.hubStages.map((hubStage) => ({ chainring, hubStage })))
    .sort((a, b) => a.chainring * a.hubStage - b.chainring * b.hubStage);
}

/** Those of which the texts do not touch: first the ones that matter most, then the rest from the foot up. */
function keptApart<T>(all: readonly T[], yOf: (one: T) => number, matters: (one: T) => boolean): ReadonlySet<T> {
  const kept = new Set<T>();
  for (const one of [...all.filter(matters), ...all.filter((other) => !matters(other))]) {
    if ([...kept].every((other) => Math.abs(yOf(other) - yOf(one)) >= TEXT_HEIGHT)) kept.add(one);
  }
  return kept;
}

/** The steps along the shift sequence; of those whose texts would touch, one over the rider's limit is written first. */
function layoutSteps({ report }: LadderLane, scale: LadderScale, { reading, needs }: LadderOptions): StepLayout[] {
  const steps = report.pathGears.slice(1).map((harder, i) => {
    const easier = itemAt(report.pathGears, i);
    const step = stepBetween(easier, harder);
    return {
      from: scale.at(easier.developmentM),
      to: scale.at(harder.developmentM),
      text: stepText(step, reading).replace('%', ''),
      isOver: needs !== undefined && isOver(easier, harder, needs),
    };
  });
  const written = keptApart(
    steps,
    ({ from, to }) => (from + to) / 2,
    (step) => step.isOver,
  );
  return steps.map((step) => ({ ...step, isWritten: written.has(step) }));
}

const isOver = (easier: SizedGear, harder: SizedGear, { preferredRpm, zones, tolerance }: LadderNeeds) =>
  isStepOver(easier.developmentM, harder.developmentM, preferredRpm, zones, tolerance);

function layoutCoverage(
  { cadenceRpm }: LadderLane,
  { spans, gaps, band }: Coverage,
  left: number,
  width: number,
  scale: LadderScale,
  { speedIn }: LadderOptions,
): CoverageLayout {
  const x = left + width * SPEEDS_AT;
  const place = ({ fromKmh, toKmh }: SpeedSpan) => ({
    from: scale.at(developmentForM(fromKmh, cadenceRpm)),
    to: scale.at(developmentForM(toKmh, cadenceRpm)),
  });
  const hasRoom = x + COVERAGE_WIDTH + 4 + GAP_TEXT_WIDTH <= left + width;
  let free = Infinity;
  return {
    x,
    label: `${allDigits(band.lowRpm)}–${allDigits(band.highRpm)}`,
    spans: spans.map(place),
    gaps: gaps.map((gap) => {
      const span = place(gap);
      const middle = (span.from + span.to) / 2;
      const fits = hasRoom && middle <= free - TEXT_HEIGHT;
      if (fits) free = middle;
      return {
        ...span,
        text: `${fixed(speedIn(gap.fromKmh), 1)}–${fixed(speedIn(gap.toKmh), 1)}`,
        textY: fits ? middle : undefined,
      };
    }),
  };
}

/** A gear on a ladder of several setups. */
export interface PlacedGear {
  readonly place: number;
  readonly gear: SizedGear;
}

/** The gear that an arrow key leads to: up and down its own ring, or to the nearest size on the next ring to either side. */
export function neighbourOf(layout: LadderLayout, { place, gear }: PlacedGear, key: string): PlacedGear | undefined {
  const all = layout.columns.flatMap((column) => column.uprights.map((upright) => ({ place: column.place, upright })));
  const at = all.findIndex(
    ({ place: own, upright }) => own === place && upright.rungs.some((rung) => rung.gear.key === gear.key),
  );
  const rungs = all[at]?.upright.rungs ?? [];
  const along = rungs.findIndex((rung) => rung.gear.key === gear.key);
  if (key === 'ArrowUp' || key === 'ArrowDown') {
    const next = rungs[key === 'ArrowUp' ? along + 1 : along - 1];
    return next && { place, gear: next.gear };
  }
  if (key !== 'ArrowLeft' && key !== 'ArrowRight') return undefined;
  const other = all[key === 'ArrowLeft' ? at - 1 : at + 1];
  if (!other) return undefined;
  const distance = (candidate: SizedGear) => Math.abs(Math.log(candidate.developmentM / gear.developmentM));
  const nearest = other.upright.rungs.reduce((best, rung) => (distance(rung.gear) < distance(best.gear) ? rung : best));
  return { place: other.place, gear: nearest.gear };
}

/** Which of several setups a narrow ladder shows: the first of those wanted that it has, or else its first. */
export function placeShown(places: readonly number[], ...wanted: readonly (number | undefined)[]): number | undefined {
  return wanted.find((place) => place !== undefined && places.includes(place)) ?? places[0];
}
