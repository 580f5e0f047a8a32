import { DRIVE_BOUNDS } from './cage';
import { checkData, contradiction, speedsDatum, teethDatum, type DatumProblem, type DatumRule } from './datum';

/** What is known of the derailleurs: published numbers, and the cage as measured. Absent where it is not known. */
export interface RearDerailleur {
  /** Most chain, in teeth of ring and cog difference, that the cage takes up. */
  readonly totalCapacityT?: number | undefined;
  /** Largest that the largest cog may be. */
  readonly largestCogMaxT?: number | undefined;
  /** Smallest that the largest cog may be; below it the guide pulley hangs too far away. */
  readonly largestCogMinT?: number | undefined;
  /** Smallest that the smallest cog may be. */
  readonly smallestCogMinT?: number | undefined;
  /** Largest difference of the rings that the front derailleur takes. */
  readonly ringDifferenceMaxT?: number | undefined;
  /** How far it moves sideways for each mm of cable. */
  readonly pullRatio?: number | undefined;
  /** Cogs that it is made for; asked of an electronic one. */
  readonly speeds?: number | undefined;
  /** Guide to tension pulley, centre to centre. */
  readonly cageLengthMm?: number | undefined;
  readonly pulleyTeeth?: number | undefined;
  /** Between the pitch lines of cog and guide pulley. */
  readonly pitchLineGapMm?: number | undefined;
  /** Direction of the guide pulley from the axle; −90° is straight below. */
  readonly guidePulleyAngleDeg?: number | undefined;
  readonly guidePulleyOffsetMm?: number | undefined;
  /** Past this the cage is folded back too far. */
  readonly foldBackLimitDeg?: number | undefined;
}

const geometry = (term: string, field: keyof typeof DRIVE_BOUNDS, unit: DatumRule['unit']): DatumRule => ({
  term,
  unit,
  whole: unit === 'T',
  bounds: DRIVE_BOUNDS[field],
});

/** How each datum is named, and what it can be. */
export const REAR_DERAILLEUR_DATA: Readonly<Record<keyof RearDerailleur, DatumRule>> = {
  totalCapacityT: teethDatum('total capacity', 8, 70),
  largestCogMaxT: teethDatum('largest cog, maximum', 20, 60),
  largestCogMinT: teethDatum('largest cog, minimum', 18, 60),
  smallestCogMinT: teethDatum('smallest cog, minimum', 9, 20),
  ringDifferenceMaxT: teethDatum('ring difference, maximum', 4, 30),
  pullRatio: { term: 'actuation ratio', unit: 'mm per mm', whole: false, bounds: { min: 0.5, max: 4 } },
  speeds: speedsDatum('derailleur speeds', 5, 14),
  cageLengthMm: geometry('cage length', 'cageLengthMm', 'mm'),
  pulleyTeeth: geometry('pulleys', 'pulleyTeeth', 'T'),
  pitchLineGapMm: geometry('pitch-line gap', 'pitchLineGapMm', 'mm'),
  guidePulleyAngleDeg: geometry('guide pulley angle', 'guidePulleyAngleDeg', '°'),
  guidePulleyOffsetMm: geometry('guide pulley offset', 'guidePulleyOffsetMm', 'mm'),
  foldBackLimitDeg: geometry('fold-back limit', 'foldBackLimitDeg', '°'),
};

/** Every number that cannot be a published one, and limits that contradict each other. */
export function checkRearDerailleur(derailleur: RearDerailleur): DatumProblem<keyof RearDerailleur>[] {
  const { largestCogMinT, largestCogMaxT } = derailleur;
  return [
    ...checkData(REAR_DERAILLEUR_DATA, derailleur),
    ...contradiction('largestCogMinT', largestCogMinT, largestCogMaxT, 'largest cog'),
  ];
}
