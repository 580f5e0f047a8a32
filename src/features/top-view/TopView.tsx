import type { Ref } from 'react';
import type { ChainlineGeometry } from '../../core/fit';
import type { TopViewGear } from './top-view-gears';
import styles from './TopView.module.css';
import { t } from './text';

/** Sideways everything is drawn larger, or the angles could not be told apart; said in the picture. */
const SIDEWAYS = 4;
const MARGIN_MM = 26;

/** The drive from above: cogs on the left, rings on the right, at their true offsets; a line a gear. */
export function TopView({
  rows,
  geometry,
  only,
  drawingRef,
}: {
  rows: readonly TopViewGear[];
  geometry: ChainlineGeometry;
  /** The one gear that is drawn; all of them where it is left out. */
  only?: TopViewGear;
  drawingRef?: Ref<SVGSVGElement>;
}) {
  const { chainstayMm } = geometry;
  const offsets = rows.flatMap(({ ringOffsetMm, cogOffsetMm }) => [ringOffsetMm, cogOffsetMm]);
  const outermost = Math.max(...offsets);
  const y = (offsetMm: number) => (outermost - offsetMm) * SIDEWAYS;
  const height = y(Math.min(...offsets));
  const cogs = [...new Map(rows.map((row) => [row.cog, row.cogOffsetMm]))];
  const rings = [...new Map(rows.map((row) => [row.chainring, row.ringOffsetMm]))];
  return (
    <svg
      ref={drawingRef}
      className={styles.view}
      viewBox={`${-MARGIN_MM - 14} ${-14} ${chainstayMm + 2 * MARGIN_MM + 40} ${height + 28}`}
      role="img"
      aria-label={t('topView.chainFromAboveInValue', {
        value: only ? `${only.chainring}/${only.cog}` : t('topView.countGears', { count: rows.length }),
        sideways: SIDEWAYS,
      })}
    >
      {(only ? [only] : rows).map(({ chainring, cog, ringOffsetMm, cogOffsetMm, isSteep, isStraightest }) => (
        <line
          key={`${chainring}/${cog}`}
          className={isSteep ? styles.steep : isStraightest || only ? styles.straight : styles.line}
          x1={0}
          y1={y(cogOffsetMm)}
          x2={chainstayMm}
          y2={y(ringOffsetMm)}
        />
      ))}
      {cogs.map(([cog, offset]) => (
        <g key={cog} className={styles.part}>
          <line x1={-8} x2={8} y1={y(offset)} y2={y(offset)} />
          <text x={-12} y={y(offset) + 4} textAnchor="end">
            {cog}
          </text>
        </g>
      ))}
      {rings.map(([ring, offset]) => (
        <g key={ring} className={styles.part}>
          <line x1={chainstayMm - 14} x2={chainstayMm + 14} y1={y(offset)} y2={y(offset)} />
          <text x={chainstayMm + 19} y={y(offset) + 4}>
            {ring}
          </text>
        </g>
      ))}
      <text className={styles.note} x={chainstayMm / 2} y={-4} textAnchor="middle">
        {t('topView.outboardSidewaysScale', { sideways: SIDEWAYS })}
      </text>
    </svg>
  );
}
