'use client';

import { useId, useMemo, useRef, type KeyboardEvent } from 'react';
import type { GearReport, SizedGear, StepReading } from '../../core/gears';
import { percentText } from '../format';
import { AXIS_HEIGHT, RAIL_HEIGHT, ladderLayout, neighbourOf, type LadderLayout, type LadderRow } from './layout';
import { axisTicks } from './scale';
import { useWidth } from './useWidth';
import styles from './Ladder.module.css';

/** An axis over the ladder: what it says for one metre of development. */
export interface LadderAxis {
  readonly title: string;
  readonly perMetre: number;
}

export interface LadderProps {
  readonly report: GearReport;
  readonly upper: LadderAxis;
  readonly lower: LadderAxis;
  readonly reading: StepReading;
  readonly selectedKey: string;
  readonly onSelect: (gear: SizedGear) => void;
}

/** All gears on one log axis: a row a ring, a rung a gear, in true scale. */
export function Ladder(props: LadderProps) {
  const [ref, width] = useWidth<HTMLDivElement>();
  return (
    <div ref={ref} className={styles.frame}>
      {width > 0 && <Drawing {...props} width={width} />}
    </div>
  );
}

function Drawing({ report, upper, lower, reading, selectedKey, onSelect, width }: LadderProps & { width: number }) {
  const layout = useMemo(() => ladderLayout(report, width, reading), [report, width, reading]);
  const drawing = useRef<SVGSVGElement>(null);
  const hatchId = useId();
  const moveTo = (event: KeyboardEvent, gear: SizedGear) => {
    const next = neighbourOf(report.gears, gear, event.key);
    if (!next) return;
    event.preventDefault();
    onSelect(next);
    drawing.current?.querySelector<SVGGElement>(`[data-gear="${next.key}"]`)?.focus();
  };
  const selected = layout.rows.flatMap(({ rungs }) => rungs).find(({ gear }) => gear.key === selectedKey);

  return (
    <svg
      ref={drawing}
      className={styles.ladder}
      width={width}
      height={layout.height}
      role="group"
      aria-label="Ladder of gears"
    >
      <defs>
        <pattern id={hatchId} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line className={styles.hatch} x1="0" y1="0" x2="0" y2="6" />
        </pattern>
      </defs>
      <Axis layout={layout} axis={upper} side="upper" />
      <Axis layout={layout} axis={lower} side="lower" />
      {selected && (
        <line
          className={styles.plumb}
          x1={selected.x}
          x2={selected.x}
          y1={AXIS_HEIGHT - 6}
          y2={layout.height - AXIS_HEIGHT + 6}
        />
      )}
      {layout.overlap && <Overlap layout={layout} share={report.overlap!.share} fill={`url(#${hatchId})`} />}
      {layout.ties.map(({ key, x, top, bottom }) => (
        <g key={key} className={styles.tie}>
          <line x1={x} x2={x} y1={top} y2={bottom} />
          <circle cx={x} cy={(top + bottom) / 2} r="8" />
          <text x={x} y={(top + bottom) / 2 + 4}>
            =
          </text>
        </g>
      ))}
      {layout.rows.map((row) => (
        <Row
          key={row.chainring}
          row={row}
          barWidth={layout.barWidth}
          selectedKey={selectedKey}
          onSelect={onSelect}
          onKeyDown={moveTo}
        />
      ))}
    </svg>
  );
}

function Axis({ layout, axis, side }: { layout: LadderLayout; axis: LadderAxis; side: 'upper' | 'lower' }) {
  const ticks = axisTicks(layout.scale, axis.perMetre, layout.width < 600 ? 30 : 40);
  const edge = side === 'upper' ? AXIS_HEIGHT - 6 : layout.height - AXIS_HEIGHT + 6;
  const textY = side === 'upper' ? edge - 7 : edge + 17;
  const far = side === 'upper' ? layout.height - AXIS_HEIGHT + 6 : edge;
  return (
    <g className={styles.axis} data-axis={side}>
      <line x1={layout.scale.left} x2={layout.scale.right} y1={edge} y2={edge} />
      {ticks.map(({ x, label }) => (
        <g key={label}>
          {side === 'upper' && <line className={styles.grid} x1={x} x2={x} y1={edge} y2={far} />}
          <line x1={x} x2={x} y1={edge} y2={side === 'upper' ? edge - 4 : edge + 4} />
          <text x={x} y={textY}>
            {label}
          </text>
        </g>
      ))}
      <title>{axis.title}</title>
    </g>
  );
}

function Overlap({ layout, share, fill }: { layout: LadderLayout; share: number; fill: string }) {
  const { from, to, top, bottom } = layout.overlap!;
  const middle = (top + bottom) / 2;
  const text = `both rings: ${percentText(share)}`;
  return (
    <g className={styles.overlap}>
      <rect x={from} y={middle - 8} width={to - from} height="16" fill={fill} />
      {to - from > 150 && (
        <>
          <rect className={styles.plate} x={(from + to) / 2 - 58} y={middle - 8} width="116" height="16" />
          <text x={(from + to) / 2} y={middle + 4}>
            {text}
          </text>
        </>
      )}
      <title>{text}</title>
    </g>
  );
}

interface RowProps {
  readonly row: LadderRow;
  readonly barWidth: number;
  readonly selectedKey: string;
  readonly onSelect: (gear: SizedGear) => void;
  readonly onKeyDown: (event: KeyboardEvent, gear: SizedGear) => void;
}

function Row({ row, barWidth, selectedKey, onSelect, onKeyDown }: RowProps) {
  const half = RAIL_HEIGHT / 2;
  return (
    <g>
      <text className={styles.ring} x={2} y={row.y + 6}>
        {row.chainring}
      </text>
      {[row.y - half, row.y + half].map((y) => (
        <line key={y} className={styles.rail} x1={row.from - 12} x2={row.to + 12} y1={y} y2={y} />
      ))}
      {row.gaps.map(({ key, x, text }) => (
        <text key={key} className={styles.gap} x={x} y={row.y + 4}>
          {text}
        </text>
      ))}
      {row.rungs.map(({ gear, x }) => (
        <g
          key={gear.key}
          className={`${styles.rung} ${gear.crossChained ? styles.crossed : ''} ${gear.key === selectedKey ? styles.selected : ''}`}
          data-gear={gear.key}
          role="button"
          aria-pressed={gear.key === selectedKey}
          aria-label={`ring ${gear.chainring}, cog ${gear.cog}${gear.crossChained ? ', cross-chained' : ''}`}
          tabIndex={gear.key === selectedKey ? 0 : -1}
          onClick={() => onSelect(gear)}
          onKeyDown={(event) => (event.key === 'Enter' || event.key === ' ' ? onSelect(gear) : onKeyDown(event, gear))}
        >
          <rect className={styles.target} x={x - 11} y={row.y - half - 18} width="22" height={RAIL_HEIGHT + 22} />
          <rect className={styles.bar} x={x - barWidth / 2} y={row.y - half} width={barWidth} height={RAIL_HEIGHT} />
          <text x={x} y={row.y - half - 5}>
            {gear.cog}
          </text>
        </g>
      ))}
    </g>
  );
}
