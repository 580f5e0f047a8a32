import { z } from 'zod';
import { DATA_VERSION } from '../records';
import { datasetSchema } from '../records/schemas';
import { BACKUP_FORMAT } from './backup';

/**
 * What a backup of this version is, as JSON Schema 2020-12, made from the schema that reading checks with. Rules
 * between records and between fields (the bike of a setup exists, cogs rise) are checked when a backup is read.
 */
export function backupJsonSchema(): Readonly<Record<string, unknown>> {
  const document = z.toJSONSchema(
    z.strictObject({
      format: z.literal(BACKUP_FORMAT),
      dataVersion: z.literal(DATA_VERSION),
      savedAt: z.iso.datetime().describe('when it was saved, UTC'),
      data: datasetSchema,
    }),
    { target: 'draft-2020-12', io: 'input', unrepresentable: 'any' },
  );
  return {
    ...document,
    $id: `urn:rontel:backup:${DATA_VERSION}`,
    title: 'Rontel backup',
    description: `Data version ${DATA_VERSION}. Numbers are in the units of their names.`,
  };
}

/** The text of the published file. */
export const backupSchemaText = () => `${JSON.stringify(backupJsonSchema(), null, 2)}\n`;
