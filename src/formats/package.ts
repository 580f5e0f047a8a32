import { gzipSync, strFromU8, strToU8 } from 'fflate';
import type { Dataset } from '../records';
import { writeBackup } from './backup';
import { BACKUP_BYTES_MAX, readBackup, type BackupResult } from './read-backup';
import { gunzipBounded } from './ride/gunzip';

/** Packs records for another device: a backup, gzip'd. @param savedAt ISO 8601 */
export function packRecords(dataset: Dataset, savedAt: string): Uint8Array {
  return gzipSync(strToU8(writeBackup(dataset, savedAt)), { mtime: 0, level: 9 });
}

/** Unpacks what another device packed; whatever it is, it is checked as a backup file is. */
export function unpackRecords(packed: Uint8Array): BackupResult {
  const unpacked = gunzipBounded(packed, BACKUP_BYTES_MAX);
  if (!unpacked.ok) return { ok: false, failure: { kind: 'damaged', message: unpacked.failure.message } };
  return readBackup(strFromU8(unpacked.bytes));
}
