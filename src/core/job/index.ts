export { DESCRIBED_SLOTS, pairsAt } from './build';
export type { DescribedSlot, GearPair, NewParts, StockPart, StockedBuild } from './build';
export { CHAIN_CHOICES, hasChainChoice } from './chain-plan';
export type { ChainChoice, ChainPlan, ChainWarning } from './chain-plan';
export type { ChainWindow } from './chain-window';
export { SWAP_KINDS } from './difference';
export type { SwapKind } from './difference';
export { addCosts, costInOwn, costOfPurchases, inCardOrder } from './items';
export type { CardItem, CardSlot, Cost, MassChange, Purchase } from './items';
export { STEP_IDS } from './step-ids';
export type { StepId } from './step-ids';
export { driveForRoles } from './drive-for-roles';
export type { DerailleurForRoles, DriveForRoles } from './drive-for-roles';
export { minutesOf } from './steps';
export type { JobStep } from './steps';
export { recheckSteps } from './recheck';
export { chainOfMove, moveOf, partsOfMove } from './move';
export type { Move, PartOfMove } from './move';
export { inStockFor } from './stock';
export type { StockCandidate } from './stock';
export { countedLimits, jobCard, passedLimits } from './card';
export type { CardOptions, JobCard } from './card';
export { JOINTS, TORQUE_NM, USUAL_TORQUE_NM } from './torque';
export type { Joint, TorqueTarget } from './torque';
export type { ReadAtBike } from './read-at-bike';
export { judgeReading, stopsRiding } from './readings';
export type { ReadingBasis, ReadingId, ReadingJudgement, ReadingUnit, StepReading } from './readings';
export { lastTimeOf } from './last-time';
export type { PastSwap } from './last-time';
export { learnedTimes } from './times';
export type { LearnedTimes } from './times';
export type { Consumable, Tool } from './tools';
export { SCALE_RESOLUTION_G, compareWeighings, hasSettled, isWholeSteps } from './weighing';
export type { ScaleSample, Weighing } from './weighing';
export { kmPerDay, wearForecast, wearLimitPercent, whenAtKm } from './wear';
export type { WearAnswer, WearReading } from './wear';
export { ENDINGS, REMEDIES, STOPS_RIDING, SYMPTOMS, SYMPTOMS_OF, endingsOf, needsGears } from './symptoms';
export type { Ending, RemedyCode, Symptom } from './symptoms';
export {
  OUTCOMES,
  acceptedGears,
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
