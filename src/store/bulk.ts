import type { KeptRecords, KeptTable } from '../records';
import type { Draft } from './change';

/** Progress and cancellation of a large write; a cancelled write is rolled back. */
export interface BulkOptions {
  /** @param done number of records written of `total` */
  readonly onProgress?: ((done: number, total: number) => void) | undefined;
  readonly signal?: AbortSignal | undefined;
}

/** Thrown where a large write was cancelled; it is rolled back. */
export class LeftOffError extends Error {}

/** Records per chunk. */
const CHUNK = 2000;

/** Writes many records in chunks and reports progress. @throws LeftOffError if cancelled */
export async function putInPieces(
  draft: Draft,
  tables: readonly { readonly table: KeptTable; readonly records: readonly KeptRecords[KeptTable][] }[],
  { onProgress, signal }: BulkOptions,
): Promise<void> {
  const total = tables.reduce((sum, { records }) => sum + records.length, 0);
  let done = 0;
  for (const { table, records } of tables) {
    for (let at = 0; at < records.length; at += CHUNK) {
      if (signal?.aborted) throw new LeftOffError('left off');
      const piece = records.slice(at, at + CHUNK);
      await draft.putAll(table, piece);
      done += piece.length;
      onProgress?.(done, total);
    }
  }
}
