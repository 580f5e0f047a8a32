'use client';

import { useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { PITCH_MM, pitchRadiusMm, placeDrive, solveBelt } from '../../../core/fit';
import { wheelRadiusMm, type Gear } from '../../../core/gears';
import { turned } from '../../../core/lesson';
import { gearName } from '../../../features/explanations/gears';
import { short } from '../../../ui/format';
import { beltPath } from '../../../features/side-view/path';
import type { LearnBike } from '../learner/useLearn';
import type { Turning } from './useTurning';
import styles from './Wheel.module.css';
import { t } from '../learner/text';

const MARGIN_MM = 16;
const TYRE_MM = 38;
const SPOKES = 12;

interface DriveDrawingProps {
  readonly gear: Gear;
  readonly bike: Pick<LearnBike, 'rolloutMm' | 'crankLengthMm' | 'geometry'>;
  readonly crankTurns: number;
  /** Left out where the drawing is a still. */
  readonly turning?: Turning;
}

/** Wheel, cog, chain, ring and crank from the right-hand side, to scale, without a derailleur. */
export function DriveDrawing({ gear, bike, crankTurns, turning }: DriveDrawingProps) {
  const { chainring, cog } = gear;
  const svg = useRef<SVGSVGElement>(null);
  const lastAngle = useRef<number>(undefined);
  const wheelMm = wheelRadiusMm(bike.rolloutMm);
  const { ring, chain } = useMemo(() => {
    const drive = placeDrive(chainring, cog, 0, bike.geometry);
    const result = solveBelt([drive.ring, drive.cog]);
    return { ring: drive.ring, chain: result.ok ? beltPath(result.belt) : undefined };
  }, [chainring, cog, bike.geometry]);
  const bb = { x: ring.x, y: -ring.y };
  const { wheelTurns, valvePasses, chainLinks } = turned(gear, crankTurns, bike.rolloutMm);
  const state = t('driveDrawing.gearNameCrankCrankTurnsWheelWheelTurns', {
    gearName: gearName(gear),
    crankTurns: short(crankTurns, 2),
    wheelTurns: short(wheelTurns, 2),
    valvePasses,
  });

  const angleAt = ({ clientX, clientY }: PointerEvent) => {
    const toScreen = svg.current?.getScreenCTM();
    if (!toScreen) return undefined;
    const point = new DOMPoint(clientX, clientY).matrixTransform(toScreen.inverse());
    return Math.atan2(point.y - bb.y, point.x - bb.x);
  };
  const drag = (event: PointerEvent) => {
    const angle = angleAt(event);
    if (lastAngle.current === undefined || angle === undefined) return;
    const moved = Math.atan2(Math.sin(angle - lastAngle.current), Math.cos(angle - lastAngle.current));
    turning?.push(moved / (2 * Math.PI));
    lastAngle.current = angle;
  };
  const press = (event: KeyboardEvent) => {
    const act = {
      ArrowRight: turning?.step,
      ArrowUp: turning?.step,
      PageUp: turning?.turn,
      Home: turning?.toStart,
    }[event.key];
    if (!act) return;
    event.preventDefault();
    act();
  };

  const left = -wheelMm - MARGIN_MM;
  const top = -wheelMm - MARGIN_MM;
  const right = bb.x + Math.max(bike.crankLengthMm, pitchRadiusMm(chainring)) + 2 * MARGIN_MM;
  return (
    <svg
      ref={svg}
      className={styles.drive}
      viewBox={`${left} ${top} ${right - left} ${2 * wheelMm + 2 * MARGIN_MM}`}
      role={turning ? 'group' : 'img'}
      aria-label={t('driveDrawing.wheelAndCrankInState', { state })}
      data-testid="drive"
    >
      <line className={styles.ground} x1={left} x2={right} y1={wheelMm} y2={wheelMm} />
      <g transform={`rotate(${360 * wheelTurns})`}>
        <circle className={styles.tyre} r={wheelMm - TYRE_MM / 2} strokeWidth={TYRE_MM} />
        {Array.from({ length: SPOKES }, (_, i) => (
          <line
            key={i}
            className={styles.spoke}
            y1={16}
            y2={wheelMm - TYRE_MM}
            transform={`rotate(${(360 / SPOKES) * (i + 0.5)})`}
          />
        ))}
        <line className={styles.valve} y1={wheelMm - TYRE_MM - 50} y2={wheelMm - 4} />
        <Sprocket teeth={cog} />
      </g>
      <g transform={`translate(${bb.x} ${bb.y}) rotate(${360 * crankTurns})`}>
        <Sprocket teeth={chainring} />
      </g>
      {chain && <path className={styles.chain} d={chain} style={{ strokeDashoffset: -chainLinks * PITCH_MM }} />}
      <text className={styles.teeth} x={0} y={-pitchRadiusMm(cog) - 12}>
        {cog}
      </text>
      <text className={styles.teeth} x={bb.x} y={bb.y - pitchRadiusMm(chainring) - 12}>
        {chainring}
      </text>
      <g
        className={turning ? styles.crankInHand : undefined}
        transform={`translate(${bb.x} ${bb.y}) rotate(${360 * crankTurns})`}
        {...(turning && {
          role: 'slider',
          tabIndex: 0,
          'aria-label': t('driveDrawing.crank'),
          'aria-valuemin': 0,
          'aria-valuenow': Number(crankTurns.toFixed(3)),
          'aria-valuetext': state,
          onKeyDown: press,
          onPointerDown: (event: PointerEvent) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            lastAngle.current = angleAt(event);
          },
          onPointerMove: drag,
          onPointerUp: () => {
            lastAngle.current = undefined;
          },
        })}
      >
        <line className={styles.crank} y2={bike.crankLengthMm} />
        <rect className={styles.pedal} x={-36} y={bike.crankLengthMm - 9} width={72} height={18} rx={6} />
      </g>
    </svg>
  );
}

/** A ring or cog with as many teeth as it has. */
function Sprocket({ teeth }: { teeth: number }) {
  const radius = pitchRadiusMm(teeth);
  return (
    <>
      <circle className={styles.sprocket} r={radius} />
      <circle className={styles.toothed} r={radius} pathLength={2 * teeth} />
    </>
  );
}
