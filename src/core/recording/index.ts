export {
  STANDING_MS,
  alongPositionsM,
  durationsS,
  haversineM,
  isPlausible,
  pauseFromS,
  recordingOf,
  withoutPositions,
} from './recording';
export type { RawSample, Recording, RecordingFailure, RecordingNotes } from './recording';
export { COASTING, STANDING, gearUse } from './gear-use';
export { TURNING_RPM } from './readings';
export type { GearUse, GearUseRules } from './gear-use';
export { likelier } from './best-fit';
export type { BestFit } from './best-fit';
export { replay } from './replay';
export type { Replay, ReplayRules } from './replay';
export { mergeGearUse } from './merge';
export { gearNow } from './live-gear';
export { NO_MESSAGE_YET, messageAt, takeMessage } from './wheel-crank';
export type { WheelCrankMessage, WheelCrankState } from './wheel-crank';
export { recordingOfRide } from './from-ride';
