import { KEPT_TABLES, WHEEL_DEFAULTS, type KeptTable } from '../records';
import { BINARY_FIELDS } from '../records/bytes';
import type { RawTables } from '../records/migration';
import { sortOut } from '../records/schemas';
import type { LooseRecord, LooseTables, SharedWorkshop } from './shared-workshop';

/** Stands for the bytes of a photo or of samples, which go from device to device by themselves. */
export interface BytesMark {
  /** SHA-256, hexadecimal. */
  readonly digest: string;
  /** Bytes. */
  readonly size: number;
}

/** What the records of all paired devices come to. */
interface Together {
  /** Binary fields are marks. */
  readonly tables: LooseTables;
  /** Bytes without which some records cannot be shown yet. */
  readonly missing: readonly BytesMark[];
  /** Why records that were changed on two devices at once cannot be kept as they are; they stay in what is shared. */
  readonly apart: readonly string[];
}

const BINARY = Object.entries(BINARY_FIELDS) as (readonly [keyof typeof BINARY_FIELDS, string])[];

/** Passes for bytes where the shape of records is checked. */
const PLACEHOLDER = new Uint8Array(1);

/**
 * Reads what is shared: valid records whose references are there. The same on every device that has the same, and the same
 * bytes.
 * @param has whether this device has some bytes
 */
export function readTogether(shared: SharedWorkshop, has: (mark: BytesMark) => boolean): Together {
  const read = shared.read();
  const missing = new Map<string, BytesMark>();
  const marks = new Map<string, BytesMark>();
  const raw: Record<string, unknown[]> = { preferences: [] };
  for (const table of KEPT_TABLES) raw[table] = [...read[table].values()].sort(byId);
  raw.bikes = (raw.bikes ?? []).map((bike) => withWheels(bike as LooseRecord, read));
  for (const [table, field] of BINARY) {
    raw[table] = (raw[table] as LooseRecord[]).flatMap((record) => {
      const mark = record[field] as BytesMark;
      if (!has(mark)) {
        missing.set(mark.digest, mark);
        return [];
      }
      marks.set(`${table}/${record.id}`, mark);
      return [{ ...record, [field]: PLACEHOLDER }];
    });
  }
  const withSamples = new Set((raw.recordings as LooseRecord[]).map(({ id }) => id));
  raw.rides = (raw.rides as LooseRecord[]).filter(({ id }) => withSamples.has(id));
  const { dataset, quarantined } = sortOut(raw as unknown as RawTables);
  const tables = Object.fromEntries(
    KEPT_TABLES.map((table) => [
      table,
      new Map(
        dataset[table].map((record) => {
          const mark = marks.get(`${table}/${record.id}`);
          const loose = record as unknown as LooseRecord;
          return [
            record.id,
            mark ? { ...loose, [BINARY_FIELDS[table as keyof typeof BINARY_FIELDS]]: mark } : loose,
          ] as const;
        }),
      ),
    ]),
  ) as unknown as Record<KeptTable, ReadonlyMap<string, LooseRecord>>;
  return { tables, missing: [...missing.values()], apart: quarantined.map(({ text }) => text) };
}

const byId = (a: LooseRecord, b: LooseRecord) => (a.id < b.id ? -1 : 1);

/** A bike of which two devices have removed all wheels between them has those of a new one. */
function withWheels(bike: LooseRecord, { setups }: LooseTables): LooseRecord {
  if (Array.isArray(bike.wheelsets) && bike.wheelsets.length > 0) return bike;
  const [own] = [...setups.values()].filter(({ bikeId }) => bikeId === bike.id).sort(byId);
  const id = typeof own?.wheelsetId === 'string' ? own.wheelsetId : WHEEL_DEFAULTS.id;
  return { ...bike, wheelsets: [{ ...WHEEL_DEFAULTS, id }] };
}
