export { usageFigures } from './before-after';
export type { UseFigures } from './before-after';
export { experienceOf, outcomeRows } from './outcomes';
export type { OutcomeRow } from './outcomes';
