export {
  AIMS,
  BOTHERS,
  BRIEF_BOUNDS,
  BRIEF_NUMBERS,
  BRIEF_TERMS,
  EFFORTS,
  POSITIONS,
  SURFACES,
  TERRAINS,
  USES,
} from './brief';
export type { Aim, Bother, Brief, BriefNumbers, Effort, Position, Surface, Terrain, Use } from './brief';
export {
  AIR_DENSITY_KG_M3,
  DRIVE_EFFICIENCY,
  EFFORT_W_PER_KG,
  POSITION_CDA_M2,
  SURFACE_CRR,
  bandOf,
  fillBrief,
  resistanceOf,
  totalMassKg,
  zonesOf,
} from './fill';
export type { FilledBrief } from './fill';
export { contradictions } from './contradictions';
export type { Contradiction } from './contradictions';
export { needsOf } from './needs';
export type { Needs } from './needs';
export { rideRulesOf } from './ride-rules';
