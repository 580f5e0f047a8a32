'use client';

import type { Gear, Setup } from '../../../core/gears';
import { useWidth } from '../../../kit/ladder/useWidth';
import { ladderScale, spanOf } from '../../../kit/ladder/scale';
import styles from './Lessons.module.css';

const ROW_HEIGHT = 44;
const EDGE = 34;

interface RungStripProps {
  readonly setup: Setup;
  /** Easiest first. */
  readonly gears: readonly Gear[];
  readonly isFull: (gear: Gear) => boolean;
  readonly label: string;
}

/** The gears as rungs, a row a ring, easy on the left; some drawn full, the others faint. */
export function RungStrip(props: RungStripProps) {
  const [ref, width] = useWidth<HTMLDivElement>();
  return (
    <div ref={ref} className={styles.rungs}>
      {width > 0 && <Rungs {...props} width={width} />}
    </div>
  );
}

function Rungs({ setup, gears, isFull, label, width }: RungStripProps & { width: number }) {
  const scale = ladderScale(spanOf(gears.map(({ ratio }) => ratio)), EDGE, width - EDGE);
  return (
    <svg width={width} height={setup.chainrings.length * ROW_HEIGHT + 8} role="img" aria-label={label}>
      {setup.chainrings.map((ring, row) => (
        <text key={ring} x={2} y={row * ROW_HEIGHT + 25}>
          {ring}
        </text>
      ))}
      {gears.map((gear) => {
        const [x, y] = [scale.at(gear.ratio), setup.chainrings.indexOf(gear.chainring) * ROW_HEIGHT + 6];
        return (
          <g key={`${gear.chainring}/${gear.cog}`} data-full={isFull(gear)}>
            <line x1={x} x2={x} y1={y} y2={y + 24} />
            <text x={x} y={y + 36} textAnchor="middle">
              {gear.cog}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
