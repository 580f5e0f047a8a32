import { DATA_VERSION, type Dataset } from '../records';
import { bytesAsBase64 } from '../records/bytes';

export const BACKUP_FORMAT = 'rontel-backup';

/** The whole data as text, with the version of its shape. @param savedAt ISO 8601 */
export function writeBackup(dataset: Dataset, savedAt: string): string {
  return `${JSON.stringify({ format: BACKUP_FORMAT, dataVersion: DATA_VERSION, savedAt, data: dataset }, bytesAsBase64, 2)}\n`;
}

/** The same in pieces of a record each, for what is written bit by bit. */
export function* backupPieces(dataset: Dataset, savedAt: string): Generator<string> {
  yield `{"format":"${BACKUP_FORMAT}","dataVersion":${DATA_VERSION},"savedAt":${JSON.stringify(savedAt)},"data":{`;
  for (const [i, [table, records]] of Object.entries<readonly unknown[]>(dataset).entries()) {
    yield `${i > 0 ? ',' : ''}${JSON.stringify(table)}:[`;
    for (const [j, record] of records.entries()) yield `${j > 0 ? ',' : ''}\n${JSON.stringify(record, bytesAsBase64)}`;
    yield ']';
  }
  yield '}}\n';
}
