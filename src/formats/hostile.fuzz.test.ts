import { readFileSync } from 'node:fs';
import { gzipSync, strToU8 } from 'fflate';
import { fitActivity } from '../../tests/support/fit-file';
import { mutatedBytes, mutatedJson, mutatedTexts } from '../../tests/support/mutate';
import { simulateRide } from '../../tests/support/rides';
import { ONE_RING } from '../../tests/support/setups';
import { COG_TEETH } from '../core/gears';
import { demoDataset } from '../store/demo';
import { DATA_VERSION } from '../records';
import { readBackup } from './read-backup';
import { readLink } from './read-link';
import { unpackRecording, packRecording } from './ride/pack';
import { readRideFile } from './ride/ride-file';
import { writeRideCsv } from './ride/ride-csv';
import { writeGpxRoute } from './ride/gpx';
import { writeTcx } from './ride/tcx';
import { dryRunStock, guessStockMapping, readStockTable, writeStockCsv } from './shop/stock-csv';
import { parseShorthand } from './shorthand';
import { readTeethList } from './teeth-list';
import { cases } from '../../tests/support/fuzz';

/** Broken versions of each format; every one must be read or refused by name, and none may throw. */
const COUNT = cases(200);
const START = Date.UTC(2026, 8, 1, 8);
const { recording } = simulateRide({ setup: ONE_RING, rolloutMm: 2192.8, seconds: 60, seed: 1 });

/** A failure has a message, which does not quote the whole input. */
const MESSAGE_MAX = 400;
function named(message: string): void {
  expect(message.length).toBeGreaterThan(10);
  expect(message.length).toBeLessThan(MESSAGE_MAX);
  expect(message).not.toMatch(/\[object|at \w+ \(|is not a function|Cannot read/);
}

beforeEach(() => {
  // The parser of tables warns of headings that are there twice.
  jest.spyOn(console, 'warn').mockImplementation(() => undefined);
});
afterEach(() => {
  expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  expect(Object.keys(Object.prototype)).toEqual([]);
});

test('shorthand, lists of teeth and links', () => {
  for (const text of mutatedTexts('48/32 x 11-12-13-14-15-17-19-21-24-28-32-36', COUNT, 1)) {
    const result = parseShorthand(text);
    if (!result.ok) named(result.message);
    else for (const cog of result.setup.cogs) expect(cog >= COG_TEETH.min && cog <= COG_TEETH.max).toBe(true);
  }
  for (const text of mutatedTexts('11, 13, 15, 17, 20, 23', COUNT, 2)) {
    const result = readTeethList(text, COG_TEETH);
    if (!result.ok) expect(result.wrong.length).toBeLessThanOrEqual(20);
  }
  const link =
    'setup=48-32x11-12-13-14-15-17-19-21-24-28-32-36&wheel=622x38&rpm=90&crank=170&rd=41-36-28-11&name=Ferry';
  for (const text of mutatedTexts(link, COUNT, 3)) {
    const result = readLink(new URLSearchParams(text));
    if (result.kind === 'broken') named(result.message);
  }
});

test('backups: of broken text, and of whole text with a part of it that is something else', () => {
  const text = readFileSync('tests/fixtures/backups/good/v1-one-bike.json', 'utf8');
  for (const broken of mutatedTexts(text, COUNT, 4)) {
    const result = readBackup(broken);
    if (!result.ok) named(result.failure.message);
  }
  for (const broken of mutatedJson(JSON.parse(text), COUNT, 5)) {
    const result = readBackup(broken);
    if (!result.ok) named(result.failure.message);
  }
  // One record of each kind: the more there are, the seldomer one is hit.
  const demo = demoDataset();
  const bikes = demo.bikes.slice(0, 1);
  const ofBike = ({ bikeId }: { readonly bikeId: string }) => bikeId === bikes[0]!.id;
  const small = {
    format: 'rontel-backup',
    dataVersion: DATA_VERSION,
    savedAt: '2026-11-25T09:00:00.000Z',
    data: {
      bikes,
      setups: demo.setups.filter(ofBike).slice(0, 1),
      rides: [],
      recordings: [],
      routes: [],
      parts: demo.parts.slice(0, 2),
      jobs: demo.jobs.filter(ofBike).slice(0, 1),
      photos: [],
      notes: demo.notes.filter(ofBike).slice(0, 1),
      learners: demo.learners.slice(0, 1),
      preferences: demo.preferences,
    },
  };
  expect(readBackup(JSON.stringify(small)).ok).toBe(true);
  for (const broken of mutatedJson(small, COUNT, 6)) {
    const result = readBackup(broken);
    if (!result.ok) named(result.failure.message);
  }
  // An older one is brought to the newest shape first: what is broken in it breaks no step of that.
  const older = JSON.parse(readFileSync('tests/fixtures/backups/good/v8-demo-workshop.json', 'utf8')) as typeof small;
  const fewer = {
    ...older,
    data: { ...small.data, setups: older.data.setups.slice(0, 1), jobs: older.data.jobs.slice(0, 2) },
  };
  for (const broken of mutatedJson(fewer, COUNT, 7)) {
    const result = readBackup(broken);
    if (!result.ok) named(result.failure.message);
  }
});

test('tables of the stock', () => {
  const csv = writeStockCsv(demoDataset().parts.slice(0, 6));
  for (const broken of mutatedTexts(csv, COUNT, 7)) {
    const table = readStockTable(broken);
    if (!table.ok) {
      named(table.message);
      continue;
    }
    const rows = dryRunStock(table.table, guessStockMapping(table.table), new Map(), (row) => `new-${row}`);
    for (const row of rows) if (row.kind === 'refused') for (const reason of row.reasons) named(reason);
  }
});

const rideFiles: Readonly<Record<string, Uint8Array>> = {
  tcx: strToU8(writeTcx('Ferry', START, recording)),
  csv: strToU8(writeRideCsv(recording)),
  gpx: strToU8(
    writeGpxRoute(
      'Fen',
      Array.from({ length: 40 }, (_, i) => ({ distanceM: i * 20, elevationM: i })),
    ),
  ),
  fit: fitActivity(START),
  gz: gzipSync(strToU8(writeRideCsv(recording))),
};

test.each(Object.keys(rideFiles))('recordings: %s', async (kind) => {
  const bytes = rideFiles[kind]!;
  const texts = kind === 'gz' || kind === 'fit' ? [] : mutatedTexts(new TextDecoder().decode(bytes), COUNT, 8);
  for (const broken of texts) {
    const result = await readRideFile(`ride.${kind}`, strToU8(broken));
    if (result.kind === 'failed') named(result.failure.message);
  }
  for (const broken of mutatedBytes(bytes, COUNT, 9)) {
    const result = await readRideFile(`ride.${kind}`, broken);
    if (result.kind === 'failed') named(result.failure.message);
  }
});

test('packed samples', () => {
  const { recording: short } = simulateRide({ setup: ONE_RING, rolloutMm: 2192.8, seconds: 10, seed: 2 });
  for (const broken of mutatedBytes(packRecording(short), COUNT, 10)) {
    const result = unpackRecording(broken);
    if (result) expect(result.timeS.length).toBe(result.speedMs.length);
  }
});
