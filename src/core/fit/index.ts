export { allowedGears, isBigBig, requiredCapacityT } from './allowed';
export type { GearIndex } from './allowed';
export { standOrder, stepped, type GearStep } from './stand-order';
export { fitAnswer, goesTogether, graverKind, kindOfCheck } from './answer';
export type { FitAnswer, FitKind } from './answer';
export { checkCapacity } from './capacity';
export type { OtherDerailleur } from './capacity';
export { cageForMm } from './cage-for';
export { CageReach } from './cage-reach';
export type { CageRow } from './cage-rows';
export { chainEnds, checkChainSpeeds } from './chain-fit';
export { checkData, contradiction } from './datum';
export type { DatumRule } from './datum';
export { DRIVE_PART_DATA, FRONT_CONTROLS, RETENTIONS, SHIFTINGS, checkDriveParts, frontControlOf } from './drive-parts';
export { CHECKLIST, checklistOf } from './checklist';
export type { ChecklistAnswer, ChecklistId } from './checklist';
export type { DrivePartNumbers, DriveParts, FrontControl, Retention, Shifting } from './drive-parts';
export { contradicts, isOtherDerailleur } from './other-derailleur';
export { leaveOut, leftOutPlaces, toggledGear } from './left-out';
export { derailleurMark, isSameDerailleur, tallyOf } from './experience';
export type { Count, DerailleurMark, Experience, Tally } from './experience';
export { checkExtender } from './extender';
export { extenderForMm, extenderGainT } from './extender-gain';
export {
  FREEHUB_DATA,
  checkFreehub,
  checkFreehubData,
  checkFreehubLength,
  checkHubRatio,
  spacerNeededMm,
} from './freehub';
export type { Freehub } from './freehub';
export { MM_PER_TOOTH, checkFrontCage, checkRingDifference, frontHeightChangeMm } from './front';
export {
  INDEXING_TOLERANCE_MM,
  checkIndexing,
  checkShifterSpeeds,
  indexingDoubtMm,
  indexingError,
  sameName,
} from './indexing';
export type { IndexingError } from './indexing';
export { checkRetention, checkRingRoom, checkSmallestRing, smallestRingOfBoltCircleT } from './rings';
export { LIMITS_SCHOOLS, trialOf } from './trial';
export type { LimitsPolicy, Trial } from './trial';
export { REAR_DERAILLEUR_DATA, checkRearDerailleur } from './rear-derailleur';
export type { RearDerailleur } from './rear-derailleur';
export { CHECK_GROUPS } from './verdict';
export type { Check, CheckGroup, CheckId, Fix, Verdict } from './verdict';
export {
  ANGLE_LOSS_PERCENT_PER_DEG,
  CHAIN_FRICTION,
  LOSS_SPREAD,
  addLosses,
  articulationLoss,
  hubLoss,
  isWithinSpreads,
  lossWatts,
} from './losses';
export type { Spread } from './losses';
export type { LossEstimate, LossWatts } from './losses';
export { PITCH_MM } from './chain';
export { pitchRadiusMm } from './sprocket';
export { solveBelt } from './belt';
export type { Belt, BeltCircle, BeltRun, Point } from './belt';
export {
  CHAIN_LINKS,
  DRIVE_BOUNDS,
  DRIVE_DEFAULTS,
  SUSPENSION_GROWTH_MM,
  cagePose,
  chainPath,
  placeDrive,
  tautLengthMm,
} from './cage';
export { STRETCHED_DEG } from './cage';
export type { CagePose, Drive, DriveGeometry } from './cage';
export { chainLinks, directPitches } from './chain-length';
export type { ChainLinks } from './chain-length';
export { counterpart } from './overlay';
export { chainlineOf, fitReport, geometryOf } from './report';
export type { FitInput, FitReport } from './report';
export {
  CHAINLINE_DEFAULTS,
  CHAINLINE_MM,
  COG_PITCH_MM,
  DEFAULT_STEEP_ANGLE_DEG,
  RING_SPACING_MM,
  STEEP_ANGLE_DEG,
  backPedalGears,
  backPedalRisk,
  chainAngles,
  straightest,
  typicalCogPitchMm,
} from './chainline';
export type { ChainAngle, ChainlineGeometry } from './chainline';
