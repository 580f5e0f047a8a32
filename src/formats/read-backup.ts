import { z } from 'zod';
import { excerpt } from './excerpt';
import { DATA_VERSION, KEPT_TABLES, MIGRATIONS, migrate, type Dataset } from '../records';
import { withBytes } from '../records/bytes';
import { datasetSchema, sortOut, type SortedOut } from '../records/schemas';
import { BACKUP_FORMAT } from './backup';
import { t } from './text';
import { errorText } from '../core/error';

/** Far above any honest backup of this data, and small enough to be read at once. */
export const BACKUP_BYTES_MAX = 200_000_000;

const envelopeSchema = z.object({
  format: z.literal(BACKUP_FORMAT),
  dataVersion: z.int().min(1),
  savedAt: z.string(),
  data: z.object({
    bikes: z.array(z.unknown()),
    setups: z.array(z.unknown()),
    preferences: z.array(z.unknown()),
    // Tables that older backups do not have yet.
    rides: z.array(z.unknown()).default([]),
    recordings: z.array(z.unknown()).default([]),
    routes: z.array(z.unknown()).default([]),
    parts: z.array(z.unknown()).default([]),
    jobs: z.array(z.unknown()).default([]),
    photos: z.array(z.unknown()).default([]),
    notes: z.array(z.unknown()).default([]),
    learners: z.array(z.unknown()).default([]),
  }),
});

/** Maximum length of the path of the damage. */
const PATH_MAX = 80;

/** Why a file was refused. Each message says what to do next. */
type BackupFailure = {
  readonly kind: 'tooLarge' | 'notJson' | 'foreign' | 'newer' | 'damaged';
  readonly message: string;
};

/** What of a damaged file can be taken in all the same, and what would be left out or repaired. */
export type BackupRest = SortedOut & { readonly savedAt: string };

export type BackupResult =
  | { readonly ok: true; readonly dataset: Dataset; readonly savedAt: string }
  | { readonly ok: false; readonly failure: BackupFailure; readonly rest?: BackupRest | undefined };

/** Parse, version gate, migrate, validate; storing it is the store's matter. */
export function readBackup(text: string): BackupResult {
  if (text.length > BACKUP_BYTES_MAX) {
    return refuse('tooLarge', t('backup.tooLarge', { characters: text.length, most: BACKUP_BYTES_MAX }));
  }
  const json = parseJson(text);
  if (!json.ok) return refuse('notJson', t('backup.notJson', { cause: json.cause }));

  const head = z.object({ format: z.literal(BACKUP_FORMAT), dataVersion: z.number() }).safeParse(json.value);
  if (!head.success) return refuse('foreign', t('backup.foreign'));
  const { dataVersion } = head.data;
  if (dataVersion > DATA_VERSION) {
    return refuse('newer', t('backup.newer', { version: dataVersion, most: DATA_VERSION }));
  }
  const envelope = envelopeSchema.safeParse(json.value);
  if (!envelope.success) return refuse('damaged', damage(envelope.error));
  const { savedAt, data } = envelope.data;
  const migrated = migrate(data, dataVersion, MIGRATIONS);
  const tables = {
    ...migrated,
    recordings: migrated.recordings.map((record) => withBytes('recordings', record)),
    photos: migrated.photos.map((record) => withBytes('photos', record)),
  };
  const dataset = datasetSchema.safeParse(tables);
  if (dataset.success) return { ok: true, dataset: dataset.data, savedAt };
  const rest = sortOut(tables);
  const isEmpty = KEPT_TABLES.every((table) => rest.dataset[table].length === 0);
  return { ...refuse('damaged', damage(dataset.error)), ...(!isEmpty && { rest: { ...rest, savedAt } }) };
}

function refuse(kind: BackupFailure['kind'], message: string): Extract<BackupResult, { ok: false }> {
  return { ok: false, failure: { kind, message } };
}

function parseJson(text: string): { ok: true; value: unknown } | { ok: false; cause: string } {
  try {
    return { ok: true, value: JSON.parse(text) as unknown };
  } catch (error) {
    return { ok: false, cause: errorText(error) };
  }
}

function damage(error: z.ZodError): string {
  const [first] = error.issues;
  const values = {
    cause: excerpt(first?.message ?? t('backup.unreadable')),
    more: Math.max(0, error.issues.length - 1),
  };
  return first && first.path.length > 0
    ? t('backup.damagedAt', { ...values, place: excerpt(first.path.join('.'), PATH_MAX) })
    : t('backup.damaged', values);
}
