import '../../../tests/support/german-reader';
import { asTyped } from '../../messages/number-text';
import { parseNumber } from './parse-number';

test('a field reads what it shows, with a comma too, and says its bounds so', () => {
  const rule = { term: 'tyre width', unit: 'mm', bounds: { min: 15, max: 130 } };
  expect(parseNumber(asTyped(37.5), rule)).toEqual({ ok: true, value: 37.5 });
  expect(parseNumber('1', { ...rule, bounds: { min: 15.5, max: 130 } })).toMatchObject({
    message: 'tyre width 1: it runs from 15,5 to 130 mm',
  });
});
