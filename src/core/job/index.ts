export { DESCRIBED_SLOTS, isElectronic, pairsAt } from './build';
export type { Build, DescribedSlot, GearPair, NewParts, StockPart, StockedBuild } from './build';
export { CHAIN_CHOICES, planChain } from './chain-plan';
export type { ChainAction, ChainChoice, ChainPlan, ChainReason, ChainWarning } from './chain-plan';
export { chainWindow, endChecks, sharedWindow } from './chain-window';
export type { ChainWindow, EndCheck, EndChecks, Frame } from './chain-window';
export { SWAP_KINDS, needsOtherBody, swapKind } from './difference';
export type { SwapDifference, SwapKind } from './difference';
export { addCosts, costInOwn, costOfPurchases, inCardOrder } from './items';
export type { CardItem, CardSlot, Cost, MassChange, Purchase } from './items';
export { STEP_IDS } from './step-ids';
export type { StepId } from './step-ids';
export { driveForRoles } from './drive-for-roles';
export type {
  ChainVerdict,
  DerailleurForRoles,
  DerailleurNeeds,
  DriveForRoles,
  NamedDerailleur,
  RoleDrive,
} from './drive-for-roles';
export { minutesOf } from './steps';
export type { JobStep } from './steps';
export { recheckSteps } from './recheck';
export { chainOfMove, moveOf, partsOfMove } from './move';
export type { Move, MoveOptions, PartOfMove, PartsOfMove } from './move';
export { inStockFor } from './stock';
export type { StockCandidate, StockSlot } from './stock';
export { jobCard, passedLimits } from './card';
export type { CardOptions, JobCard, PassedLimit } from './card';
export { JOINTS, TORQUE_NM, USUAL_TORQUE_NM } from './torque';
export type { Joint, KnownTorques, TorqueTarget } from './torque';
export { judgeReading, stopsRiding } from './readings';
export type { ReadingBasis, ReadingId, ReadingJudgement, ReadingUnit, StepReading } from './readings';
export { lastTimeOf } from './last-time';
export type { LastTime, PastSwap } from './last-time';
export { learnedTimes } from './times';
export type { LearnedTimes, TimedJob } from './times';
export type { Consumable, Gathered, Tool } from './tools';
export { SCALE_RESOLUTION_G, compareWeighings, hasSettled, isWholeSteps } from './weighing';
export type { ScaleSample, Weighing, WeighingComparison } from './weighing';
export { kmPerDay, wearForecast, wearLimitPercent, whenAtKm } from './wear';
export type { WearAnswer, WearForecast, WearReading } from './wear';
export { ENDINGS, REMEDIES, STOPS_RIDING, SYMPTOMS, SYMPTOMS_OF, endingsOf, needsGears } from './symptoms';
export type { Ending, Remedy, RemedyCode, Symptom } from './symptoms';
export {
  OUTCOMES,
  SAFETY_STEPS,
  acceptedGears,
  findingsOf,
  isBehind,
  isPutBack,
  nextStep,
  obstacleTo,
  openFinding,
  started,
  stopped,
  workSteps,
  workedMs,
} from './progress';
export type { Finding, Obstacle, Outcome, PartWeighing, Progress, Run, StepProgress } from './progress';
