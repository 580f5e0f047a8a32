import Dexie, { liveQuery, type EntityTable } from 'dexie';
import { backupPieces } from '../formats/backup';
import { backupsToKeep } from './backups-to-keep';
import { readDataset } from './dataset';
import type { RontelDatabase } from './db';
import { backupSaved } from './keeping';
import { definite } from '../core/items';

/** An automatic backup, compressed. */
export interface AutoBackup {
  readonly seq?: number;
  /** Milliseconds since 1970. */
  readonly atMs: number;
  /** A backup file, gzip'd. */
  readonly packed: Blob;
  readonly bikes: number;
  readonly jobs: number;
  readonly rides: number;
}

/** A file on the device that the user chose for backups. */
export interface ExternalFile {
  readonly key: 'outside';
  readonly handle: FileSystemFileHandle;
  /** When it was last written; undefined before the first. */
  readonly writtenAtMs: number | undefined;
}

/** Interval between automatic backups while there are changes. */
const COPY_EVERY_MS = 30 * 60_000;
/** Maximum total size; the newest is always kept. */
const BYTES_MAX = 200_000_000;

/** A separate database, so that damage to the main one does not affect the backups. */
export class AutoBackupDatabase extends Dexie {
  readonly copies!: EntityTable<AutoBackup, 'seq'>;
  readonly outside!: EntityTable<ExternalFile, 'key'>;
  readonly follow = liveQuery;

  constructor(name = 'rontel-copies') {
    super(name);
    this.version(1).stores({ copies: '++seq, atMs', outside: 'key' });
  }
}

/** Makes an automatic backup if one is due and there are changes; returns whether it did. */
export async function copyIfDue(db: RontelDatabase, copies: AutoBackupDatabase, now: number): Promise<boolean> {
  const last = await copies.copies.orderBy('atMs').last();
  // A clock that was set back must not stop the backups.
  if (last && Math.abs(now - last.atMs) < COPY_EVERY_MS) return false;
  const newest = await db.history.orderBy('seq').last();
  if (!newest || (last && newest.at <= last.atMs && last.atMs <= now)) return false;
  await makeAutoBackup(db, copies, now);
  return true;
}

/** Makes an automatic backup, then deletes those that are no longer needed. */
export async function makeAutoBackup(db: RontelDatabase, copies: AutoBackupDatabase, now: number): Promise<void> {
  const dataset = await readDataset(db);
  const packed = await packedText(backupPieces(dataset, new Date(now).toISOString()));
  const { bikes, jobs, rides } = dataset;
  await copies.copies.add({ atMs: now, packed, bikes: bikes.length, jobs: jobs.length, rides: rides.length });
  const all = await copies.copies.toArray();
  const keep = backupsToKeep(
    all.map(({ seq, atMs, packed: { size } }) => ({ seq: definite(seq), atMs, bytes: size })),
    BYTES_MAX,
  );
  await copies.copies.bulkDelete(all.flatMap(({ seq }) => (keep.has(definite(seq)) ? [] : [definite(seq)])));
}

/** Reads the automatic backups, newest first. */
export function readAutoBackups(copies: AutoBackupDatabase): Promise<AutoBackup[]> {
  return copies.copies.orderBy('atMs').reverse().toArray();
}

/** Reads the backup file of an automatic backup. */
export async function autoBackupText({ packed }: AutoBackup): Promise<string> {
  return new Response(packed.stream().pipeThrough(new DecompressionStream('gzip'))).text();
}

/** Writes a backup to the chosen file and counts it as saved. @throws the browser's error if it cannot be written */
export async function writeExternalFile(db: RontelDatabase, copies: AutoBackupDatabase, now: number): Promise<void> {
  const outside = await copies.outside.get('outside');
  if (!outside) return;
  const file = await outside.handle.createWritable();
  // The browser keeps the old content until the new one is complete.
  await streamOf(backupPieces(await readDataset(db), new Date(now).toISOString())).pipeTo(file);
  await copies.outside.put({ ...outside, writtenAtMs: now });
  await backupSaved(db, now);
}

export async function chooseExternalFile(copies: AutoBackupDatabase, handle: FileSystemFileHandle): Promise<void> {
  await copies.outside.put({ key: 'outside', handle, writtenAtMs: undefined });
}

export function forgetExternalFile(copies: AutoBackupDatabase): Promise<void> {
  return copies.outside.clear();
}

function packedText(pieces: Iterable<string>): Promise<Blob> {
  return new Response(streamOf(pieces).pipeThrough(new CompressionStream('gzip'))).blob();
}

/** Serializes in chunks, so that the page stays responsive. */
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
