import { z } from 'zod';
import { BIKE_MIGRATIONS, bikeSchema, type BikeRecord } from './bike';
import { versionAfter, type Migration } from './migration';
import { PREFERENCES_MIGRATIONS, preferencesSchema, type Preferences } from './preferences';
import { SETUP_MIGRATIONS, setupSchema, type SetupRecord } from './setup';

/** Everything that is kept, by table. */
export interface Dataset {
  readonly bikes: readonly BikeRecord[];
  readonly setups: readonly SetupRecord[];
  /** One record, or none before the first start. */
  readonly preferences: readonly Preferences[];
}

export const datasetSchema = z
  .strictObject({
    bikes: z.array(bikeSchema),
    setups: z.array(setupSchema),
    preferences: z.array(preferencesSchema).max(1),
  })
  .superRefine(({ bikes, setups }, context) => {
    const bikeIds = new Set(bikes.map(({ id }) => id));
    const twice = [...repeated(bikes), ...repeated(setups)];
    if (twice.length > 0) context.addIssue({ code: 'custom', message: `the id ${twice[0]} is there twice` });
    setups.forEach(({ bikeId }, i) => {
      if (bikeIds.has(bikeId)) return;
      context.addIssue({
        code: 'custom',
        path: ['setups', i, 'bikeId'],
        message: `a setup of a bike that is not there (${bikeId})`,
      });
    });
  });

function repeated(records: readonly { readonly id: string }[]): string[] {
  return records.map(({ id }) => id).filter((id, i, ids) => ids.indexOf(id) !== i);
}

/** All migrations of all records in the order in which they were made. */
export const MIGRATIONS: readonly Migration[] = [
  ...BIKE_MIGRATIONS,
  ...SETUP_MIGRATIONS,
  ...PREFERENCES_MIGRATIONS,
].sort((a, b) => a.toVersion - b.toVersion);

/** The version of the shape of the data; table layout has its own, in the store. */
export const DATA_VERSION = versionAfter(MIGRATIONS);
