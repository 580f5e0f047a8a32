import type { FilledBrief } from '../../core/brief';
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

/** The road of a search, as it can be sent. */
export type RoadRequest =
  | {
      readonly kind: 'route';
      readonly profile: ElevationProfile;
      readonly resistance: Resistance;
      readonly brief: FilledBrief;
    }
  /** Samples as they are kept. */
  | { readonly kind: 'ride'; readonly packed: string };

/** A search of a bike. */
export interface SearchRequest {
  readonly input: Omit<FindInput, 'road'>;
  readonly road: RoadRequest | undefined;
  readonly layouts: readonly Layout[];
}

/** Progress, with a preview of the results so far (display only). */
export type FindStep = Omit<FindProgress, 'front'> & {
  /** Best in the first aim first. */
  readonly front: readonly Found[];
  /** How many there are in all so far. */
  readonly frontCount: number;
};

export interface SearchResponse {
  readonly result: FindResult;
  /** The front, setups with the same figures as one. */
  readonly rows: readonly Equals[];
  /** Of the rows, in their order. */
  readonly reasons: readonly Reason[];
  readonly advice: LayoutAdvice;
  readonly least: LeastChange;
  /** The setup fitted now, with its values in the same aims. */
  readonly present: Found;
}

export type OnStep = (step: FindStep) => void;

/** Rides whose gears a cassette is to match. */
export interface CassetteRequest {
  /** Samples as they are kept. */
  readonly packed: readonly string[];
  readonly chainring: number;
  readonly rolloutMm: number;
}

/** What the worker does. Every call can fail, time out and be cancelled; see the client. */
export interface FindWork {
  readonly find: (asked: SearchRequest, onStep: OnStep) => Promise<SearchResponse>;
  readonly wantedCogs: (asked: CassetteRequest) => Promise<readonly CogWanted[]>;
}
