import type { Ref } from 'react';
import { placeDrive, solveBelt, type BeltCircle, type CagePose, type DriveGeometry } from '../../core/fit';
import { fixed } from '../format';
import { beltPath } from './path';
import styles from './SideView.module.css';

export interface SideViewProps {
  readonly chainring: number;
  readonly cog: number;
  readonly links: number;
  readonly pose: CagePose;
  readonly geometry: DriveGeometry;
  /** Largest radii that are drawn beside this one, mm, so that all pictures have one scale. */
  readonly largestRingMm: number;
  readonly largestCogMm: number;
  readonly drawingRef?: Ref<SVGSVGElement>;
}

const MARGIN_MM = 14;

/** The drive from its right-hand side, to scale: what is drawn in a millimetre is a millimetre. */
export function SideView(props: SideViewProps) {
  const { chainring, cog, links, pose, geometry, largestRingMm, largestCogMm, drawingRef } = props;
  // A cage that no angle fits is drawn where the limit is that it fails at.
  const angleDeg = pose.angleDeg ?? (pose.state === 'slack' ? geometry.foldBackLimitDeg : 75);
  const drive = placeDrive(chainring, cog, angleDeg, geometry);
  const { ring, tensionPulley, guidePulley, pivot } = drive;
  const left = -Math.max(largestCogMm, geometry.cageLengthMm * 0.75) - MARGIN_MM;
  const right = ring.x + largestRingMm + MARGIN_MM;
  const top = -largestCogMm - MARGIN_MM;
  const bottom =
    largestCogMm + geometry.pitchLineGapMm + 2 * tensionPulley.radiusMm + geometry.cageLengthMm + MARGIN_MM;
  const limit = (geometry.foldBackLimitDeg * Math.PI) / 180;
  const reach = geometry.cageLengthMm + tensionPulley.radiusMm + 8;
  const text = stateText(pose, links);
  // What a chain that does not reach would have to span even without the derailleur.
  const direct = pose.state === 'tooShort' ? solveBelt([ring, drive.cog]) : undefined;
  return (
    <svg
      ref={drawingRef}
      className={styles.view}
      viewBox={`${left} ${top} ${right - left} ${bottom - top}`}
      role="img"
      aria-label={`Side view in ${chainring}/${cog}: ${text}`}
      data-state={pose.state}
    >
      <line className={styles.stay} x1={0} y1={0} x2={ring.x} y2={-ring.y} />
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
      <line className={styles.cage} x1={guidePulley.x} y1={-guidePulley.y} x2={tensionPulley.x} y2={-tensionPulley.y} />
      {direct?.ok && <path className={styles.span} d={beltPath(direct.belt)} />}
      {pose.belt && (
        <path
          className={`${styles.chain} ${pose.state === 'slack' ? styles.bad : ''}`}
          d={beltPath(pose.belt)}
          data-chain
        />
      )}
      <text
        className={pose.state === 'ok' ? styles.angle : styles.problem}
        x={guidePulley.x + 8}
        y={bottom - MARGIN_MM}
      >
        {text}
      </text>
    </svg>
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

function stateText(pose: CagePose, links: number): string {
  switch (pose.state) {
    case 'ok':
      return `${pose.angleDeg > 0 ? '+' : ''}${fixed(pose.angleDeg, 1)}°`;
    case 'slack':
      return pose.angleDeg === undefined
        ? `slack: ${links} links hang whatever the cage does`
        : `${fixed(pose.angleDeg, 1)}°: slack`;
    case 'tooShort':
      return `too short: ${links} links do not reach`;
    case 'impossible':
      return 'impossible sizes';
  }
}
