export { bikeSchema } from './bike';
export { setupSchema } from './setup';
export { preferencesSchema } from './preferences';
export { datasetSchema } from './dataset';
export { rearDerailleurSchema, wheelSchema } from './drivetrain';
export { partSchema } from './part';
export { dataProblems } from './links';
export type { DataProblem } from './links';
