import type { KeptTable } from '../../records';
import { t } from './text';

/** Names of tables. */
export const TABLE_TEXT: Readonly<Record<KeptTable, string>> = {
  bikes: t('tableWords.tableText.bikes'),
  setups: t('tableWords.tableText.setups'),
  rides: t('tableWords.tableText.rides'),
  recordings: t('tableWords.tableText.recordings'),
  routes: t('tableWords.tableText.routes'),
  parts: t('tableWords.tableText.parts'),
  jobs: t('tableWords.tableText.jobs'),
  photos: t('tableWords.tableText.photos'),
  notes: t('tableWords.tableText.notes'),
  learners: t('tableWords.tableText.learners'),
};

/** What a record is called: by its name, else by its id. */
export function recordName(record: { readonly id: string }): string {
  return 'name' in record && typeof record.name === 'string' && record.name !== '' ? record.name : record.id;
}

/** So many of a table, such as “3 parts” or “1 job”. */
export const countText = (table: KeptTable, count: number) => t(`tableWords.count.${table}`, { count });

/** How many of each table, such as “3 parts, 1 job”. */
export function countsText(records: readonly { readonly table: KeptTable }[]): string {
  const counts = new Map<KeptTable, number>();
  for (const { table } of records) counts.set(table, (counts.get(table) ?? 0) + 1);
  return [...counts].map(([table, count]) => countText(table, count)).join(', ');
}
