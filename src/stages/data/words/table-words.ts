import type { KeptTable } from '../../../records';

/** Tables as people call what is in them. */
export const TABLE_TEXT: Readonly<Record<KeptTable, string>> = {
  bikes: 'bikes',
  setups: 'setups',
  rides: 'rides',
  recordings: 'recordings',
  routes: 'routes',
  parts: 'parts',
  jobs: 'jobs',
  photos: 'photos',
  notes: 'notes',
  learners: 'learners',
};

/** What a record is called: by its name, else by its id. */
export function recordName(record: { readonly id: string }): string {
  return 'name' in record && typeof record.name === 'string' && record.name !== '' ? record.name : record.id;
}

/** So many of a table, such as “3 parts” or “1 job”. */
export const countText = (table: KeptTable, count: number) =>
  `${count} ${count === 1 ? TABLE_TEXT[table].replace(/s$/, '') : TABLE_TEXT[table]}`;

/** How many of each table, such as “3 parts, 1 job”. */
export function countsText(records: readonly { readonly table: KeptTable }[]): string {
  const counts = new Map<KeptTable, number>();
  for (const { table } of records) counts.set(table, (counts.get(table) ?? 0) + 1);
  return [...counts].map(([table, count]) => countText(table, count)).join(', ');
}
