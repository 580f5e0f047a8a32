import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { EMPTY_DATASET } from '../store';
import { demoDataset } from '../store/demo';
import { backupPieces, writeBackup } from './backup';
import { BACKUP_BYTES_MAX, readBackup } from './read-backup';

const SAVED_AT = '2026-11-24T08:00:00.000Z';
const folder = join(__dirname, '../../tests/fixtures/backups');
const files = (kind: string) => readdirSync(join(folder, kind)).map((name) => join(folder, kind, name));

test('what is written reads back the same', () => {
  const dataset = demoDataset();
  expect(readBackup(writeBackup(dataset, SAVED_AT))).toEqual({ ok: true, dataset, savedAt: SAVED_AT });
});

test('what is written in pieces reads back the same, also when there is nothing', () => {
  for (const dataset of [demoDataset(), EMPTY_DATASET]) {
    const text = [...backupPieces(dataset, SAVED_AT)].join('');
    expect(readBackup(text)).toEqual({ ok: true, dataset, savedAt: SAVED_AT });
  }
});

test.each(files('good'))('the old backup %s still opens', (file) => {
  const result = readBackup(readFileSync(file, 'utf8'));
  expect(result).toMatchObject({ ok: true });
});

test.each([
  ['cut-off.json', 'notJson', 'the file is broken or no backup'],
  ['empty.json', 'notJson', 'Choose a file that Rontel saved'],
  ['foreign.json', 'foreign', 'this file was not saved by Rontel'],
  ['newer.json', 'newer', 'the file has data version 999; this Rontel reads 1 to'],
  ['cog-out-of-range.json', 'damaged', 'the file is damaged at setups.0.cogs.1: cog 99: cogs have 9 to 60 teeth'],
  ['setup-without-bike.json', 'damaged', 'a setup of a bike that is not there (nobody)'],
  ['no-setups.json', 'damaged', 'the file is damaged at data.setups'],
])('%s is refused as %s', (name, kind, reason) => {
  const result = readBackup(readFileSync(join(folder, 'bad', name), 'utf8'));
  expect(result.ok).toBe(false);
  if (!result.ok) {
    expect(result.failure.kind).toBe(kind);
    expect(result.failure.message).toContain(reason);
  }
});

test('no bad fixture is left untested', () => {
  expect(files('bad')).toHaveLength(7);
});

test('a file past all honest size is not parsed', () => {
  expect(readBackup(' '.repeat(BACKUP_BYTES_MAX + 1))).toMatchObject({ ok: false, failure: { kind: 'tooLarge' } });
});
