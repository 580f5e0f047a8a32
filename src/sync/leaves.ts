import type { KeptTable } from '../records';

/** A value that is written as a whole: a number, a text, a list, or an object whose fields belong together. */
export type LeafValue = string | number | boolean | null | readonly unknown[] | Readonly<Record<string, unknown>>;

/** Names of fields from a record inwards; items of a list come after {@link ITEMS}, by their key. */
export type Path = readonly string[];

/** Stands before the key of a list's item, and after the list for the order of its items. */
export const ITEMS = '#';

/** A record as devices exchange it: its values by path, and the items of its lists, which come and go by themselves. */
interface Leaves {
  /** By path, see {@link keyOfPath}. */
  readonly values: ReadonlyMap<string, LeafValue>;
  /** Paths of the record itself and of the items of its lists. */
  readonly entities: ReadonlySet<string>;
}

export const keyOfPath = (path: Path): string => JSON.stringify(path);
export const pathOfKey = (key: string): Path => JSON.parse(key) as Path;

/** What a field of a record consists of, for whoever changes it on two devices at once. */
type Shape =
  /** Fields that change apart from one another. */
  | { readonly kind: 'fields'; readonly fields: Readonly<Record<string, Shape>>; readonly others?: Shape }
  /** A list whose items have keys. */
  | { readonly kind: 'items'; readonly keyOf: (item: never) => string; readonly item: Shape }
  | { readonly kind: 'whole' };

const WHOLE: Shape = { kind: 'whole' };
const apart = (fields: Readonly<Record<string, Shape>> = {}, others: Shape = WHOLE): Shape => ({
  kind: 'fields',
  fields,
  others,
});
const itemsBy = (keyOf: (item: never) => string, item: Shape = WHOLE): Shape => ({ kind: 'items', keyOf, item });
const byId = (item: Shape) => itemsBy(({ id }: { readonly id: string }) => id, item);

/**
 * What of each record two devices may change apart. Everything else is whole: of an object that is removed on one device
 * and changed on the other half would be left.
 */
const SHAPES: Readonly<Record<KeptTable, Shape>> = {
  bikes: apart({
    brief: apart(),
    torquesNm: apart(),
    wheelsets: byId(apart()),
    roles: byId(apart({ brief: apart() })),
    savedSearches: byId(WHOLE),
    builtCassettes: byId(WHOLE),
  }),
  setups: apart({ parts: apart(), checklist: apart(), newParts: apart(), partIds: apart() }),
  rides: apart(),
  recordings: apart(),
  routes: apart(),
  parts: apart({
    data: apart(),
    mounts: itemsBy(
      ({ bikeId, fromMs }: { readonly bikeId: string; readonly fromMs: number }) => `${bikeId} ${fromMs}`,
    ),
    wear: itemsBy(({ atMs }: { readonly atMs: number }) => String(atMs)),
  }),
  jobs: apart({
    work: apart(),
    progress: apart({}, apart({ values: apart() })),
    runs: itemsBy(({ fromMs }: { readonly fromMs: number }) => String(fromMs)),
    bought: itemsBy((key: string) => key),
  }),
  photos: apart(),
  notes: apart(),
  learners: apart({ lessons: apart(), skills: apart() }),
};

/** Fields of a job that say together how it ended; a job that ended on one device has ended. */
const ENDED = ['finishedAtMs', 'outcome', 'passed', 'swapKind'] as const;
const END = 'ended';

type Loose = Readonly<Record<string, unknown>>;

const isObject = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Takes a record apart. Binary fields must be replaced before. */
export function leavesOf(table: KeptTable, record: object): Leaves {
  const values = new Map<string, LeafValue>();
  const entities = new Set<string>([keyOfPath([])]);
  takeApart(SHAPES[table], [], table === 'jobs' ? endedApart(record as Loose) : record, values, entities);
  return { values, entities };
}

function takeApart(
  shape: Shape,
  path: Path,
  value: unknown,
  values: Map<string, LeafValue>,
  entities: Set<string>,
): void {
  if (value === undefined) return;
  if (shape.kind === 'fields' && isObject(value)) {
    const fields = Object.entries(value).filter(([, one]) => one !== undefined);
    // An empty object would leave no trace.
    if (fields.length === 0 && path.length > 0) values.set(keyOfPath(path), {});
    for (const [field, one] of fields)
      takeApart(shape.fields[field] ?? shape.others ?? WHOLE, [...path, field], one, values, entities);
    return;
  }
  const keys = shape.kind === 'items' && Array.isArray(value) ? value.map((item) => shape.keyOf(item as never)) : [];
  if (shape.kind === 'items' && keys.length > 0 && new Set(keys).size === keys.length) {
    values.set(keyOfPath([...path, ITEMS]), keys);
    (value as readonly unknown[]).forEach((item, i) => {
      const itemPath = [...path, ITEMS, keys[i] ?? ''];
      entities.add(keyOfPath(itemPath));
      takeApart(shape.item, itemPath, item, values, entities);
    });
    return;
  }
  values.set(keyOfPath(path), value as LeafValue);
}

/** Puts a record together again; its type is not checked. */
export function recordOf(table: KeptTable, { values, entities }: Leaves): Record<string, unknown> {
  const root: Node = { fields: new Map() };
  for (const [key, value] of values) {
    const path = pathOfKey(key);
    if (!isWithinLiving(path, entities)) continue;
    let node = root;
    for (const part of path) {
      let next = node.fields.get(part);
      if (!next) node.fields.set(part, (next = { fields: new Map() }));
      node = next;
    }
    node.value = value;
  }
  const record = (built(SHAPES[table], root) ?? {}) as Record<string, unknown>;
  return table === 'jobs' ? endedTogether(record) : record;
}

/** A record with another value at a path of those that {@link leavesOf} makes; undefined leaves none there. */
export function withLeaf(
  table: KeptTable,
  record: object,
  path: Path,
  value: LeafValue | undefined,
): Record<string, unknown> {
  const { values, entities } = leavesOf(table, record);
  const isAtOrBelow = (key: string) => path.every((part, i) => pathOfKey(key)[i] === part);
  const next = new Map([...values].filter(([key]) => !isAtOrBelow(key)));
  if (value !== undefined) next.set(keyOfPath(path), value);
  return recordOf(table, { values: next, entities });
}

interface Node {
  readonly fields: Map<string, Node>;
  value?: LeafValue;
}

/** Whether each item of a list that a path leads through is there. */
function isWithinLiving(path: Path, entities: ReadonlySet<string>): boolean {
  return path.every(
    (part, i) => part !== ITEMS || i === path.length - 1 || entities.has(keyOfPath(path.slice(0, i + 2))),
  );
}

function built(shape: Shape, { fields, value }: Node): unknown {
  const items = fields.get(ITEMS);
  if (shape.kind === 'items' && items && items.fields.size > 0) {
    const listed = Array.isArray(items.value) ? (items.value as readonly string[]) : [];
    const there = [...items.fields.keys()];
    // Two devices have added items: those that the order of one does not name come after.
    const order = [
      ...listed.filter((key) => items.fields.has(key)),
      ...there.filter((key) => !listed.includes(key)).sort(),
    ];
    return order.map((key) => built(shape.item, items.fields.get(key) ?? { fields: new Map() }));
  }
  if (shape.kind === 'items') return Array.isArray(value) && !items ? value : [];
  if (shape.kind === 'fields' && (fields.size > 0 || value === undefined)) {
    const entries = [...fields].map(
      ([field, node]) => [field, built(shape.fields[field] ?? shape.others ?? WHOLE, node)] as const,
    );
    return Object.fromEntries(entries);
  }
  return value;
}

function endedApart(job: Loose): Loose {
  if (job.state !== 'done') return job;
  const rest = Object.fromEntries(Object.entries(job).filter(([field]) => !ENDED.some((one) => one === field)));
  const { state: _, ...others } = rest;
  return {
    ...others,
    [END]: Object.fromEntries(ENDED.flatMap((field) => (job[field] === undefined ? [] : [[field, job[field]]]))),
  };
}

function endedTogether(job: Record<string, unknown>): Record<string, unknown> {
  const { [END]: ended, ...rest } = job;
  if (isObject(ended)) return { ...rest, ...ended, state: 'done' };
  return rest.state === undefined ? { ...rest, state: 'ready' } : rest;
}
