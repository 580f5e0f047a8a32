import * as Y from 'yjs';
import { sha256 } from '@noble/hashes/sha2.js';
import { KEPT_TABLES, sameRecord, type KeptTable } from '../records';
import { ITEMS, keyOfPath, leavesOf, pathOfKey, recordOf, type LeafValue, type Path } from './leaves';

/** A value with who wrote it, and knowing what. */
interface Leaf {
  /** Absent where the field was removed. */
  readonly value?: LeafValue;
  /** A client of Yjs, and how much that client had written before. */
  readonly client: number;
  readonly clock: number;
  /** The last that its writer knew of the field, by client. */
  readonly knows: Readonly<Record<string, number>>;
}

/** A field that two devices changed without knowing of each other. */
export interface Clash {
  readonly table: KeptTable;
  readonly id: string;
  readonly path: Path;
  /** What was written here, and is no longer there; undefined where the field was removed here. */
  readonly lost: LeafValue | undefined;
  /** Undefined where the other device removed the field. */
  readonly kept: LeafValue | undefined;
}

/** A record before and after a change here; undefined where it was not there, or is no more. */
export interface LocalChange {
  readonly table: KeptTable;
  readonly id: string;
  readonly before: object | undefined;
  readonly after: object | undefined;
}

/** A record as it is put together, whatever its shape. */
export type LooseRecord = Readonly<Record<string, unknown>> & { readonly id: string };
export type LooseTables = Readonly<Record<KeptTable, ReadonlyMap<string, LooseRecord>>>;

/** Values and entities of one record, living or not. */
interface Held {
  readonly values: Map<string, LeafValue>;
  /** Tokens by which the record and the items of its lists are there, by path. */
  readonly tokens: Map<string, Set<string>>;
}

const RECORD = keyOfPath([]);

/**
 * The records that paired devices share, as a Yjs document: each value by its path, the last writer's as Yjs orders them
 * without clocks; and tokens by which a record, or an item of a list, is there. Every change of a record replaces its tokens, a
 * removal takes away those that it knows: so what one device changes while another removes it stays, whole, for values of
 * removed records are kept.
 */
export class SharedWorkshop {
  readonly doc = new Y.Doc();
  private readonly fields: Y.Map<Leaf>;
  private readonly there: Y.Map<1>;
  private readonly held = new Map<string, Held>();
  /** Clients that wrote on this device, now and before. */
  private readonly own: Set<number>;
  private clashes: Clash[] = [];

  /**
   * @param updates what the document consists of so far
   * @param ownClients clients that wrote on this device before
   */
  constructor(updates: readonly Uint8Array[] = [], ownClients: readonly number[] = []) {
    this.fields = this.doc.getMap<Leaf>('fields');
    this.there = this.doc.getMap<1>('there');
    this.own = new Set([...ownClients, this.doc.clientID]);
    this.fields.observe((event) => this.noteFields(event));
    this.there.observe((event) => this.noteTokens(event));
    this.load(updates);
  }

  /** Takes in what this device has stored itself. */
  load(updates: readonly Uint8Array[]): void {
    if (updates.length > 0) Y.applyUpdate(this.doc, Y.mergeUpdates([...updates]), 'load');
  }

  /** Clients that wrote on this device. */
  get ownClients(): readonly number[] {
    return [...this.own];
  }

  /** Takes in changes of records that were made here. Binary fields must be replaced before. */
  absorb(changes: readonly LocalChange[]): void {
    this.doc.transact(() => {
      for (const one of changes) this.absorbOne(one);
    }, 'here');
  }

  private absorbOne({ table, id, before, after }: LocalChange): void {
    const was = before && leavesOf(table, before);
    const is = after && leavesOf(table, after);
    const touched = new Set<string>();
    const touch = (key: string) => {
      for (const entity of entitiesAround(pathOfKey(key))) touched.add(entity);
    };
    for (const [key, value] of is?.values ?? []) {
      if (was && sameRecord(was.values.get(key), value)) continue;
      this.write(rowKey(table, id, key), value);
      touch(key);
    }
    if (!is) {
      // Values stay, for a device that changes the record meanwhile.
      this.removeTokens(table, id, RECORD);
      return;
    }
    // A record that is there again is as it is now, whatever was left of it.
    const held = was ? undefined : this.held.get(heldKey(table, id));
    for (const key of [...((was ?? held)?.values.keys() ?? [])]) {
      if (is.values.has(key) || !isLiving(pathOfKey(key), is.entities)) continue;
      this.write(rowKey(table, id, key), undefined);
      touch(key);
    }
    for (const entity of was?.entities ?? held?.tokens.keys() ?? []) {
      if (is.entities.has(entity)) continue;
      this.removeTokens(table, id, entity);
      touched.add(RECORD);
    }
    for (const entity of is.entities) {
      if (touched.has(entity) || !was?.entities.has(entity)) this.renewToken(table, id, entity);
    }
  }

  private write(row: string, value: LeafValue | undefined): void {
    const client = this.doc.clientID;
    const clock = Y.getState(this.doc.store, client);
    const former = this.fields.get(row);
    const knows = former ? { ...former.knows, [former.client]: former.clock } : {};
    this.fields.set(row, { ...(value !== undefined && { value }), client, clock, knows });
  }

  private renewToken(table: KeptTable, id: string, entity: string): void {
    this.removeTokens(table, id, entity);
    const token = `${this.doc.clientID}.${Y.getState(this.doc.store, this.doc.clientID)}`;
    this.there.set(rowKey(table, id, entity, token), 1);
  }

  private removeTokens(table: KeptTable, id: string, entity: string): void {
    for (const token of this.held.get(heldKey(table, id))?.tokens.get(entity) ?? [])
      this.there.delete(rowKey(table, id, entity, token));
  }

  /**
   * Takes in what another device sent.
   * @returns fields that were changed here and are now as another device has them, which did not know of the change
   */
  apply(update: Uint8Array): readonly Clash[] {
    this.clashes = [];
    Y.applyUpdate(this.doc, update, 'other');
    return this.clashes;
  }

  /** What another device lacks, by how much of each client it has seen. */
  updateFor(theirs: Uint8Array): Uint8Array {
    return Y.encodeStateAsUpdate(this.doc, theirs);
  }

  stateVector(): Uint8Array {
    return Y.encodeStateVector(this.doc);
  }

  /** A digest that is equal on devices that have the same; removals included, which a state vector leaves out. */
  fingerprint(): Uint8Array {
    return sha256(Y.encodeSnapshot(Y.snapshot(this.doc))).slice(0, 16);
  }

  /** All records that are there, and those they refer to. */
  read(): LooseTables {
    const tables = Object.fromEntries(KEPT_TABLES.map((table) => [table, new Map<string, LooseRecord>()])) as Record<
      KeptTable,
      Map<string, LooseRecord>
    >;
    const build = (table: KeptTable, id: string): LooseRecord | undefined => {
      const held = this.held.get(heldKey(table, id));
      if (!held || held.values.size === 0) return undefined;
      const entities = new Set([...held.tokens].flatMap(([entity, tokens]) => (tokens.size > 0 ? [entity] : [])));
      return { ...recordOf(table, { values: held.values, entities }), id };
    };
    const keep = (table: KeptTable, id: string) => {
      if (tables[table].has(id)) return;
      const record = build(table, id);
      if (!record) return;
      tables[table].set(id, record);
      for (const [owner, ownerId] of ownersOf(table, record)) keep(owner, ownerId);
    };
    const dead: (readonly [KeptTable, string])[] = [];
    for (const [key, { tokens }] of this.held) {
      const [table, id] = JSON.parse(key) as [KeptTable, string];
      if ((tokens.get(RECORD)?.size ?? 0) > 0) keep(table, id);
      else dead.push([table, id]);
    }
    this.keepASetup(tables, dead, keep, build);
    return tables;
  }

  /** A bike of which two devices have removed all setups between them keeps its first. */
  private keepASetup(
    tables: LooseTables,
    dead: readonly (readonly [KeptTable, string])[],
    keep: (table: KeptTable, id: string) => void,
    build: (table: KeptTable, id: string) => LooseRecord | undefined,
  ): void {
    const withSetup = new Set([...tables.setups.values()].map(({ bikeId }) => bikeId));
    const removed = dead
      .flatMap(([table, id]) => (table === 'setups' ? (build(table, id) ?? []) : []))
      .sort((a, b) => Number(a.rank) - Number(b.rank) || (a.id < b.id ? -1 : 1));
    for (const setup of removed) {
      if (withSetup.has(setup.bikeId) || !tables.bikes.has(String(setup.bikeId))) continue;
      withSetup.add(setup.bikeId);
      keep('setups', setup.id);
    }
  }

  private noteFields(event: Y.YMapEvent<Leaf>): void {
    for (const [row, { action, oldValue }] of event.changes.keys) {
      const { table, id, key } = rowOf(row);
      const leaf = this.fields.get(row);
      const { values } = this.holdFor(table, id);
      if (leaf?.value !== undefined) values.set(key, leaf.value);
      else values.delete(key);
      if (event.transaction.origin !== 'other' || action === 'add') continue;
      const was = oldValue as Leaf;
      const isUnknown = this.own.has(was.client) && (leaf?.knows[was.client] ?? -1) < was.clock;
      const path = pathOfKey(key);
      // The order of a list follows from its items, which are all there; which step is on screen is no edit.
      const isNoEdit = path.at(-1) === ITEMS || (table === 'jobs' && path[0] === 'at');
      if (!isUnknown || isNoEdit || sameRecord(was.value, leaf?.value)) continue;
      this.clashes.push({ table, id, path, lost: was.value, kept: leaf?.value });
    }
  }

  private noteTokens(event: Y.YMapEvent<1>): void {
    for (const row of event.changes.keys.keys()) {
      const { table, id, key, token } = rowOf(row);
      const { tokens } = this.holdFor(table, id);
      const own = tokens.get(key) ?? new Set();
      tokens.set(key, own);
      if (this.there.has(row)) own.add(token);
      else own.delete(token);
    }
  }

  private holdFor(table: KeptTable, id: string): Held {
    const key = heldKey(table, id);
    const known = this.held.get(key);
    if (known) return known;
    const made = { values: new Map<string, LeafValue>(), tokens: new Map<string, Set<string>>() };
    this.held.set(key, made);
    return made;
  }
}

const heldKey = (table: KeptTable, id: string) => JSON.stringify([table, id]);
const rowKey = (table: KeptTable, id: string, key: string, token = '') => JSON.stringify([table, id, key, token]);

function rowOf(row: string) {
  const [table, id, key, token] = JSON.parse(row) as [KeptTable, string, string, string];
  return { table, id, key, token };
}

/** The record, and the items of lists that a path leads through. */
function entitiesAround(path: Path): string[] {
  return [
    RECORD,
    ...path.flatMap((part, i) => (part === ITEMS && i < path.length - 1 ? [keyOfPath(path.slice(0, i + 2))] : [])),
  ];
}

const isLiving = (path: Path, entities: ReadonlySet<string>) =>
  entitiesAround(path).every((entity) => entities.has(entity));

/** Records without which another cannot be. */
function ownersOf(table: KeptTable, record: LooseRecord): (readonly [KeptTable, string])[] {
  const bike = typeof record.bikeId === 'string' ? ([['bikes', record.bikeId]] as const) : [];
  if (table === 'photos') return [['jobs', String(record.jobId)]];
  if (table === 'rides') return [...bike, ['recordings', record.id]];
  if (table === 'recordings') return [['rides', record.id]];
  if (table === 'setups') {
    const parts = Object.values((record.partIds ?? {}) as Readonly<Record<string, string>>);
    return [...bike, ...parts.map((id) => ['parts', id] as const)];
  }
  return [...bike];
}
