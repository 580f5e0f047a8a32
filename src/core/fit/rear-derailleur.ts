import { within, type Bounds } from '../gears';
import { DRIVE_BOUNDS } from './cage';

/** What is known of the derailleurs: published numbers, and the cage as measured. Absent where it is not known. */
export interface RearDerailleur {
  /** Most chain, in teeth of ring and cog difference, that the cage takes up. */
  readonly totalCapacityT?: number | undefined;
  /** Largest cog that the largest cog may be. */
  readonly largestCogMaxT?: number | undefined;
  /** Smallest that the largest cog may be; below it the guide pulley hangs too far away. */
  readonly largestCogMinT?: number | undefined;
  /** Smallest that the smallest cog may be. */
  readonly smallestCogMinT?: number | undefined;
  /** Largest difference of the rings that the front derailleur takes. */
  readonly ringDifferenceMaxT?: number | undefined;
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

interface DatumRule {
  readonly bounds: Bounds;
  readonly term: string;
  readonly unit: 'T' | 'mm' | '°';
  readonly whole: boolean;
}

const teeth = (term: string, min: number, max: number): DatumRule => ({
  term,
  unit: 'T',
  whole: true,
  bounds: { min, max },
});

/** How each datum is named, and what it can be. */
export const REAR_DERAILLEUR_DATA: Readonly<Record<keyof RearDerailleur, DatumRule>> = {
  totalCapacityT: teeth('total capacity', 8, 70),
  largestCogMaxT: teeth('largest cog, at most', 20, 60),
  largestCogMinT: teeth('largest cog, at least', 18, 60),
  smallestCogMinT: teeth('smallest cog, at least', 9, 20),
  ringDifferenceMaxT: teeth('ring difference, at most', 4, 30),
  cageLengthMm: { term: 'cage length', unit: 'mm', whole: false, bounds: DRIVE_BOUNDS.cageLengthMm },
  pulleyTeeth: { term: 'pulleys', unit: 'T', whole: true, bounds: DRIVE_BOUNDS.pulleyTeeth },
  pitchLineGapMm: { term: 'pitch-line gap', unit: 'mm', whole: false, bounds: DRIVE_BOUNDS.pitchLineGapMm },
  guidePulleyAngleDeg: {
    term: 'guide pulley angle',
    unit: '°',
    whole: false,
    bounds: DRIVE_BOUNDS.guidePulleyAngleDeg,
  },
  guidePulleyOffsetMm: {
    term: 'guide pulley offset',
    unit: 'mm',
    whole: false,
    bounds: DRIVE_BOUNDS.guidePulleyOffsetMm,
  },
  foldBackLimitDeg: { term: 'fold-back limit', unit: '°', whole: false, bounds: DRIVE_BOUNDS.foldBackLimitDeg },
};

export const REAR_DERAILLEUR_FIELDS = Object.keys(REAR_DERAILLEUR_DATA) as (keyof RearDerailleur)[];

export interface RearDerailleurProblem {
  readonly path: readonly [keyof RearDerailleur];
  readonly message: string;
}

/** Every number that cannot be a published one, and limits that contradict each other. */
export function checkRearDerailleur(derailleur: RearDerailleur): RearDerailleurProblem[] {
  const problems = REAR_DERAILLEUR_FIELDS.flatMap((field): RearDerailleurProblem[] => {
    const value = derailleur[field];
    const { bounds, term, unit, whole } = REAR_DERAILLEUR_DATA[field];
    if (value === undefined || ((!whole || Number.isInteger(value)) && within(value, bounds))) return [];
    const range = `${whole ? 'whole teeth' : 'it runs'} from ${bounds.min} to ${bounds.max}${whole ? '' : ` ${unit}`}`;
    return [
      { path: [field], message: `${term} ${value}${unit === 'T' ? 'T' : ` ${unit}`}: ${range}; read it off the sheet` },
    ];
  });
  const { largestCogMinT: min, largestCogMaxT: max } = derailleur;
  if (min !== undefined && max !== undefined && min > max) {
    problems.push({
      path: ['largestCogMinT'],
      message: `largest cog at least ${min}T but at most ${max}T: the first must not be above the second; check both on the sheet`,
    });
  }
  return problems;
}
