'use client';

import type { Ref } from 'react';
import { STRETCHED_DEG, type DriveGeometry } from '../../core/fit';
import { fixed } from '../../ui/format';
import { STRIP, stripLayout } from './cage-strip-layout';
import type { GearCell } from './useFit';
import styles from './Compatibility.module.css';
import { t } from './text';
import { firstOf, definite } from '../../core/items';

interface CageStripProps {
  /** A row a ring, big first; cogs smallest first. */
  readonly cells: readonly (readonly GearCell[])[];
  readonly geometry: DriveGeometry;
  readonly selected: GearCell;
  readonly drawingRef: Ref<SVGSVGElement>;
}

/** The cage's angle in every gear, a line of dots a ring, between folded back and stretched; a row a cog. */
export function CageStrip({ cells, geometry, selected, drawingRef }: CageStripProps) {
  const rows = firstOf(cells);
  const { x, y, bottom } = stripLayout(rows.length, geometry.foldBackLimitDeg);
  return (
    <svg
      className={styles.strip}
      ref={drawingRef}
      width={STRIP.width}
      height={bottom + 16}
      role="img"
      aria-label={t('cageStrip.cageAngleGearsTable', { count: cells.flat().length })}
    >
      <rect
        className={styles.stripRow}
        x={0}
        y={y(selected.cogPlace) - STRIP.row / 2}
        width={STRIP.width}
        height={STRIP.row}
      />
      {[geometry.foldBackLimitDeg, STRETCHED_DEG].map((deg) => (
        <line key={deg} className={styles.stripLimit} x1={x(deg)} x2={x(deg)} y1={STRIP.head - 4} y2={bottom} />
      ))}
      <line className={styles.stripZero} x1={x(0)} x2={x(0)} y1={STRIP.head - 4} y2={bottom} />
      <text className={styles.stripText} x={x(geometry.foldBackLimitDeg)} y={STRIP.head - 18} data-at="middle">
        {t('cageStrip.slack')}
      </text>
      <text className={styles.stripText} x={x(STRETCHED_DEG)} y={STRIP.head - 18} data-at="end">
        {t('cageStrip.stretched')}
      </text>
      {[geometry.foldBackLimitDeg, 0, STRETCHED_DEG].map((deg) => (
        <text key={deg} className={styles.stripText} x={x(deg)} y={STRIP.head - 7} data-at="middle">
          {fixed(deg, 0)}°
        </text>
      ))}
      {rows.map(({ cog, cogPlace }) => (
        <text key={cogPlace} className={styles.stripCog} x={STRIP.label - 4} y={y(cogPlace) + 4} data-at="end">
          {cog}
        </text>
      ))}
      {cells.map((ofRing, i) => {
        const dots = ofRing.filter(({ pose }) => pose.angleDeg !== undefined);
        return (
          <g key={firstOf(ofRing).chainring} className={styles.stripRing} data-ring={i === 0 ? 'big' : 'other'}>
            <polyline
              points={dots.map(({ pose, cogPlace }) => `${x(definite(pose.angleDeg))},${y(cogPlace)}`).join(' ')}
            />
            {dots.map((cell) => (
              <circle
                key={cell.cogPlace}
                cx={x(definite(cell.pose.angleDeg))}
                cy={y(cell.cogPlace)}
                r={cell === selected ? 6 : 4}
                data-state={cell.pose.state}
              />
            ))}
          </g>
        );
      })}
    </svg>
  );
}
