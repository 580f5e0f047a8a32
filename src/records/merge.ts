import { sameRecord } from './canonical';
import { KEPT_TABLES, type Dataset, type KeptRecords, type KeptTable } from './dataset';

/** Which side wins when a record exists in both places and differs. */
export type Preferred = 'here' | 'file';

/** Compares a table of a file with the same table here, by record ids. */
interface TableDifference {
  readonly table: KeptTable;
  /** In the file alone. */
  readonly added: readonly KeptRecords[KeptTable][];
  /** On both sides, alike. */
  readonly sameCount: number;
  /** On both sides, and not alike; as they are here and in the file. */
  readonly conflicts: readonly { readonly here: KeptRecords[KeptTable]; readonly file: KeptRecords[KeptTable] }[];
  /** Here alone. */
  readonly onlyHereCount: number;
}

/** What a file would bring, table by table; tables with nothing on either side are left out. */
export function differencesOf(here: Dataset, file: Dataset): TableDifference[] {
  return KEPT_TABLES.map((table) => differenceOf(table, here[table], file[table])).filter(
    ({ added, sameCount, conflicts, onlyHereCount }) => added.length + sameCount + conflicts.length + onlyHereCount > 0,
  );
}

function differenceOf(
  table: KeptTable,
  here: readonly KeptRecords[KeptTable][],
  file: readonly KeptRecords[KeptTable][],
): TableDifference {
  const byId = new Map(here.map((record) => [record.id, record]));
  const inFile = new Set(file.map(({ id }) => id));
  const both = file.flatMap((record) => {
    const own = byId.get(record.id);
    return own ? [{ here: own, file: record }] : [];
  });
  const conflicts = both.filter((pair) => !sameRecord(pair.here, pair.file));
  return {
    table,
    added: file.filter(({ id }) => !byId.has(id)),
    sameCount: both.length - conflicts.length,
    conflicts,
    onlyHereCount: here.filter(({ id }) => !inFile.has(id)).length,
  };
}

/** What must be written here to take a file in beside what is here: its new records, and where the file is preferred those that differ. */
export function recordsToTake(differences: readonly TableDifference[], preferred: Preferred) {
  return differences.map(({ table, added, conflicts }) => ({
    table,
    records: preferred === 'file' ? [...added, ...conflicts.map(({ file }) => file)] : added,
  }));
}
