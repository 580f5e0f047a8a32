import { placeDrive, type CagePose, type Drive, type DriveGeometry } from '../../core/fit';
import { degrees } from '../../core/units';
import { fixed } from '../../ui/format';
import type { NumbersTable } from '../../ui/numbers/Numbers';
import { t } from './text';

/** A drive in one gear with its chain. */
export interface PosedDrive {
  readonly chainring: number;
  readonly cog: number;
  readonly links: number;
  readonly pose: CagePose;
  readonly geometry: DriveGeometry;
}

/** The angle of an unrestrained cage: almost straight. */
const STRETCHED_DEG = 75;

/** A cage that no angle fits is drawn where the limit is that it fails at. */
export function placedDrive({ chainring, cog, pose, geometry }: PosedDrive): Drive {
  const limitDeg = pose.state === 'slack' ? geometry.foldBackLimitDeg : STRETCHED_DEG;
  return placeDrive(chainring, cog, pose.angleDeg ?? limitDeg, geometry);
}

/** What a cage does with its chain. */
export function stateText({ pose, links }: Pick<PosedDrive, 'pose' | 'links'>): string {
  switch (pose.state) {
    case 'ok':
      return `${pose.angleDeg > 0 ? '+' : ''}${fixed(pose.angleDeg, 1)}°`;
    case 'slack':
      return pose.angleDeg === undefined
        ? t('posedDrive.slackLinksSagAny', { links })
        : t('posedDrive.angleDegDegreesSlack', { angleDeg: fixed(pose.angleDeg, 1) });
    case 'tooShort':
      return t('posedDrive.tooShortLinksDoNot', { links });
    case 'impossible':
      return t('posedDrive.impossibleSizes');
  }
}

/** Positions in the side view, and the angle over which the chain wraps. */
export function sideNumbers(drive: PosedDrive): NumbersTable {
  const { ring, cog, guidePulley, tensionPulley } = placedDrive(drive);
  const wrapRad = new Map(drive.pose.belt?.runs.map((run) => [run.circle.name, run.wrapRad]));
  const circles = [
    [t('posedDrive.ringChainring', { chainring: drive.chainring }), ring],
    [t('posedDrive.cog', { cog: drive.cog }), cog],
    [t('posedDrive.guidePulley'), guidePulley],
    [t('posedDrive.tensionPulley'), tensionPulley],
  ] as const;
  return {
    columns: [
      t('posedDrive.fromTheRearAxle'),
      t('posedDrive.forwardMm'),
      t('posedDrive.upMm'),
      t('posedDrive.radiusMm'),
      t('posedDrive.touchedDegrees'),
    ],
    rows: [
      ...circles.map(([text, { x, y, radiusMm, name }]) => {
        const touched = wrapRad.get(name);
        return [
          text,
          fixed(x, 1),
          fixed(y, 1),
          fixed(radiusMm, 1),
          touched === undefined ? '–' : fixed(degrees(touched), 0),
        ];
      }),
      [t('posedDrive.cageState', { state: stateText(drive) }), '', '', '', ''],
    ],
  };
}
