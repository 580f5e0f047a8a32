import type { Bytes } from '../../records/bytes';
import type { FilledBrief } from '../../core/needs';
import type {
  CogWanted,
  Equals,
  FindInput,
  FindProgress,
  FindResult,
  Found,
  Layout,
  LayoutAdvice,
  LeastChange,
  Reason,
} from '../../core/find';
import type { ElevationProfile, Resistance } from '../../core/ride';

/** The road of a search, in a form that can be posted. */
export type RoadRequest =
  | {
      readonly kind: 'route';
      readonly profile: ElevationProfile;
      readonly resistance: Resistance;
      readonly brief: FilledBrief;
    }
  /** Samples as they are kept. */
  | { readonly kind: 'ride'; readonly packed: Bytes };

/** A search for a bike. */
export interface SearchRequest {
  readonly input: Omit<FindInput, 'road'>;
  readonly road: RoadRequest | undefined;
  readonly layouts: readonly Layout[];
}

/** Progress, with a preview of the results so far (display only). */
export type FindStep = Omit<FindProgress, 'front'> & {
  /** Sorted by the first criterion, best first. */
  readonly front: readonly Found[];
  /** Total number found so far. */
  readonly frontCount: number;
};

export interface SearchResponse {
  readonly result: FindResult;
  /** The Pareto front; setups with equal figures are one row. */
  readonly rows: readonly Equals[];
  /** Of the rows, in the same order. */
  readonly reasons: readonly Reason[];
  readonly advice: LayoutAdvice;
  readonly least: LeastChange;
  /** The setup on the bike, with its values for the same criteria. */
  readonly present: Found;
}

export type OnStep = (step: FindStep) => void;

/** Rides that a cassette is to be matched to. */
export interface CassetteRequest {
  /** Samples as they are kept. */
  readonly packed: readonly Bytes[];
  readonly chainring: number;
  readonly rolloutMm: number;
}

/** The worker's interface. Every call can fail, time out and be cancelled; see the client. */
export interface FindWork {
  readonly find: (asked: SearchRequest, onStep: OnStep) => Promise<SearchResponse>;
  readonly wantedCogs: (asked: CassetteRequest) => Promise<readonly CogWanted[]>;
}
