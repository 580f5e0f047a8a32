import fc from 'fast-check';
import { SEEDED } from '../../../tests/support/arbitraries';
import { parseNumber } from './parse-number';

const rule = { term: 'tyre width', bounds: { min: 15, max: 130 }, unit: 'mm' };

test.each([
  ['38', 38],
  [' 38.5 ', 38.5],
  ['38,5', 38.5],
  ['38.', 38],
])('%p is %p', (text, value) => {
  expect(parseNumber(text, rule)).toEqual({ ok: true, value });
});

test.each([
  ['', 'tyre width is empty: type 15 to 130 mm'],
  ['wide', 'tyre width “wide” is no number: type 15 to 130 mm'],
  ['3e1', 'tyre width “3e1” is no number: type 15 to 130 mm'],
  ['1.2.3', 'tyre width “1.2.3” is no number: type 15 to 130 mm'],
  ['500', 'tyre width 500: it runs from 15 to 130 mm'],
  ['-38', 'tyre width -38: it runs from 15 to 130 mm'],
])('%p is refused', (text, message) => {
  expect(parseNumber(text, rule)).toMatchObject({ ok: false, message });
});

test('an optional number may be left out, a whole one has no fraction', () => {
  expect(parseNumber('', { ...rule, optional: true })).toEqual({ ok: true, value: undefined });
  expect(parseNumber('38.5', { ...rule, whole: true })).toMatchObject({
    ok: false,
    message: 'tyre width 38.5: whole numbers, 15 to 130 mm',
  });
});

test('every number in bounds reads back as itself', () => {
  fc.assert(
    fc.property(fc.integer({ min: 15_000, max: 130_000 }), (thousandths) => {
      expect(parseNumber(String(thousandths / 1000), rule)).toEqual({ ok: true, value: thousandths / 1000 });
    }),
    SEEDED,
  );
});
