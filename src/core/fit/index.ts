export { checkCapacity, checkRingDifference, requiredCapacityT } from './capacity';
export { REAR_DERAILLEUR_DATA, REAR_DERAILLEUR_FIELDS, checkRearDerailleur } from './rear-derailleur';
export type { RearDerailleur } from './rear-derailleur';
export type { Check, CheckId, Verdict } from './verdict';
export { CHAIN_FRICTION, articulationLoss } from './losses';
export type { LossEstimate } from './losses';
export { PITCH_MM } from './chain';
export { pitchRadiusMm } from './sprocket';
export { solveBelt } from './belt';
export type { Belt, BeltCircle, BeltFailure, BeltResult, BeltRun, Point } from './belt';
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
export type { CagePose, Drive, DriveGeometry } from './cage';
export { UPRIGHT_LARGEST_COG_T, chainLinks, directPitches } from './chain-length';
export type { ChainLinks } from './chain-length';
export { fitReport, geometryOf } from './report';
export type { CageRow, FitInput, FitReport } from './report';
export {
  CHAINLINE_DEFAULTS,
  CHAINLINE_MM,
  COG_PITCH_MM,
  DEFAULT_STEEP_ANGLE_DEG,
  RING_SPACING_MM,
  STEEP_ANGLE_DEG,
  backPedalRisk,
  chainAngles,
  straightest,
  typicalCogPitchMm,
} from './chainline';
export type { ChainAngle, ChainlineGeometry } from './chainline';
