import { gzipSync as gzipQuickly } from 'node:zlib';
import { gzipSync, strToU8 } from 'fflate';
import { fitActivity } from '../../../tests/support/fit-file';
import { ONE_RING } from '../../../tests/support/setups';
import { simulateRide } from '../../../tests/support/rides';
import { writeGpxRoute } from './gpx';
import { gunzipBounded } from './gunzip';
import { guessMapping } from './ride-csv';
import { readRideFile, type RideFileResult } from './ride-file';
import { packRecording, unpackRecording } from './pack';

const { recording } = simulateRide({ setup: ONE_RING, rolloutMm: 2192.8, seconds: 400, seed: 1 });
const START = Date.UTC(2026, 8, 1, 8);
const read = (name: string, content: string | Uint8Array, options = {}) =>
  readRideFile(name, typeof content === 'string' ? strToU8(content) : content, options);
const failureOf = (result: RideFileResult) => (result.kind === 'failed' ? result.failure : undefined);
const rideOf = (result: RideFileResult) => {
  if (result.kind !== 'ride') throw new Error(JSON.stringify(result));
  return result;
};

const point = (i: number, inner = '') =>
  `<trkpt lat="${52 + i * 0.0001}" lon="1.5"><ele>${10 + i * 0.3}</ele>${inner}</trkpt>`;
const gpx = (points: string, before = '') =>
  `<?xml version="1.0"?>${before}<gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1" xmlns:e="http://example.org/e"><trk><name>Mole &amp; back</name><trkseg>${points}</trkseg></trk></gpx>`;
const timed = (i: number) =>
  `<time>${new Date(START + i * 1000).toISOString()}</time><extensions><e:TrackPointExtension><e:cad>${80 + (i % 3)}</e:cad></e:TrackPointExtension></extensions>`;
const many = (count: number, of: (i: number) => string) => Array.from({ length: count }, (_, i) => of(i)).join('');

describe('GPX', () => {
  test('a ride with cadence from extensions and speed from positions', async () => {
    const ride = rideOf(await read('out.gpx', gpx(many(60, (i) => point(i, timed(i))))));
    expect(ride).toMatchObject({ format: 'GPX', name: 'Mole & back', startedAtMs: START });
    expect(ride.recording.cadenceRpm[4]).toBe(81);
    expect(ride.recording.speedMs[30]).toBeCloseTo(11.12, 1);
    expect(ride.notes.speedFrom).toBe('positions');
    expect(ride.profile!.elevationM[10]).toBeCloseTo(10 + (0.3 * 200) / 11.12, 0);
  });

  test('without time it is a route; without cadence too, and it says why', async () => {
    expect(await read('way.gpx', gpx(many(60, (i) => point(i))))).toMatchObject({ kind: 'route', name: 'Mole & back' });
    const silent = many(60, (i) => point(i, `<time>${new Date(START + i * 1000).toISOString()}</time>`));
    expect(await read('way.gpx', gpx(silent))).toMatchObject({
      kind: 'route',
      notRide: 'no cadence data, so gears cannot be worked out',
    });
  });

  test('heights that mean “no data” are gaps, told with their count; a route of nothing else is refused', async () => {
    const noData = (i: number) => (i % 10 < 3 ? -32768 : i === 45 ? 9100 : 10 + i * 0.3);
    const way = (height: (i: number) => number) =>
      gpx(many(60, (i) => `<trkpt lat="${52 + i * 0.0001}" lon="1.5"><ele>${height(i)}</ele></trkpt>`));
    const bridged = await read('way.gpx', way(noData));
    if (bridged.kind !== 'route') throw new Error(JSON.stringify(bridged));
    expect(bridged.notes).toMatchObject({ absurd: 19, missing: 19 });
    expect(bridged.profile.elevationM.every((height) => height >= 10 && height <= 28)).toBe(true);
    const none = way(() => -32768);
    expect(failureOf(await read('way.gpx', none))).toEqual({
      kind: 'noElevation',
      message:
        '60 of its 60 heights are below -500 m or above 9000 m: such heights mean “no data”; plan the route anew with heights',
    });
    const ridden = rideOf(
      await read('out.gpx', gpx(many(60, (i) => point(i, timed(i)).replace(/<ele>.*<\/ele>/, '<ele>-32768</ele>')))),
    );
    expect(ridden.notes.absurdHeights).toBe(60);
    expect(ridden.recording.elevationM.every(Number.isNaN)).toBe(true);
  });

  test('a name has something to read in it, and whole characters', async () => {
    const unnamed = gpx(many(60, (i) => point(i))).replace(/<name>.*<\/name>/, '<name> </name>');
    expect(await read(' .gpx', unnamed)).toMatchObject({ kind: 'route', name: 'ride' });
    expect(await read('fen.gpx', unnamed)).toMatchObject({ name: 'fen' });
    const { name } = (await read(`${'a'.repeat(79)}🚲b.gpx`, unnamed)) as { name: string };
    expect(name).toBe('a'.repeat(79));
  });

  test('a waypoint does not name the ride', async () => {
    const named = gpx(many(60, (i) => point(i, timed(i)))).replace(
      '<trk>',
      '<wpt lat="1" lon="1"><name>Café</name></wpt><trk>',
    );
    expect(await read('r.gpx', named)).toMatchObject({ kind: 'ride', name: 'Mole & back' });
  });

  test('one point without a time leaves it a ride; cadence by other names is read', async () => {
    const points = (cadence: string) =>
      many(60, (i) => point(i, i === 30 ? '' : timed(i).replaceAll('e:cad', cadence)));
    for (const cadence of ['e:cad', 'e:cadence', 'e:BikeCadence', 'rpm']) {
      const ride = rideOf(await read('r.gpx', gpx(points(cadence))));
      expect(ride.notes.untimed).toBe(1);
      expect(ride.recording.cadenceRpm[4]).toBe(81);
    }
  });

  test('heights of 0 between others are gaps; by the sea they are heights', async () => {
    const heights = (base: number) =>
      gpx(
        many(
          60,
          (i) => `<trkpt lat="${52 + i * 0.0001}" lon="1.5"><ele>${i % 9 === 4 ? 0 : base + i / 10}</ele></trkpt>`,
        ),
      );
    const high = await read('way.gpx', heights(100));
    if (high.kind !== 'route') throw new Error(JSON.stringify(high));
    expect(high.notes.missing).toBe(7);
    expect(Math.min(...high.profile.elevationM)).toBeGreaterThan(99);
    const low = await read('way.gpx', heights(1));
    expect(low).toMatchObject({ kind: 'route', notes: { missing: 0 } });
  });

  test('a planned route is read where a track of a few points stands beside it', async () => {
    const route = `<rte><name>Fen way</name>${many(60, (i) => point(i).replaceAll('trkpt', 'rtept'))}</rte>`;
    const both = gpx(point(0) + point(1)).replace('<trk>', `${route}<trk>`);
    const read60 = await read('r.gpx', both);
    if (read60.kind !== 'route') throw new Error(JSON.stringify(read60));
    expect(read60.profile.elevationM.at(-1)).toBeCloseTo(10 + 59 * 0.3, 0);
  });

  const utf16 = (text: string, bigEndian: boolean, mark: boolean) => {
    const codes = [...(mark ? '\ufeff' : ''), ...text].map((sign) => sign.charCodeAt(0));
    return Uint8Array.from(codes.flatMap((code) => (bigEndian ? [code >> 8, code & 0xff] : [code & 0xff, code >> 8])));
  };
  const accented = gpx(many(60, (i) => point(i, timed(i)))).replace('Mole', 'Möle');
  test.each([
    ['UTF-16, low byte first', utf16(accented, false, true)],
    ['UTF-16, high byte first, without a mark', utf16(accented, true, false)],
    ['UTF-8 with a mark', strToU8(`\ufeff${accented}`)],
    ['blanks before the declaration', strToU8(`\n\n  ${accented}`)],
    [
      'a declared encoding',
      Uint8Array.from(accented.replace('version="1.0"', 'version="1.0" encoding="ISO-8859-1"'), (sign) =>
        sign.charCodeAt(0),
      ),
    ],
  ])('%s is read', async (_, bytes) => {
    expect(await read('r.gpx', bytes)).toMatchObject({ kind: 'ride', name: 'Möle & back' });
  });

  test('a written route is read back, true in length', async () => {
    const points = Array.from({ length: 101 }, (_, i) => ({ distanceM: i * 20, elevationM: 5 + i }));
    const back = await read('fen.gpx', writeGpxRoute('Fen <loop>', points));
    expect(back).toMatchObject({ kind: 'route', name: 'Fen <loop>' });
    if (back.kind === 'route') {
      expect(back.profile.elevationM.length).toBeGreaterThanOrEqual(100);
      expect(back.profile.elevationM[50]).toBeCloseTo(55, 0);
    }
  });
});

describe('TCX', () => {
  const trackpoint = (s: number, metres: number) =>
    `<Trackpoint><Time>${new Date(START + s * 1000).toISOString()}</Time><DistanceMeters>${metres}</DistanceMeters><Cadence>80</Cadence></Trackpoint>`;
  const lap = (from: number, count = 30) =>
    `<Lap><Track>${many(count, (i) => trackpoint(from + i, 6 * i))}</Track></Lap>`;
  const tcx = (...activities: readonly (readonly [string, string])[]) =>
    `<TrainingCenterDatabase><Activities>${activities.map(([sport, laps]) => `<Activity Sport="${sport}">${laps}</Activity>`).join('')}</Activities></TrainingCenterDatabase>`;

  test('laps whose distance begins anew go on', async () => {
    const { recording } = rideOf(await read('r.tcx', tcx(['Biking', lap(0) + lap(30)])));
    expect(recording.distanceM.at(-1)).toBe(2 * 29 * 6);
    expect(recording.speedMs[15]).toBeCloseTo(6, 5);
  });

  test('of several activities the cycling is read; of cycling alone all', async () => {
    const mixed = rideOf(await read('r.tcx', tcx(['Running', lap(0)], ['Biking', lap(60)])));
    expect(mixed.startedAtMs).toBe(START + 60_000);
    expect(mixed.remarks).toEqual(['30 of 60 records belong to other sports and are left out']);
    const both = rideOf(await read('r.tcx', tcx(['Biking', lap(0)], ['Biking', lap(600)])));
    expect(both.recording.timeS).toHaveLength(60);
    expect(both.notes.pauses).toBe(1);
  });

  test('a paused lap of several tracks is one ride with a pause', async () => {
    const paused = lap(0).replace(
      '</Lap>',
      `<Track>${many(30, (i) => trackpoint(300 + i, 180 + 6 * i))}</Track></Lap>`,
    );
    const ride = rideOf(await read('r.tcx', tcx(['Biking', paused])));
    expect(ride.notes).toMatchObject({ pauses: 1, pausedS: 271 });
    expect(ride.recording.distanceM.at(-1)).toBe(180 + 29 * 6);
  });
});

describe('CSV', () => {
  test.each([
    ['times in another unit', '0,6,80,0\n5e12,6,80,5\n', 'its time is 5000000000000000 ms since 1970: it runs from'],
    ['a time before 1970', '-9e9,6,80,0\n1,6,80,5\n', 'its time is -9000000000000 ms since 1970: it runs from'],
    ['a pause of years', '0,6,80,0\n90000000,6,80,5\n', 'it lasts 1041.7 days: at most 31;'],
    ['a distance in another unit', '0,6,80,0\n1,6,80,49e9\n', 'it is 49000000 km long: at most 20000 km;'],
  ])('%s: refused with value, bounds and next step', async (_, rows, message) => {
    const failure = failureOf(await read('r.csv', `time (s),speed (m/s),cadence,distance (m)\n${rows}`));
    expect(failure).toMatchObject({ kind: 'absurd', message: expect.stringContaining(message) as string });
    expect(failure!.message).toMatch(/; (set|cut|check) /);
  });

  test('units are guessed from the headings', () => {
    const mapping = guessMapping({
      headings: ['Timestamp', 'Speed (km/h)', 'Cadence', 'Dist km'],
      rows: [['2026-09-01T08:00:00Z', '20', '80', '0']],
    });
    expect(mapping).toMatchObject({
      inDoubt: false,
      mapping: { speedUnit: 'km/h', timeUnit: 'date and time', distanceUnit: 'km' },
    });
  });

  const rows = (times: readonly string[], rest = '20,80') => times.map((time) => `${time},${rest}`).join('\n');
  const head = 'time,speed km/h,cadence\n';
  const started = async (text: string, options = {}) =>
    new Date(rideOf(await read('r.csv', text, options)).startedAtMs).toDateString();

  test('day and month are told apart by a number above 12, or by points; else they are asked for', async () => {
    expect(await started(head + rows(['21/09/2026 08:00:00', '21/09/2026 08:00:01']))).toBe('Mon Sep 21 2026');
    expect(await started(head + rows(['09/21/2026 8:00:00 AM', '09/21/2026 8:00:01 AM']))).toBe('Mon Sep 21 2026');
    expect(await started(head + rows(['03.04.2026 08:00', '03.04.2026 08:01']))).toBe('Fri Apr 03 2026');
    const doubtful = head + rows(['03/04/2026 08:00:00', '03/04/2026 08:00:01']);
    const asked = await read('r.csv', doubtful);
    if (asked.kind !== 'needsMapping') throw new Error(asked.kind);
    expect(asked.head.guess).toMatchObject({ columns: { time: 'time', cadence: 'cadence' }, speedUnit: 'km/h' });
    const answered = (timeUnit: string) => ({
      mappings: { 'time\tspeed km/h\tcadence': { ...asked.head.guess, timeUnit } },
    });
    expect(await started(doubtful, answered('date and time, day first'))).toBe('Fri Apr 03 2026');
    expect(await started(doubtful, answered('date and time, month first'))).toBe('Wed Mar 04 2026');
    const wrong = head + rows(['31/02/2026 08:00:00', '31/02/2026 08:00:01']);
    expect(failureOf(await read('r.csv', wrong))?.message).toContain('“31/02/2026 08:00:00” is no time');
  });

  test('times since the start or of the day, past midnight too, and comment lines', async () => {
    const clock = rideOf(
      await read('r.csv', `# a comment\n${head}${rows(['0:00:01', '0:00:02', '0:00:04.5'])}\n# the end\n`),
    );
    expect([...clock.recording.timeS]).toEqual([0, 1, 3.5]);
    const night = rideOf(await read('r.csv', head + rows(['23:59:59', '00:00:00', '00:00:02'])));
    expect([...night.recording.timeS]).toEqual([0, 1, 3]);
  });

  test('date and time in two columns, and positions for speed', async () => {
    const lines = Array.from(
      { length: 60 },
      (_, i) => `2026-09-21,08:00:${String(i).padStart(2, '0')},80,${52 + i * 0.0001},1.5`,
    );
    const ride = rideOf(await read('r.csv', `Date,Time,Cadence,Lat,Lon\n${lines.join('\n')}\n`));
    expect(new Date(ride.startedAtMs).toDateString()).toBe('Mon Sep 21 2026');
    expect(ride.notes.speedFrom).toBe('positions');
    expect(ride.recording.speedMs[30]).toBeCloseTo(11.12, 1);
  });

  test('distance and elevation are a route', async () => {
    const rows = Array.from({ length: 60 }, (_, i) => `${(i * 0.05).toFixed(2)},${10 + i}`).join('\n');
    const route = await read('hill.csv', `dist km,ele\n${rows}\n`);
    expect(route).toMatchObject({ kind: 'route', format: 'CSV', name: 'hill' });
    if (route.kind === 'route') expect(route.profile.elevationM.at(-1)).toBeCloseTo(69, 0);
  });

  test('columns that cannot be guessed are asked for, and the answer serves', async () => {
    const text = 'a;b;c\n0;10;80\n1;10;81\n2;11;82\n';
    const asked = await read('x.csv', text);
    expect(asked).toMatchObject({ kind: 'needsMapping', head: { headings: ['a', 'b', 'c'] } });
    const mapping = {
      columns: { time: 'a', speed: 'b', cadence: 'c' },
      speedUnit: 'km/h',
      timeUnit: 's',
      distanceUnit: 'm',
    } as const;
    const ride = rideOf(await read('x.csv', text, { mappings: { 'a\tb\tc': mapping } }));
    expect(ride.recording.speedMs[0]).toBeCloseTo(10 / 3.6, 5);
    const wrong = { ...mapping, timeUnit: 'date and time', columns: { ...mapping.columns, time: 'b' } };
    expect(
      failureOf(await read('x.csv', 'a;b;c\n0;x1x;80\n1;y;1\n', { mappings: { 'a\tb\tc': wrong } }))?.message,
    ).toContain('is no time');
  });
});

describe('FIT', () => {
  const fit = () => fitActivity(START);

  test('by its content, whatever its name; packed too; cut off it is read as far as it goes', async () => {
    expect(await read('wrong.gpx', fit())).toMatchObject({ kind: 'ride', format: 'FIT' });
    expect(await read('r.fit.gz', gzipSync(fit()))).toMatchObject({ kind: 'ride', format: 'FIT', name: 'r' });
    const cut = rideOf(await read('r.fit', fit().subarray(0, 300)));
    expect(cut.recording.timeS.length).toBeGreaterThan(10);
    expect(cut.remarks[0]).toContain('cut off');
    expect(failureOf(await read('r.fit', fit().subarray(0, 40)))?.kind).toBe('damaged');
  });
});

describe('what gives nothing is a named failure', () => {
  const bomb = '<!DOCTYPE gpx [<!ENTITY a "ha"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]>';
  test.each([
    ['empty', 'a.gpx', new Uint8Array()],
    ['truncated', 'a.gpx', gpx(many(9, (i) => point(i))).slice(0, 300)],
    ['notXml', 'a.gpx', gpx('<trkpt></rubbish>')],
    ['notXml', 'a.gpx', gpx(point(1, '<name>&b;</name>'), bomb)],
    ['damaged', 'a.gpx', gpx(point(1, '<time>yesterday</time>'))],
    ['noPoints', 'a.gpx', gpx('')],
    ['noPoints', 'a.tcx', '<TrainingCenterDatabase></TrainingCenterDatabase>'],
    ['unknown', 'a.gpx', '<html></html>'],
    ['unknown', 'a.csv', 'hello'],
    ['unknown', 'a.fit', new Uint8Array([1, 2, 0, 4])],
    ['archive', 'a.gpx', new Uint8Array([0x50, 0x4b, 3, 4])],
    ['truncated', 'a.gz', gzipSync(strToU8('x'.repeat(5000))).subarray(0, 25)],
    ['timeBackwards', 'a.gpx', gpx(many(9, (i) => point(i, timed(9 - i))))],
    ['noElevation', 'a.gpx', gpx(many(9, (i) => `<trkpt lat="${i}" lon="0"/>`))],
  ] as const)('%s: %s', async (kind, name, content) => {
    const failure = failureOf(await read(name, content));
    expect(failure?.kind).toBe(kind);
    expect(failure!.message.length).toBeGreaterThan(15);
  });

  test('a small file that unpacks to much is stopped', () => {
    const packed = gzipSync(new Uint8Array(5_000_000));
    expect(packed.length).toBeLessThan(10_000);
    expect(gunzipBounded(packed, 1_000_000)).toMatchObject({ ok: false, failure: { kind: 'bomb' } });
    expect(gunzipBounded(packed)).toMatchObject({ ok: true });
  });

  test('a file too large is refused before it is read', async () => {
    expect(failureOf(await read('a.gpx', new Uint8Array(81_000_000)))).toMatchObject({ kind: 'tooLarge' });
  });
});

test('samples that were kept are unpacked only where they are few enough, and those of a ride', () => {
  expect(unpackRecording(packRecording(recording))).toEqual(recording);
  // 84 million bytes of zeros in some 80,000.
  expect(unpackRecording(new Uint8Array(gzipQuickly(new Uint8Array(84_000_000))))).toBeUndefined();
  const years = { ...recording, timeS: recording.timeS.map((s) => s * 1e300) };
  expect(unpackRecording(packRecording(years))).toBeUndefined();
  const fast = { ...recording, speedMs: recording.speedMs.map(() => 1e30) };
  expect(unpackRecording(packRecording(fast))).toBeUndefined();
});
