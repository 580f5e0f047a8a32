import { speedKmh, type CadenceBand, type ZoneLimits } from '../gears';
import { within } from '../numbers';
import type { MotorAssist, Resistance, Stamina } from '../ride';
import {
  BRIEF_BOUNDS,
  BRIEF_FIELDS,
  TERRAINS,
  type Aim,
  type Bother,
  type Brief,
  type BriefField,
  type BriefNumbers,
  type Effort,
  type Position,
  type Surface,
  type Terrain,
  type Use,
} from './brief';
import type { RiddenSizes } from './used-gears';
import { itemAt } from '../items';
import { defined } from '../optional';

/** A brief with defaults for blanks. */
export interface FilledBrief extends BriefNumbers {
  readonly use: Use;
  readonly lowestRatio?: number | undefined;
  readonly effort: Effort;
  readonly position: Position;
  readonly surface: Surface;
  readonly bothers: readonly Bother[];
  readonly aims: readonly Aim[];
  /** The gears in use; undefined where not needed. */
  readonly ridden?: RiddenSizes | undefined;
  /** Fields that are assumed. */
  readonly assumed: readonly BriefField[];
}

/** Power held for an hour by effort, W for each kg of rider: of ordinary riders, not of racers. */
export const EFFORT_W_PER_KG: Readonly<Record<Effort, number>> = { easy: 1.6, steady: 2.2, strong: 3 };

/** Drag area by position, m²; an average rider in touring clothes, with a wide spread. */
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
const DRIVE_EFFICIENCY = 0.96;

/** Defaults of a kind of riding. */
interface Riding {
  readonly position: Position;
  readonly surface: Surface;
  readonly effort: Effort;
  readonly massesKg: readonly [rider: number, bike: number, load: number];
  readonly preferredRpm: number;
  /** Of the comfortable cadences, to each side of the preferred one. */
  readonly halfBandRpm: number;
  readonly climbingRpm: number;
  /** The steepest climb that such riding ordinarily meets. */
  readonly climb: readonly [gradePercent: number, lengthM: number];
  readonly topSpeedKmh: number;
  readonly cruisingSpeedKmh: number;
  /** Largest steps that do not bother, by zone, percent. */
  readonly steps: readonly [climbing: number, between: number, fast: number];
  /** Shares of the riding, percent. */
  readonly terrain: readonly [flat: number, rolling: number, hilly: number, mountain: number];
}

/**
 * Calibrated until ordinary bikes that are sold for a kind of riding are easy enough for its ordinary rider and
 * reach the top speed, and clearly over-geared ones are not (tested by the table of brief.test.ts).
 */
const RIDING: Readonly<Record<Use, Riding>> = {
  road: {
    position: 'hoods',
    surface: 'smooth',
    effort: 'steady',
    massesKg: [75, 9, 1],
    preferredRpm: 88,
    halfBandRpm: 6,
    climbingRpm: 60,
    climb: [8, 800],
    topSpeedKmh: 48,
    cruisingSpeedKmh: 30,
    steps: [15, 14, 13],
    terrain: [30, 40, 20, 10],
  },
  allRoad: {
    position: 'hoods',
    surface: 'gravel',
    effort: 'steady',
    massesKg: [75, 11, 3],
    preferredRpm: 82,
    halfBandRpm: 7,
    climbingRpm: 55,
    climb: [9, 800],
    topSpeedKmh: 40,
    cruisingSpeedKmh: 24,
    steps: [20, 18, 16],
    terrain: [25, 45, 25, 5],
  },
  touring: {
    position: 'hoods',
    surface: 'rough',
    effort: 'steady',
    massesKg: [75, 15, 15],
    preferredRpm: 78,
    halfBandRpm: 9,
    climbingRpm: 55,
    climb: [8, 1500],
    topSpeedKmh: 40,
    cruisingSpeedKmh: 20,
    steps: [20, 18, 16],
    terrain: [30, 40, 20, 10],
  },
  timeTrial: {
    position: 'aero',
    surface: 'smooth',
    effort: 'steady',
    massesKg: [75, 9, 1],
    preferredRpm: 88,
    halfBandRpm: 9,
    climbingRpm: 60,
    climb: [4, 2000],
    topSpeedKmh: 54,
    cruisingSpeedKmh: 36,
    steps: [14, 12, 11],
    terrain: [60, 35, 5, 0],
  },
  trail: {
    position: 'upright',
    surface: 'dirt',
    effort: 'steady',
    massesKg: [75, 14, 2],
    preferredRpm: 78,
    halfBandRpm: 9,
    climbingRpm: 55,
    climb: [15, 300],
    topSpeedKmh: 30,
    cruisingSpeedKmh: 16,
    steps: [26, 22, 20],
    terrain: [10, 30, 50, 10],
  },
  loads: {
    position: 'upright',
    surface: 'rough',
    effort: 'easy',
    massesKg: [75, 35, 40],
    preferredRpm: 70,
    halfBandRpm: 9,
    climbingRpm: 55,
    climb: [6, 300],
    topSpeedKmh: 28,
    cruisingSpeedKmh: 16,
    steps: [26, 22, 20],
    terrain: [70, 25, 5, 0],
  },
  town: {
    position: 'upright',
    surface: 'rough',
    effort: 'easy',
    massesKg: [75, 16, 6],
    preferredRpm: 70,
    halfBandRpm: 9,
    climbingRpm: 55,
    climb: [7, 300],
    topSpeedKmh: 30,
    cruisingSpeedKmh: 18,
    steps: [26, 22, 20],
    terrain: [70, 25, 5, 0],
  },
  folding: {
    position: 'upright',
    surface: 'rough',
    effort: 'easy',
    massesKg: [75, 13, 5],
    preferredRpm: 70,
    halfBandRpm: 9,
    climbingRpm: 55,
    climb: [7, 300],
    topSpeedKmh: 28,
    cruisingSpeedKmh: 18,
    steps: [26, 22, 20],
    terrain: [75, 20, 5, 0],
  },
  child: {
    position: 'upright',
    surface: 'rough',
    effort: 'easy',
    massesKg: [32, 11, 2],
    preferredRpm: 70,
    halfBandRpm: 9,
    climbingRpm: 55,
    climb: [8, 150],
    topSpeedKmh: 20,
    cruisingSpeedKmh: 13,
    steps: [26, 22, 20],
    terrain: [70, 25, 5, 0],
  },
};

/** The rest of what is taken, whatever the riding. */
const SPIN_OUT_ABOVE_RPM = 30;
const SPIN_OUT_ABOVE_HIGH_RPM = 10;
/** The usual speed against the fastest that is pedalled. */
const USUAL_OF_TOP = 0.8;
/** Where riding is fast against where it is climbing, at least. */
const FAST_OF_CLIMBING = 1.5;
/** Work above the critical power of ordinary riders, J for each kg. */
const ANAEROBIC_J_PER_KG = 200;
const ZONE_LIMITS: ZoneLimits = { climbingBelowKmh: 15, fastAboveKmh: 28 };
/** A motor as most are sold; none unless its support is set. */
const ASSIST = { assistFactor: 0, assistMaxW: 250, assistCutOffKmh: 25 };
/** Some 40 cm² of small parts at about half the drag of a plate: a guess, for the rider to set. */
const FRONT_DRAG_CM2 = 20;

/**
 * Fills blanks with assumed values. Assumed values yield to entered ones, except the lowest cadence on a climb and the spin-out, which may contradict them.
 * @param ridden known gears in use, for the usual speed and the ridden speeds
 */
export function fillBrief(brief: Brief, ridden?: RiddenSizes): FilledBrief {
  const said = defined(brief);
  const use = said.use ?? 'touring';
  const riding = RIDING[use];
  const [riderKg, bikeMassKg, loadMassKg] = riding.massesKg;
  const [steepestGradePercent, steepestLengthM] = riding.climb;
  const [stepClimbingPercent, stepBetweenPercent, stepFastPercent] = riding.steps;
  const { position, surface } = riding;
  const effort = said.effort ?? riding.effort;
  const riderMassKg = said.riderMassKg ?? riderKg;
  const cadences = cadencesTaken(said, riding);
  const usualSpeedKmh = usualSpeed(ridden, said.cruisingRpm ?? cadences.cruisingRpm);
  return {
    position,
    surface,
    bikeMassKg,
    loadMassKg,
    ...{ steepestGradePercent, steepestLengthM },
    ...{ stepClimbingPercent, stepBetweenPercent, stepFastPercent },
    ...terrainTaken(said, riding),
    ...speedsTaken({ ...said, cruisingSpeedKmh: said.cruisingSpeedKmh ?? usualSpeedKmh }, riding),
    ...cadences,
    ...ASSIST,
    powerW: EFFORT_W_PER_KG[effort] * riderMassKg,
    anaerobicJPerKg: ANAEROBIC_J_PER_KG,
    cdaM2: POSITION_CDA_M2[said.position ?? position],
    crr: SURFACE_CRR[said.surface ?? surface],
    frontDragCm2: FRONT_DRAG_CM2,
    bothers: [],
    aims: [],
    ...said,
    ridden,
    use,
    effort,
    riderMassKg,
    assumed: BRIEF_FIELDS.filter((field) => said[field] === undefined),
  };
}

function cadencesTaken(said: Brief, { preferredRpm: usual, halfBandRpm: half, climbingRpm }: Riding) {
  const { lowRpm: low, highRpm: high } = said;
  const middle = low !== undefined && high !== undefined ? (low + high) / 2 : undefined;
  const preferredRpm =
    said.preferredRpm ?? middle ?? Math.min(Math.max(usual, (low ?? 0) + half), (high ?? Infinity) - half);
  const lowRpm = low ?? Math.max(BRIEF_BOUNDS.lowRpm.min, preferredRpm - half);
  const highRpm = high ?? preferredRpm + half;
  return {
    preferredRpm,
    lowRpm,
    highRpm,
    cruisingRpm: preferredRpm,
    climbingRpm: Math.min(climbingRpm, lowRpm),
    spinOutRpm: Math.max(preferredRpm + SPIN_OUT_ABOVE_RPM, highRpm + SPIN_OUT_ABOVE_HIGH_RPM),
  };
}

/** The speed of the rider's usual gears on the flat; undefined without any, or if implausible. */
function usualSpeed(ridden: RiddenSizes | undefined, cruisingRpm: number): number | undefined {
  const sizesM = ridden?.flatM ?? [];
  if (sizesM.length === 0) return undefined;
  const middleM = Math.exp(sizesM.reduce((sum, sizeM) => sum + Math.log(sizeM), 0) / sizesM.length);
  const speed = speedKmh(middleM, cruisingRpm);
  return within(speed, BRIEF_BOUNDS.cruisingSpeedKmh) ? speed : undefined;
}

function speedsTaken(said: Brief, riding: Riding) {
  const { cruisingSpeedKmh: cruising, topSpeedKmh: top, climbingBelowKmh: below, fastAboveKmh: above } = said;
  return {
    cruisingSpeedKmh: cruising ?? Math.min(riding.cruisingSpeedKmh, (top ?? Infinity) * USUAL_OF_TOP),
    topSpeedKmh: Math.max(riding.topSpeedKmh, (cruising ?? 0) / USUAL_OF_TOP),
    climbingBelowKmh: Math.min(ZONE_LIMITS.climbingBelowKmh, (above ?? Infinity) / FAST_OF_CLIMBING),
    fastAboveKmh: Math.max(ZONE_LIMITS.fastAboveKmh, (below ?? 0) * FAST_OF_CLIMBING),
  };
}

/** Shares of blank terrains: the remainder, in their default proportions. */
function terrainTaken(said: Brief, { terrain }: Riding): Pick<BriefNumbers, Terrain> {
  const open = TERRAINS.flatMap((field, i) =>
    said[field] === undefined ? [{ field, share: itemAt(terrain, i) }] : [],
  );
  const sum = open.reduce((total, { share }) => total + share, 0);
  const left = 100 - TERRAINS.reduce((total, field) => total + (said[field] ?? 0), 0);
  const share = (usual: number) => Math.max(0, sum > 0 ? (left * usual) / sum : left / open.length);
  return Object.fromEntries([
    ...TERRAINS.map((field) => [field, said[field]]),
    ...open.map((one) => [one.field, share(one.share)]),
  ]) as Pick<BriefNumbers, Terrain>;
}

/** What the rider can hold, by how long. */
export const staminaOf = ({ powerW, anaerobicJPerKg, riderMassKg }: FilledBrief): Stamina => ({
  power60W: powerW,
  anaerobicJ: anaerobicJPerKg * riderMassKg,
});

/** The motor; undefined without one. */
function assistOf({ assistFactor, assistMaxW, assistCutOffKmh }: FilledBrief): MotorAssist | undefined {
  if (assistFactor === 0) return undefined;
  return { supportFactor: assistFactor, maxW: assistMaxW, cutOffKmh: assistCutOffKmh };
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
    crr: brief.crr,
    cdaM2: brief.cdaM2,
    airDensityKgM3: AIR_DENSITY_KG_M3,
    efficiency: DRIVE_EFFICIENCY,
    headwindMs: 0,
    assist: assistOf(brief),
  };
}
