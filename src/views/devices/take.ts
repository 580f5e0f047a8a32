import { t } from '../../features/devices/text';
import { unpackRecords } from '../../formats/package';
import type { BackupResult } from '../../formats/read-backup';
import { RelayRefusedError, takePackage } from '../../sync/relay-client';
import { bytesOfBase64Url, readSecret } from '../../sync/secret';
import type { Asked } from './useFragment';

/** Takes what a link leads to or holds itself. Returns the records as read, or what to say where there is nothing to read. */
// Imported on demand.
// ts-unused-exports:disable-next-line
export async function takeRecords(
  asked: Asked & { readonly text: string },
): Promise<{ readonly result: BackupResult } | string> {
  try {
    if (asked.kind === 'data') return { result: unpackRecords(bytesOfBase64Url(asked.text)) };
    const secret = readSecret(asked.text);
    return secret ? { result: unpackRecords(await takePackage(secret)) } : t('take.broken');
  } catch (error) {
    if (error instanceof RelayRefusedError) return error.message;
    if (error instanceof TypeError) return t('take.noServer');
    return asked.kind === 'data' ? t('take.broken') : t('take.tampered');
  }
}
