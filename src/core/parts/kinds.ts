import {
  CHAIN_LINKS,
  COG_PITCH_MM,
  DRIVE_PART_DATA,
  FREEHUB_DATA,
  REAR_DERAILLEUR_DATA,
  RING_SPACING_MM,
  type DatumRule,
  type DrivePartNumbers,
  type Freehub,
  type RearDerailleur,
  type Shifting,
} from '../fit';
import { CHAINRING_TEETH, CRANK_LENGTH_MM, RIM_DIAMETER_MM, ROLLOUT_MM, TYRE_WIDTH_MM } from '../gears';
import type { Bounds } from '../numbers';
import { message, type Message } from '../message';

/** Kinds of parts, in the order of a drive. */
export const STOCK_KINDS = [
  'cassette',
  'chainring',
  'crank',
  'rearDerailleur',
  'frontDerailleur',
  'shifter',
  'chain',
  'freehub',
  'extender',
  'guide',
  'quickLink',
  'spacer',
  'wheel',
  'other',
] as const;
export type StockKind = (typeof STOCK_KINDS)[number];

/** Numbers of a part beside those of compatibility. */
interface OwnNumbers {
  readonly ringT?: number | undefined;
  readonly chainLinks?: number | undefined;
  readonly crankLengthMm?: number | undefined;
  readonly ringSpacingMm?: number | undefined;
  readonly cogPitchMm?: number | undefined;
  readonly rimDiameterMm?: number | undefined;
  readonly tyreWidthMm?: number | undefined;
  readonly measuredRolloutMm?: number | undefined;
}

type PartNumbers = OwnNumbers & RearDerailleur & DrivePartNumbers & Omit<Freehub, 'spline'>;
export type PartNumber = keyof PartNumbers;

/** Data of a part; absent where unknown. Each kind has its own fields ({@link KIND_DATA}). */
export interface PartData extends PartNumbers {
  /** Smallest first. */
  readonly cogs?: readonly number[] | undefined;
  readonly shifting?: Shifting | undefined;
  readonly shifterFamily?: string | undefined;
  readonly derailleurFamily?: string | undefined;
  /** The body that a cassette slides on to. */
  readonly cassetteSpline?: string | undefined;
  /** The body that it is, or that a wheel has. */
  readonly spline?: string | undefined;
  /** Whether a ring's teeth hold the chain, and whether a rear derailleur has a clutch. */
  readonly narrowWide?: boolean | undefined;
  readonly clutch?: boolean | undefined;
  /** Whether a crank's weight is that of crank and rings together. */
  readonly withRings?: boolean | undefined;
}

export type PartName = 'shifterFamily' | 'derailleurFamily' | 'cassetteSpline' | 'spline';
export type PartFlag = 'narrowWide' | 'clutch' | 'withRings';

const number = (term: Message, unit: DatumRule['unit'], bounds: Bounds, whole = false): DatumRule => ({
  term,
  unit,
  whole,
  bounds,
});

/** How each number is named, and what it can be. */
export const PART_NUMBER_RULES: Readonly<Record<PartNumber, DatumRule>> = {
  ...REAR_DERAILLEUR_DATA,
  ...DRIVE_PART_DATA,
  ...FREEHUB_DATA,
  ringT: number(message('datum.term.ringT'), 'T', CHAINRING_TEETH, true),
  chainLinks: number(message('datum.term.chainLinks'), 'links', CHAIN_LINKS, true),
  crankLengthMm: number(message('datum.term.crankLengthMm'), 'mm', CRANK_LENGTH_MM),
  ringSpacingMm: number(message('datum.term.ringSpacingMm'), 'mm', RING_SPACING_MM),
  cogPitchMm: number(message('datum.term.cogPitchMm'), 'mm', COG_PITCH_MM),
  rimDiameterMm: number(message('datum.term.rimDiameterMm'), 'mm', RIM_DIAMETER_MM),
  tyreWidthMm: number(message('datum.term.tyreWidthMm'), 'mm', TYRE_WIDTH_MM),
  measuredRolloutMm: number(message('datum.term.measuredRolloutMm'), 'mm', ROLLOUT_MM),
};

export const PART_NAME_TERMS: Readonly<Record<PartName, Message>> = {
  shifterFamily: message('datum.term.shifterFamily'),
  derailleurFamily: message('datum.term.derailleurFamily'),
  cassetteSpline: message('datum.term.cassetteSpline'),
  spline: message('datum.term.spline'),
};

export const PART_FLAG_TERMS: Readonly<Record<PartFlag, Message>> = {
  narrowWide: message('datum.term.narrowWide'),
  clutch: message('datum.term.clutch'),
  withRings: message('datum.term.withRings'),
};

/** What is kept of a kind. */
interface KindData {
  readonly numbers: readonly PartNumber[];
  readonly names: readonly PartName[];
  readonly flags: readonly PartFlag[];
  readonly cogs: boolean;
  readonly shifting: boolean;
}

const kind = (numbers: readonly PartNumber[], more: Partial<KindData> = {}): KindData => ({
  names: [],
  flags: [],
  cogs: false,
  shifting: false,
  ...more,
  numbers,
});

export const KIND_DATA: Readonly<Record<StockKind, KindData>> = {
  cassette: kind(['cassetteLengthMm', 'cogPitchMm'], { cogs: true, names: ['cassetteSpline'] }),
  chainring: kind(['ringT', 'boltCircleMm'], { flags: ['narrowWide'] }),
  crank: kind(['smallestRingT', 'crankLengthMm', 'ringSpacingMm'], { flags: ['withRings'] }),
  rearDerailleur: kind(
    [
      'totalCapacityT',
      'largestCogMaxT',
      'largestCogMinT',
      'smallestCogMinT',
      'cageLengthMm',
      'pullRatio',
      'speeds',
      'pulleyTeeth',
      'pitchLineGapMm',
      'guidePulleyAngleDeg',
      'guidePulleyOffsetMm',
      'foldBackLimitDeg',
    ],
    { names: ['derailleurFamily'], flags: ['clutch'] },
  ),
  frontDerailleur: kind(['ringDifferenceMaxT', 'frontBigRingMinT', 'frontBigRingMaxT']),
  shifter: kind(['shifterSpeeds', 'cablePullMm'], { names: ['shifterFamily'], shifting: true }),
  chain: kind(['chainSpeeds', 'chainLinks']),
  freehub: kind(['bodyLengthMm', 'smallestCogT'], { names: ['spline'] }),
  extender: kind(['hangerExtenderMm']),
  guide: kind([]),
  quickLink: kind(['chainSpeeds']),
  spacer: kind(['spacerMm']),
  wheel: kind(['rimDiameterMm', 'tyreWidthMm', 'measuredRolloutMm', 'bodyLengthMm', 'smallestCogT'], {
    names: ['spline'],
  }),
  other: kind([]),
};

/** Every field of a part's data that its kind has. */
export function fieldsOfKind(stockKind: StockKind): readonly (keyof PartData)[] {
  const { numbers, names, flags, cogs, shifting } = KIND_DATA[stockKind];
  return [
    ...(cogs ? (['cogs'] as const) : []),
    ...numbers,
    ...names,
    ...flags,
    ...(shifting ? ['shifting' as const] : []),
  ];
}
