import { type CadenceBand, type ZoneLimits } from '../gears';
import type { Resistance } from '../ride';
import type { Aim, Bother, Brief, BriefNumbers, Effort, Position, Surface, Terrain, Use } from './brief';

/** A brief with nothing left open. */
export interface FilledBrief extends BriefNumbers {
  readonly use: Use;
  readonly effort: Effort;
  readonly position: Position;
  readonly surface: Surface;
  readonly bothers: readonly Bother[];
  readonly aims: readonly Aim[];
  /** The cadence the rider likes best: the bike's own. */
  readonly preferredRpm: number;
}

/** Power by effort, W for each kg of rider: an hour's ride of a fit amateur, not a racer's. */
export const EFFORT_W_PER_KG: Readonly<Record<Effort, number>> = { easy: 1.5, steady: 2, strong: 2.8 };

/** Drag area by position, m²; a plain rider in touring clothes, wide spread between people. */
export const POSITION_CDA_M2: Readonly<Record<Position, number>> = {
  upright: 0.55,
  hoods: 0.4,
  drops: 0.34,
  aero: 0.28,
};

/** Rolling resistance by surface, on tyres made for it. */
export const SURFACE_CRR: Readonly<Record<Surface, number>> = {
  smooth: 0.004,
  rough: 0.006,
  gravel: 0.009,
  dirt: 0.016,
};

/** Air at about 15 °C near the sea, kg/m³. */
export const AIR_DENSITY_KG_M3 = 1.2;
/** A chain drive in fair order. */
export const DRIVE_EFFICIENCY = 0.96;

type ByUse = Pick<
  FilledBrief,
  | 'position'
  | 'surface'
  | 'bikeMassKg'
  | 'loadMassKg'
  | 'steepestGradePercent'
  | 'steepestLengthM'
  | 'topSpeedKmh'
  | 'cruisingSpeedKmh'
> &
  Pick<BriefNumbers, Terrain>;

const terrain = (flatPercent: number, rollingPercent: number, hillyPercent: number, mountainPercent: number) => ({
  flatPercent,
  rollingPercent,
  hillyPercent,
  mountainPercent,
});

/** What is taken where the rider says no more than what the bike is for. */
const BY_USE: Readonly<Record<Use, ByUse>> = {
  touring: {
    position: 'hoods',
    surface: 'rough',
    bikeMassKg: 15,
    loadMassKg: 15,
    steepestGradePercent: 8,
    steepestLengthM: 2000,
    topSpeedKmh: 45,
    cruisingSpeedKmh: 20,
    ...terrain(30, 40, 20, 10),
  },
  allRoad: {
    position: 'hoods',
    surface: 'gravel',
    bikeMassKg: 10,
    loadMassKg: 3,
    steepestGradePercent: 12,
    steepestLengthM: 1000,
    topSpeedKmh: 45,
    cruisingSpeedKmh: 24,
    ...terrain(25, 45, 25, 5),
  },
  road: {
    position: 'hoods',
    surface: 'smooth',
    bikeMassKg: 8,
    loadMassKg: 1,
    steepestGradePercent: 10,
    steepestLengthM: 2000,
    topSpeedKmh: 55,
    cruisingSpeedKmh: 30,
    ...terrain(30, 40, 20, 10),
  },
  trail: {
    position: 'upright',
    surface: 'dirt',
    bikeMassKg: 13,
    loadMassKg: 2,
    steepestGradePercent: 18,
    steepestLengthM: 300,
    topSpeedKmh: 35,
    cruisingSpeedKmh: 16,
    ...terrain(10, 30, 50, 10),
  },
  loads: {
    position: 'upright',
    surface: 'rough',
    bikeMassKg: 32,
    loadMassKg: 45,
    steepestGradePercent: 7,
    steepestLengthM: 200,
    topSpeedKmh: 30,
    cruisingSpeedKmh: 17,
    ...terrain(70, 25, 5, 0),
  },
  town: {
    position: 'upright',
    surface: 'rough',
    bikeMassKg: 14,
    loadMassKg: 6,
    steepestGradePercent: 7,
    steepestLengthM: 300,
    topSpeedKmh: 35,
    cruisingSpeedKmh: 20,
    ...terrain(70, 25, 5, 0),
  },
};

/** The rest of the defaults, whatever the use. Rpm are relative to the preferred cadence. */
const BAND_HALF_WIDTH_RPM = 10;
const SPIN_OUT_ABOVE_RPM = 30;
const CLIMBING_RPM = 65;
const RIDER_KG = 75;
const TOLERANCE = { stepClimbingPercent: 17, stepBetweenPercent: 15, stepFastPercent: 12 };
const ZONE_LIMITS: ZoneLimits = { climbingBelowKmh: 15, fastAboveKmh: 28 };
/** Some 40 cm² of small parts at about half the drag of a plate: a guess, for the rider to set. */
const FRONT_DRAG_CM2 = 20;

/** Fills what the rider leaves open. @param preferredRpm the bike's own cadence */
export function fillBrief(brief: Brief, preferredRpm: number): FilledBrief {
  const said = Object.fromEntries(Object.entries(brief).filter(([, value]) => value !== undefined)) as Brief;
  const use = said.use ?? 'touring';
  const effort = said.effort ?? 'steady';
  const riderMassKg = said.riderMassKg ?? RIDER_KG;
  return {
    ...BY_USE[use],
    ...TOLERANCE,
    ...ZONE_LIMITS,
    lowRpm: preferredRpm - BAND_HALF_WIDTH_RPM,
    highRpm: preferredRpm + BAND_HALF_WIDTH_RPM,
    spinOutRpm: preferredRpm + SPIN_OUT_ABOVE_RPM,
    cruisingRpm: preferredRpm,
    climbingRpm: Math.min(CLIMBING_RPM, preferredRpm - BAND_HALF_WIDTH_RPM),
    powerW: EFFORT_W_PER_KG[effort] * riderMassKg,
    frontDragCm2: FRONT_DRAG_CM2,
    bothers: [],
    aims: [],
    ...said,
    use,
    effort,
    riderMassKg,
    preferredRpm,
  };
}

export const bandOf = ({ lowRpm, highRpm }: FilledBrief): CadenceBand => ({ lowRpm, highRpm });

export const zonesOf = ({ climbingBelowKmh, fastAboveKmh }: FilledBrief): ZoneLimits => ({
  climbingBelowKmh,
  fastAboveKmh,
});

export const totalMassKg = ({ riderMassKg, bikeMassKg, loadMassKg }: FilledBrief) =>
  riderMassKg + bikeMassKg + loadMassKg;

/** The resistance that this rider meets in still air. */
export function resistanceOf(brief: FilledBrief): Resistance {
  return {
    massKg: totalMassKg(brief),
    crr: SURFACE_CRR[brief.surface],
    cdaM2: POSITION_CDA_M2[brief.position],
    airDensityKgM3: AIR_DENSITY_KG_M3,
    efficiency: DRIVE_EFFICIENCY,
    headwindMs: 0,
  };
}
