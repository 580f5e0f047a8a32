export { RARE_COG_SHARE, RARE_RING_SHARE, riddenSizes, usedGears, usageOf } from './used-gears';
export type { GearTeeth, UsedGears } from './used-gears';
export { roleBrief } from './role-brief';
export { needUncertainty } from './uncertainty';
export {
  AIMS,
  BOTHERS,
  BRIEF_BOUNDS,
  LOWEST_RATIO,
  BRIEF_NUMBERS,
  BRIEF_UNITS,
  briefTerm,
  EFFORTS,
  POSITIONS,
  SURFACES,
  TERRAINS,
  USES,
  USUAL_GEARS_MAX,
} from './brief';
export type { Aim, Bother, Brief, BriefField, BriefNumbers, Effort, Position, Surface, Terrain, Use } from './brief';
export {
  AIR_DENSITY_KG_M3,
  EFFORT_W_PER_KG,
  POSITION_CDA_M2,
  SURFACE_CRR,
  bandOf,
  fillBrief,
  resistanceOf,
  staminaOf,
  totalMassKg,
  zonesOf,
} from './fill';
export type { FilledBrief } from './fill';
export { NEED_FIELDS, assumedIn } from './assumed';
export type { BriefNeed } from './assumed';
export { contradictions } from './contradictions';
export type { Contradiction } from './contradictions';
export { BALANCE_KMH, needsOf } from './needs';
export type { Needs } from './needs';
export { rideRulesOf } from './ride-rules';
