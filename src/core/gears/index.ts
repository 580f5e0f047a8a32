export {
  CHAINRING_TEETH,
  COG_COUNT,
  COG_TEETH,
  HUB_STAGE_RATIO,
  NO_HUB_STAGE,
  checkCogs,
  checkSetup,
  sameGears,
} from './setup';
export type { Setup } from './setup';
export { RIM_DIAMETER_MM, ROLLOUT_MM, TYRE_WIDTH_MM, checkWheel, isMeasured, rolloutMm } from './wheel';
export type { Wheel } from './wheel';
export { gearKey, gearsOf } from './gear';
export type { Gear } from './gear';
export {
  cadenceRpm,
  developedGears,
  developmentM,
  gainRatio,
  gearInches,
  lowestTerms,
  speedKmh,
  wheelDiameterIn,
  wheelRadiusMm,
} from './size';
export { largestStep, meanStep, stepBetween, stepOfSize, stepsAlong } from './steps';
export type { Step, StepReading, StepSize } from './steps';
export {
  TABLE_CADENCES_RPM,
  TABLE_READINGS,
  cadenceJumps,
  cadenceTable,
  ringCogTable,
  span,
  spanAround,
} from './tables';
export type { TableReading } from './tables';
export { exactDuplicates, nearDuplicates } from './duplicates';
export { CADENCE_RPM, CRANK_LENGTH_MM, DEFAULT_CADENCE_RPM } from './riding';
export type { CadenceBand } from './riding';
export { CLOSENESS_PERCENT, DEFAULT_CLOSENESS_PERCENT, distinctCurve, distinctGears } from './distinct';
export type { DistinctPoint } from './distinct';
export { rangeOf } from './range';
export { ringOverlap } from './overlap';
export { CROSSED_COGS, DEFAULT_CROSSED_COGS, isCrossChained } from './cross-chain';
export { bigChange, clicksBetween, pushesFor, shiftPath } from './shift-path';
export type { BigChange, ClicksPerPush, Crossover, ShiftPath } from './shift-path';
export { coverage, highRpmToClose } from './coverage';
export type { Coverage, Gap, SpeedSpan } from './coverage';
export { atSpeed, cadenceRuns, gearFor, nearestGear } from './at-speed';
export type { CadenceRun, GearAtSpeed } from './at-speed';
export { ZONES, isStepOver, speedOfStepKmh, stepsByZone, zoneOf } from './zones';
export type { Zone, ZoneLimits, ZoneSteps } from './zones';
export { WHEEL_TURNS, checkRolloutTry, measuredRollout } from './rollout-tries';
export type { RolloutTry } from './rollout-tries';
export { gearReport } from './report';
export type { GearReport, Riding, SizedGear } from './report';
