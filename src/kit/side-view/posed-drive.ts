import { placeDrive, type CagePose, type Drive, type DriveGeometry } from '../../core/fit';
import { degrees } from '../../core/units';
import { fixed } from '../format';
import type { NumbersTable } from '../numbers/Numbers';
import { WORDS } from './text';

/** A drive in one gear with its chain. */
export interface PosedDrive {
  readonly chainring: number;
  readonly cog: number;
  readonly links: number;
  readonly pose: CagePose;
  readonly geometry: DriveGeometry;
}

/** Where a cage that nothing holds back would stand: pulled all but straight. */
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
        ? WORDS.posedDrive.slackLinksHangWhateverThe(links)
        : WORDS.posedDrive.angleDegDegreesSlack(fixed(pose.angleDeg, 1));
    case 'tooShort':
      return WORDS.posedDrive.tooShortLinksDoNot(links);
    case 'impossible':
      return WORDS.posedDrive.impossibleSizes;
  }
}

/** What stands where in the side view, and over what angle the chain touches it. */
export function sideNumbers(drive: PosedDrive): NumbersTable {
  const { ring, cog, guidePulley, tensionPulley } = placedDrive(drive);
  const wrapRad = new Map(drive.pose.belt?.runs.map((run) => [run.circle.name, run.wrapRad]));
  const circles = [
    [WORDS.posedDrive.ringChainring(drive.chainring), ring],
    [WORDS.posedDrive.cog(drive.cog), cog],
    [WORDS.posedDrive.guidePulley, guidePulley],
    [WORDS.posedDrive.tensionPulley, tensionPulley],
  ] as const;
  return {
    columns: [
      WORDS.posedDrive.fromTheRearAxle,
      WORDS.posedDrive.forwardMm,
      WORDS.posedDrive.upMm,
      WORDS.posedDrive.radiusMm,
      WORDS.posedDrive.touchedDegrees,
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
      [WORDS.posedDrive.cageState(stateText(drive)), '', '', '', ''],
    ],
  };
}
