import Dexie, { type EntityTable } from 'dexie';
import { backupPieces } from '../formats/backup';
import { copiesToKeep } from './copies-to-keep';
import { readDataset } from './dataset';
import type { RontelDatabase } from './db';
import { backupSaved } from './keeping';

/** A backup that was made by itself, packed. */
export interface CopyRecord {
  readonly seq?: number;
  /** Milliseconds since 1970. */
  readonly atMs: number;
  /** A backup file, gzip'd. */
  readonly packed: Blob;
  readonly bikes: number;
  readonly jobs: number;
  readonly rides: number;
}

/** A file outside the browser that was chosen once. */
export interface ExternalFile {
  readonly key: 'outside';
  readonly handle: FileSystemFileHandle;
  /** When it was last written; undefined before the first. */
  readonly writtenAtMs: number | undefined;
}

/** Between two copies so long passes, while there is work. */
const COPY_EVERY_MS = 30 * 60_000;
/** Of all copies together; the newest is kept in any case. */
const BYTES_MAX = 200_000_000;

/** Copies lie in a database of their own: what harms the one that is worked in leaves them alone. */
export class CopiesDatabase extends Dexie {
  readonly copies!: EntityTable<CopyRecord, 'seq'>;
  readonly outside!: EntityTable<ExternalFile, 'key'>;

  constructor(name = 'rontel-copies') {
    super(name);
    this.version(1).stores({ copies: '++seq, atMs', outside: 'key' });
  }
}

/** Makes a copy where there is work since the last and that is long enough ago; answers whether it did. */
export async function copyIfDue(db: RontelDatabase, copies: CopiesDatabase, now: number): Promise<boolean> {
  const last = await copies.copies.orderBy('atMs').last();
  // A clock that was set back must not end the making of copies.
  if (last && Math.abs(now - last.atMs) < COPY_EVERY_MS) return false;
  const newest = await db.history.orderBy('seq').last();
  if (!newest || (last && newest.at <= last.atMs && last.atMs <= now)) return false;
  await makeCopy(db, copies, now);
  return true;
}

/** Makes a copy, then lets go of those that newer ones make needless. */
export async function makeCopy(db: RontelDatabase, copies: CopiesDatabase, now: number): Promise<void> {
  const dataset = await readDataset(db);
  const packed = await packedText(backupPieces(dataset, new Date(now).toISOString()));
  const { bikes, jobs, rides } = dataset;
  await copies.copies.add({ atMs: now, packed, bikes: bikes.length, jobs: jobs.length, rides: rides.length });
  const all = await copies.copies.toArray();
  const keep = copiesToKeep(
    all.map(({ seq, atMs, packed: { size } }) => ({ seq: seq!, atMs, bytes: size })),
    BYTES_MAX,
  );
  await copies.copies.bulkDelete(all.flatMap(({ seq }) => (keep.has(seq!) ? [] : [seq!])));
}

/** The copies there are, the newest first. */
export function readCopies(copies: CopiesDatabase): Promise<CopyRecord[]> {
  return copies.copies.orderBy('atMs').reverse().toArray();
}

/** The backup file that a copy is. */
export async function copyText({ packed }: CopyRecord): Promise<string> {
  return new Response(packed.stream().pipeThrough(new DecompressionStream('gzip'))).text();
}

/** Writes a backup to the file that was chosen, which is one saved; throws what the browser says where it cannot. */
export async function writeExternalFile(db: RontelDatabase, copies: CopiesDatabase, now: number): Promise<void> {
  const outside = await copies.outside.get('outside');
  if (!outside) return;
  const file = await outside.handle.createWritable();
  // What was there stays until all of the new is written.
  await streamOf(backupPieces(await readDataset(db), new Date(now).toISOString())).pipeTo(file);
  await copies.outside.put({ ...outside, writtenAtMs: now });
  await backupSaved(db, now);
}

export async function chooseExternalFile(copies: CopiesDatabase, handle: FileSystemFileHandle): Promise<void> {
  await copies.outside.put({ key: 'outside', handle, writtenAtMs: undefined });
}

export function forgetExternalFile(copies: CopiesDatabase): Promise<void> {
  return copies.outside.clear();
}

function packedText(pieces: Iterable<string>): Promise<Blob> {
  return new Response(streamOf(pieces).pipeThrough(new CompressionStream('gzip'))).blob();
}

/** Piece by piece, so that the page is never held up by the whole. */
function streamOf(pieces: Iterable<string>): ReadableStream<Uint8Array<ArrayBuffer>> {
  const left = pieces[Symbol.iterator]();
  const encoder = new TextEncoder();
  return new ReadableStream({
    pull: (control) => {
      const next = left.next();
      if (next.done === true) control.close();
      else control.enqueue(encoder.encode(next.value));
    },
  });
}
