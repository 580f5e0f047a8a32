import { t } from '../text';

/** As it comes, packed or not; larger files are refused before they are read. */
export const RIDE_FILE_BYTES_MAX = 80_000_000;

export const sizeMessage = (bytes: number, most = RIDE_FILE_BYTES_MAX) =>
  t('ride.tooLarge', { size: bytes / 1_000_000, most: most / 1_000_000 });
