import { message, type Message } from '../message';
import { DRIVE_BOUNDS } from './cage';
import { checkData, contradiction, speedsDatum, teethDatum, type DatumProblem, type DatumRule } from './datum';

/** Data of the derailleurs: published limits, and the cage as measured; absent where unknown. */
export interface RearDerailleur {
  /** Most chain, in teeth of ring and cog difference, that the cage takes up. */
  readonly totalCapacityT?: number | undefined;
  /** Largest that the largest cog may be. */
  readonly largestCogMaxT?: number | undefined;
  /** Minimum size of the largest cog; below it the guide pulley is too far away. */
  readonly largestCogMinT?: number | undefined;
  /** Smallest that the smallest cog may be. */
  readonly smallestCogMinT?: number | undefined;
  /** Largest difference of the rings that the front derailleur takes. */
  readonly ringDifferenceMaxT?: number | undefined;
  /** How far it moves sideways for each mm of cable. */
  readonly pullRatio?: number | undefined;
  /** Number of cogs that an electronic derailleur is made for. */
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

const geometry = (term: Message, field: keyof typeof DRIVE_BOUNDS, unit: DatumRule['unit']): DatumRule => ({
  term,
  unit,
  whole: unit === 'T',
  bounds: DRIVE_BOUNDS[field],
});

/** How each datum is named, and what it can be. */
export const REAR_DERAILLEUR_DATA: Readonly<Record<keyof RearDerailleur, DatumRule>> = {
  totalCapacityT: teethDatum(message('datum.term.totalCapacityT'), 8, 70),
  largestCogMaxT: teethDatum(message('datum.term.largestCogMaxT'), 20, 60),
  largestCogMinT: teethDatum(message('datum.term.largestCogMinT'), 18, 60),
  smallestCogMinT: teethDatum(message('datum.term.smallestCogMinT'), 9, 20),
  ringDifferenceMaxT: teethDatum(message('datum.term.ringDifferenceMaxT'), 4, 30),
  pullRatio: { term: message('datum.term.pullRatio'), unit: 'mm/mm', whole: false, bounds: { min: 0.5, max: 4 } },
  speeds: speedsDatum(message('datum.term.speeds'), 5, 14),
  cageLengthMm: geometry(message('datum.term.cageLengthMm'), 'cageLengthMm', 'mm'),
  pulleyTeeth: geometry(message('datum.term.pulleyTeeth'), 'pulleyTeeth', 'T'),
  pitchLineGapMm: geometry(message('datum.term.pitchLineGapMm'), 'pitchLineGapMm', 'mm'),
  guidePulleyAngleDeg: geometry(message('datum.term.guidePulleyAngleDeg'), 'guidePulleyAngleDeg', '°'),
  guidePulleyOffsetMm: geometry(message('datum.term.guidePulleyOffsetMm'), 'guidePulleyOffsetMm', 'mm'),
  foldBackLimitDeg: geometry(message('datum.term.foldBackLimitDeg'), 'foldBackLimitDeg', '°'),
};

/** Every number that cannot be a published one, and limits that contradict each other. */
export function checkRearDerailleur(derailleur: RearDerailleur): DatumProblem<keyof RearDerailleur>[] {
  const { largestCogMinT, largestCogMaxT } = derailleur;
  return [
    ...checkData(REAR_DERAILLEUR_DATA, derailleur),
    ...contradiction('largestCogMinT', largestCogMinT, largestCogMaxT, message('datum.term.largestCog')),
  ];
}
