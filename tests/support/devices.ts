import * as Y from 'yjs';
import {
  BIKE_DEFAULTS,
  JOB_DEFAULTS,
  KEPT_TABLES,
  PART_DEFAULTS,
  SETUP_DEFAULTS,
  sameRecord,
  type KeptTable,
} from '@/records';
import { leavesOf } from '@/sync/leaves';
import { SharedWorkshop, type LocalChange, type LooseRecord } from '@/sync/shared-workshop';
import { readTogether } from '@/sync/together';

type Tables = Record<KeptTable, Map<string, LooseRecord>>;

const noTables = (): Tables =>
  Object.fromEntries(KEPT_TABLES.map((table) => [table, new Map<string, LooseRecord>()])) as Tables;
const copied = (tables: Readonly<Record<KeptTable, ReadonlyMap<string, LooseRecord>>>): Tables =>
  Object.fromEntries(KEPT_TABLES.map((table) => [table, new Map(tables[table])])) as Tables;

/** Something that was changed on a device, and all that the device knew then. */
interface Written {
  readonly record: string;
  /** A field's path; undefined where the record was removed. */
  readonly path: string | undefined;
  readonly value: unknown;
  readonly seen: ReadonlySet<Written>;
  readonly client: number;
  /** How much its client had written after it. */
  readonly until: number;
}

/** Draws whole numbers below a bound. */
export type Draw = (below: number) => number;

/** A device without a browser: records that people change, and what is shared of them. */
export class Device {
  readonly shared = new SharedWorkshop();
  records = noTables();
  private base = noTables();
  readonly clashes: unknown[] = [];
  private known = new Set<Written>();
  private count = 0;

  /** @param clockMs what its clock shows, which may be wrong */
  constructor(
    readonly name: string,
    private readonly all: Written[],
    private readonly clockMs: number,
  ) {}

  private id = (kind: string) => `${kind}-${this.name}-${(this.count += 1)}`;
  private any(table: KeptTable, draw: Draw): LooseRecord | undefined {
    const found = [...this.records[table].values()];
    return found.length > 0 ? found[draw(found.length)] : undefined;
  }
  private of = (table: KeptTable, field: string, id: unknown) =>
    [...this.records[table].values()].filter((record) => record[field] === id);
  private put(table: KeptTable, record: LooseRecord): void {
    this.records[table].set(record.id, record);
  }

  /** Changes something, as the store would: references stay whole. */
  act(kind: number, draw: Draw): void {
    const [bike, setup, part, job] = [
      this.any('bikes', draw),
      this.any('setups', draw),
      this.any('parts', draw),
      this.any('jobs', draw),
    ];
    const atMs = this.clockMs + draw(1000);
    const wheels = (bike?.wheelsets ?? []) as readonly { readonly id: string }[];
    const actions: (() => void)[] = [
      () => {
        const id = this.id('bike');
        this.put('bikes', { ...BIKE_DEFAULTS, id, rank: draw(9), name: id });
        this.put('setups', this.newSetup(id, 'wheels-1', draw));
      },
      () => bike && this.put('bikes', { ...bike, cadenceRpm: 70 + draw(30) }),
      () => bike && this.put('bikes', { ...bike, brief: { ...(bike.brief as object), riderKg: 60 + draw(30) } }),
      () => bike && this.put('bikes', { ...bike, brief: draw(2) ? {} : { bikeKg: 8 + draw(9) } }),
      () => {
        if (!bike) return;
        const changed = draw(wheels.length);
        const wheelsets = wheels.map((one, i) => (i === changed ? { ...one, tyreWidthMm: 28 + draw(20) } : one));
        this.put('bikes', { ...bike, wheelsets });
      },
      () => {
        if (!bike || wheels.length >= 8) return;
        const id = this.id('wheels');
        this.put('bikes', { ...bike, wheelsets: [...wheels, { id, name: id, rimDiameterMm: 622, tyreWidthMm: 30 }] });
      },
      () => {
        if (!bike || wheels.length < 2) return;
        const left = wheels.filter((_, i) => i !== draw(wheels.length));
        if (left.length === 0) return;
        this.put('bikes', { ...bike, wheelsets: left });
        for (const own of this.of('setups', 'bikeId', bike.id))
          if (!left.some(({ id }) => id === own.wheelsetId)) this.put('setups', { ...own, wheelsetId: left[0]!.id });
      },
      () =>
        bike &&
        this.of('setups', 'bikeId', bike.id).length < 4 &&
        this.put('setups', this.newSetup(bike.id, wheels[0]!.id, draw)),
      () => setup && this.put('setups', { ...setup, massG: 2000 + draw(500) }),
      () =>
        setup &&
        this.put('setups', { ...setup, chainLinks: 100 + 2 * draw(10), rearDerailleur: { maxCogT: 30 + draw(20) } }),
      () =>
        setup && part && this.put('setups', { ...setup, partIds: { ...(setup.partIds as object), chain: part.id } }),
      () => {
        if (setup && this.of('setups', 'bikeId', setup.bikeId).length > 1) this.records.setups.delete(setup.id);
      },
      () => bike && this.removeBike(bike),
      () => {
        const id = this.id('part');
        this.put('parts', { ...PART_DEFAULTS, id, kind: 'chain', name: id });
      },
      () => part && this.put('parts', { ...part, price: draw(100), currency: 'EUR' }),
      () =>
        part &&
        this.put('parts', {
          ...part,
          wear: [...(part.wear as object[]), { atMs, wearPercent: draw(2) / 4 }],
        }),
      () => {
        if (!part) return;
        this.records.parts.delete(part.id);
        for (const own of this.records.setups.values()) {
          const partIds = (own.partIds ?? {}) as Readonly<Record<string, string>>;
          const left = Object.entries(partIds).filter(([, id]) => id !== part.id);
          if (left.length < Object.keys(partIds).length)
            this.put('setups', { ...own, partIds: Object.fromEntries(left) });
        }
      },
      () => {
        if (!bike) return;
        const work = { kind: 'recheck', ofJobId: 'job', afterKm: 100 };
        this.put('jobs', {
          ...JOB_DEFAULTS,
          id: this.id('job'),
          bikeId: bike.id,
          name: 'job',
          createdAtMs: atMs,
          work,
        });
      },
      () => {
        if (!job) return;
        const progress = job.progress as Readonly<Record<string, object>>;
        const step = ['check', 'recheck', 'clean'][draw(3)]!;
        this.put('jobs', { ...job, progress: { ...progress, [step]: { ...progress[step], doneAtMs: atMs } } });
      },
      () =>
        job && job.state !== 'done' && this.put('jobs', { ...job, state: ['waiting', 'ready', 'inHand'][draw(3)]! }),
      () =>
        job &&
        this.put('jobs', {
          ...job,
          state: 'done',
          finishedAtMs: atMs,
          outcome: draw(2) ? 'works' : 'reverted',
          passed: [],
        }),
      () => {
        if (job?.state !== 'done') return;
        const { finishedAtMs: _at, outcome: _outcome, passed: _passed, ...rest } = job;
        this.put('jobs', { ...rest, state: 'inHand' });
      },
      () =>
        job &&
        this.put('photos', {
          id: this.id('photo'),
          jobId: job.id,
          stepId: 'recheck',
          takenAtMs: atMs,
          jpeg: { digest: 'd', size: 1 },
        }),
      () => job && this.removeJob(job),
      () => bike && this.put('notes', { id: this.id('note'), bikeId: bike.id, atMs, text: 'squeaks' }),
    ];
    actions[kind % actions.length]!();
    this.absorb();
  }

  private newSetup(bikeId: string, wheelsetId: string, draw: Draw): LooseRecord {
    return {
      ...SETUP_DEFAULTS,
      id: this.id('setup'),
      bikeId,
      rank: draw(9),
      wheelsetId,
      chainrings: [30 + draw(10)],
      cogs: [11, 13, 15 + draw(3)],
      hubStages: [1],
    };
  }

  private removeJob({ id }: LooseRecord): void {
    for (const photo of this.of('photos', 'jobId', id)) this.records.photos.delete(photo.id);
    this.records.jobs.delete(id);
  }

  private removeBike({ id }: LooseRecord): void {
    for (const table of ['setups', 'notes'] as const)
      for (const own of this.of(table, 'bikeId', id)) this.records[table].delete(own.id);
    for (const job of this.of('jobs', 'bikeId', id)) this.removeJob(job);
    this.records.bikes.delete(id);
  }

  /** Notes what has changed here since, for what is shared and for the test. */
  private absorb(): void {
    const changes: LocalChange[] = KEPT_TABLES.flatMap((table) =>
      [...new Set([...this.base[table].keys(), ...this.records[table].keys()])].flatMap((id) => {
        const [before, after] = [this.base[table].get(id), this.records[table].get(id)];
        return before === after || (before && after && sameRecord(before, after)) ? [] : [{ table, id, before, after }];
      }),
    );
    this.shared.absorb(changes);
    const seen = new Set(this.known);
    const client = this.shared.doc.clientID;
    const until = Y.getState(this.shared.doc.store, client);
    for (const { table, id, before, after } of changes) {
      const note = (path: string | undefined, value: unknown) => {
        const written = { record: `${table}/${id}`, path, value, seen, client, until };
        this.known.add(written);
        this.all.push(written);
      };
      if (!after) note(undefined, undefined);
      const was = before && leavesOf(table, before).values;
      const is = after ? leavesOf(table, after).values : new Map<string, unknown>();
      for (const [path, value] of is) if (!sameRecord(was?.get(path), value)) note(path, value);
      if (after) for (const path of was?.keys() ?? []) if (!is.has(path)) note(path, undefined);
    }
    this.base = copied(this.records);
  }

  /** What this device would send to another. */
  message(to: Device) {
    return this.shared.updateFor(to.shared.stateVector());
  }

  receive(update: Uint8Array): void {
    this.clashes.push(...this.shared.apply(update));
    const states = Y.decodeStateVector(this.shared.stateVector());
    for (const one of this.all) if (one.until <= (states.get(one.client) ?? 0)) this.known.add(one);
    this.records = copied(readTogether(this.shared, () => true).tables);
    this.base = copied(this.records);
  }
}

/** Finds what was written and is lost: nobody wrote over it knowing it, and it is not there. Empty where all is well. */
export function lostEdits(all: readonly Written[], { records, shared }: Device): string[] {
  const raw = shared.read();
  const newestOf = (some: readonly Written[]) => some.filter((one) => !some.some((other) => other.seen.has(one)));
  const byRecord = new Map<string, Written[]>();
  for (const one of all) byRecord.set(one.record, [...(byRecord.get(one.record) ?? []), one]);
  return [...byRecord].flatMap(([key, written]) => {
    const [table, id] = key.split('/') as [KeptTable, string];
    const record = raw[table].get(id);
    const removals = written.filter(({ path }) => path === undefined);
    const edits = written.filter(({ path }) => path !== undefined);
    const isRemoved = removals.length > 0 && edits.every((edit) => removals.some(({ seen }) => seen.has(edit)));
    if (!record) return isRemoved ? [] : [`${key} is gone`];
    if (table !== 'setups' && !records[table].has(id)) return [`${key} is kept apart`];
    const { values } = leavesOf(table, record);
    return [...new Set(edits.map(({ path }) => path!))].flatMap((path) => {
      const newest = newestOf(edits.filter((one) => one.path === path));
      const value = values.get(path);
      const isThere = newest.some((one) => sameRecord(one.value, value));
      // What one device changed of a list's item while another removed it is there, and all of the item with it.
      const item = itemOf(path);
      const ofItem = item === undefined ? [] : edits.filter((one) => itemOf(one.path!) === item);
      const isItemThere = [...new Set(ofItem.map((one) => one.path))].some((one) =>
        newestOf(ofItem.filter((other) => other.path === one)).some((other) => other.value !== undefined),
      );
      const isWithItem = isItemThere && ofItem.some((one) => one.path === path && sameRecord(one.value, value));
      const isKept = value !== undefined || !isItemThere;
      return ((isThere || isWithItem) && isKept) || isBeside(path, values)
        ? []
        : [`${key} ${path}: ${JSON.stringify(value)} of ${JSON.stringify(newest.map((one) => one.value))}`];
    });
  });
}

/** The item of a list that a path leads to; undefined for others. */
function itemOf(path: string): string | undefined {
  const parts = JSON.parse(path) as string[];
  const at = parts.indexOf('#');
  return at < 0 || at === parts.length - 1 ? undefined : JSON.stringify(parts.slice(0, at + 2));
}

/** Whether another value says what is to be found: the items of a list their order, a field that its object is not empty, its end that a job is over. */
function isBeside(path: string, values: ReadonlyMap<string, unknown>): boolean {
  if ((JSON.parse(path) as string[]).at(-1) === '#') return true;
  if (path === '["state"]' && values.has('["ended"]')) return true;
  const inside = `${path.slice(0, -1)},`;
  return [...values.keys()].some((key) => key.startsWith(inside));
}
