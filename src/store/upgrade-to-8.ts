import type { Transaction } from 'dexie';
import { BINARY_FIELDS, withBytes } from '../records/bytes';

type BinaryTable = keyof typeof BINARY_FIELDS;

const BINARY_TABLES = Object.keys(BINARY_FIELDS) as BinaryTable[];

interface TableRecord {
  readonly table: string;
  readonly record: unknown;
}

/** A quarantined record as it was before layout 8. */
interface AsideEntry extends TableRecord {
  readonly isMended: boolean;
}

/**
 * Upgrades the layout of the database to 8: samples and photos are bytes instead of base64, those in the bin too, and
 * quarantined records have a table named after what they are. Undo steps are dropped with the data version.
 */
export async function upgradeTo8(transaction: Transaction): Promise<void> {
  for (const table of BINARY_TABLES) {
    await transaction
      .table(table)
      .toCollection()
      .modify((record, ref) => {
        ref.value = withBytes(table, record);
      });
  }
  await transaction
    .table('bin')
    .toCollection()
    .modify((entry: { records: readonly TableRecord[] }) => {
      entry.records = entry.records.map(withBytesOf);
    });
  const before = await transaction.table<AsideEntry>('aside').toArray();
  await transaction
    .table('quarantine')
    .bulkAdd(before.map(({ isMended, ...entry }) => ({ ...withBytesOf(entry), isRepaired: isMended })));
}

function withBytesOf<T extends TableRecord>(entry: T): T {
  const table = BINARY_TABLES.find((name) => name === entry.table);
  return table === undefined ? entry : { ...entry, record: withBytes(table, entry.record) };
}
