import type { KeptRecords, KeptTable } from '../records';
import type { Draft } from './change';

/** How a large write goes on, and whether it is to be left off: then all of it is taken back. */
export interface BulkOptions {
  /** @param done records written, of `total` */
  readonly onProgress?: ((done: number, total: number) => void) | undefined;
  readonly signal?: AbortSignal | undefined;
}

/** Somebody has left off a large write; nothing of it was kept. */
export class LeftOffError extends Error {}

/** Records between two reports. */
const CHUNK = 2000;

/** Writes many records in pieces, telling how far it is. @throws LeftOffError where it is left off */
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
