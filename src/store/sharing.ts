import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, concatBytes } from '@noble/hashes/utils.js';
import { KEPT_TABLES, sameRecord, type KeptRecords, type KeptTable } from '../records';
import { BINARY_FIELDS, isBytes, type Bytes } from '../records/bytes';
import {
  SharedWorkshop,
  type Clash,
  type LocalChange,
  type LooseRecord,
  type LooseTables,
} from '../sync/shared-workshop';
import type { Incoming, OtherDevice, SharedStore } from '../sync/peer';
import { readTogether, type BytesMark } from '../sync/together';
import { binnedOf } from './bin';
import { changeTables, tableOf } from './change';
import type { RontelDatabase } from './db';
import { openGate } from './gate';
import type { RecordChange } from './history-entry';
import { t } from './words';

/** That this browser is paired with others, and what it knows of them. */
export interface PairingRecord {
  readonly id: 'pairing';
  /** What all paired devices know, as a link has it. */
  readonly secret: string;
  readonly deviceId: string;
  /** What others call this device. */
  readonly name: string;
  /** Clients of the shared document that wrote in this browser. */
  readonly ownClients: readonly number[];
  readonly others: readonly OtherDevice[];
  /** Why records that were changed on two devices at once cannot be kept as they are. */
  readonly apart: readonly string[];
}

/** A piece of the shared document, as it came. */
export interface SharedUpdate {
  readonly seq?: number;
  readonly bytes: Uint8Array;
}

/** A field that two devices changed at once, for people to look at. */
export interface ClashRecord extends Omit<Clash, 'table'> {
  readonly seq?: number;
  readonly table: KeptTable;
  /** Name of the device whose value is kept. */
  readonly from: string;
  readonly atMs: number;
}

/** Which bytes a record of this browser has. */
export interface DigestRecord extends BytesMark {
  /** Table and id of the record. */
  readonly id: string;
}

/** A piece of bytes that are still coming. */
export interface PieceRecord {
  /** Digest and offset. */
  readonly id: string;
  readonly digest: string;
  readonly offset: number;
  readonly bytes: Uint8Array;
}

/** More pieces of the document than this are put together into one. */
const UPDATES_MAX = 200;

const isBinary = (table: KeptTable): table is keyof typeof BINARY_FIELDS => table in BINARY_FIELDS;

type Tables = Record<KeptTable, Map<string, LooseRecord>>;

/**
 * Keeps the records of this browser and what paired devices share the same. Both are in one database and change in one
 * transaction, so a browser that is closed in the middle has the one with the other or neither.
 */
// Imported on demand: only paired browsers need it.
// ts-unused-exports:disable-next-line
export class Sharing implements SharedStore {
  private shared: SharedWorkshop;
  /** Records as they were when both were last the same. */
  private base: LooseTables | undefined;
  private lastSeq = 0;
  /** Digests of bytes that are here: in a record, or complete and waiting for theirs. */
  private readonly here = new Map<string, string>();
  private wanted: readonly BytesMark[] = [];
  /** Whether more could be shown than is: what others stored, or bytes, have come since. */
  private isBehind = true;

  private constructor(
    private readonly db: RontelDatabase,
    private readonly now: () => number,
    ownClients: readonly number[],
  ) {
    this.shared = new SharedWorkshop([], ownClients);
  }

  /** Opens what is shared. @param now wall clock, ms */
  static async open(db: RontelDatabase, now: () => number): Promise<Sharing> {
    const pairing = await db.sharing.get('pairing');
    const sharing = new Sharing(db, now, pairing?.ownClients ?? []);
    await sharing.exchange([]);
    return sharing;
  }

  stateVector = () => this.shared.stateVector();
  fingerprint = () => this.shared.fingerprint();
  updateFor = (theirs: Uint8Array) => this.shared.updateFor(theirs);

  async exchange(incoming: readonly Incoming[]): Promise<{ readonly changedHere: boolean }> {
    await openGate();
    const { db } = this;
    const updates: Uint8Array[] = [];
    const { doc } = this.shared;
    const note = (update: Uint8Array, origin: unknown) => {
      if (origin !== 'load') updates.push(update);
    };
    doc.on('update', note);
    try {
      return await db.transaction(
        'rw',
        [...changeTables(db), db.sharing, db.sharedUpdates, db.pieces, db.digests, db.clashes],
        async () => {
          await this.loadOthers();
          const current = await this.readRecords();
          const changes = differences(this.base ?? current, current);
          this.shared.absorb(changes);
          for (const { table, before, after } of changes) if (!after) this.forgetBytes(table, before);
          const clashes = incoming.flatMap(({ update, from }) =>
            this.shared.apply(update).map((clash) => ({ ...clash, from: from.name, atMs: this.now() })),
          );
          await db.clashes.bulkAdd(clashes);
          // What was changed here alone is as it is.
          const isSettled = incoming.length === 0 && !this.isBehind;
          this.base = isSettled ? current : await this.settle(current, incoming.at(-1)?.from.name ?? '');
          await this.keepUpdates(updates);
          return { changedHere: changes.length > 0 };
        },
      );
    } catch (error) {
      // Nothing of it is stored: the next exchange begins with what is.
      this.shared = new SharedWorkshop([], this.shared.ownClients);
      this.base = undefined;
      this.lastSeq = 0;
      throw error;
    } finally {
      doc.off('update', note);
    }
  }

  /** Makes the records those that all devices share; returns them. @param from the device that sent the last changes */
  private async settle(current: LooseTables, from: string): Promise<LooseTables> {
    const { sharing } = this.db;
    const { tables, missing, apart } = readTogether(this.shared, ({ digest }) => this.here.has(digest));
    await this.write(current, tables, from);
    const pairing = await sharing.get('pairing');
    if (pairing) await sharing.put({ ...pairing, ownClients: this.shared.ownClients, apart });
    this.wanted = missing;
    this.isBehind = false;
    return tables;
  }

  /** Reads what other tabs have stored, or at the start all; the records are then those that it comes to. */
  private async loadOthers(): Promise<void> {
    const rows = await this.db.sharedUpdates.where('seq').above(this.lastSeq).toArray();
    if (this.base && rows.length === 0) return;
    this.isBehind = true;
    this.shared.load(rows.map(({ bytes }) => bytes));
    this.lastSeq = rows.at(-1)?.seq ?? this.lastSeq;
    await this.readDigests();
    this.base = readTogether(this.shared, ({ digest }) => this.here.has(digest)).tables;
  }

  /** Notes which bytes the stored records have, and no others: a record whose bytes are not stored was not removed here. */
  private async readDigests(): Promise<void> {
    const { db } = this;
    const stored = new Set<string>();
    for (const table of KEPT_TABLES.filter(isBinary))
      for (const id of await tableOf(db, table).toCollection().primaryKeys()) stored.add(`${table}/${id}`);
    this.here.clear();
    for (const { id, digest } of await db.digests.toArray()) if (stored.has(id)) this.here.set(digest, id);
  }

  /** All records, with marks for bytes; bytes are read only of records that are new. */
  private async readRecords(): Promise<Tables> {
    const { db } = this;
    const tables = {} as Tables;
    for (const table of KEPT_TABLES) {
      if (!isBinary(table)) {
        const records = await tableOf(db, table).toArray();
        tables[table] = new Map(records.map((record) => [record.id, record as unknown as LooseRecord]));
        continue;
      }
      const own = new Map<string, LooseRecord>();
      for (const id of await tableOf(db, table).toCollection().primaryKeys()) {
        const known = this.base?.[table].get(id);
        if (known) own.set(id, known);
        else own.set(id, await this.marked(table, id));
      }
      tables[table] = own;
    }
    return tables;
  }

  private async marked(table: keyof typeof BINARY_FIELDS, id: string): Promise<LooseRecord> {
    const record = (await tableOf(this.db, table).get(id)) as unknown as LooseRecord;
    const field = BINARY_FIELDS[table];
    const bytes = record[field] as Bytes;
    const known = await this.db.digests.get(`${table}/${id}`);
    const digest = known?.digest ?? bytesToHex(sha256(bytes));
    if (!known) await this.db.digests.put({ id: `${table}/${id}`, digest, size: bytes.length });
    this.here.set(digest, `${table}/${id}`);
    return { ...record, [field]: { digest, size: bytes.length } };
  }

  /** Makes the stored records those that all devices share; what goes is in the bin. */
  private async write(current: LooseTables, next: LooseTables, from: string): Promise<void> {
    const { db } = this;
    const changes: RecordChange[] = [];
    for (const { table, id, after } of differences(current, next)) {
      const before = await tableOf(db, table).get(id);
      if (after === undefined) {
        await tableOf(db, table).delete(id);
        changes.push({ table, id, before, after });
        this.forgetBytes(table, current[table].get(id));
      } else
        await tableOf(db, table).put((await this.withBytes(table, after as LooseRecord)) as KeptRecords[KeptTable]);
    }
    const binned = binnedOf(t('undo.removedOn', { device: from }), this.now(), changes);
    if (binned) await db.bin.add(binned);
  }

  /** A record that is gone has its bytes no longer: where it comes back, they are asked for. */
  private forgetBytes(table: KeptTable, record: object | undefined): void {
    if (isBinary(table) && record)
      this.here.delete(((record as LooseRecord)[BINARY_FIELDS[table]] as BytesMark).digest);
  }

  private async withBytes(table: KeptTable, record: LooseRecord): Promise<unknown> {
    if (!isBinary(table)) return record;
    const field = BINARY_FIELDS[table];
    const mark = record[field] as BytesMark;
    const bytes = await this.bytesOf(mark.digest);
    await this.db.digests.put({ id: `${table}/${record.id}`, ...mark });
    await this.db.pieces.where('digest').equals(mark.digest).delete();
    this.here.set(mark.digest, `${table}/${record.id}`);
    return { ...record, [field]: bytes };
  }

  /** Bytes that are here. @throws Error if they are not */
  private async bytesOf(digest: string): Promise<Bytes> {
    const holder = this.here.get(digest) ?? '';
    const at = holder.indexOf('/');
    const table = holder.slice(0, at) as KeptTable;
    const record = isBinary(table) ? await tableOf(this.db, table).get(holder.slice(at + 1)) : undefined;
    const bytes = record && isBinary(table) ? (record as unknown as LooseRecord)[BINARY_FIELDS[table]] : undefined;
    if (isBytes(bytes)) return bytes;
    const pieces = await this.db.pieces.where('digest').equals(digest).sortBy('offset');
    return new Uint8Array(concatBytes(...pieces.map((piece) => piece.bytes)));
  }

  private async keepUpdates(updates: readonly Uint8Array[]): Promise<void> {
    const { sharedUpdates } = this.db;
    for (const bytes of updates) this.lastSeq = (await sharedUpdates.add({ bytes })) as number;
    if ((await sharedUpdates.count()) <= UPDATES_MAX) return;
    await sharedUpdates.clear();
    this.lastSeq = (await sharedUpdates.add({ bytes: this.shared.updateFor(new Uint8Array([0])) })) as number;
  }

  async missing(): Promise<readonly (BytesMark & { readonly offset: number })[]> {
    return Promise.all(
      this.wanted.slice(0, 1).map(async (mark) => {
        const pieces = this.db.pieces.where('digest').equals(mark.digest);
        const offset = (await pieces.toArray()).reduce((sum, { bytes }) => sum + bytes.length, 0);
        if (offset < mark.size) return { ...mark, offset };
        // All of it came, and the browser was closed before it was put together.
        await pieces.delete();
        return { ...mark, offset: 0 };
      }),
    );
  }

  async readPiece(digest: string, offset: number, most: number) {
    if (!this.here.has(digest)) return undefined;
    const bytes = await this.bytesOf(digest);
    return { bytes: bytes.slice(offset, offset + most), size: bytes.length };
  }

  async keepPiece(digest: string, offset: number, bytes: Uint8Array): Promise<boolean> {
    const mark = this.wanted.find((one) => one.digest === digest);
    const { pieces } = this.db;
    if (!mark || bytes.length === 0) return false;
    return this.db.transaction('rw', pieces, async () => {
      const known = await pieces.where('digest').equals(digest).sortBy('offset');
      const came = known.reduce((sum, piece) => sum + piece.bytes.length, 0);
      // A piece that has come already, or before one that is missing.
      if (offset !== came) return false;
      await pieces.put({ id: `${digest}/${offset}`, digest, offset, bytes });
      if (came + bytes.length < mark.size) return false;
      const whole = concatBytes(...known.map((piece) => piece.bytes), bytes);
      if (bytesToHex(sha256(whole)) === digest) {
        this.here.set(digest, '');
        this.isBehind = true;
        return true;
      }
      // Not what was asked for: once more from the beginning.
      await pieces.where('digest').equals(digest).delete();
      return false;
    });
  }
}

/** What must be changed in one lot of records to have another. */
function differences(from: LooseTables, to: LooseTables): LocalChange[] {
  return KEPT_TABLES.flatMap((table) => {
    const ids = new Set([...from[table].keys(), ...to[table].keys()]);
    return [...ids].flatMap((id) => {
      const [before, after] = [from[table].get(id), to[table].get(id)];
      return before === after || (before && after && sameRecord(before, after)) ? [] : [{ table, id, before, after }];
    });
  });
}
