import { strFromU8, unzipSync } from 'fflate';
import {
  fixtureRide,
  folderOfRides,
  geoJsonOf,
  gpxOf,
  kmlLineOf,
  kmlTrackOf,
} from '../../../tests/support/ride-fixtures';
import { extentByConverter, extentByFitParser, type Extent } from '../../../tests/support/independent-converter';
import { pauseFromS, withoutPositions, type Recording } from '../../core/recording';
import { filesOfArchive } from './archive';
import { isArchive } from './is-archive';
import { packRecording, unpackRecording } from './pack';
import { readRideFile } from './ride-file';

const FOLDER = folderOfRides();
const START = Date.UTC(2026, 4, 16, 7);
const utf8 = (text: string) => new TextEncoder().encode(text);
const read = (name: string, content: string | Uint8Array) =>
  readRideFile(name, typeof content === 'string' ? utf8(content) : content);

async function rideIn(name: string, content: string | Uint8Array) {
  const result = await read(name, content);
  if (result.kind !== 'ride') throw new Error(`${name}: ${JSON.stringify(result).slice(0, 300)}`);
  return result;
}

test('a folder of thirty files gives what each of them is', async () => {
  expect(FOLDER).toHaveLength(30);
  for (const { name, bytes, outcome } of FOLDER) {
    const { kind } = await read(name, bytes);
    expect([name, kind]).toEqual([name, outcome === 'known' ? 'ride' : outcome === 'archive' ? 'failed' : outcome]);
  }
});

/** The same of what we read: gaps from which on a ride was paused are as long as those of the other program. */
function extentOf({ timeS, distanceM }: Recording): Extent {
  const gaps = [...timeS].slice(1).map((time, i) => time - timeS[i]!);
  const pauseS = pauseFromS(timeS);
  return {
    metres: distanceM.at(-1)!,
    seconds: timeS.at(-1)!,
    pausedS: gaps.filter((gap) => gap > pauseS).reduce((sum, gap) => sum + gap, 0),
  };
}

const SHARE = 0.005;
function agrees(ours: Extent, theirs: Extent) {
  for (const key of ['metres', 'seconds', 'pausedS'] as const) {
    expect(Math.abs(ours[key] - theirs[key])).toBeLessThanOrEqual(SHARE * theirs[key]);
  }
}

const textOf = (name: string, bytes: Uint8Array) =>
  name.includes('utf-16') ? Buffer.from(bytes).toString('utf16le') : strFromU8(bytes);
/** All whose positions another program can read; of a file of several sports it takes all, so that one stands apart. */
const PLACED = FOLDER.filter(
  ({ name, outcome }) => outcome === 'ride' && /\.(gpx|tcx|kml)$/.test(name) && !/indoors|run-and/.test(name),
);

test.each(PLACED)('distance, time and pauses of $name agree with another program', async ({ name, bytes }) => {
  const { recording } = await rideIn(name, bytes);
  const kind = name.slice(name.lastIndexOf('.') + 1) as 'gpx' | 'tcx' | 'kml';
  agrees(extentOf(recording), extentByConverter(kind, textOf(name, bytes)));
});

test.each(FOLDER.filter(({ name }) => /evening\.fit|gears\.fit/.test(name)))(
  'distance, time and pauses of $name agree with another program',
  async ({ name, bytes }) => {
    const { recording } = await rideIn(name, bytes);
    agrees(extentOf(recording), await extentByFitParser(bytes));
  },
);

test('the same ride is the same in every format that has its positions', async () => {
  const points = fixtureRide(START, 600, 5);
  const rides = await Promise.all([
    rideIn('a.gpx', gpxOf('A', [points])),
    rideIn('a.kml', kmlTrackOf('A', points)),
    rideIn('a.geojson', geoJsonOf('A', points)),
  ]);
  for (const { recording, startedAtMs, name } of rides) {
    expect([startedAtMs, name]).toEqual([START, 'A']);
    expect(extentOf(recording).metres).toBeCloseTo(points.at(-1)!.distanceM, -2);
    expect([...recording.cadenceRpm]).toEqual(points.map(({ cadenceRpm }) => cadenceRpm));
    expect(recording.elevationM[300]).toBeCloseTo(points[300]!.elevationM, 0);
    expect(recording.positions!.latitudeDeg[599]).toBeCloseTo(points[599]!.latitudeDeg, 6);
  }
});

test('power comes with the ride where it was recorded', async () => {
  const points = fixtureRide(START, 300, 6);
  const { recording } = await rideIn('a.gpx', gpxOf('A', [points]));
  expect([...recording.powerW!]).toEqual(points.map(({ powerW }) => powerW));
  const { bytes } = FOLDER.find(({ name }) => name === '10-evening.fit')!;
  expect(new Set((await rideIn('evening.fit', bytes)).recording.powerW)).toEqual(new Set([0, 180]));
  const without = await rideIn('a.kml', kmlTrackOf('A', points));
  expect(without.recording.powerW).toBeUndefined();
});

test('power, positions and recorded gears are packed and unpacked bit for bit, each alone and together', async () => {
  const { recording } = await rideIn('a.gpx', gpxOf('A', [fixtureRide(START, 301, 7)]));
  const gears = { chainringT: new Uint8Array(301).fill(48), cogT: new Uint8Array(301).fill(17) };
  const { powerW: _, ...powerless } = recording;
  for (const one of [recording, withoutPositions(recording), powerless, { ...recording, recordedGear: gears }]) {
    expect(unpackRecording(packRecording(one))).toEqual(one);
  }
});

describe('KML', () => {
  test('a line is a route; heights that are all 0 are none', async () => {
    const points = fixtureRide(START, 300, 8);
    const route = await read('a.kml', kmlLineOf('Ridge', points));
    expect(route).toMatchObject({ kind: 'route', name: 'Ridge', format: 'KML' });
    const flat = points.map((point) => ({ ...point, elevationM: 0 }));
    expect(await read('a.kml', kmlLineOf('Ridge', flat))).toMatchObject({ failure: { kind: 'noElevation' } });
  });

  test('places alone are no way', async () => {
    const text = '<kml><Placemark><name>Here</name><Point><coordinates>1,52,3</coordinates></Point></Placemark></kml>';
    expect(await read('a.kml', text)).toMatchObject({
      failure: { kind: 'noPoints', message: 'there is neither a track nor a line in it' },
    });
  });

  test('the way between two tracks is not ridden', async () => {
    const [a, b] = [fixtureRide(START, 300, 9), fixtureRide(START + 600_000, 300, 30)];
    const [one, other] = [kmlTrackOf('A', a), kmlTrackOf('A', b)];
    const track = /<gx:Track>.*<\/gx:Track>/.exec(other)![0];
    const { recording } = await rideIn('a.kml', one.replace('</gx:Track>', `</gx:Track>${track}`));
    const metres = (points: typeof a) => points.at(-1)!.distanceM - points[0]!.distanceM;
    expect(extentOf(recording).metres / (metres(a) + metres(b))).toBeCloseTo(1, 2);
  });
});

describe('GeoJSON', () => {
  const points = fixtureRide(START, 300, 11);

  test('what another program makes of a GPX file of two segments is the same ride', async () => {
    // The other program knows values in extensions by this prefix alone.
    const text = gpxOf('A', [points.slice(0, 150), points.slice(150)])
      .replaceAll(/\bs:/g, 'gpxtpx:')
      .replace('xmlns:s=', 'xmlns:gpxtpx=');
    const { gpx } = await import('@tmcw/togeojson');
    const { DOMParser } = await import('@xmldom/xmldom');
    const json = gpx(new DOMParser().parseFromString(text, 'text/xml'));
    const [ours, theirs] = [await rideIn('a.gpx', text), await rideIn('a.geojson', JSON.stringify(json))];
    expect(theirs.recording.timeS).toEqual(ours.recording.timeS);
    expect(theirs.recording.powerW).toEqual(ours.recording.powerW);
    expect(extentOf(theirs.recording).metres).toBeCloseTo(extentOf(ours.recording).metres, 6);
  });

  test('points with times of their own are a ride', async () => {
    const features = points.map((p) => ({
      type: 'Feature',
      geometry: { type: 'Point', coordinates: [p.longitudeDeg, p.latitudeDeg] },
      properties: { timestamp: p.atMs / 1000, cadence: p.cadenceRpm },
    }));
    const { startedAtMs, recording } = await rideIn('a.json', JSON.stringify({ type: 'FeatureCollection', features }));
    expect([startedAtMs, recording.timeS.length]).toEqual([START, 300]);
  });

  test.each([
    ['cut off', '{"type":"FeatureCollection","features":[{"type":"Fea', 'truncated', /ends in the middle or is broken/],
    ['other JSON', '{"theme":"dark"}', 'unknown', /this is JSON, but no GeoJSON/],
    ['a point of texts', '{"type":"Point","coordinates":["1","2"]}', 'unknown', /this is JSON, but no GeoJSON/],
    ['an area', '{"type":"Polygon","coordinates":[]}', 'noPoints', /neither a line nor a point/],
    [
      'a wrong time',
      geoJsonOf('A', points).replace(/"times":\["[^"]*"/, '"times":["noon"'),
      'damaged',
      /the time of point 1 is none: export the file again/,
    ],
  ])('%s is refused', async (_name, text, kind, message) => {
    expect(await read('a.geojson', text)).toMatchObject({
      failure: { kind, message: expect.stringMatching(message) as string },
    });
  });
});

describe('ZIP', () => {
  const { bytes } = FOLDER.find(({ name }) => name.endsWith('rides.zip'))!;
  const blob = (content: Uint8Array) => new Blob([content as Uint8Array<ArrayBuffer>]);
  const signal = new AbortController().signal;

  test('its files are listed by their paths, without those of systems, and unpacked one by one', async () => {
    expect(await isArchive(blob(bytes))).toBe(true);
    const archive = await filesOfArchive(blob(bytes));
    if (!archive.ok) throw new Error(archive.failure.message);
    expect(archive.files.map(({ path }) => path)).toEqual(['june/a.gpx', 'june/b.fit']);
    expect(await archive.files[0]!.unpack(signal)).toEqual(unzipSync(bytes)['june/a.gpx']);
  });

  test('other files are none', async () => {
    expect(await isArchive(blob(utf8('PKZIP is an old program')))).toBe(false);
    expect(await isArchive(blob(new Uint8Array(0)))).toBe(false);
  });

  test('one that is cut off, and one with nothing in it, say so', async () => {
    expect(await filesOfArchive(blob(bytes.slice(0, 900)))).toMatchObject({
      ok: false,
      failure: { kind: 'truncated' },
    });
    const { zipSync } = await import('fflate');
    expect(await filesOfArchive(blob(zipSync({ '.hidden': utf8('x') })))).toMatchObject({ failure: { kind: 'empty' } });
  });

  test('a file whose bytes were changed is refused, and the other is read', async () => {
    const broken = bytes.slice();
    broken.fill(0x55, 200, 260);
    const archive = await filesOfArchive(blob(broken));
    if (!archive.ok) throw new Error(archive.failure.message);
    await expect(archive.files[0]!.unpack(signal)).rejects.toThrow('it cannot be unpacked');
    expect((await archive.files[1]!.unpack(signal)).length).toBeGreaterThan(1000);
  });

  test('a small archive cannot fill the memory: neither a file that is said to be large, nor one that is without saying so', async () => {
    const { zipSync } = await import('fflate');
    const bomb = zipSync({ 'a.csv': new Uint8Array(3_000_000) }, { level: 1 });
    const opened = await filesOfArchive(blob(bomb), 2_000_000);
    if (!opened.ok) throw new Error(opened.failure.message);
    await expect(opened.files[0]!.unpack(signal)).rejects.toThrow('3 MB: at most 2 MB');
    // The size in the list of the archive and in the head of the file says 100 bytes.
    const lying = bomb.slice();
    const view = new DataView(lying.buffer);
    for (let at = 0; at < lying.length - 30; at += 1) {
      if (view.getUint32(at, true) === 0x02014b50) view.setUint32(at + 24, 100, true);
      if (view.getUint32(at, true) === 0x04034b50) view.setUint32(at + 22, 100, true);
    }
    const archive = await filesOfArchive(blob(lying), 2_000_000);
    if (!archive.ok) throw new Error(archive.failure.message);
    await expect(archive.files[0]!.unpack(signal)).rejects.toThrow();
  });

  test('unpacking can be cancelled', async () => {
    const archive = await filesOfArchive(blob(bytes));
    if (!archive.ok) throw new Error(archive.failure.message);
    const control = new AbortController();
    control.abort();
    await expect(archive.files[0]!.unpack(control.signal)).rejects.toThrow();
  });
});
