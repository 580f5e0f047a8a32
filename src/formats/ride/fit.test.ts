import { FitBaseType, FitEncoder } from 'fit-file-parser';
import type { RawSample } from '../../core/recording';
import { readFit } from './fit';
import { readRideFile } from './ride-file';

/** Seconds from 1970 to the epoch of the format. */
const EPOCH_S = 631_065_600;
const START_S = Date.UTC(2026, 8, 1, 8) / 1000 - EPOCH_S;

type Field = Parameters<FitEncoder['writeMessage']>[1][number];
const field = (number: number, baseType: number, size: number, value: number) =>
  ({ number, size, baseType, value }) as Field;
const u8 = (number: number, value: number) => field(number, FitBaseType.Uint8, 1, value);
const u16 = (number: number, value: number) => field(number, FitBaseType.Uint16, 2, value);
const u32 = (number: number, value: number) => field(number, FitBaseType.Uint32, 4, value);
const enumeration = (number: number, value: number) => field(number, FitBaseType.Enum, 1, value);
const at = (s: number) => u32(253, START_S + s);

/** A file by an encoder that is not ours; its messages in order. */
function file(...messages: readonly (readonly [kind: number, fields: readonly Field[]])[]): Uint8Array {
  const encoder = new FitEncoder();
  encoder.writeMessage(0, [enumeration(0, 4)]);
  for (const [kind, fields] of messages) encoder.writeMessage(kind, [...fields]);
  return encoder.close();
}
const record = (s: number, ...more: readonly Field[]) => [20, [at(s), u16(6, 6000 + s), u8(4, 85), ...more]] as const;
const records = (count: number, from = 0) => Array.from({ length: count }, (_, i) => record(from + i));

function read(bytes: Uint8Array): { readonly samples: readonly RawSample[]; readonly remarks: readonly string[] } {
  const result = readFit(bytes);
  if (!result.ok) throw new Error(result.failure.message);
  return { samples: result.track.samples, remarks: result.track.remarks ?? [] };
}
const joined = (...parts: readonly Uint8Array[]) => Uint8Array.from(parts.flatMap((part) => [...part]));

test('every value of a record, as an independent encoder writes it', () => {
  const { samples, remarks } = read(
    file([
      20,
      [
        at(3),
        u16(6, 6543),
        u8(4, 85),
        u8(53, 64),
        u32(5, 123_456),
        u16(2, 3000),
        field(0, FitBaseType.Sint32, 4, 2 ** 30),
      ],
    ]),
  );
  expect(samples).toEqual([
    {
      timeMs: (START_S + 3 + EPOCH_S) * 1000,
      speedMs: 6.543,
      cadenceRpm: 85.5,
      distanceM: 1234.56,
      elevationM: 100,
      latitudeDeg: 90,
      longitudeDeg: undefined,
    },
  ]);
  expect(remarks).toEqual([]);
});

test('finer fields go before coarse ones, and what has no value is none', () => {
  const fine = [at(0), u16(6, 6000), u32(73, 6001), u8(4, 85), u16(52, 85 * 256 + 128), u16(2, 0), u32(78, 3005)];
  expect(read(file([20, fine])).samples[0]).toMatchObject({ speedMs: 6.001, cadenceRpm: 85.5, elevationM: 101 });
  const none = [at(0), u16(6, 0xffff), u32(73, 0xffffffff), u8(4, 0xff), u16(2, 0xffff)];
  expect(read(file([20, none])).samples[0]).toMatchObject({
    speedMs: undefined,
    cadenceRpm: undefined,
    elevationM: undefined,
  });
});

/** A file by its bytes, little-endian, with its checksum left at 0. */
function raw(...body: readonly number[]): Uint8Array {
  const length = body.length;
  return Uint8Array.of(12, 0x20, 0, 0, length & 0xff, length >> 8, 0, 0, 0x2e, 0x46, 0x49, 0x54, ...body, 0, 0);
}
const bytesOf = (value: number) => [value & 0xff, (value >> 8) & 0xff, (value >> 16) & 0xff, value >>> 24];

test('a developer field never stands for one of the protocol, whatever its number', () => {
  // Record: time (253) and cadence (4), and a developer's field 4 of one byte.
  const definition = [0x60, 0, 0, 20, 0, 2, 253, 4, 0x86, 4, 1, 0x02, 1, 4, 1, 0];
  const { samples } = read(
    raw(...definition, 0x00, ...bytesOf(START_S), 85, 200, 0x00, ...bytesOf(START_S + 1), 86, 201),
  );
  expect(samples.map(({ cadenceRpm }) => cadenceRpm)).toEqual([85, 86]);
});

test('times in five bits count on, and big-endian numbers are read', () => {
  const whole = [0x40, 0, 0, 20, 0, 2, 253, 4, 0x86, 4, 1, 0x02];
  const short = [0x41, 0, 1, 0, 20, 2, 6, 2, 0x84, 4, 1, 0x02];
  const offset = (seconds: number) => 0x80 | (1 << 5) | ((START_S + seconds) & 0x1f);
  const { samples } = read(
    raw(...whole, ...short, 0x00, ...bytesOf(START_S), 80, offset(2), 0x17, 0x70, 81, offset(33), 0x17, 0x71, 82),
  );
  expect(samples.map(({ timeMs, speedMs }) => [timeMs! / 1000 - EPOCH_S - START_S, speedMs])).toEqual([
    [0, undefined],
    [2, 6],
    [33, 6.001],
  ]);
});

test('several files in one are read one after the other, and it is said', () => {
  const { samples, remarks } = read(joined(file(...records(20)), file(...records(30, 40))));
  expect(samples).toHaveLength(50);
  expect(remarks).toEqual(['2 recordings in one file, read as one ride']);
});

test('of several sports the cycling is read, and the rest is counted', () => {
  const session = (sport: number, from: number, seconds: number) =>
    [18, [at(from + seconds), u32(2, START_S + from), u32(7, seconds * 1000), enumeration(5, sport)]] as const;
  const three = [...records(100), session(5, 0, 19), session(2, 20, 49), session(1, 70, 29)];
  const { samples, remarks } = read(file(...three));
  expect(samples.map(({ speedMs }) => speedMs)).toEqual(Array.from({ length: 50 }, (_, i) => (6000 + 20 + i) / 1000));
  expect(remarks).toEqual(['50 of 100 records belong to other sports and are left out']);
  // One sport alone is read whatever it is.
  expect(read(file(...records(100), session(1, 0, 99))).samples).toHaveLength(100);
});

test('records before a cut-off, a fault or a wrong checksum are recovered, and it is said', () => {
  const bytes = file(...records(50));
  const cut = read(bytes.subarray(0, bytes.length - 40));
  expect(cut.samples.length).toBeGreaterThan(40);
  expect(cut.remarks).toEqual([`the file is cut off: the first ${cut.samples.length} records are read`]);
  // Never closed: its length is still 0, and there is no checksum.
  const open = bytes.slice(0, -2);
  open.fill(0, 4, 8);
  expect(read(open)).toMatchObject({ remarks: ['the file is cut off: the first 50 records are read'] });
  const wrong = bytes.slice();
  wrong[bytes.length - 1]! ^= 0xff;
  expect(read(wrong)).toMatchObject({ remarks: [expect.stringContaining('the checksum is wrong') as string] });
  expect(read(wrong).samples).toHaveLength(50);
  const headOnly = readFit(bytes.subarray(0, 14));
  expect(headOnly).toMatchObject({ ok: false, failure: { kind: 'damaged' } });
  expect(readFit(file())).toMatchObject({ ok: false, failure: { kind: 'noPoints' } });
});

test('gear changes of electronic shifting are kept with the ride, by either way of writing them', async () => {
  const packed = (front: number, rear: number) => ((front << 24) | (2 << 16) | (rear << 8) | 5) >>> 0;
  const rear = (s: number) => [21, [at(s), enumeration(0, 43), enumeration(1, 3), u32(3, packed(48, 21))]] as const;
  const front = (s: number) => [21, [at(s), enumeration(0, 42), enumeration(1, 3), u8(10, 32), u8(12, 19)]] as const;
  const timer = [21, [at(0), enumeration(0, 0), enumeration(1, 0)]] as const;
  const bytes = file(timer, ...records(60), front(40), rear(10));
  const ride = await readRideFile('r.fit', bytes);
  if (ride.kind !== 'ride') throw new Error(JSON.stringify(ride));
  const { chainringT, cogT } = ride.recording.recordedGear!;
  expect([9, 10, 39, 40].map((s) => [chainringT[s], cogT[s]])).toEqual([
    [0, 0],
    [48, 21],
    [48, 21],
    [32, 19],
  ]);
});
