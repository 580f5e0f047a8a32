import type { RawSample } from '../../core/recording';
import { t } from '../text';

/** Points of a ride or a route in the order of the file. */
export interface Track {
  /** As the file calls it. */
  readonly name: string | undefined;
  readonly samples: readonly RawSample[];
  /** What was left out of the file, or may be wrong in it, each a clause. */
  readonly remarks?: readonly string[];
}

/** Why a file was refused. Each message says what to do. */
export interface FileFailure {
  readonly kind:
    'empty' | 'tooLarge' | 'bomb' | 'archive' | 'unknown' | 'notXml' | 'truncated' | 'damaged' | 'noPoints' | 'tooLong';
  readonly message: string;
}

export type TrackResult =
  { readonly ok: true; readonly track: Track } | { readonly ok: false; readonly failure: FileFailure };

export const fileFailure = (kind: FileFailure['kind'], message: string) =>
  ({ ok: false, failure: { kind, message } }) as const;

/** More points than this, four days at one a second, are taken for a fault. */
export const POINTS_MAX = 400_000;

export const tooLong = () => fileFailure('tooLong', t('ride.tooManyPoints', { most: POINTS_MAX }));

/** How much of the work is done, 0 to 1. */
export type OnProgress = (done: number) => void;
