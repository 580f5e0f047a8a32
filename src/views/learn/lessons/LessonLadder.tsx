'use client';

import type { Gear, Setup } from '../../../core/gears';
import { ladderScale, spanOf } from '../../../features/ladder/scale';
import { standingLadder } from '../../../features/ladder/standing';
import styles from './Lessons.module.css';

const [WIDTH, HEIGHT] = [280, 400];
const [TOP, BOTTOM] = [14, 378];
const RUNG_HALF = 20;

interface LessonLadderProps {
  readonly setup: Setup;
  /** Easiest first. */
  readonly gears: readonly Gear[];
  readonly isFull: (gear: Gear) => boolean;
  readonly label: string;
}

/** The gears as a standing ladder, with some rungs full and the others faint. */
export function LessonLadder({ setup, gears, isFull, label }: LessonLadderProps) {
  const scale = ladderScale(spanOf(gears.map(({ ratio }) => ratio)), BOTTOM, TOP);
  const { uprights, rungs } = standingLadder(setup, gears, scale, WIDTH);
  return (
    <svg className={styles.ladder} width={WIDTH} height={HEIGHT} role="img" aria-label={label}>
      {uprights.map(({ chainring, x, bottom, top }) => (
        <g key={chainring}>
          <line className={styles.upright} x1={x} x2={x} y1={bottom} y2={top} />
          <text x={x} y={HEIGHT - 4} textAnchor="middle">
            {chainring}
          </text>
        </g>
      ))}
      {rungs.map(({ gear, side, x, y }) => {
        const isLeft = side === 'left';
        return (
          <g key={`${gear.chainring}/${gear.cog}`} data-full={isFull(gear)}>
            <line x1={x - RUNG_HALF} x2={x + RUNG_HALF} y1={y} y2={y} />
            <text x={isLeft ? x - RUNG_HALF - 6 : x + RUNG_HALF + 6} y={y + 4} textAnchor={isLeft ? 'end' : 'start'}>
              {gear.cog}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
