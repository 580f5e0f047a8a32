import { spacerNeededMm } from '../../core/fit';
import { short } from '../../ui/format';
import styles from './Drawings.module.css';
import { t } from './text';

const PER_MM = 9;
const HEIGHT = 28;
const MARGIN = 8;
/** Width of the text at the end. */
const LABEL = 120;

interface FreehubViewProps {
  readonly bodyLengthMm: number;
  readonly cassetteLengthMm: number;
  /** Spacers that are there; the ones that are needed where it is not known. */
  readonly spacerMm: number | undefined;
}

/** The body from the wheel on the left, on it spacers and cassette, all to one scale. */
export function FreehubView({ bodyLengthMm, cassetteLengthMm, spacerMm }: FreehubViewProps) {
  const needed = spacerNeededMm(bodyLengthMm, cassetteLengthMm);
  const spacer = spacerMm ?? Math.max(0, needed);
  const end = spacer + cassetteLengthMm;
  const longest = Math.max(bodyLengthMm, end);
  const short2 = (mm: number) => short(mm, 2);
  return (
    <svg
      className={styles.view}
      viewBox={`${-MARGIN} ${-MARGIN - 12} ${longest * PER_MM + LABEL} ${2 * HEIGHT + 2 * MARGIN + 18}`}
      role="img"
      aria-label={t('freehubView.bodyBodyLengthMmOnItSpacers', {
        bodyLengthMm: short2(bodyLengthMm),
        spacer: short2(spacer),
        cassetteLengthMm: short2(cassetteLengthMm),
      })}
    >
      <text className={styles.caption} x={0} y={-6} style={{ textAnchor: 'start' }}>
        {t('freehubView.wheel')}
      </text>
      <rect className={styles.body} x={0} y={HEIGHT + 6} width={bodyLengthMm * PER_MM} height={HEIGHT} />
      <text className={styles.length} x={8} y={HEIGHT * 1.5 + 10}>
        {t('freehubView.bodyBodyLengthMm', { bodyLengthMm: short2(bodyLengthMm) })}
      </text>
      <rect className={styles.spacer} x={0} y={0} width={spacer * PER_MM} height={HEIGHT} />
      <rect className={styles.cassette} x={spacer * PER_MM} y={0} width={cassetteLengthMm * PER_MM} height={HEIGHT} />
      <text className={styles.length} x={spacer * PER_MM + 8} y={HEIGHT / 2 + 4}>
        {t('freehubView.cassetteCassetteLengthMm', { cassetteLengthMm: short2(cassetteLengthMm) })}
      </text>
      {end < bodyLengthMm && (
        <rect className={styles.missing} x={end * PER_MM} y={0} width={(bodyLengthMm - end) * PER_MM} height={HEIGHT} />
      )}
      {end > bodyLengthMm && (
        <rect
          className={styles.overhang}
          x={bodyLengthMm * PER_MM}
          y={0}
          width={(end - bodyLengthMm) * PER_MM}
          height={HEIGHT}
        />
      )}
      <text className={styles.length} x={longest * PER_MM + 8} y={HEIGHT / 2 + 4}>
        {needed > 0
          ? t('freehubView.spacerNeededMm', { needed: short2(needed) })
          : needed < 0
            ? t('freehubView.tooLong')
            : t('freehubView.noSpacer')}
      </text>
    </svg>
  );
}
