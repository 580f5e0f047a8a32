import type { Setup } from '../../core/gears';
import type { GearUse, BestFit, Replay, ReplayRules } from '../../core/recording';
import type { ElevationProfile, Resistance, RideRules, RideThrough } from '../../core/ride';
import type { RideFileResult } from '../../formats/ride/ride-file';
import type { CsvMapping } from '../../records';

/** A file as the page hands it over; its bytes go with it. */
export interface FileToRead {
  readonly name: string;
  readonly bytes: Uint8Array;
  readonly mappings: Readonly<Record<string, CsvMapping>>;
}

/** What a file gave, and, of a ride, its samples packed for keeping. */
export interface FileRead {
  readonly result: RideFileResult;
  readonly packed: string | undefined;
  readonly digest: string | undefined;
}

/** Rides of one setup on one wheel, whose gears are to be told. */
export interface UseToTell {
  readonly setup: Setup;
  readonly rolloutMm: number;
  readonly crossedCogs: number;
  readonly lowRpm: number;
  readonly highRpm: number;
  readonly packed: readonly string[];
  /** Cassettes that it could be instead. */
  readonly cassettes: readonly (readonly number[])[];
  /** Setups that the rides are replayed on. */
  readonly replayOn: readonly ReplayRules[];
}

export interface GearUsageResponse {
  readonly use: GearUse;
  readonly likelier: BestFit;
  readonly replays: readonly Replay[];
}

export interface WayToRide {
  readonly profile: ElevationProfile;
  readonly setups: readonly { readonly rules: RideRules; readonly resistance: Resistance }[];
}

/** From 0 to 1. */
export type Progress = (done: number) => void;

/** What the worker does. Every call can fail, time out and be cancelled; see the client. */
export interface RideWork {
  readonly readFile: (file: FileToRead, onProgress: Progress) => Promise<FileRead>;
  readonly tellUse: (rides: UseToTell, onProgress: Progress) => Promise<GearUsageResponse>;
  readonly rideThrough: (way: WayToRide) => Promise<readonly RideThrough[]>;
}
