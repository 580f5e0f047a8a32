import type { Bytes } from '../../records/bytes';
import type { Setup } from '../../core/gears';
import type { GearUse, BestFit, Replay, ReplayRules } from '../../core/recording';
import type { ChainLoad, HabitFromRides, HuntingCost, RiddenOn, RiderBefore, RiderResult } from '../../core/ridden';
import type { ElevationProfile, Resistance, RideRules, RideThrough } from '../../core/ride';
import type { RideFileResult } from '../../formats/ride/ride-file';
import type { CsvMapping } from '../../records';

/** A file as sent by the page; its bytes are transferred. */
export interface FileToRead {
  readonly name: string;
  readonly bytes: Uint8Array;
  readonly mappings: Readonly<Record<string, CsvMapping>>;
  /** Whether the ride keeps where it went. */
  readonly keepPositions: boolean;
}

/** The result of reading a file; for a ride with its samples compressed for storage. */
export interface FileRead {
  readonly result: RideFileResult;
  readonly packed: Bytes | undefined;
  readonly digest: string | undefined;
}

/** Rides on one setup and wheel whose gears are to be inferred. */
export interface GearUsageRequest {
  readonly setup: Setup;
  readonly rolloutMm: number;
  readonly crossedCogs: number;
  readonly lowRpm: number;
  readonly highRpm: number;
  readonly packed: readonly Bytes[];
  /** Alternative cassettes to test the recording against. */
  readonly cassettes: readonly (readonly number[])[];
  /** Setups to replay the rides on. */
  readonly replayOn: readonly ReplayRules[];
}

export interface GearUsageResponse {
  readonly use: GearUse;
  readonly likelier: BestFit;
  readonly replays: readonly Replay[];
  /** When the rider shifts, where there are shifts enough. */
  readonly habit: HabitFromRides | undefined;
}

/** Rides of one bike from which its rider is told, and setups on which they are weighed. */
export interface RiddenRequest {
  readonly packed: readonly Bytes[];
  readonly rider: RiderBefore;
  readonly on: readonly { readonly rules: RiddenOn; readonly chainLinks: number }[];
}

export interface RiddenResponse {
  readonly rider: RiderResult;
  /** On each setup. */
  readonly hunting: readonly HuntingCost[];
  /** On each setup; undefined where neither power nor heights were recorded. */
  readonly chain: readonly ChainLoad[] | undefined;
}

export interface WayToRide {
  readonly profile: ElevationProfile;
  readonly setups: readonly { readonly rules: RideRules; readonly resistance: Resistance }[];
}

/** Progress, 0 to 1. */
export type Progress = (done: number) => void;

/** The worker's interface. Every call can fail, time out and be cancelled; see the client. */
export interface RideWork {
  readonly readFile: (file: FileToRead, onProgress: Progress) => Promise<FileRead>;
  readonly gearUsage: (rides: GearUsageRequest, onProgress: Progress) => Promise<GearUsageResponse>;
  readonly ridden: (rides: RiddenRequest) => Promise<RiddenResponse>;
  readonly rideThrough: (way: WayToRide) => Promise<readonly RideThrough[]>;
}
