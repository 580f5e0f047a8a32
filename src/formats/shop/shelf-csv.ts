import Papa from 'papaparse';
import { markedCell, unmarkedCell } from '../csv';
import { excerpt } from '../excerpt';
import {
  KIND_DATA,
  PART_FLAG_TERMS,
  PART_NAME_TERMS,
  PART_NUMBER_RULES,
  SHELF_KINDS,
  type PartData,
  type PartFlag,
  type PartName,
  type PartNumber,
} from '../../core/shelf';
import { PART_DEFAULTS, sameRecord, type PartRecord } from '../../records';
import { partSchema } from '../../records/schema';
import { t } from '../text';

const NUMBER_FIELDS = Object.keys(PART_NUMBER_RULES) as PartNumber[];
const NAME_FIELDS = Object.keys(PART_NAME_TERMS) as PartName[];
const FLAG_FIELDS = Object.keys(PART_FLAG_TERMS) as PartFlag[];

/** Columns of a shelf table, in their order. `mounts` and `wear` are JSON: a table has no room for lists of lists. */
export const SHELF_COLUMNS = [
  'id',
  'kind',
  'name',
  'quantity',
  'condition',
  'kmBefore',
  'massG',
  'massResolutionG',
  'price',
  'currency',
  'place',
  'note',
  'cogs',
  'shifting',
  ...NUMBER_FIELDS,
  ...NAME_FIELDS,
  ...FLAG_FIELDS,
  'mounts',
  'wear',
] as const;
export type ShelfColumn = (typeof SHELF_COLUMNS)[number];

/** The shelf as RFC 4180 text. Text that a spreadsheet would take for a formula is marked as text. */
export function writeShelfCsv(parts: readonly PartRecord[]): string {
  const data = parts.map((part) => SHELF_COLUMNS.map((column) => markedCell(cellOf(part, column))));
  return `${Papa.unparse({ fields: [...SHELF_COLUMNS], data }, { newline: '\r\n' })}\r\n`;
}

/** Columns that hold a list as JSON. */
const isList = (column: ShelfColumn): column is 'mounts' | 'wear' => column === 'mounts' || column === 'wear';

function cellOf(part: PartRecord, column: ShelfColumn): string | number {
  if (isList(column)) return part[column].length > 0 ? JSON.stringify(part[column]) : '';
  if (column in part) return (part[column as keyof PartRecord] as string | number | undefined) ?? '';
  const value = part.data[column as keyof PartData];
  if (value === undefined) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return typeof value === 'object' ? value.join('-') : value;
}

/** Which column of a foreign table is which of ours. */
export type ShelfMapping = Readonly<Partial<Record<ShelfColumn, string>>>;

export interface ShelfTable {
  readonly headings: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

export type ShelfTableResult =
  { readonly ok: true; readonly table: ShelfTable } | { readonly ok: false; readonly message: string };

const SHELF_ROWS_MAX = 20_000;

export function readShelfTable(text: string): ShelfTableResult {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  if (errors.some(({ type }) => type === 'Quotes')) {
    return { ok: false, message: t('shelf.quoted') };
  }
  const [headings, ...rows] = data;
  if (!headings || headings.length < 2 || rows.length === 0) {
    return { ok: false, message: t('shelf.noTable') };
  }
  if (rows.length > SHELF_ROWS_MAX) {
    return { ok: false, message: t('shelf.tooManyRows', { rows: rows.length, most: SHELF_ROWS_MAX }) };
  }
  return { ok: true, table: { headings: headings.map((one) => one.trim()), rows } };
}

/** What headings of other tables call our columns. */
const GUESSES: Readonly<Partial<Record<ShelfColumn, RegExp>>> = {
  kind: /^(kind|type|category|part type)$/i,
  name: /^(name|part|description|title)$/i,
  quantity: /^(quantity|qty|count|stock|pieces)$/i,
  massG: /^(mass|weight)( ?\(?g(rams)?\)?)?$/i,
  price: /^(price|cost)/i,
  currency: /^currency$/i,
  place: /^(place|location|drawer|bin|where)$/i,
  kmBefore: /^(km|distance|wear \(?km\)?)$/i,
  condition: /^(condition|state)$/i,
  note: /^(notes?|remarks?|comment)$/i,
  cogs: /^(cogs|sprockets|teeth list)$/i,
  ringT: /^(teeth|ring)$/i,
};

export function guessShelfMapping({ headings }: ShelfTable): ShelfMapping {
  return Object.fromEntries(
    SHELF_COLUMNS.flatMap((column) => {
      const heading =
        headings.find((one) => one === column) ?? headings.find((one) => GUESSES[column]?.test(one) ?? false);
      return heading === undefined ? [] : [[column, heading]];
    }),
  );
}

/** What one row of the table would do. */
export type ShelfRow =
  | {
      readonly kind: 'add' | 'change';
      readonly line: number;
      readonly part: PartRecord;
      readonly changes: readonly string[];
    }
  | { readonly kind: 'same'; readonly line: number; readonly part: PartRecord }
  | { readonly kind: 'refused'; readonly line: number; readonly reasons: readonly string[] };

/** What is quoted of an id. */
const ID_MAX = 40;

function refused(line: number, reasons: readonly string[]): ShelfRow {
  return { kind: 'refused', line, reasons: reasons.map((reason) => excerpt(reason)) };
}

/**
 * What a table would do to the shelf, row by row; nothing is written. A row with the id of a part changes
 * it, columns that are not mapped stay as they are; any other adds one. @param newId of the n-th row that adds
 */
export function dryRunShelf(
  { headings, rows }: ShelfTable,
  mapping: ShelfMapping,
  shelf: ReadonlyMap<string, PartRecord>,
  newId: (row: number) => string,
): ShelfRow[] {
  const seen = new Set<string>();
  const columns = Object.entries(mapping) as [ShelfColumn, string][];
  return rows.map((row, i): ShelfRow => {
    const line = i + 2;
    const cells = new Map(
      columns.map(([column, heading]) => {
        const cell = unmarkedCell(row[headings.indexOf(heading)] ?? '');
        // What a person wrote stays as it is; of all else spaces are no part.
        const trimmed = cell.trim();
        return [column, TEXT_COLUMNS.includes(column) && trimmed !== '' ? cell : trimmed];
      }),
    );
    const id = cells.get('id') ?? '';
    if (id !== '' && seen.has(id)) return refused(line, [t('shelf.idTwice', { id: excerpt(id, ID_MAX) })]);
    seen.add(id);
    const before = shelf.get(id);
    const read = readCells(cells, before ?? { ...PART_DEFAULTS, id: id || newId(i) });
    if (!read.ok) return refused(line, read.reasons);
    const result = partSchema.safeParse(read.record);
    if (!result.success)
      return refused(
        line,
        result.error.issues.map(({ message }) => message),
      );
    const part = result.data;
    if (!before) return { kind: 'add', line, part, changes: [] };
    const changes = changedColumns(before, part);
    return changes.length === 0 ? { kind: 'same', line, part } : { kind: 'change', line, part, changes };
  });
}

/** Columns in which two entries differ, as a person reads them. */
function changedColumns(before: PartRecord, after: PartRecord): string[] {
  return SHELF_COLUMNS.flatMap((column) => {
    const [was, is] = [cellOf(before, column), cellOf(after, column)];
    // Entries of a list may have come with their fields in another order.
    const isSame = isList(column) ? sameRecord(before[column], after[column]) : was === is;
    return isSame
      ? []
      : [`${column}: ${was === '' ? t('shelf.nothing') : was} → ${is === '' ? t('shelf.nothing') : is}`];
  });
}

type CellsRead =
  { readonly ok: true; readonly record: unknown } | { readonly ok: false; readonly reasons: readonly string[] };

const TEXT_COLUMNS: readonly ShelfColumn[] = ['name', 'place', 'note', ...NAME_FIELDS];
const EMPTY_ALLOWED: readonly ShelfColumn[] = ['kind', 'name', 'quantity', 'condition', 'kmBefore'];
const NUMBER_COLUMNS = new Set<ShelfColumn>([
  'quantity',
  'kmBefore',
  'massG',
  'massResolutionG',
  'price',
  ...NUMBER_FIELDS,
]);

function readCells(cells: ReadonlyMap<ShelfColumn, string>, base: Partial<PartRecord>): CellsRead {
  const reasons: string[] = [];
  const record: Record<string, unknown> = { ...base };
  const data: Record<string, unknown> = { ...base.data };
  for (const [column, text] of cells) {
    if (column === 'id') continue;
    const isData =
      column === 'cogs' ||
      column === 'shifting' ||
      column in PART_NUMBER_RULES ||
      column in PART_NAME_TERMS ||
      column in PART_FLAG_TERMS;
    const target = isData ? data : record;
    // An empty cell of what every part has says nothing; of anything else, that it is not known.
    if (text === '') {
      if (column === 'mounts' || column === 'wear') target[column] = [];
      else if (!EMPTY_ALLOWED.includes(column)) delete target[column];
      continue;
    }
    const value = readCell(column, text);
    if (value.ok) target[column] = value.value;
    else reasons.push(value.message);
  }
  const kind = record.kind;
  if (typeof kind === 'string' && !Object.hasOwn(KIND_DATA, kind)) {
    reasons.push(t('shelf.unknownKind', { kind: kind.slice(0, 30), kinds: SHELF_KINDS.join(', ') }));
  }
  if (kind === undefined) reasons.push(t('shelf.noKind', { kinds: SHELF_KINDS.join(', ') }));
  if (record.name === undefined) reasons.push(t('shelf.noName'));
  return reasons.length > 0 ? { ok: false, reasons } : { ok: true, record: { ...record, data } };
}

function readCell(
  column: ShelfColumn,
  text: string,
): { readonly ok: true; readonly value: unknown } | { readonly ok: false; readonly message: string } {
  if (NUMBER_COLUMNS.has(column)) {
    const value = /^[+-]?(\d+[.,]?\d*|[.,]\d+)(e[+-]?\d+)?$/i.test(text) ? Number(text.replace(',', '.')) : NaN;
    return Number.isFinite(value)
      ? { ok: true, value }
      : { ok: false, message: t('shelf.notANumber', { column, text: text.slice(0, 30) }) };
  }
  if (column in PART_FLAG_TERMS) {
    if (/^(yes|true|1|y)$/i.test(text)) return { ok: true, value: true };
    if (/^(no|false|0|n)$/i.test(text)) return { ok: true, value: false };
    return { ok: false, message: t('shelf.notYesOrNo', { column, text: text.slice(0, 30) }) };
  }
  if (column === 'cogs') return { ok: true, value: text.split(/[-\s]+/).map(Number) };
  if (column === 'mounts' || column === 'wear') {
    try {
      return { ok: true, value: JSON.parse(text) };
    } catch {
      return {
        ok: false,
        message: t('shelf.brokenJson', { column }),
      };
    }
  }
  return { ok: true, value: text };
}
