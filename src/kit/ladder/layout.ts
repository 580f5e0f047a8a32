import { stepBetween, type GearReport, type SizedGear, type StepReading } from '../../core/gears';
import { stepText } from '../explain/gears';
import { ladderScale, type LadderScale } from './scale';

/** Where everything of the ladder goes, in pixels. Nothing here is rounded, so that lengths stay true. */
export interface LadderLayout {
  readonly width: number;
  readonly height: number;
  /** Thickness of a rung. */
  readonly barWidth: number;
  readonly scale: LadderScale;
  readonly rows: readonly LadderRow[];
  /** Lines that tie exact twins on the two rings. */
  readonly ties: readonly { readonly key: string; readonly x: number; readonly top: number; readonly bottom: number }[];
  /** The stretch that both rings reach. */
  readonly overlap:
    { readonly from: number; readonly to: number; readonly top: number; readonly bottom: number } | undefined;
}

export interface LadderRow {
  readonly chainring: number;
  /** Middle of the row. */
  readonly y: number;
  readonly from: number;
  readonly to: number;
  readonly rungs: readonly { readonly gear: SizedGear; readonly x: number }[];
  /** Steps between neighbouring rungs, where there is room to write them. */
  readonly gaps: readonly { readonly key: string; readonly x: number; readonly text: string }[];
}

export const RAIL_HEIGHT = 28;
export const AXIS_HEIGHT = 30;
const ROW_PITCH = 76;
const LABEL_HEIGHT = 18;
const GAP_TEXT_WIDTH = 38;

export function ladderLayout(report: GearReport, width: number, reading: StepReading): LadderLayout {
  const narrow = width < 600;
  const scale = ladderScale(
    report.gears.map(({ developmentM }) => developmentM),
    narrow ? 34 : 62,
    width - (narrow ? 8 : 18),
  );
  const rows = report.setup.chainrings.map((chainring, i) => {
    const y = AXIS_HEIGHT + LABEL_HEIGHT + RAIL_HEIGHT / 2 + i * ROW_PITCH;
    return layoutRow(chainring, y, report, scale, reading);
  });
  const [top, bottom] = rows;
  const between = top && bottom && { top: top.y + RAIL_HEIGHT / 2, bottom: bottom.y - RAIL_HEIGHT / 2 - LABEL_HEIGHT };
  const overlap = report.overlap;
  return {
    width,
    height: rows.at(-1)!.y + RAIL_HEIGHT / 2 + 8 + AXIS_HEIGHT,
    barWidth: narrow ? 4 : 7,
    scale,
    rows,
    ties: between
      ? report.twins.map(([a, b]) => ({
          key: `${a.cog}=${b.cog}`,
          x: rows[1]!.rungs.find(({ gear }) => gear.cog === a.cog)!.x,
          ...between,
        }))
      : [],
    overlap: between && overlap && overlap.share > 0 ? { from: rows[0]!.from, to: rows[1]!.to, ...between } : undefined,
  };
}

function layoutRow(
  chainring: number,
  y: number,
  { gears }: GearReport,
  scale: LadderScale,
  reading: StepReading,
): LadderRow {
  const rungs = gears
    .filter((gear) => gear.chainring === chainring)
    .map((gear) => ({ gear, x: scale.x(gear.developmentM) }));
  const gaps = rungs.slice(1).flatMap(({ gear, x }, i) => {
    const easier = rungs[i]!;
    if (x - easier.x < GAP_TEXT_WIDTH) return [];
    const text = stepText(stepBetween(easier.gear, gear), reading).replace(' %', '');
    return [{ key: gear.key, x: (easier.x + x) / 2, text }];
  });
  return { chainring, y, from: rungs[0]!.x, to: rungs.at(-1)!.x, rungs, gaps };
}

/** The gear that an arrow key leads to from `gear`: along its own ring, or to the nearest size on the other. */
export function neighbourOf(gears: readonly SizedGear[], gear: SizedGear, key: string): SizedGear | undefined {
  const row = gears.filter(({ chainring }) => chainring === gear.chainring);
  const place = row.findIndex(({ key: own }) => own === gear.key);
  if (key === 'ArrowRight') return row[place + 1];
  if (key === 'ArrowLeft') return row[place - 1];
  if (key !== 'ArrowUp' && key !== 'ArrowDown') return undefined;
  const others = gears.filter(({ chainring }) =>
    key === 'ArrowUp' ? chainring > gear.chainring : chainring < gear.chainring,
  );
  const distance = (other: SizedGear) => Math.abs(Math.log(other.ratio / gear.ratio));
  return others.reduce<SizedGear | undefined>(
    (best, other) => (!best || distance(other) < distance(best) ? other : best),
    undefined,
  );
}
