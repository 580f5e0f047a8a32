import { base64Of, bytesAsBase64, bytesFromBase64, isBytes, withBytes } from './bytes';
import { sameRecord } from './canonical';

const BYTES = Uint8Array.from({ length: 100_000 }, (_, i) => (i * 31) % 256);

test('bytes go through base64 unchanged, whatever their length', () => {
  for (const length of [0, 1, 2, 3, 40_000, 100_000]) {
    const part = BYTES.slice(0, length);
    expect(bytesFromBase64(base64Of(part))).toEqual(part);
    expect(base64Of(part)).toBe(Buffer.from(part).toString('base64'));
  }
});

test('a record is written with its bytes as base64, and read with them as bytes', () => {
  const record = { id: 'r', packed: BYTES };
  const written = JSON.parse(JSON.stringify(record, bytesAsBase64)) as unknown;
  expect(written).toEqual({ id: 'r', packed: Buffer.from(BYTES).toString('base64') });
  expect(withBytes('recordings', written)).toEqual(record);
});

test('what is no base64 stays as it is, for the schema to refuse', () => {
  for (const record of [
    { id: 'r', packed: '<b>' },
    { id: 'r', packed: 'A' },
    { id: 'r', packed: 7 },
    { id: 'r' },
    'r',
    null,
  ])
    expect(withBytes('recordings', record)).toBe(record);
});

test('only bytes are bytes', () => {
  expect([BYTES, Uint8Array.of()].map(isBytes)).toEqual([true, true]);
  expect(['AAAA', [1], new Float64Array(1), {}, null, undefined].filter(isBytes)).toEqual([]);
});

test('records are the same only if their bytes are', () => {
  expect(sameRecord({ id: 'r', packed: BYTES }, { packed: BYTES.slice(), id: 'r' })).toBe(true);
  expect(sameRecord({ id: 'r', packed: BYTES }, { id: 'r', packed: BYTES.slice(1) })).toBe(false);
});
