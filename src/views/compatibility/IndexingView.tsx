import type { Ref } from 'react';
import { pitchRadiusMm, type IndexingError } from '../../core/fit';
import { fixed } from '../../ui/format';
import styles from './Drawings.module.css';
import { t } from './text';
import { itemAt, lastOf } from '../../core/items';

/** Sideways the drawing is this much larger than life, or half a millimetre could not be seen. */
const SIDEWAYS = 13;
/** Upwards it is smaller: cogs need only be told apart. */
const UPWARDS = 1.1;
const FOOT = 54;
const MARGIN = 30;

interface IndexingViewProps {
  readonly cogs: readonly number[];
  readonly error: IndexingError;
  readonly toleranceMm: number;
  readonly drawingRef?: Ref<SVGSVGElement>;
}

/** The cassette edge-on, the smallest cog on the right; below each cog where its click puts the guide pulley. */
export function IndexingView({ cogs, error, toleranceMm, drawingRef }: IndexingViewProps) {
  const { pitchMm, atCogMm } = error;
  const widthMm = pitchMm * (cogs.length - 1);
  const x = (mm: number) => (widthMm / 2 - mm) * SIDEWAYS;
  const offset = (place: number) => (place - (cogs.length - 1) / 2) * pitchMm;
  const height = pitchRadiusMm(lastOf(cogs)) * UPWARDS;
  return (
    <svg
      ref={drawingRef}
      className={styles.view}
      viewBox={`${-MARGIN} ${-height - 14} ${widthMm * SIDEWAYS + 2 * MARGIN} ${height + FOOT + 18}`}
      role="img"
      aria-label={t('indexingView.guidePulleyAtEachOf', {
        count: cogs.length,
        atCogMm: atCogMm.map((mm, i) => t('indexingView.cogMm', { cog: itemAt(cogs, i), mm: signedMm(mm) })).join(', '),
      })}
    >
      {cogs.map((cog, place) => {
        const at = offset(place);
        const errorMm = itemAt(atCogMm, place);
        const off = Math.abs(errorMm) > toleranceMm;
        return (
          <g key={cog} data-cog={cog} data-error-mm={errorMm.toFixed(3)}>
            <rect
              className={styles.band}
              x={x(at + toleranceMm)}
              width={2 * toleranceMm * SIDEWAYS}
              y={2}
              height={16}
            />
            <line className={styles.cog} x1={x(at)} x2={x(at)} y1={0} y2={-pitchRadiusMm(cog) * UPWARDS} />
            <text className={styles.cogText} x={x(at)} y={-pitchRadiusMm(cog) * UPWARDS - 4}>
              {cog}
            </text>
            <path className={off ? styles.pulleyOff : styles.pulley} d={`M${x(at + errorMm)} 2 l5 14 h-10 z`} />
            <text className={off ? styles.errorOff : styles.error} x={x(at)} y={34}>
              {signedMm(errorMm)}
            </text>
          </g>
        );
      })}
      <text className={styles.caption} x={(widthMm * SIDEWAYS) / 2} y={FOOT - 2}>
        {t('indexingView.mmBesideTheCogTowards', { toleranceMm: fixed(toleranceMm, 2), sideways: SIDEWAYS })}
      </text>
    </svg>
  );
}

/** Millimetres to one side of a cog; what rounds to none has no sign. */
export const signedMm = (mm: number) => `${mm > 0.005 ? '+' : ''}${fixed(Math.abs(mm) < 0.005 ? 0 : mm, 2)}`;
