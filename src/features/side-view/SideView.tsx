import { clsx } from 'clsx';
import type { Ref } from 'react';
import { solveBelt, type BeltCircle, type Drive } from '../../core/fit';
import { signOf } from '../setup-mark/setup-sign';
import { beltPath } from './path';
import { placedDrive, stateText, type PosedDrive } from './posed-drive';
import styles from './SideView.module.css';
import { t } from './text';

/** An overlaid drive: another chain, or another setup by its index. */
export interface OtherDrive extends PosedDrive {
  readonly place: number | undefined;
  /** Such as "B", or "114 links". */
  readonly name: string;
}

interface SideViewProps extends PosedDrive {
  readonly other?: OtherDrive | undefined;
  /** Largest sizes that are drawn beside this one, mm, so that all pictures have one scale. */
  readonly largestRingMm: number;
  readonly largestCogMm: number;
  readonly cageLengthMm: number;
  readonly drawingRef?: Ref<SVGSVGElement>;
}

const MARGIN_MM = 14;
const LINE_MM = 19;

/** The drive from its right-hand side, to scale, in millimetres. */
export function SideView(props: SideViewProps) {
  const { other, geometry, largestRingMm, largestCogMm, cageLengthMm, drawingRef } = props;
  const drive = placedDrive(props);
  const { ring, tensionPulley } = drive;
  const left = -Math.max(largestCogMm, cageLengthMm + tensionPulley.radiusMm) - MARGIN_MM;
  const right = ring.x + largestRingMm + MARGIN_MM;
  const top = -largestCogMm - MARGIN_MM;
  const bottom = largestCogMm + geometry.pitchLineGapMm + 2 * tensionPulley.radiusMm + cageLengthMm + MARGIN_MM;
  const text = stateText(props);
  const otherText = other && `${other.name}, ${other.chainring}/${other.cog}: ${stateText(other)}`;
  return (
    <svg
      ref={drawingRef}
      className={styles.view}
      viewBox={`${left} ${top} ${right - left} ${bottom - top}`}
      role="img"
      aria-label={t('sideView.sideViewInChainringCog', {
        chainring: props.chainring,
        cog: props.cog,
        text,
        value: otherText ? t('sideView.compared', { otherText }) : '',
      })}
      data-state={props.pose.state}
    >
      <line className={styles.stay} x1={0} y1={0} x2={ring.x} y2={-ring.y} />
      <Parts drive={drive} {...props} />
      {other && (
        <g className={styles.other} {...(other.place === undefined ? {} : { 'data-setup': signOf(other.place) })}>
          <Ghost {...other} />
        </g>
      )}
      <text
        className={props.pose.state === 'ok' ? styles.angle : styles.problem}
        x={right - MARGIN_MM}
        y={bottom - MARGIN_MM}
      >
        {text}
      </text>
      {otherText && (
        <text className={styles.otherText} x={right - MARGIN_MM} y={bottom - MARGIN_MM - LINE_MM}>
          {otherText}
        </text>
      )}
    </svg>
  );
}

function Parts({ drive, chainring, cog, pose, geometry }: PosedDrive & { drive: Drive }) {
  const { ring, tensionPulley, guidePulley, pivot } = drive;
  const reach = geometry.cageLengthMm + tensionPulley.radiusMm + 8;
  const limit = (geometry.foldBackLimitDeg * Math.PI) / 180;
  // What a chain that does not reach would have to span even without the derailleur.
  const direct = pose.state === 'tooShort' ? solveBelt([ring, drive.cog]) : undefined;
  return (
    <>
      <Sprocket circle={drive.cog} teeth={cog} />
      <Sprocket circle={ring} teeth={chainring} />
      <line className={styles.hanger} x1={0} y1={0} x2={pivot.x} y2={-pivot.y} />
      <line
        className={styles.plumb}
        x1={guidePulley.x}
        y1={-guidePulley.y}
        x2={guidePulley.x}
        y2={-guidePulley.y + reach}
      />
      <line
        className={styles.limit}
        x1={guidePulley.x}
        y1={-guidePulley.y}
        x2={guidePulley.x + reach * Math.sin(limit)}
        y2={-guidePulley.y + reach * Math.cos(limit)}
      />
      <Sprocket circle={guidePulley} />
      <Sprocket circle={tensionPulley} />
      <Cage drive={drive} />
      {direct?.ok && <path className={styles.span} d={beltPath(direct.belt)} />}
      {pose.belt && (
        <path className={clsx(styles.chain, pose.state === 'slack' && styles.bad)} d={beltPath(pose.belt)} data-chain />
      )}
    </>
  );
}

/** The overlaid drive, in outlines. */
function Ghost(props: OtherDrive) {
  const drive = placedDrive(props);
  const { ring, cog, guidePulley, tensionPulley } = drive;
  return (
    <>
      {[ring, cog, guidePulley, tensionPulley].map((circle, i) => (
        <circle key={i} cx={circle.x} cy={-circle.y} r={circle.radiusMm} />
      ))}
      <Cage drive={drive} />
      {props.pose.belt && (
        <path
          className={props.pose.state === 'slack' ? styles.bad : ''}
          d={beltPath(props.pose.belt)}
          data-other-chain
        />
      )}
    </>
  );
}

function Cage({ drive: { guidePulley, tensionPulley } }: { drive: Drive }) {
  return (
    <line className={styles.cage} x1={guidePulley.x} y1={-guidePulley.y} x2={tensionPulley.x} y2={-tensionPulley.y} />
  );
}

function Sprocket({ circle, teeth }: { circle: BeltCircle; teeth?: number }) {
  return (
    <g className={styles.sprocket}>
      <circle cx={circle.x} cy={-circle.y} r={circle.radiusMm} />
      <circle className={styles.axle} cx={circle.x} cy={-circle.y} r={teeth === undefined ? 2 : 3.5} />
      {teeth !== undefined && (
        <text x={circle.x} y={-circle.y - 8}>
          {teeth}
        </text>
      )}
    </g>
  );
}
