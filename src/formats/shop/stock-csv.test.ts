import fc from 'fast-check';
import { SEEDED, cogsArbitrary } from '../../../tests/support/arbitraries';
import { KIND_DATA, PART_NUMBER_RULES, STOCK_KINDS, type PartData, type StockKind } from '../../core/parts';
import { CONDITIONS, PART_DEFAULTS, type PartRecord } from '../../records';
import { partSchema } from '../../records/schemas';
import { demoWithoutRides } from '../../store/demo';
import { dryRunStock, guessStockMapping, readStockTable, writeStockCsv, type StockRow } from './stock-csv';
import { cases } from '../../../tests/support/fuzz';

const byId = (parts: readonly PartRecord[]) => new Map(parts.map((part) => [part.id, part]));
const newId = (row: number) => `new-${row}`;

function run(text: string, stock: readonly PartRecord[] = []): StockRow[] {
  const read = readStockTable(text);
  if (!read.ok) throw new Error(read.message);
  return dryRunStock(read.table, guessStockMapping(read.table), byId(stock), newId);
}

const text = fc
  .string({ unit: 'grapheme', minLength: 1, maxLength: 30 })
  .filter((one) => one.trim() !== '' && one.length <= 80);
const dataArbitrary = (kind: StockKind): fc.Arbitrary<PartData> => {
  const { numbers, names, flags, cogs, shifting } = KIND_DATA[kind];
  const fields: Record<string, fc.Arbitrary<unknown>> = {};
  for (const field of numbers) {
    const { bounds, whole } = PART_NUMBER_RULES[field];
    // Least and most of a derailleur must not contradict each other, which is another test.
    if (field.endsWith('MinT') && field !== 'smallestCogMinT') continue;
    fields[field] = whole ? fc.integer(bounds) : fc.double({ ...bounds, noNaN: true });
  }
  for (const field of names) fields[field] = text;
  for (const field of flags) fields[field] = fc.boolean();
  if (cogs) fields.cogs = cogsArbitrary();
  if (shifting) fields.shifting = fc.constantFrom('cable', 'electronic');
  return fc.record(fields, { requiredKeys: [] });
};
const time = fc.integer({ min: 0, max: 2e12 });
const partArbitrary: fc.Arbitrary<PartRecord> = fc.constantFrom(...STOCK_KINDS).chain((kind) =>
  fc.record(
    {
      id: fc.uuid(),
      kind: fc.constant(kind),
      name: text,
      data: dataArbitrary(kind),
      quantity: fc.integer({ min: 0, max: 999 }),
      condition: fc.constantFrom(...CONDITIONS),
      kmBefore: fc.double({ min: 0, max: 200_000, noNaN: true }),
      massG: fc.double({ min: 0.1, max: 5000, noNaN: true }),
      massResolutionG: fc.constantFrom(0.1, 1, 5),
      price: fc.double({ min: 0, max: 20_000, noNaN: true }),
      currency: fc.constantFrom('EUR', 'SEK'),
      place: text,
      note: fc.string({ unit: 'grapheme', minLength: 1, maxLength: 200 }).filter((one) => one.trim() !== ''),
      mounts: fc.array(
        time.map((fromMs) => ({ bikeId: 'b', fromMs, toMs: fromMs + 5 })),
        { maxLength: 3 },
      ),
      wear: fc.array(fc.record({ atMs: time, wearPercent: fc.constantFrom(0, 0.25, 0.5) }), { maxLength: 3 }),
    },
    { requiredKeys: ['id', 'kind', 'name', 'data', 'quantity', 'condition', 'kmBefore', 'mounts', 'wear'] },
  ),
);

/** Without where it was fitted and how it wore: lists, which are not in a table. */
const withoutLists = (part: PartRecord): PartRecord => ({ ...part, mounts: [], wear: [] });

test('the demo stock, out and in again: nothing changes, and into an empty stock it is the same but for its lists', () => {
  const { parts } = demoWithoutRides();
  const rows = run(writeStockCsv(parts), parts);
  expect(rows.map(({ kind }) => kind)).toEqual(parts.map(() => 'same'));
  expect(run(writeStockCsv(parts)).map((row) => 'part' in row && row.part)).toEqual(parts.map(withoutLists));
  const [head] = writeStockCsv(parts).split('\r\n');
  expect(head).toMatch(/^id,kind,name,quantity,condition,km_before,mass_g,mass_resolution_g,price,currency,/);
  expect(head).not.toMatch(/mounts|wear|[A-Z]/);
});

test('a table of a former version has its lists as JSON; a reading whose fields stand in another order is the same', () => {
  const chain = demoWithoutRides().parts.find(({ id }) => id === 'chain-worn')!;
  const turned = chain.wear.map((one) => Object.fromEntries(Object.entries(one).reverse()));
  const table = (wear: unknown) =>
    `id,kind,massG,wear\n${chain.id},chain,,"${JSON.stringify(wear).replaceAll('"', '""')}"\n`;
  const weightless = { ...chain };
  delete weightless.massG;
  expect(run(table(turned), [weightless])[0]).toMatchObject({ kind: 'same' });
  expect(run(table(chain.wear.slice(1)), [weightless])[0]).toMatchObject({ kind: 'change' });
});

test('any stock, whatever is written in it, comes back as it was', () => {
  fc.assert(
    fc.property(fc.uniqueArray(partArbitrary, { selector: ({ id }) => id, minLength: 1, maxLength: 5 }), (parts) => {
      const sound = parts.filter((part) => partSchema.safeParse(part).success);
      fc.pre(sound.length > 0);
      expect(run(writeStockCsv(sound)).map((row) => ('part' in row ? row.part : row))).toEqual(sound.map(withoutLists));
    }),
    { ...SEEDED, numRuns: cases(75) },
  );
});

test('a foreign table: columns guessed by their headings, rows refused with their reasons, the others kept', () => {
  const rows = run(
    [
      'Type,Description,Qty,Weight (g),Price,Drawer,Sprockets',
      'cassette,Wide one,2,"412,5",99.5,7,11-13-15',
      'cassette,Backwards,1,400,1,7,15-13',
      'sprocket,Odd,1,400,1,7,',
      'other,Rag,-1,,,,',
      'other,Rag,two,,,,',
      'other,,1,,,,',
    ].join('\n'),
  );
  expect(rows[0]).toMatchObject({
    kind: 'add',
    line: 2,
    part: { id: 'new-0', quantity: 2, massG: 412.5, price: 99.5, place: '7', data: { cogs: [11, 13, 15] } },
  });
  expect(rows.slice(1).map((row) => 'reasons' in row && row.reasons.join(' '))).toEqual([
    expect.stringContaining('from smallest to largest'),
    expect.stringContaining('kind “sprocket”: one of cassette, chainring'),
    expect.stringContaining('quantity -1: it runs from 0 to 999 pieces'),
    'quantity “two”: a number is expected',
    'no name: map a column to it',
  ]);
});

test('a table of a few columns changes just those, and says how', () => {
  const part: PartRecord = {
    ...PART_DEFAULTS,
    id: 'a',
    kind: 'chain',
    name: 'Chain',
    massG: 250,
    data: { chainSpeeds: 12 },
  };
  expect(run('id,massG,quantity\na,255,\n', [part])).toEqual([
    { kind: 'change', line: 2, part: { ...part, massG: 255 }, changes: ['massG: 250 → 255'] },
  ]);
  expect(run('id,massG\na,\n', [part])[0]).toMatchObject({ changes: ['massG: 250 → nothing'] });
  expect(run('id,massG\na,250\na,260\n', [part])[1]).toMatchObject({
    kind: 'refused',
    reasons: [expect.stringContaining('there twice')],
  });
});

test('what is no table is said', () => {
  for (const [bad, why] of [
    ['', 'no table'],
    ['kind,name\n', 'no table'],
    ['kind,name\nchain,"open', 'quoted cell'],
    [`kind,name\n${'chain,x\n'.repeat(20_001)}`, 'at most 20000'],
  ] as const) {
    expect(readStockTable(bad)).toMatchObject({ ok: false, message: expect.stringContaining(why) as string });
  }
  expect(run('kind,name,mounts\nchain,x,{oops\n')[0]).toMatchObject({
    kind: 'refused',
    reasons: [expect.stringContaining('JSON')],
  });
});
