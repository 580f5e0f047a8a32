import { writeBackup } from '../../formats/backup';
import { packRecords } from '../../formats/package';
import type { Dataset } from '../../records';
import { handedOver, type HandOver } from '../../records/selectors/handed-over';
import { RelayRefusedError, leavePackage } from '../../sync/relay-client';
import { base64UrlOf, newSecret, secretText } from '../../sync/secret';
import { t } from './text';

/** A code of more characters is too fine for a phone's camera. */
const INSIDE_MAX = 1200;
/** What the relay takes, less what encryption adds. */
const PACKAGE_BYTES_MAX = 7_990_000;
const MEGABYTE = 1_000_000;

class TooLargeError extends Error {}

/**
 * Makes the part of a link that has the records itself, if they are small, or where they wait and the key.
 * @returns until when they wait; undefined if nothing is left on the server
 * @throws what {@link sendFailure} has a sentence for, or Error
 */
// Imported on demand.
// ts-unused-exports:disable-next-line
export async function send(
  dataset: Dataset,
  what: HandOver,
  nowMs: number,
): Promise<{ readonly hash: string; readonly untilMs: number | undefined }> {
  const packed = packRecords(handedOver(dataset, what), new Date(nowMs).toISOString());
  const inside = base64UrlOf(packed);
  if (inside.length <= INSIDE_MAX) return { hash: `data=${inside}`, untilMs: undefined };
  if (packed.length > PACKAGE_BYTES_MAX) {
    const [megabytes, most] = [packed.length, PACKAGE_BYTES_MAX].map((bytes) => Math.ceil(bytes / MEGABYTE));
    throw new TooLargeError(t('send.tooLarge', { megabytes: megabytes ?? 0, most: most ?? 0 }));
  }
  const secret = newSecret();
  const seconds = await leavePackage(secret, packed);
  return { hash: `take=${secretText(secret)}`, untilMs: nowMs + seconds * 1000 };
}

/** What is said where something could not be sent; undefined if it was no fault of sending. */
// Imported on demand.
// ts-unused-exports:disable-next-line
export function sendFailure(error: unknown): string | undefined {
  if (error instanceof TooLargeError || error instanceof RelayRefusedError) return error.message;
  // What a browser throws without a connection.
  return error instanceof TypeError ? t('send.noServer') : undefined;
}

/** The same records as a file that Settings opens. @param savedAt ISO 8601 */
// Imported on demand.
// ts-unused-exports:disable-next-line
export const fileOf = (dataset: Dataset, what: HandOver, savedAt: string): string =>
  writeBackup(handedOver(dataset, what), savedAt);
