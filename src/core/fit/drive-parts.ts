import { message } from '../message';
import { checkData, contradiction, mmDatum, speedsDatum, teethDatum, type DatumProblem, type DatumRule } from './datum';

/** What keeps a chain on a single ring. */
export const RETENTIONS = ['narrowWide', 'clutch', 'guide'] as const;
export type Retention = (typeof RETENTIONS)[number];

export const SHIFTINGS = ['cable', 'electronic'] as const;
export type Shifting = (typeof SHIFTINGS)[number];

/**
 * How an electronic front derailleur is shifted: by a lever of its own; by the system, as the rider shifts the rear; or
 * both by one pair of buttons, in the order of the gears. A cable has a lever of its own.
 */
export const FRONT_CONTROLS = ['lever', 'automatic', 'sequential'] as const;
export type FrontControl = (typeof FRONT_CONTROLS)[number];

/** How front shifts are made: a cable leaves no choice. */
export const frontControlOf = ({
  shifting,
  frontControl,
}: Pick<DriveParts, 'shifting' | 'frontControl'>): FrontControl =>
  shifting === 'electronic' ? (frontControl ?? 'lever') : 'lever';

/** The numbers of the parts beside the rear derailleur; absent where they are not known. */
export interface DrivePartNumbers {
  /** Range of largest rings that the front derailleur's cage is curved for. */
  readonly frontBigRingMinT?: number | undefined;
  readonly frontBigRingMaxT?: number | undefined;
  /** Cable that the shifter takes up for a click. */
  readonly cablePullMm?: number | undefined;
  /** Cogs that the shifter has clicks for. */
  readonly shifterSpeeds?: number | undefined;
  /** Lateral tolerance of the guide pulley at a cog. */
  readonly indexingToleranceMm?: number | undefined;
  /** What the cassette takes up on the freehub body, lockring tight. */
  readonly cassetteLengthMm?: number | undefined;
  /** Spacers now behind the cassette, all together. */
  readonly spacerMm?: number | undefined;
  readonly chainSpeeds?: number | undefined;
  /** Bolt circle of the smallest ring. */
  readonly boltCircleMm?: number | undefined;
  /** Smallest ring that the crank takes, by its sheet; wins over the bolt circle. */
  readonly smallestRingT?: number | undefined;
  /** How far a hanger extender lowers the derailleur; absent where none is fitted. */
  readonly hangerExtenderMm?: number | undefined;
  /** Smallest quotient of ring and cog that a two-speed hub may be driven with. */
  readonly hubRatioMin?: number | undefined;
}

/** Data of shifter, cassette, chain, crank and hub; absent where unknown. */
export interface DriveParts extends DrivePartNumbers {
  readonly shifting?: Shifting | undefined;
  readonly frontControl?: FrontControl | undefined;
  /** Families of electronic parts that speak with each other. */
  readonly shifterFamily?: string | undefined;
  readonly derailleurFamily?: string | undefined;
  /** The freehub body that the cassette slides on to, by its splines. */
  readonly cassetteSpline?: string | undefined;
  /** Empty where there is nothing that keeps the chain on. */
  readonly retention?: readonly Retention[] | undefined;
}

/** How each number is named, and what it can be. */
export const DRIVE_PART_DATA: Readonly<Record<keyof DrivePartNumbers, DatumRule>> = {
  frontBigRingMinT: teethDatum(message('datum.term.frontBigRingMinT'), 20, 70),
  frontBigRingMaxT: teethDatum(message('datum.term.frontBigRingMaxT'), 20, 70),
  cablePullMm: mmDatum(message('datum.term.cablePullMm'), 1, 6),
  shifterSpeeds: speedsDatum(message('datum.term.shifterSpeeds'), 1, 14),
  indexingToleranceMm: mmDatum(message('datum.term.indexingToleranceMm'), 0.1, 1.5),
  cassetteLengthMm: mmDatum(message('datum.term.cassetteLengthMm'), 10, 60),
  spacerMm: mmDatum(message('datum.term.spacerMm'), 0, 20),
  chainSpeeds: speedsDatum(message('datum.term.chainSpeeds'), 5, 14),
  boltCircleMm: mmDatum(message('datum.term.boltCircleMm'), 40, 160),
  smallestRingT: teethDatum(message('datum.term.smallestRingT'), 20, 60),
  hangerExtenderMm: mmDatum(message('datum.term.hangerExtenderMm'), 2, 60),
  hubRatioMin: { term: message('datum.term.hubRatioMin'), unit: ': 1', whole: false, bounds: { min: 0.3, max: 4 } },
};

/** Every number that is out of bounds, and limits that contradict each other. */
export function checkDriveParts(parts: DrivePartNumbers): DatumProblem<keyof DrivePartNumbers>[] {
  return [
    ...checkData(DRIVE_PART_DATA, parts),
    ...contradiction('frontBigRingMinT', parts.frontBigRingMinT, parts.frontBigRingMaxT, message('datum.term.bigRing')),
  ];
}
