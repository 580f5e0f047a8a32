import type { WheelMark } from './terms';
import styles from './Glossary.module.css';

/** In the units of the drawing. */
const WHEEL = 54;
const CRANK = 27;
const HUB = { x: 60, y: 84 };
const BB = { x: 132, y: 94 };
const GROUND_Y = HUB.y + WHEEL;
const TURN = 2 * Math.PI * WHEEL;
const RATIO = 4 / 3;

/** A rear wheel with its crank, on the ground. */
export function WheelPicture({ mark }: { mark: WheelMark }) {
  const isWay = mark === 'rollout' || mark === 'development' || mark === 'gainRatio';
  const way = TURN * (mark === 'rollout' ? 1 : RATIO);
  return (
    <svg viewBox="-30 -20 640 190" aria-hidden>
      {mark === 'gearInches' && (
        <circle className={styles.on} cx={HUB.x} cy={GROUND_Y - WHEEL * RATIO} r={WHEEL * RATIO} />
      )}
      <circle className={styles.base} cx={HUB.x} cy={HUB.y} r={WHEEL} />
      <line
        className={mark === 'ratio' || mark === 'rollout' ? styles.onThick : styles.base}
        x1={HUB.x}
        x2={HUB.x}
        y1={HUB.y + WHEEL - 16}
        y2={GROUND_Y}
      />
      <circle className={styles.base} cx={HUB.x} cy={HUB.y} r={15} />
      <circle className={styles.base} cx={BB.x} cy={BB.y} r={20} />
      <path
        className={styles.base}
        d={`M${HUB.x} ${HUB.y - 15} L${BB.x} ${BB.y - 20} M${HUB.x} ${HUB.y + 15} L${BB.x} ${BB.y + 20}`}
      />
      <line
        className={mark === 'ratio' || mark === 'cadence' || mark === 'gainRatio' ? styles.onThick : styles.base}
        x1={BB.x}
        y1={BB.y}
        x2={BB.x}
        y2={BB.y + CRANK}
      />
      {(mark === 'cadence' || mark === 'gainRatio') && (
        <circle className={styles.dashed} cx={BB.x} cy={BB.y} r={CRANK} />
      )}
      <line className={styles.base} x1={-20} x2={600} y1={GROUND_Y} y2={GROUND_Y} />
      {isWay && (
        <path
          className={styles.onThick}
          d={`M${HUB.x} ${GROUND_Y + 10} h${way} M${HUB.x} ${GROUND_Y + 4} v12 M${HUB.x + way} ${GROUND_Y + 4} v12`}
        />
      )}
      {isWay && <circle className={styles.ghost} cx={HUB.x + way} cy={HUB.y} r={WHEEL} />}
    </svg>
  );
}
