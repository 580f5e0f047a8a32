export { ONE_OF, recordText } from './record-words';
export { NAME_LENGTH_MAX } from './text';
export { BIKE_DEFAULTS, BUILT_CASSETTES_MAX, PUBLISHED_LOSS_W, ROLES_MAX, SAVED_SEARCHES_MAX } from './bike';
export { WHEEL_DEFAULTS, wheelOf, wheelsetOf } from './wheelset';
export type { WheelsetRecord } from './wheelset';
export type { BikeRecord, BikeRole, LossSchool, PublishedLoss } from './bike';
export { CLICKS_PER_PUSH, SETUPS_MAX, SETUP_COST, SETUP_DEFAULTS, SETUP_MASS_G } from './setup';
export type { SetupRecord } from './setup';
export { PREFERENCES_DEFAULTS, GEARS_VIEWS, STEP_ROUTES } from './preferences';
export type { GearsView, Preferences, StepRoute, TableSettings } from './preferences';
export { DATA_VERSION, EMPTY_TABLES, KEPT_TABLES, MIGRATIONS } from './dataset';
export type { Dataset, KeptRecords, KeptTable } from './dataset';
export { sameRecord } from './canonical';
export { differencesOf, recordsToTake } from './merge';
export type { Preferred } from './merge';
export { migrate } from './migration';
export type { Migration } from './migration';
export { CSV_DISTANCE_UNITS, CSV_FIELDS, CSV_SPEED_UNITS, CSV_TIME_UNITS } from './csv-mapping';
export type { CsvField, CsvMapping } from './csv-mapping';
export { rideOf } from './ride';
export type { RecordingRecord, RideRecord } from './ride';
export type { RouteRecord } from './route';
export { CONDITIONS, PART_DEFAULTS } from './part';
export type { Condition, PartRecord } from './part';
export { JOB_DEFAULTS, JOB_STATES, READING, RECHECK_AFTER_KM, TRIAL_SUBJECTS } from './job';
export type { JobRecord, JobState, JobWork, SwapWork, TrialSubject } from './job';
export { PHOTO_LENGTH_MAX } from './photo';
export type { PhotoRecord } from './photo';
export { LATELY_MAX, LEARNER_DEFAULTS, MEMORY_PHASES } from './learner';
export type { LearnerRecord, Memory, Skill } from './learner';
export { NOTE_KM } from './log-note';
export type { LogNoteRecord } from './log-note';
export { NOTE_LENGTH_MAX } from './text';
export { ownCurrency, pricedInOwn, pricedWithCode, withCurrencyCode } from './currency';
export { editThroughParts, partsInSlots, resolvedSetup, stockOfSetup, sumsOf } from './made-setup';
export type { PartsById } from './made-setup';
export { jobSideOf } from './job-side';
export { combinationOf, fitInputFor, leftOutOf } from './selectors/fit-input';
export { roleChanges, roleStates } from './selectors/roles';
export type { RoleChange, RoleState } from './selectors/roles';
export { recordedSeconds } from './selectors/recorded-seconds';
export { foundSetup } from './selectors/found-setup';
export {
  findStockOf,
  goneParts,
  isSwap,
  jobWithCard,
  moveTo,
  weightAndCost,
  withoutCopiedChain,
} from './selectors/job-card';
export type { JobFacts, JobWithCard } from './selectors/job-card';
export { finishedSwap } from './selectors/finished-swap';
export type { FinishedSwap } from './selectors/finished-swap';
export { PART_GROUPS, withPartsOf } from './same-parts';
