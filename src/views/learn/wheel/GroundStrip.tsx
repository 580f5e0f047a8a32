'use client';

import type { OnGround } from '../../../core/lesson';
import { allDigits, fixed } from '../../../ui/format';
import { useWidth } from '../../../features/ladder/useWidth';
import type { Ground } from './useGround';
import styles from './Wheel.module.css';
import { t } from '../learner/text';
import { itemAt, lastOf } from '../../../core/items';

/** A metre is never drawn longer than this, px: the wheel would outgrow the strip. */
const METRE_MAX_PX = 92;
const LANE_GAP = 40;
const EDGE = 14;
const METRE_STEPS = [0.5, 1, 2, 5, 10, 20] as const;
const TICK_ROOM_PX = 44;

/** The ground, to one scale for all lanes, with the wheel and a mark wherever the valve touched down. */
export function GroundStrip({ ground, names }: { ground: Ground; names: readonly string[] }) {
  const [ref, width] = useWidth<HTMLDivElement>();
  return (
    <div ref={ref} className={styles.strip}>
      {width > 0 && <Strip ground={ground} names={names} width={width} />}
    </div>
  );
}

function Strip({ ground, names, width }: { ground: Ground; names: readonly string[]; width: number }) {
  const { lanes, wheelRadiusM, lengthM } = ground;
  const metrePx = Math.min(METRE_MAX_PX, (width - 2 * EDGE) / (lengthM + 2 * wheelRadiusM));
  const wheelPx = wheelRadiusM * metrePx;
  const start = EDGE + wheelPx;
  const laneHeight = 2 * wheelPx + LANE_GAP;
  const x = (m: number) => start + m * metrePx;
  const step = METRE_STEPS.find((m) => m * metrePx >= TICK_ROOM_PX) ?? lastOf(METRE_STEPS);
  const ticks = Array.from({ length: Math.floor((width - EDGE - start) / metrePx / step) + 1 }, (_, i) => i * step);
  const height = lanes.length * laneHeight + 18;
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={lanes
        .map(({ rolledM }, i) =>
          t('groundStrip.nameRolledRolledM', { name: itemAt(names, i), rolledM: fixed(rolledM, 2) }),
        )
        .join('; ')}
    >
      {ticks.map((m) => (
        <g key={m}>
          <line className={styles.tick} x1={x(m)} x2={x(m)} y1={0} y2={height - 16} />
          <text className={styles.tickText} x={x(m)} y={height - 3}>
            {allDigits(m)} m
          </text>
        </g>
      ))}
      {lanes.map((lane, i) => (
        <g key={i} transform={`translate(0 ${i * laneHeight + 4})`}>
          <Lane lane={lane} name={itemAt(names, i)} width={width} wheelPx={wheelPx} x={x} />
        </g>
      ))}
    </svg>
  );
}

function Lane({
  lane: { rolledM, wheelTurns, valveM, turnEndsM },
  name,
  width,
  wheelPx,
  x,
}: {
  lane: OnGround;
  name: string;
  width: number;
  wheelPx: number;
  x: (m: number) => number;
}) {
  const groundY = 2 * wheelPx;
  // The last marks can lie closer than their numbers are wide.
  const room = valveM.length > 1 ? x(itemAt(valveM, 1)) - x(0) : Infinity;
  return (
    <>
      <line className={styles.ground} x1={EDGE} x2={width - EDGE} y1={groundY} y2={groundY} />
      <rect className={styles.way} x={x(0)} width={x(rolledM) - x(0)} y={groundY + 1} height={6} />
      {valveM.map((m, i) => (
        <g key={m} className={styles.valveMark}>
          <line x1={x(m)} x2={x(m)} y1={groundY - 7} y2={groundY + 9} />
          {(room > 14 || i % 5 === 0) && (
            <text x={x(m)} y={groundY + 21}>
              {i}
            </text>
          )}
        </g>
      ))}
      {turnEndsM.map((m) => (
        <path key={m} className={styles.turnEnd} d={`M${x(m) - 5} ${groundY + 16} h10 l-5 -8z`} />
      ))}
      <g transform={`translate(${x(rolledM)} ${groundY - wheelPx}) rotate(${360 * wheelTurns})`}>
        <circle className={styles.smallWheel} r={wheelPx} />
        <line className={styles.valve} y1={wheelPx * 0.55} y2={wheelPx} style={{ strokeWidth: 3 }} />
      </g>
      <text className={styles.laneText} x={width - EDGE} y={groundY - 6}>
        {name}: {fixed(rolledM, 2)} m
      </text>
    </>
  );
}
