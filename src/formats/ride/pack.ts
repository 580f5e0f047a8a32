import { gzipSync } from 'fflate';
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { gunzipBounded } from './gunzip';
import { isPlausible, type Recording } from '../../core/recording';
import type { Bytes } from '../../records/bytes';
import { definite, itemAt } from '../../core/items';

/** Samples of one recording that are read back; far above any ride. */
const SAMPLES_MAX = 2_000_000;

/**
 * Columns in this order, each little-endian as on every machine that browsers run on: so many bytes a sample each. Those from
 * `powerW` on only where the ride has them.
 */
const COLUMNS = [
  ['timeS', Float64Array],
  ['distanceM', Float64Array],
  ['latitudeDeg', Float64Array],
  ['longitudeDeg', Float64Array],
  ['speedMs', Float32Array],
  ['cadenceRpm', Float32Array],
  ['elevationM', Float32Array],
  ['powerW', Float32Array],
  ['chainringT', Uint8Array],
  ['cogT', Uint8Array],
] as const;
type Column = (typeof COLUMNS)[number][0];
type Columns = Partial<Record<Column, Float64Array | Float32Array | Uint8Array>>;

/** What a ride can have besides the columns that each has; each is a bit of the head. */
const MORE: readonly (readonly Column[])[] = [['chainringT', 'cogT'], ['powerW'], ['latitudeDeg', 'longitudeDeg']];
const EXTRA = new Set(MORE.flat());

/** Begins samples with more columns, followed by a byte that says which; others begin with the time 0 of their first sample. */
const WITH_MORE = new TextEncoder().encode('ride v2');
/** Began samples with recorded gears before there were more. */
const WITH_GEARS = new TextEncoder().encode('gears v1');
const HEAD_BYTES = 8;

/** Packs a recording: columns one after the other, gzip'd. */
export function packRecording(recording: Recording): Bytes {
  // Without the time of packing: the same samples are the same bytes.
  return gzipSync(bytesOf(recording), { mtime: 0 });
}

const SAMPLE_BYTES_MAX = COLUMNS.reduce((sum, [, { BYTES_PER_ELEMENT }]) => sum + BYTES_PER_ELEMENT, 0);
/** Unpacked bytes of a recording at most; more are refused while they are unpacked. */
const BYTES_MAX = SAMPLES_MAX * SAMPLE_BYTES_MAX + HEAD_BYTES;

/** The same samples, bit for bit; undefined where the bytes are none, or its figures are not those of a ride. */
export function unpackRecording(packed: Bytes): Recording | undefined {
  try {
    const unpacked = gunzipBounded(packed, BYTES_MAX);
    if (!unpacked.ok) return undefined;
    const flags = flagsOf(unpacked.bytes);
    const has = columnsWith(flags);
    const begins = flags === 0 ? 0 : HEAD_BYTES;
    const sampleBytes = has.reduce((sum, [, { BYTES_PER_ELEMENT }]) => sum + BYTES_PER_ELEMENT, 0);
    const n = (unpacked.bytes.length - begins) / sampleBytes;
    if (!Number.isInteger(n) || n < 1 || n > SAMPLES_MAX) return undefined;
    const { buffer } = unpacked.bytes.slice(begins);
    let at = 0;
    const columns: Columns = {};
    for (const [name, Kind] of has) {
      columns[name] = new Kind(buffer, at, n);
      at += n * Kind.BYTES_PER_ELEMENT;
    }
    const recording = recordingWith(columns);
    return isPlausible(recording) ? recording : undefined;
  } catch {
    return undefined;
  }
}

const startsWith = (bytes: Uint8Array, head: Uint8Array) => head.every((byte, i) => bytes[i] === byte);

/** Which columns bytes have besides those that each ride has, as bits of {@link MORE}. */
function flagsOf(bytes: Uint8Array): number {
  if (startsWith(bytes, WITH_GEARS)) return 1;
  return startsWith(bytes, WITH_MORE) ? itemAt(bytes, WITH_MORE.length) : 0;
}

const columnsWith = (flags: number) =>
  COLUMNS.filter(
    ([name]) => !EXTRA.has(name) || MORE.some((names, bit) => (flags >> bit) % 2 === 1 && names.includes(name)),
  );

function recordingWith(columns: Columns): Recording {
  const { timeS, distanceM, speedMs, cadenceRpm, elevationM, powerW, latitudeDeg, longitudeDeg, chainringT, cogT } =
    columns as Record<'timeS' | 'distanceM', Float64Array> &
      Record<'speedMs' | 'cadenceRpm' | 'elevationM', Float32Array> & {
        powerW?: Float32Array;
        latitudeDeg?: Float64Array;
        longitudeDeg?: Float64Array;
        chainringT?: Uint8Array;
        cogT?: Uint8Array;
      };
  return {
    timeS,
    distanceM,
    speedMs,
    cadenceRpm,
    elevationM,
    ...(powerW && { powerW }),
    ...(latitudeDeg && longitudeDeg && { positions: { latitudeDeg, longitudeDeg } }),
    ...(chainringT && cogT && { recordedGear: { chainringT, cogT } }),
  };
}

function bytesOf({ recordedGear, positions, ...recording }: Recording): Uint8Array {
  const columns: Columns = { ...recording, ...recordedGear, ...positions };
  const flags = MORE.reduce((sum, names, bit) => sum + (names.every((name) => columns[name]) ? 2 ** bit : 0), 0);
  const head = flags === 0 ? new Uint8Array(0) : Uint8Array.of(...WITH_MORE, flags);
  const pieces = [head, ...columnsWith(flags).map(([name]) => definite(columns[name]))];
  const bytes = new Uint8Array(pieces.reduce((sum, { byteLength }) => sum + byteLength, 0));
  let at = 0;
  for (const piece of pieces) {
    bytes.set(new Uint8Array(piece.buffer, piece.byteOffset, piece.byteLength), at);
    at += piece.byteLength;
  }
  return bytes;
}

/** The same for the same ride, whatever file it came from: of when it began, and its times, speeds and cadences. */
export function digestOf(startedAtMs: number, { timeS, speedMs, cadenceRpm }: Recording): string {
  const hash = sha256.create();
  hash.update(new TextEncoder().encode(String(startedAtMs)));
  // Files give speeds with different precision: they agree to the centimetre per second.
  for (const column of [timeS, speedMs, cadenceRpm]) {
    hash.update(
      new Uint8Array(Int32Array.from(column, (value) => (Number.isNaN(value) ? -1 : Math.round(value * 100))).buffer),
    );
  }
  return bytesToHex(hash.digest()).slice(0, 32);
}
