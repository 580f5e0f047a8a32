import type { Bounds } from '../numbers';
import { message, type Message } from '../message';
import type { GearTeeth } from './used-gears';
import type { Optional } from '../optional';

/** What a bike is ridden for; it sets what is taken for what the rider leaves open. */
export const USES = ['touring', 'allRoad', 'road', 'timeTrial', 'trail', 'loads', 'town', 'folding', 'child'] as const;
export type Use = (typeof USES)[number];

export const EFFORTS = ['easy', 'steady', 'strong'] as const;
export type Effort = (typeof EFFORTS)[number];

export const POSITIONS = ['upright', 'hoods', 'drops', 'aero'] as const;
export type Position = (typeof POSITIONS)[number];

export const SURFACES = ['smooth', 'rough', 'gravel', 'dirt'] as const;
export type Surface = (typeof SURFACES)[number];

/** What bothers a rider today. */
export const BOTHERS = [
  'tooHardUphill',
  'spinsOut',
  'gaps',
  'frontShifting',
  'droppedChain',
  'noise',
  'weight',
] as const;
export type Bother = (typeof BOTHERS)[number];

/** What a rider cares about most. */
export const AIMS = ['cadence', 'simplicity', 'range', 'weight', 'cost', 'aero'] as const;
export type Aim = (typeof AIMS)[number];

/** Shares of the riding, percent. */
export const TERRAINS = ['flatPercent', 'rollingPercent', 'hillyPercent', 'mountainPercent'] as const;
export type Terrain = (typeof TERRAINS)[number];

/** The numbers of a brief; absent where left blank. */
export interface BriefNumbers {
  readonly riderMassKg: number;
  readonly bikeMassKg: number;
  readonly loadMassKg: number;
  /** Held for an hour at the cranks. */
  readonly powerW: number;
  /** Work above the critical power that is there once, J for each kg of rider. */
  readonly anaerobicJPerKg: number;
  /** The cadence that the rider likes best; not the one at which speeds are shown. */
  readonly preferredRpm: number;
  readonly lowRpm: number;
  readonly highRpm: number;
  readonly spinOutRpm: number;
  /** Lowest cadence that is accepted on the steepest climb. */
  readonly climbingRpm: number;
  readonly steepestGradePercent: number;
  readonly steepestLengthM: number;
  /** Fastest that is to be pedalled. */
  readonly topSpeedKmh: number;
  readonly cruisingSpeedKmh: number;
  readonly cruisingRpm: number;
  readonly climbingBelowKmh: number;
  readonly fastAboveKmh: number;
  /** Largest speed step that does not bother, by zone. */
  readonly stepClimbingPercent: number;
  readonly stepBetweenPercent: number;
  readonly stepFastPercent: number;
  readonly flatPercent: number;
  readonly rollingPercent: number;
  readonly hillyPercent: number;
  readonly mountainPercent: number;
  /** A motor's power for each watt of the rider's; 0 without a motor. */
  readonly assistFactor: number;
  readonly assistMaxW: number;
  /** At and above it the motor gives nothing. */
  readonly assistCutOffKmh: number;
  /** Drag area of rider and bike, m². */
  readonly cdaM2: number;
  /** Coefficient of rolling resistance. */
  readonly crr: number;
  /** Drag area of a front derailleur with its second ring, an estimate; grows with speed cubed as watts. */
  readonly frontDragCm2: number;
}

/** Bounds of a ratio of ring to cog that a rider may need. */
export const LOWEST_RATIO: Bounds = { min: 0.3, max: 3 };

export const USUAL_GEARS_MAX = 8;

/** A rider's description of their riding; everything is optional. */
export interface Brief extends Optional<BriefNumbers> {
  /** Maximum ratio of the easiest gear; no requirement if absent. */
  readonly lowestRatio?: number | undefined;
  /** Gears in which the rider sits on the flat; teeth of the setup fitted at the time. */
  readonly usualGears?: readonly GearTeeth[] | undefined;
  /** Cogs and rings that are rarely used, teeth. */
  readonly rareCogs?: readonly number[] | undefined;
  readonly rareRings?: readonly number[] | undefined;
  readonly use?: Use | undefined;
  readonly effort?: Effort | undefined;
  readonly position?: Position | undefined;
  readonly surface?: Surface | undefined;
  readonly bothers?: readonly Bother[] | undefined;
  /** Most important first. */
  readonly aims?: readonly Aim[] | undefined;
}

/** Fields of a brief that are assumed when blank and enter figures. */
export type BriefField = keyof BriefNumbers | 'position' | 'surface';

export const BRIEF_BOUNDS: Readonly<Record<keyof BriefNumbers, Bounds>> = {
  riderMassKg: { min: 20, max: 200 },
  bikeMassKg: { min: 4, max: 80 },
  loadMassKg: { min: 0, max: 250 },
  powerW: { min: 20, max: 600 },
  anaerobicJPerKg: { min: 50, max: 350 },
  preferredRpm: { min: 30, max: 150 },
  lowRpm: { min: 30, max: 150 },
  highRpm: { min: 30, max: 160 },
  spinOutRpm: { min: 40, max: 200 },
  climbingRpm: { min: 20, max: 120 },
  steepestGradePercent: { min: 0, max: 40 },
  steepestLengthM: { min: 10, max: 50_000 },
  topSpeedKmh: { min: 10, max: 90 },
  cruisingSpeedKmh: { min: 5, max: 70 },
  cruisingRpm: { min: 30, max: 150 },
  climbingBelowKmh: { min: 5, max: 40 },
  fastAboveKmh: { min: 10, max: 60 },
  stepClimbingPercent: { min: 3, max: 50 },
  stepBetweenPercent: { min: 3, max: 50 },
  stepFastPercent: { min: 3, max: 50 },
  flatPercent: { min: 0, max: 100 },
  rollingPercent: { min: 0, max: 100 },
  hillyPercent: { min: 0, max: 100 },
  mountainPercent: { min: 0, max: 100 },
  assistFactor: { min: 0, max: 5 },
  assistMaxW: { min: 50, max: 750 },
  assistCutOffKmh: { min: 10, max: 50 },
  // From a racer to a laden cargo bike on sand.
  cdaM2: { min: 0.15, max: 1.5 },
  crr: { min: 0.001, max: 0.1 },
  frontDragCm2: { min: 0, max: 100 },
};

/** Unit of each number. */
export const BRIEF_UNITS: Readonly<Record<keyof BriefNumbers, string>> = {
  riderMassKg: 'kg',
  bikeMassKg: 'kg',
  loadMassKg: 'kg',
  powerW: 'W',
  anaerobicJPerKg: 'J/kg',
  preferredRpm: 'rpm',
  lowRpm: 'rpm',
  highRpm: 'rpm',
  spinOutRpm: 'rpm',
  climbingRpm: 'rpm',
  steepestGradePercent: '%',
  steepestLengthM: 'm',
  topSpeedKmh: 'km/h',
  cruisingSpeedKmh: 'km/h',
  cruisingRpm: 'rpm',
  climbingBelowKmh: 'km/h',
  fastAboveKmh: 'km/h',
  stepClimbingPercent: '%',
  stepBetweenPercent: '%',
  stepFastPercent: '%',
  flatPercent: '%',
  rollingPercent: '%',
  hillyPercent: '%',
  mountainPercent: '%',
  assistFactor: '×',
  assistMaxW: 'W',
  assistCutOffKmh: 'km/h',
  cdaM2: 'm²',
  crr: '',
  frontDragCm2: 'cm²',
};

/** Returns the name of a number. */
export const briefTerm = (field: keyof BriefNumbers): Message => message(`brief.term.${field}`);

export const BRIEF_NUMBERS = Object.keys(BRIEF_BOUNDS) as (keyof BriefNumbers)[];
export const BRIEF_FIELDS: readonly BriefField[] = [...BRIEF_NUMBERS, 'position', 'surface'];
