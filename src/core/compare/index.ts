export { setupFigures } from './figures';
export type { Candidate, CompareRules, SetupFigures } from './figures';
export { cogChanges, difference, stepTolerance } from './difference';
export type { DifferenceRow, Judgement, RowId } from './difference';
export { SCHOOLS, needAnswers, schoolChoices } from './advice';
export type { NeedAnswer, School, SchoolChoice } from './advice';
export { sameJobs } from './same-job';
export type { SameJob } from './same-job';
export { frontDragW } from './drag';
