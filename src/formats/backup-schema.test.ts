import { readFileSync, readdirSync } from 'node:fs';
import Ajv from 'ajv/dist/2020';
import { DATA_VERSION } from '../records';
import { demoDataset } from '../store/demo';
import { writeBackup } from './backup';
import { backupJsonSchema, backupSchemaText } from './backup-schema';

const validate = new Ajv({ strict: false, validateFormats: false }).compile(backupJsonSchema());
const backup = () => JSON.parse(writeBackup(demoDataset(), '2026-11-25T09:00:00.000Z')) as Record<string, unknown>;

test('the published schema is that of the code: run npm run schema after a change', () => {
  expect(readFileSync('docs/backup.schema.json', 'utf8')).toBe(backupSchemaText());
});

test('backups are what it says, the fixture of this version too; others are not', () => {
  expect([validate(backup()), validate.errors]).toEqual([true, null]);
  const folder = 'tests/fixtures/backups/good';
  for (const name of readdirSync(folder)) {
    const file = JSON.parse(readFileSync(`${folder}/${name}`, 'utf8')) as { dataVersion: number };
    expect([name, validate(file)]).toEqual([name, file.dataVersion === DATA_VERSION]);
  }
  expect(validate({ ...backup(), format: 'other' })).toBe(false);
  expect(validate({ ...backup(), data: {} })).toBe(false);
});
