'use client';

import { useId, useMemo, useRef, type KeyboardEvent, type Ref } from 'react';
import type { StepReading } from '../../core/gears';
import { LETTERS, signOf } from '../bench/setup-sign';
import { Shape } from '../bench/SetupMark';
import { percentText, speedIn, type SpeedUnit } from '../format';
import {
  AXIS_HEIGHT,
  COVERAGE_HEIGHT,
  ladderLayout,
  neighbourOf,
  type CoverageLayout,
  type LadderLane,
  type LadderLayout,
  type LadderRow,
  type LaneLayout,
  type PlacedGear,
} from './layout';
import { axisTicks } from './scale';
import { useWidth } from './useWidth';
import styles from './Ladder.module.css';
import { WORDS } from './text';

/** An axis over the ladder: what it says for one metre of development. */
export interface LadderAxis {
  readonly title: string;
  readonly perMetre: number;
}

export interface LadderProps {
  readonly lanes: readonly LadderLane[];
  readonly upper: LadderAxis;
  readonly lower: LadderAxis;
  readonly reading: StepReading;
  readonly speedUnit: SpeedUnit;
  readonly selected: { readonly place: number; readonly key: string };
  readonly onSelect: (selected: PlacedGear) => void;
  /** The drawing, for saving it. */
  readonly drawingRef?: Ref<SVGSVGElement>;
}

/** All gears on one log axis: a lane a setup, a row a ring, a rung a gear, in true scale. */
export function Ladder(props: LadderProps) {
  const { lanes, reading, speedUnit } = props;
  const [ref, width] = useWidth<HTMLDivElement>();
  const layout = useMemo(
    () =>
      width > 0 ? ladderLayout(lanes, width, { reading, speedIn: (speed) => speedIn(speedUnit, speed) }) : undefined,
    [lanes, width, reading, speedUnit],
  );
  return (
    <div ref={ref} className={styles.frame} style={layout && { height: layout.height }}>
      {layout && <Drawing {...props} layout={layout} />}
    </div>
  );
}

/**
 * What stands at a place is moved there as a whole: a text whose own x changes is laid out anew, and a tooth typed
 * moves every one of them.
 */
const at = (x: number, y: number) => `translate(${x} ${y})`;

function Drawing(props: LadderProps & { layout: LadderLayout }) {
  const { upper, lower, selected, onSelect, drawingRef, layout } = props;
  const group = useRef<SVGGElement>(null);
  const hatchId = useId();
  const moveTo = (event: KeyboardEvent, from: PlacedGear) => {
    const next = neighbourOf(layout, from, event.key);
    if (!next) return;
    event.preventDefault();
    onSelect(next);
    group.current?.querySelector<SVGGElement>(`[data-place="${next.place}"][data-gear="${next.gear.key}"]`)?.focus();
  };
  const chosen = layout.lanes
    .find(({ place }) => place === selected.place)
    ?.rows.flatMap(({ rungs }) => rungs)
    .find(({ gear }) => gear.key === selected.key);

  return (
    <svg
      ref={drawingRef}
      className={styles.ladder}
      width={layout.width}
      height={layout.height}
      role="group"
      aria-label={WORDS.ladder.ladderOfGears}
    >
      <Axis layout={layout} axis={upper} side="upper" />
      <Axis layout={layout} axis={lower} side="lower" />
      {chosen && (
        <line
          className={styles.plumb}
          x1={chosen.x}
          x2={chosen.x}
          y1={AXIS_HEIGHT - 6}
          y2={layout.height - AXIS_HEIGHT + 6}
        />
      )}
      <g ref={group}>
        {layout.lanes.map((lane) => (
          <Lane
            key={lane.place}
            lane={lane}
            layout={layout}
            hatchId={hatchId + lane.place}
            selectedKey={lane.place === selected.place ? selected.key : undefined}
            onSelect={onSelect}
            onKeyDown={moveTo}
          />
        ))}
      </g>
    </svg>
  );
}

function Axis({ layout, axis, side }: { layout: LadderLayout; axis: LadderAxis; side: 'upper' | 'lower' }) {
  const ticks = axisTicks(layout.scale, axis.perMetre, layout.width < 600 ? 30 : 40);
  const edge = side === 'upper' ? AXIS_HEIGHT - 6 : layout.height - AXIS_HEIGHT + 6;
  const far = side === 'upper' ? layout.height - AXIS_HEIGHT + 6 : edge;
  return (
    <g className={styles.axis} data-axis={side}>
      <line x1={layout.scale.left} x2={layout.scale.right} y1={edge} y2={edge} />
      {ticks.map(({ x, label }) => (
        <g key={label} transform={at(x, edge)}>
          {side === 'upper' && <line className={styles.grid} y2={far - edge} />}
          <line y2={side === 'upper' ? -4 : 4} />
          <text y={side === 'upper' ? -7 : 17}>{label}</text>
        </g>
      ))}
      <title>{axis.title}</title>
    </g>
  );
}

interface Selecting {
  readonly selectedKey: string | undefined;
  readonly onSelect: (selected: PlacedGear) => void;
  readonly onKeyDown: (event: KeyboardEvent, from: PlacedGear) => void;
}

interface LaneProps extends Selecting {
  readonly lane: LaneLayout;
  readonly layout: LadderLayout;
  readonly hatchId: string;
}

function Lane({ lane, layout, hatchId, ...selecting }: LaneProps) {
  const { place, title, titleY, rows, ties, overlap, coverage } = lane;
  return (
    <g data-setup={signOf(place)}>
      <defs>
        <pattern id={hatchId} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line className={styles.hatch} x1="0" y1="0" x2="0" y2="6" />
        </pattern>
      </defs>
      {titleY !== undefined && (
        <g className={styles.title}>
          <g transform={`translate(2 ${titleY - 11}) scale(.75)`}>
            <Shape place={place} />
          </g>
          <text x={20} y={titleY}>
            {LETTERS[place]}
          </text>
          <text className={styles.name} x={36} y={titleY}>
            {title}
          </text>
        </g>
      )}
      {overlap && <Overlap overlap={overlap} fill={`url(#${hatchId})`} />}
      {ties.map(({ key, x, top, bottom }) => (
        <g key={key} className={styles.tie} transform={at(x, (top + bottom) / 2)}>
          <line y1={(top - bottom) / 2} y2={(bottom - top) / 2} />
          <circle r={Math.min(8, (bottom - top) / 2 - 1)} />
          <text y={4}>=</text>
        </g>
      ))}
      {rows.map((row) => (
        <Row key={`${row.chainring}@${row.hubStage}`} row={row} place={place} layout={layout} {...selecting} />
      ))}
      {coverage && <CoverageBar coverage={coverage} />}
    </g>
  );
}

function Overlap({ overlap, fill }: { overlap: NonNullable<LaneLayout['overlap']>; fill: string }) {
  const { from, to, top, bottom, share, textX } = overlap;
  const half = Math.min(8, (bottom - top) / 2);
  const middle = (top + bottom) / 2;
  const text = WORDS.ladder.bothRingsShare(percentText(share));
  return (
    <g className={styles.overlap}>
      <rect x={from} y={middle - half} width={to - from} height={2 * half} fill={fill} />
      {textX !== undefined && (
        <>
          <rect className={styles.plate} x={textX - 58} y={middle - half - 1} width="116" height={2 * half + 2} />
          <text x={textX} y={middle + 4}>
            {text}
          </text>
        </>
      )}
      <title>{text}</title>
    </g>
  );
}

/** Speeds that the rider's cadences reach, with the holes named. */
function CoverageBar({ coverage }: { coverage: CoverageLayout }) {
  const { y, label, spans, holes } = coverage;
  return (
    <g className={styles.coverage}>
      <text className={styles.band} x={2} y={y + COVERAGE_HEIGHT}>
        {label}
      </text>
      {spans.map(({ from, to }) => (
        <rect key={from} x={from} y={y} width={to - from} height={COVERAGE_HEIGHT} />
      ))}
      {holes.map(({ from, to, text, textX }) => (
        <g key={text} className={styles.hole} data-hole={text}>
          <path
            d={`M${from} ${y - 3}v${COVERAGE_HEIGHT + 6}M${to} ${y - 3}v${COVERAGE_HEIGHT + 6}M${from} ${y + COVERAGE_HEIGHT / 2}H${to}`}
          />
          {textX !== undefined && (
            <text x={textX} y={y + COVERAGE_HEIGHT + 14}>
              {text}
            </text>
          )}
          <title>{text}</title>
        </g>
      ))}
    </g>
  );
}

interface RowProps extends Selecting {
  readonly row: LadderRow;
  readonly place: number;
  readonly layout: LadderLayout;
}

function Row({ row, place, layout, selectedKey, onSelect, onKeyDown }: RowProps) {
  const { barWidth, railHeight } = layout;
  const half = railHeight / 2;
  return (
    <g>
      <text className={styles.ring} x={2} y={row.y + 6}>
        {row.chainring}
        {row.hubStage !== 1 && (
          <tspan className={styles.stage} dx="3">
            ×{row.hubStage}
          </tspan>
        )}
      </text>
      {[row.y - half, row.y + half].map((y) => (
        <line key={y} className={styles.rail} x1={row.from - 12} x2={row.to + 12} y1={y} y2={y} />
      ))}
      {row.gaps.map(({ x, text }, i) => (
        // By place, not by gear: what stands there is written over.
        <g key={i} transform={at(x, row.y + 4)}>
          <text className={styles.gap}>{text}</text>
        </g>
      ))}
      {row.rungs.map(({ gear, x }, i) => (
        <g
          key={i}
          className={`${styles.rung} ${gear.crossChained ? styles.crossed : ''} ${gear.key === selectedKey ? styles.selected : ''}`}
          transform={at(x, row.y)}
          data-gear={gear.key}
          data-place={place}
          role="button"
          aria-pressed={gear.key === selectedKey}
          aria-label={WORDS.ladder.ringChainringCogValue(
            gear.chainring,
            gear.cog,
            gear.crossChained ? WORDS.ladder.crossChained : '',
          )}
          tabIndex={gear.key === selectedKey ? 0 : -1}
          onClick={() => onSelect({ place, gear })}
          onKeyDown={(event) =>
            event.key === 'Enter' || event.key === ' ' ? onSelect({ place, gear }) : onKeyDown(event, { place, gear })
          }
        >
          <rect className={styles.target} x={-11} y={-half - 18} width="22" height={railHeight + 22} />
          <rect className={styles.bar} x={-barWidth / 2} y={-half} width={barWidth} height={railHeight} />
          <text y={-half - 5}>{gear.cog}</text>
        </g>
      ))}
    </g>
  );
}
