import { tidyBin } from './bin';
import { EMPTY_DATASET, StoreTooNewError, prepareStore } from './dataset';
import { DATABASE_NAME, RontelDatabase } from './db';
import { tabOf } from './tab';

export interface Opened {
  readonly db: RontelDatabase;
  readonly inMemoryBecause: string | undefined;
}

/** Opens what the browser keeps; where it keeps nothing, or lets nobody at it, work goes on in memory. */
export async function openStore(firstStart: 'demo' | 'empty'): Promise<Opened> {
  const first = async () =>
    // Hardly ever needed, and large.
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
    // Loaded when it is needed: hardly any browser ever does.
    const { IDBFactory, IDBKeyRange } = await import('fake-indexeddb');
    const memory = new RontelDatabase('memory', { indexedDB: new IDBFactory(), IDBKeyRange });
    await prepareStore(memory, first);
    return { db: memory, inMemoryBecause: error instanceof Error ? error.message : String(error) };
  }
}
