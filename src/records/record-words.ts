import type { KeptTable } from './dataset';

/** What one record of a table is called. */
export const ONE_OF: Readonly<Record<KeptTable | 'preferences', string>> = {
  bikes: 'bike',
  setups: 'setup',
  rides: 'ride',
  recordings: 'samples of ride',
  routes: 'route',
  parts: 'part',
  jobs: 'job',
  photos: 'photo',
  notes: 'note',
  learners: 'learner',
  preferences: 'settings',
};

/** A record by its kind and its name; by its id where it has none. It may be anything. */
export function recordText(table: KeptTable | 'preferences', record: unknown): string {
  const { name, id } = (record ?? {}) as { readonly name?: unknown; readonly id?: unknown };
  return `${ONE_OF[table]} ${typeof name === 'string' && name.trim() !== '' ? `“${name}”` : String(id)}`;
}
