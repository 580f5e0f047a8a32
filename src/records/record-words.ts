import type { KeptTable } from './dataset';
import { t } from './words';

/** What one record of a table is called. */
export const ONE_OF: Readonly<Record<KeptTable | 'preferences', string>> = {
  bikes: t('kind.bikes'),
  setups: t('kind.setups'),
  rides: t('kind.rides'),
  recordings: t('kind.recordings'),
  routes: t('kind.routes'),
  parts: t('kind.parts'),
  jobs: t('kind.jobs'),
  photos: t('kind.photos'),
  notes: t('kind.notes'),
  learners: t('kind.learners'),
  preferences: t('kind.preferences'),
};

/** A record by its kind and its name; by its id where it has none. It may be anything. */
export function recordText(table: KeptTable | 'preferences', record: unknown): string {
  const { name, id } = (record ?? {}) as { readonly name?: unknown; readonly id?: unknown };
  return typeof name === 'string' && name.trim() !== ''
    ? t('named', { kind: ONE_OF[table], name })
    : t('byId', { kind: ONE_OF[table], id: String(id) });
}
