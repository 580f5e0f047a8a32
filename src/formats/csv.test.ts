import Papa from 'papaparse';
import { TOURER, TOURER_ROLLOUT_MM } from '../../tests/support/setups';
import { gearReport } from '../core/gears';
import { gearTableCsv, markedCell, tableCsv, unmarkedCell } from './csv';

test('the gear table reads back in full precision, a line a gear, with CRLF', () => {
  const riding = { rolloutMm: TOURER_ROLLOUT_MM, cadenceRpm: 90, crankLengthMm: undefined, closenessPercent: 5 };
  const report = gearReport(TOURER, riding);
  const text = gearTableCsv(report, 90);
  expect(text.split('\r\n')).toHaveLength(26);
  expect(text.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
  const { data, errors } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
  expect(errors).toEqual([]);
  expect(data).toHaveLength(24);
  expect(data.map((row) => Number(row.ratio))).toEqual(report.gears.map(({ ratio }) => ratio));
  expect(data[4]).toMatchObject({
    chainring_t: '48',
    cog_t: '36',
    same_as_chainring_t: '32',
    same_as_cog_t: '24',
    cross_chained: 'yes',
    gain_ratio: '',
  });
  expect(data[0]).toMatchObject({ same_as_chainring_t: '', same_as_hub_stage: '' });
});

test('any table: quotes where they are needed, and a minus that programs read', () => {
  expect(
    tableCsv(
      ['name', 'value'],
      [
        ['big, "wide"', -2.5],
        ['\u22122.6%', 1],
      ],
    ),
  ).toBe('name,value\r\n"big, ""wide""",-2.5\r\n-2.6%,1\r\n');
});

test('what a spreadsheet would run as a formula is marked as text, signed figures are not', () => {
  const cells = ['=1+1', '+cmd', '@SUM(A1)', '-2+3', '\t=1', '-2.6%', '+5T', '-4.5 mm', '+2', "'quoted", 'plain', -3];
  expect(cells.map(markedCell)).toEqual([
    "'=1+1",
    "'+cmd",
    "'@SUM(A1)",
    "'-2+3",
    "'\t=1",
    '-2.6%',
    '+5T',
    '-4.5 mm',
    '+2',
    "''quoted",
    'plain',
    -3,
  ]);
  for (const cell of cells) if (typeof cell === 'string') expect(unmarkedCell(String(markedCell(cell)))).toBe(cell);
  expect(tableCsv(['name'], [['=HYPERLINK("x")']])).toBe('name\r\n"\'=HYPERLINK(""x"")"\r\n');
});

test('a table whose rows do not go with its headings is not written', () => {
  expect(() => tableCsv(['name', 'value'], [['a', 1], ['b']])).toThrow('row 2: 1 cells, 2 headings');
});
