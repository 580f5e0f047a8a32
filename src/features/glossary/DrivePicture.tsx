import { clsx } from 'clsx';
import { DRIVE_DEFAULTS, cagePose, placeDrive, type BeltCircle } from '../../core/fit';
import { beltPath } from '../side-view/path';
import type { DriveMark } from './terms';
import styles from './Glossary.module.css';

const GEOMETRY = { ...DRIVE_DEFAULTS, cageLengthMm: 93 };
const LINKS = 112;
/** What an extender adds, mm. */
const EXTENDER_MM = 26;

function gearOf(mark: DriveMark): readonly [chainring: number, cog: number] {
  if (mark === 'bigBig' || mark === 'bGap' || mark === 'extender') return [48, 36];
  if (mark === 'smallSmall') return [32, 11];
  return [48, 24];
}

/** A drive from its right-hand side, to scale, with one part highlighted. */
export function DrivePicture({ mark }: { mark: DriveMark }) {
  const [chainring, cog] = gearOf(mark);
  const gapMm = GEOMETRY.pitchLineGapMm + (mark === 'extender' ? EXTENDER_MM : 0);
  const geometry = { ...GEOMETRY, pitchLineGapMm: gapMm };
  const pose = cagePose(chainring, cog, LINKS, geometry);
  const drive = placeDrive(chainring, cog, pose.angleDeg ?? 0, geometry);
  const { ring, guidePulley: guide, tensionPulley: tension, pivot } = drive;
  const on = (...marks: DriveMark[]) => (marks.includes(mark) ? styles.on : styles.base);
  const ends = mark === 'bigBig' || mark === 'smallSmall';
  return (
    <svg viewBox="-130 -112 670 310" aria-hidden>
      <Circle of={ring} className={ends ? styles.on : on('ring')} />
      <Circle of={drive.cog} className={ends ? styles.on : on('cog')} />
      <Circle of={guide} className={on('guidePulley')} />
      <Circle of={tension} className={on('tensionPulley')} />
      <line className={on('hanger', 'extender')} x1={0} y1={0} x2={pivot.x} y2={-pivot.y} />
      <line className={on('cage')} x1={guide.x} y1={-guide.y} x2={tension.x} y2={-tension.y} />
      {pose.belt && <path className={clsx(styles.chain, on('chain'))} d={beltPath(pose.belt)} />}
      {mark === 'bGap' && <Gap cog={drive.cog} guide={guide} />}
      {mark === 'clutch' && <path className={styles.on} d={arcAround(guide, 26)} />}
      {mark === 'chainGuide' && (
        <path className={styles.on} d={arcAround({ ...ring, radiusMm: ring.radiusMm + 14 }, 0)} />
      )}
    </svg>
  );
}

function Circle({ of: { x, y, radiusMm }, className }: { of: BeltCircle; className: string | undefined }) {
  return (
    <>
      <circle className={className} cx={x} cy={-y} r={radiusMm} />
      <circle className={styles.dot} cx={x} cy={-y} r={4} />
    </>
  );
}

/** The distance from the cog to the pulley. */
function Gap({ cog, guide }: { cog: BeltCircle; guide: BeltCircle }) {
  const distance = Math.hypot(guide.x, guide.y);
  const at = (from: number) => ({ x: (guide.x / distance) * from, y: (-guide.y / distance) * from });
  const [start, end] = [at(cog.radiusMm), at(distance - guide.radiusMm)];
  return <line className={styles.onThick} x1={start.x} y1={start.y} x2={end.x} y2={end.y} />;
}

/** Half round a circle on its upper, rear side. */
function arcAround({ x, y, radiusMm }: BeltCircle, wider: number): string {
  const r = radiusMm + wider;
  return `M${x - r} ${-y} A${r} ${r} 0 0 1 ${x + r} ${-y}`;
}
