import type { PhotoRecord } from './photo.schema';

export type { PhotoRecord };

/** Photos are made smaller than this before they are saved. */
export const PHOTO_BYTES_MAX = 1_125_000;
