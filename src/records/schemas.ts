export { bikeSchema } from './bike.schema';
export { setupSchema } from './setup.schema';
export { RECORD_SCHEMAS, TABLE_SCHEMAS, datasetSchema } from './dataset.schema';
export { partSchema } from './part.schema';
export { dataProblems } from './data-problems';
export type { DataProblem } from './data-problems';
export { sortOut, spoilingProblems } from './sort-out';
export type { Quarantined, SortedOut } from './sort-out';
