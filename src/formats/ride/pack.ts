import { gzipSync } from 'fflate';
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { gunzipBounded } from './gunzip';
import { isPlausible, type Recording } from '../../core/recording';
import type { Bytes } from '../../records/bytes';

/** Samples of one recording that are read back; far above any ride. */
const SAMPLES_MAX = 2_000_000;

/** Columns in this order, each little-endian as on every machine that browsers run on. */
const WIDTHS = { timeS: 8, distanceM: 8, speedMs: 4, cadenceRpm: 4, elevationM: 4 } as const;
const SAMPLE_BYTES = Object.values(WIDTHS).reduce((sum, width) => sum + width, 0);

/** Begins samples with recorded gears; others begin with the time 0 of their first sample. */
const WITH_GEARS = new TextEncoder().encode('gears v1');
/** Bytes of a recorded gear: teeth in front and behind. */
const GEAR_BYTES = 2;

/** Packs a recording: columns one after the other, gzip'd. */
export function packRecording(recording: Recording): Bytes {
  // Without the time of packing: the same samples are the same bytes.
  return gzipSync(columnsOf(recording), { mtime: 0 });
}

/** Unpacked bytes of a recording at most; more are refused while they are unpacked. */
const BYTES_MAX = SAMPLES_MAX * (SAMPLE_BYTES + GEAR_BYTES) + WITH_GEARS.length;

/** The same samples, bit for bit; undefined where the bytes are none, or its figures are not those of a ride. */
export function unpackRecording(packed: Bytes): Recording | undefined {
  try {
    const unpacked = gunzipBounded(packed, BYTES_MAX);
    if (!unpacked.ok) return undefined;
    const hasGears = WITH_GEARS.every((byte, i) => unpacked.bytes[i] === byte);
    const bytes = hasGears ? unpacked.bytes.slice(WITH_GEARS.length) : unpacked.bytes;
    const n = bytes.length / (SAMPLE_BYTES + (hasGears ? GEAR_BYTES : 0));
    if (!Number.isInteger(n) || n < 1) return undefined;
    const { buffer } = bytes;
    const recording: Recording = {
      timeS: new Float64Array(buffer, 0, n),
      distanceM: new Float64Array(buffer, 8 * n, n),
      speedMs: new Float32Array(buffer, 16 * n, n),
      cadenceRpm: new Float32Array(buffer, 20 * n, n),
      elevationM: new Float32Array(buffer, 24 * n, n),
      ...(hasGears && {
        recordedGear: {
          chainringT: new Uint8Array(buffer, SAMPLE_BYTES * n, n),
          cogT: new Uint8Array(buffer, (SAMPLE_BYTES + 1) * n, n),
        },
      }),
    };
    return isPlausible(recording) ? recording : undefined;
  } catch {
    return undefined;
  }
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

function columnsOf({ timeS, distanceM, speedMs, cadenceRpm, elevationM, recordedGear }: Recording): Uint8Array {
  const gears = recordedGear ? [recordedGear.chainringT, recordedGear.cogT] : [];
  const head = recordedGear ? WITH_GEARS : new Uint8Array(0);
  const columns = [head, timeS, distanceM, speedMs, cadenceRpm, elevationM, ...gears];
  const bytes = new Uint8Array(columns.reduce((sum, { byteLength }) => sum + byteLength, 0));
  let at = 0;
  for (const column of columns) {
    bytes.set(new Uint8Array(column.buffer, column.byteOffset, column.byteLength), at);
    at += column.byteLength;
  }
  return bytes;
}
