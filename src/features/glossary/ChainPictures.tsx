import { PITCH_MM, pitchRadiusMm } from '../../core/fit';
import type { LinksMark } from './terms';
import styles from './Glossary.module.css';

const PINS = 6;
/** Half the heights of inner and outer plates, mm. */
const INNER = 3.1;
const OUTER = 4.2;

/** A piece of chain from its side, to scale: outer and inner links by turns. */
export function LinksPicture({ mark }: { mark: LinksMark }) {
  const pin = (i: number) => i * PITCH_MM;
  const isOn = (i: number) => (mark === 'link' && i <= 1) || (mark === 'quickLink' && i === 2);
  return (
    <svg viewBox="-10 -16 86 34" aria-hidden>
      {Array.from({ length: PINS - 1 }, (_, i) => {
        const half = i % 2 === 0 ? OUTER : INNER;
        return (
          <rect
            key={i}
            className={isOn(i) ? styles.onFine : styles.baseFine}
            x={pin(i) - half}
            y={-half}
            width={PITCH_MM + 2 * half}
            height={2 * half}
            rx={half}
          />
        );
      })}
      {Array.from({ length: PINS }, (_, i) => (
        <circle key={i} className={styles.dot} cx={pin(i)} cy={0} r={1.1} />
      ))}
      {mark === 'pitch' && (
        <path className={styles.onFine} d={`M${pin(1)} 9 v4 M${pin(2)} 9 v4 M${pin(1)} 11 h${PITCH_MM}`} />
      )}
      {mark === 'wear' && (
        <path className={styles.onFine} d={`M0 9 v4 M${pin(PINS - 1) + 1} 9 v4 M0 11 H${pin(PINS - 1) + 1}`} />
      )}
    </svg>
  );
}

const RING_T = 40;
const TEETH_SHOWN = 9;

/** The top of a ring from its side, with teeth that are thin and thick by turns. */
export function TeethPicture() {
  const radius = pitchRadiusMm(RING_T);
  const stepDeg = 360 / RING_T;
  return (
    <svg viewBox={`-54 ${-radius - 10} 108 42`} aria-hidden>
      <circle className={styles.baseFine} cx={0} cy={0} r={radius - 4} />
      {Array.from({ length: TEETH_SHOWN }, (_, i) => {
        const isWide = i % 2 === 0;
        const half = isWide ? 3.4 : 1.8;
        return (
          <path
            key={i}
            className={isWide ? styles.onFine : styles.baseFine}
            transform={`rotate(${(i - (TEETH_SHOWN - 1) / 2) * stepDeg})`}
            d={`M${-half} ${-radius + 4} L${-half / 2} ${-radius - 4} H${half / 2} L${half} ${-radius + 4}`}
          />
        );
      })}
    </svg>
  );
}
