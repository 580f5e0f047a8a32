import { readFileSync } from 'node:fs';
import Papa from 'papaparse';
import { validateXML } from 'xmllint-wasm';
import { extentByConverter } from '../../../tests/support/independent-converter';
import { fixtureRide, gpxOf } from '../../../tests/support/ride-fixtures';
import { digestOf } from './pack';
import { writeRideCsv } from './ride-csv';
import { readRideFile } from './ride-file';
import { writeTcx } from './tcx';

const START = Date.UTC(2026, 4, 16, 7, 30, 15, 250);
const SCHEMA = readFileSync('tests/fixtures/schemas/tcx.xsd', 'utf8');
const utf8 = (text: string) => new TextEncoder().encode(text);

async function rideIn(name: string, text: string) {
  const result = await readRideFile(name, utf8(text));
  if (result.kind !== 'ride') throw new Error(JSON.stringify(result).slice(0, 300));
  return result;
}

/** A ride with a pause of five minutes in its middle, as the app keeps it. */
async function pausedRide() {
  const points = fixtureRide(START, 800, 3, 1, 300);
  const { recording } = await rideIn('a.gpx', gpxOf('A', [points.slice(0, 400), points.slice(400)]));
  return recording;
}

/** What the schema says against files of these names, each line with the name of its file. */
async function problemsOf(files: Readonly<Record<string, string>>): Promise<readonly string[]> {
  const xml = Object.entries(files).map(([fileName, contents]) => ({ fileName, contents }));
  const { errors } = await validateXML({ xml, schema: [SCHEMA] });
  return errors.map(({ rawMessage }) => rawMessage);
}

test('a ride goes out as TCX that its schema takes, with and without positions and power', async () => {
  const recording = await pausedRide();
  const { powerW: _, positions: __, ...bare } = recording;
  const written: Record<string, string> = {};
  for (const one of [recording, bare]) {
    for (const withPositions of [false, true]) {
      const text = writeTcx('Moor & fen', START, one, { withPositions });
      written[`${one === bare ? 'bare' : 'full'}-${withPositions ? 'with' : 'without'}.tcx`] = text;
      expect(text.includes('<Position>')).toBe(withPositions && one === recording);
    }
  }
  expect(Object.keys(written)).toHaveLength(4);
  expect(await problemsOf(written)).toEqual([]);
});

test('the schema is one that can refuse', async () => {
  const text = writeTcx('A', START, await pausedRide());
  const files = {
    'right.tcx': text,
    'no-calories.tcx': text.replace(/<Calories>.*?<\/Calories>/, ''),
    'other-sport.tcx': text.replace('Biking', 'Cycling'),
  };
  const problems = await problemsOf(files);
  const refused = Object.keys(files).filter((name) => problems.some((line) => line.startsWith(`${name}:`)));
  expect(refused).toEqual(['no-calories.tcx', 'other-sport.tcx']);
});

test('another program reads the TCX: its time, its pause and, with positions, its way', async () => {
  const recording = await pausedRide();
  const text = writeTcx('A', START, recording, { withPositions: true });
  const theirs = extentByConverter('tcx', text);
  expect(theirs.seconds).toBe(recording.timeS.at(-1));
  expect(theirs.pausedS).toBe(301);
  expect(Math.abs(theirs.metres / recording.distanceM.at(-1)! - 1)).toBeLessThan(0.005);
  // The time of the lap leaves the pause out.
  expect(text).toContain(`<TotalTimeSeconds>${theirs.seconds - 301}</TotalTimeSeconds>`);
  expect(text.match(/<Track>/g)).toHaveLength(2);
});

test('what goes out as TCX and CSV comes back as the same ride, with its start and its power', async () => {
  const recording = await pausedRide();
  for (const withPositions of [false, true]) {
    const options = { withPositions };
    const tcx = await rideIn('a.tcx', writeTcx('A', START, recording, options));
    const csv = await rideIn('a.csv', writeRideCsv(recording, { ...options, startedAtMs: START }));
    expect([tcx.startedAtMs, csv.startedAtMs]).toEqual([START, START]);
    expect(digestOf(START, csv.recording)).toBe(digestOf(START, recording));
    expect(tcx.recording.timeS).toEqual(recording.timeS);
    expect(csv.recording.powerW).toEqual(recording.powerW);
    expect(tcx.recording.powerW).toEqual(recording.powerW);
    for (const { positions } of [tcx.recording, csv.recording]) {
      if (withPositions) expect(positions!.longitudeDeg[500]).toBeCloseTo(recording.positions!.longitudeDeg[500]!, 6);
      else expect(positions).toBeUndefined();
    }
  }
});

test('a table has one value a cell, its unit in the heading, and no date where the ride has none', async () => {
  const recording = await pausedRide();
  const { data, meta } = Papa.parse<Record<string, string>>(writeRideCsv(recording, { startedAtMs: START }), {
    header: true,
    skipEmptyLines: true,
  });
  expect(meta.fields).toEqual([
    'time_utc',
    'time_s',
    'speed_m_s',
    'cadence_rpm',
    'distance_m',
    'elevation_m',
    'power_w',
  ]);
  expect(data[0]!.time_utc).toBe('2026-05-16T07:30:15.250Z');
  expect(Number(data[799]!.time_s)).toBe(1099);
  expect(writeRideCsv(recording).startsWith('time_s,')).toBe(true);
  const gears = { chainringT: new Uint8Array(800).fill(48), cogT: new Uint8Array(800).fill(17) };
  expect(writeRideCsv({ ...recording, recordedGear: gears })).toMatch(/,chainring_t,cog_t\r\n0,.*,48,17\r\n/);
});
