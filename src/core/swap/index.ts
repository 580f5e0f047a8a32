export { SWAP_KINDS, needsOtherBody, swapKind } from './difference';
export type { SwapDifference, SwapKind, SwapSide } from './difference';
export { STEP_IDS, minutesOf } from './steps';
export { recheckSteps } from './recheck';
export type { JobStep, StepId, StepReading } from './steps';
export { costOfPurchases, jobCard, passedLimits } from './card';
export type { CardItem, CardOptions, CardPart, Cost, CardSide, CardSlot, JobCard, PassedLimit, Purchase } from './card';
export { judgeReading } from './readings';
export type { ReadingJudgement } from './readings';
export { SCALE_RESOLUTION_G, compareWeighings, hasSettled, isWholeSteps } from './weighing';
export type { ScaleSample, Weighing, WeighingComparison } from './weighing';
export { kmPerDay, wearForecast, wearLimitPercent, whenAtKm } from './wear';
export type { WearAnswer, WearForecast, WearReading } from './wear';
export { REMEDIES, SYMPTOMS, SYMPTOMS_OF } from './remedies';
export type { Remedy, Symptom } from './remedies';
export {
  OUTCOMES,
  STEP_TITLES,
  isBehind,
  nextStep,
  standsInTheWay,
  started,
  stopped,
  workSteps,
  workedMs,
} from './progress';
export type { Outcome, PartWeighing, Progress, Run, StepProgress } from './progress';
