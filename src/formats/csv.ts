import Papa from 'papaparse';
import type { GearReport } from '../core/gears';
import { itemAt } from '../core/items';
import { milesPerHour } from '../core/units';
import { gearCells, gearFields, yesOrNo } from './csv-cells';

/** What spreadsheets run as a formula; a signed number with its unit is none. */
const FORMULA = /^[=+\-@\t\r]/;
const SIGNED_NUMBER = /^[+-]\d+([.,]\d+)? ?[a-z%°]{0,6}$/i;

/** Prefixes text that a spreadsheet would take for a formula with an apostrophe, which marks it as text. */
export function markedCell(cell: string | number): string | number {
  if (typeof cell === 'number' || SIGNED_NUMBER.test(cell)) return cell;
  return FORMULA.test(cell) || cell.startsWith("'") ? `'${cell}` : cell;
}

/** The inverse of {@link markedCell}. */
export function unmarkedCell(cell: string): string {
  return cell.startsWith("'") ? cell.slice(1) : cell;
}

/**
 * Any table as RFC 4180 text. A minus sign made for the eye becomes one that programs read.
 * @throws RangeError if a row has more or fewer cells than there are headings
 */
export function tableCsv(fields: readonly string[], data: readonly (readonly (string | number)[])[]): string {
  const odd = data.findIndex((row) => row.length !== fields.length);
  if (odd >= 0) throw new RangeError(`row ${odd + 1}: ${itemAt(data, odd).length} cells, ${fields.length} headings`);
  const plain = (cell: string | number) => markedCell(typeof cell === 'string' ? cell.replaceAll('\u2212', '-') : cell);
  return `${Papa.unparse({ fields: [...fields], data: data.map((row) => row.map(plain)) }, { newline: '\r\n' })}\r\n`;
}

const COLUMNS = [
  ...gearFields(),
  'ratio',
  'gear_inches_own_wheel_in',
  'gear_inches_27_in',
  'development_m',
  'gain_ratio',
  'cadence_rpm',
  'speed_kmh',
  'speed_mph',
  ...gearFields('same_as_'),
  'cross_chained',
] as const;

/** The gear table as RFC 4180 text, easiest gear first, in full precision; fields that are not known are empty. */
export function gearTableCsv(report: GearReport, cadenceRpm: number): string {
  const data = report.gears.map((gear) => [
    ...gearCells(gear),
    gear.ratio,
    gear.gearInchesOwnWheel,
    gear.gearInchesNominal27,
    gear.developmentM,
    gear.gainRatio ?? '',
    cadenceRpm,
    gear.speedKmh,
    milesPerHour(gear.speedKmh),
    ...(gear.duplicate ? gearCells(gear.duplicate) : gearFields().map(() => '')),
    yesOrNo(gear.crossChained),
  ]);
  return tableCsv(COLUMNS, data);
}
