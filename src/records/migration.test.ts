import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { EMPTY_TABLES, MIGRATIONS, DATA_VERSION, migrate, type Migration } from './index';

const rename: Migration = {
  toVersion: 2,
  name: 'title becomes name',
  table: 'bikes',
  up: ({ title, ...rest }) => ({ ...rest, name: title }),
};
const shout: Migration = {
  toVersion: 3,
  name: 'names are loud',
  table: 'bikes',
  up: (bike) => ({ ...bike, name: `${String(bike.name)}!` }),
};
const raw = {
  ...EMPTY_TABLES,
  bikes: [{ id: 'a', title: 'Ferry' }, 'no record'],
  setups: [{ id: 's' }],
  preferences: [],
};

test('migrations run in order from the version of the data on', () => {
  expect(migrate(raw, 1, [rename, shout]).bikes).toEqual([{ id: 'a', name: 'Ferry!' }, 'no record']);
  expect(migrate({ ...raw, bikes: [{ id: 'a', name: 'Ferry' }] }, 2, [rename, shout]).bikes).toEqual([
    { id: 'a', name: 'Ferry!' },
  ]);
  expect(migrate(raw, 3, [rename, shout])).toEqual(raw);
  expect(raw.bikes[0]).toEqual({ id: 'a', title: 'Ferry' });
});

test('every migration is run by some old backup that is kept as a fixture', () => {
  const folder = join(__dirname, '../../tests/fixtures/backups/good');
  const versions = readdirSync(folder).map(
    (name) => (JSON.parse(readFileSync(join(folder, name), 'utf8')) as { dataVersion: number }).dataVersion,
  );
  for (const { toVersion, name } of MIGRATIONS)
    expect([name, versions.some((v) => v < toVersion)]).toEqual([name, true]);
  // The newest shape has its fixture too, so that the next change of shape finds one to migrate.
  expect(versions).toContain(DATA_VERSION);
});

test('the numbers of the migrations have no gap', () => {
  expect(MIGRATIONS.map(({ toVersion }) => toVersion)).toEqual(MIGRATIONS.map((_, i) => i + 2));
  expect(DATA_VERSION).toBe(MIGRATIONS.length + 1);
});
