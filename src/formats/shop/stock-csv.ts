import Papa from 'papaparse';
import { markedCell, unmarkedCell } from '../csv';
import { excerpt } from '../excerpt';
import {
  KIND_DATA,
  PART_FLAG_TERMS,
  PART_NAME_TERMS,
  PART_NUMBER_RULES,
  STOCK_KINDS,
  type PartData,
  type PartFlag,
  type PartName,
  type PartNumber,
} from '../../core/parts';
import { PART_DEFAULTS, sameRecord, type PartRecord } from '../../records';
import { partSchema } from '../../records/schemas';
import { t } from '../text';

const NUMBER_FIELDS = Object.keys(PART_NUMBER_RULES) as PartNumber[];
const NAME_FIELDS = Object.keys(PART_NAME_TERMS) as PartName[];
const FLAG_FIELDS = Object.keys(PART_FLAG_TERMS) as PartFlag[];

/**
 * Columns that a stock table can have, in their order. `mounts` and `wear` are lists: they are not written, for a cell has one
 * value; tables of former versions have them as JSON. A backup holds all of a part.
 */
export const STOCK_COLUMNS = [
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
export type StockColumn = (typeof STOCK_COLUMNS)[number];

/** The stock as RFC 4180 text. Text that a spreadsheet would take for a formula is marked as text. */
export function writeStockCsv(parts: readonly PartRecord[]): string {
  const columns = STOCK_COLUMNS.filter((column) => !isList(column));
  const data = parts.map((part) => columns.map((column) => markedCell(cellOf(part, column))));
  return `${Papa.unparse({ fields: columns.map(headingOf), data }, { newline: '\r\n' })}\r\n`;
}

/** Heading of a column, as in every other table: `mass_g` for `massG`. */
const headingOf = (column: StockColumn) => column.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);

/** Columns that hold a list as JSON. */
const isList = (column: StockColumn): column is 'mounts' | 'wear' => column === 'mounts' || column === 'wear';

function cellOf(part: PartRecord, column: StockColumn): string | number {
  if (isList(column)) return part[column].length > 0 ? JSON.stringify(part[column]) : '';
  if (column in part) return (part[column as keyof PartRecord] as string | number | undefined) ?? '';
  const value = part.data[column as keyof PartData];
  if (value === undefined) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return typeof value === 'object' ? value.join('-') : value;
}

/** Which column of a foreign table is which of ours. */
export type StockMapping = Readonly<Partial<Record<StockColumn, string>>>;

export interface StockTable {
  readonly headings: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

type StockTableResult =
  { readonly ok: true; readonly table: StockTable } | { readonly ok: false; readonly message: string };

const STOCK_ROWS_MAX = 20_000;

export function readStockTable(text: string): StockTableResult {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  if (errors.some(({ type }) => type === 'Quotes')) {
    return { ok: false, message: t('stock.quoted') };
  }
  const [headings, ...rows] = data;
  if (!headings || headings.length < 2 || rows.length === 0) {
    return { ok: false, message: t('stock.noTable') };
  }
  if (rows.length > STOCK_ROWS_MAX) {
    return { ok: false, message: t('stock.rowsMostOnceSplit', { rows: rows.length, most: STOCK_ROWS_MAX }) };
  }
  return { ok: true, table: { headings: headings.map((one) => one.trim()), rows } };
}

/** What headings of other tables call our columns. */
const GUESSES: Readonly<Partial<Record<StockColumn, RegExp>>> = {
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

export function guessStockMapping({ headings }: StockTable): StockMapping {
  return Object.fromEntries(
    STOCK_COLUMNS.flatMap((column) => {
      const heading =
        headings.find((one) => one === column || one === headingOf(column)) ??
        headings.find((one) => GUESSES[column]?.test(one) ?? false);
      return heading === undefined ? [] : [[column, heading]];
    }),
  );
}

/** What one row of the table would do. */
export type StockRow =
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

function refused(line: number, reasons: readonly string[]): StockRow {
  return { kind: 'refused', line, reasons: reasons.map((reason) => excerpt(reason)) };
}

/**
 * What a table would do to the stock, row by row; nothing is written. A row with the id of a part changes
 * it, columns that are not mapped stay as they are; any other adds one. @param newId of the n-th row that adds
 */
export function dryRunStock(
  { headings, rows }: StockTable,
  mapping: StockMapping,
  stock: ReadonlyMap<string, PartRecord>,
  newId: (row: number) => string,
): StockRow[] {
  const seen = new Set<string>();
  const columns = Object.entries(mapping) as [StockColumn, string][];
  return rows.map((row, i): StockRow => {
    const line = i + 2;
    const cells = new Map(
      columns.map(([column, heading]) => {
        const cell = unmarkedCell(row[headings.indexOf(heading)] ?? '');
        // Text stays as written; all other cells are trimmed.
        const trimmed = cell.trim();
        return [column, TEXT_COLUMNS.includes(column) && trimmed !== '' ? cell : trimmed];
      }),
    );
    const id = cells.get('id') ?? '';
    if (id !== '' && seen.has(id)) return refused(line, [t('stock.idTwice', { id: excerpt(id, ID_MAX) })]);
    seen.add(id);
    const before = stock.get(id);
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

/** Columns in which two entries differ, as text. */
function changedColumns(before: PartRecord, after: PartRecord): string[] {
  return STOCK_COLUMNS.flatMap((column) => {
    const [was, is] = [cellOf(before, column), cellOf(after, column)];
    // Entries of a list may have come with their fields in another order.
    const isSame = isList(column) ? sameRecord(before[column], after[column]) : was === is;
    return isSame
      ? []
      : [`${column}: ${was === '' ? t('stock.nothing') : was} → ${is === '' ? t('stock.nothing') : is}`];
  });
}

type CellsRead =
  { readonly ok: true; readonly record: unknown } | { readonly ok: false; readonly reasons: readonly string[] };

const TEXT_COLUMNS: readonly StockColumn[] = ['name', 'place', 'note', ...NAME_FIELDS];
const EMPTY_ALLOWED: readonly StockColumn[] = ['kind', 'name', 'quantity', 'condition', 'kmBefore'];
const NUMBER_COLUMNS = new Set<StockColumn>([
  'quantity',
  'kmBefore',
  'massG',
  'massResolutionG',
  'price',
  ...NUMBER_FIELDS,
]);

function readCells(cells: ReadonlyMap<StockColumn, string>, base: Partial<PartRecord>): CellsRead {
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
    // An empty cell of a required column changes nothing; in any other column it clears the value.
    if (text === '') {
      if (column === 'mounts' || column === 'wear') target[column] = [];
      else if (!EMPTY_ALLOWED.includes(column)) Reflect.deleteProperty(target, column);
      continue;
    }
    const value = readCell(column, text);
    if (value.ok) target[column] = value.value;
    else reasons.push(value.message);
  }
  const kind = record.kind;
  if (typeof kind === 'string' && !Object.hasOwn(KIND_DATA, kind)) {
    reasons.push(t('stock.unknownKind', { kind: kind.slice(0, 30), kinds: STOCK_KINDS.join(', ') }));
  }
  if (kind === undefined) reasons.push(t('stock.noKind', { kinds: STOCK_KINDS.join(', ') }));
  if (record.name === undefined) reasons.push(t('stock.noName'));
  return reasons.length > 0 ? { ok: false, reasons } : { ok: true, record: { ...record, data } };
}

function readCell(
  column: StockColumn,
  text: string,
): { readonly ok: true; readonly value: unknown } | { readonly ok: false; readonly message: string } {
  if (NUMBER_COLUMNS.has(column)) {
    const value = /^[+-]?(\d+[.,]?\d*|[.,]\d+)(e[+-]?\d+)?$/i.test(text) ? Number(text.replace(',', '.')) : NaN;
    return Number.isFinite(value)
      ? { ok: true, value }
      : { ok: false, message: t('stock.notANumber', { column, text: text.slice(0, 30) }) };
  }
  if (column in PART_FLAG_TERMS) {
    if (/^(yes|true|1|y)$/i.test(text)) return { ok: true, value: true };
    if (/^(no|false|0|n)$/i.test(text)) return { ok: true, value: false };
    return { ok: false, message: t('stock.notYesOrNo', { column, text: text.slice(0, 30) }) };
  }
  if (column === 'cogs') return { ok: true, value: text.split(/[-\s]+/).map(Number) };
  if (column === 'mounts' || column === 'wear') {
    try {
      return { ok: true, value: JSON.parse(text) };
    } catch {
      return {
        ok: false,
        message: t('stock.brokenJson', { column }),
      };
    }
  }
  return { ok: true, value: text };
}
