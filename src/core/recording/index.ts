export {
  ABSURD_SPEED_MS,
  PAUSE_S,
  STANDING_MS,
  alongPositionsM,
  durationsS,
  haversineM,
  isPlausible,
  recordingOf,
} from './recording';
export type { RawSample, Recording, RecordingFailure, RecordingNotes, RecordingResult } from './recording';
export { COASTING, STANDING, TURNING_RPM, gearUse } from './gear-use';
export type { GearShare, GearUse, GearUseRules, Hesitation } from './gear-use';
export { developmentHistogram, likelier } from './best-fit';
export type { BestFit } from './best-fit';
export { replay } from './replay';
export type { Replay, ReplayRules } from './replay';
export { mergeGearUse } from './merge';
export { gearNow } from './live-gear';
export { NO_MESSAGE_YET, messageAt, takeMessage } from './wheel-crank';
export type { WheelCrankMessage, WheelCrankState } from './wheel-crank';
export { recordingOfRide } from './from-ride';
