export {
  ABSURD_SPEED_MS,
  PAUSE_S,
  STANDING_MS,
  alongPositionsM,
  durationsS,
  haversineM,
  recordingOf,
} from './recording';
export type { RawSample, Recording, RecordingFailure, RecordingNotes, RecordingResult } from './recording';
export { COASTING, STANDING, TURNING_RPM, gearUse } from './gear-use';
export type { GearShare, GearUse, GearUseRules, Hesitation } from './gear-use';
