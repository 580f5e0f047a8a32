import { z } from 'zod';
import { BIKE_MIGRATIONS, bikeSchema, type BikeRecord } from './bike';
import { versionAfter, type Migration } from './migration';
import { PREFERENCES_MIGRATIONS, preferencesSchema, type Preferences } from './preferences';
import { SETUPS_MAX, SETUP_MIGRATIONS, setupSchema, type SetupRecord } from './setup';

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
    const bikesById = new Map(bikes.map((bike) => [bike.id, bike]));
    const twice = [...repeated(bikes), ...repeated(setups)];
    if (twice.length > 0) context.addIssue({ code: 'custom', message: `the id ${twice[0]} is there twice` });
    setups.forEach(({ bikeId, wheelsetId }, i) => {
      const bike = bikesById.get(bikeId);
      if (!bike) {
        const message = `a setup of a bike that is not there (${bikeId})`;
        context.addIssue({ code: 'custom', path: ['setups', i, 'bikeId'], message });
      } else if (!bike.wheelsets.some(({ id }) => id === wheelsetId)) {
        const message = `a setup on wheels that ${bike.name} does not have (${wheelsetId})`;
        context.addIssue({ code: 'custom', path: ['setups', i, 'wheelsetId'], message });
      }
    });
    for (const { id, name } of bikes) {
      const count = setups.filter(({ bikeId }) => bikeId === id).length;
      if (count <= SETUPS_MAX) continue;
      context.addIssue({ code: 'custom', message: `${count} setups of ${name}: a bench has room for ${SETUPS_MAX}` });
    }
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
