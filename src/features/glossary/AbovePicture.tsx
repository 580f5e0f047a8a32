import type { AboveMark } from './terms';
import styles from './Glossary.module.css';

/** From cog to cog, and the cogs' heights, in the units of the drawing: a picture of which is where, not to scale. */
const COG_STEP = 20;
const COGS = [30, 36, 42, 50, 58, 66, 76, 88];
const RING_X = 560;
const MIDDLE_Y = 110;

/** The cassette, its body and the ring from above and behind: where they sit and how the chain runs. */
export function AbovePicture({ mark }: { mark: AboveMark }) {
  const on = (...marks: AboveMark[]) => (marks.includes(mark) ? styles.on : styles.base);
  const y = (place: number) => MIDDLE_Y + (place - (COGS.length - 1) / 2) * COG_STEP;
  const [top, bottom] = [y(0) - 8, y(COGS.length - 1) + 8];
  const chainFrom = mark === 'crossed' ? y(COGS.length - 1) : y(3.5);
  const ringY = mark === 'crossed' ? MIDDLE_Y - 60 : MIDDLE_Y;
  return (
    <svg viewBox="-20 0 640 220" aria-hidden>
      <rect className={on('freehub')} x={76} y={top - 12} width={28} height={bottom - top + 24} />
      {COGS.map((size, place) => (
        <line key={size} className={on('cassette')} x1={90 - size} x2={90 + size} y1={y(place)} y2={y(place)} />
      ))}
      <line className={mark === 'lockring' ? styles.onThick : styles.base} x1={68} x2={112} y1={top - 6} y2={top - 6} />
      <line
        className={mark === 'spacer' ? styles.onThick : styles.base}
        x1={62}
        x2={118}
        y1={bottom + 6}
        y2={bottom + 6}
      />
      <line className={styles.base} x1={RING_X - 50} x2={RING_X + 50} y1={ringY} y2={ringY} />
      <line className={on('crossed', 'chainline')} x1={90} y1={chainFrom} x2={RING_X} y2={ringY} />
      {mark === 'chainline' && (
        <line className={styles.dashed} x1={-10} x2={RING_X + 50} y1={MIDDLE_Y + 70} y2={MIDDLE_Y + 70} />
      )}
      {mark === 'chainline' && (
        <line className={styles.onThick} x1={RING_X} x2={RING_X} y1={ringY} y2={MIDDLE_Y + 70} />
      )}
      {mark === 'indexing' && <line className={styles.onThick} x1={196} x2={196} y1={y(3)} y2={y(4)} />}
      {mark === 'indexing' && (
        <path className={styles.on} d={`M90 ${y(3)} H${RING_X - 60} M90 ${y(4)} H${RING_X - 60}`} />
      )}
    </svg>
  );
}
