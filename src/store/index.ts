export { BuiltOnError, change, redo, undo } from './change';
export type { EditStep } from './change';
export { backupSaved, readBackupState } from './keeping';
export type { BackupState } from './keeping';
export {
  AutoBackupDatabase,
  chooseExternalFile,
  copyIfDue,
  autoBackupText,
  forgetExternalFile,
  makeAutoBackup,
  readAutoBackups,
  writeExternalFile,
} from './auto-backups';
export type { AutoBackup, ExternalFile } from './auto-backups';
export { EMPTY_DATASET, readDataset, readKept, replaceDataset } from './dataset';
export { checkAllRecords } from './check-records';
export { deleteQuarantined, restoreQuarantined, readQuarantine } from './quarantine';
export type { QuarantineEntry } from './quarantine';
export { BIN_DAYS } from './bin';
export { DoesNotFitError } from './belonging';
export { RefusedRecordError } from './gate';
export { bringBack, emptyBin, findProblems, repairProblems, readBin } from './recovery';
export { mergeBackup } from './merge-backup';
export { LeftOffError } from './bulk';
export type { BulkOptions } from './bulk';
export type { RontelDatabase } from './db';

export { addSetup, moveSetup, removeSetup } from './setups';
export { addRide, addRoute, readPacked, readRoute, removeRide, removeRoute, setSurface } from './rides';
export { StoreProvider, useDb } from './StoreProvider';
export type { StoreFailure } from './StoreProvider';
export { useLive } from './useLive';
export { useThemeChoice, useWorkshop } from './useWorkshop';
export type { Workshop, WorkshopState } from './useWorkshop';
export { addBike, removeBike, setPreferences } from './workshop';
export type { PreferencesEdit } from './workshop';
export {
  addParts,
  choosePart,
  editMadeSetup,
  editParts,
  importParts,
  readParts,
  removeParts,
  takeStock,
} from './parts';
export type { PartContent } from './parts';
export {
  StepChangedError,
  addJobs,
  addPhoto,
  readPhotos,
  addTrial,
  editJob,
  editStep,
  removeJob,
  removePhoto,
  showStep,
  signOffJob,
} from './jobs';
export type { JobContent, SignOff, StepEdit } from './jobs';
export { addLearner, keepAnswer, keepLesson, readLearners, removeLearner, renameLearner } from './learners';
export type { DrillAnswer } from './progress';
export { WHEELSETS_MAX, addWheelset, fitFreehub, fitWheel, removeWheelset } from './wheels';
export { addNote, removeNote } from './notes';
export {
  forgetClashes,
  noteDevice,
  pairWith,
  readClashes,
  readPairing,
  renameDevice,
  takeLostValue,
  unpair,
} from './pairing';
export type { ClashRecord } from './sharing';
