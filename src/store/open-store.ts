import { tidyBin } from './bin';
import { EMPTY_DATASET, StoreTooNewError, prepareStore } from './dataset';
import { DATABASE_NAME, RontelDatabase } from './db';
import { tabOf } from './tab';
import { errorText } from '../core/error';

export interface Opened {
  readonly db: RontelDatabase;
  readonly inMemoryBecause: string | undefined;
}

/** Opens the browser's database; if it cannot be used, opens an in-memory one. */
// Imported on demand.
// ts-unused-exports:disable-next-line
export async function openStore(firstStart: 'demo' | 'empty'): Promise<Opened> {
  const first = async () =>
    // Large, and needed only at the very first start.
    firstStart === 'demo' ? (await import('./demo')).demoDataset(Date.now()) : EMPTY_DATASET;
  const kept = new RontelDatabase(DATABASE_NAME);
  try {
    await prepareStore(kept, first);
    await tidyBin(kept, Date.now());
    kept.tab = await tabOf(kept);
    return { db: kept, inMemoryBecause: undefined };
  } catch (error) {
    if (error instanceof StoreTooNewError) throw error;
    kept.close();
    // Loaded on demand: hardly any browser needs it.
    const { IDBFactory, IDBKeyRange } = await import('fake-indexeddb');
    const memory = new RontelDatabase('memory', { indexedDB: new IDBFactory(), IDBKeyRange });
    await prepareStore(memory, first);
    return { db: memory, inMemoryBecause: errorText(error) };
  }
}
