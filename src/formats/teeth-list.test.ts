import { CHAINRING_TEETH } from '../core/gears';
import { readTeethList } from './teeth-list';

test.each([
  ['46, 30/32;30', { ok: true, teeth: [30, 32, 46] }],
  ['30-32', { ok: true, teeth: [30, 32] }],
  [' ', { ok: true, teeth: [] }],
  ['30, x', { ok: false, wrong: 'x' }],
  ['30, 71', { ok: false, wrong: '71' }],
  ['30, 19', { ok: false, wrong: '19' }],
  ['30.5', { ok: false, wrong: '30.5' }],
])('%j is read, or the word that cannot be is named', (text, expected) => {
  expect(readTeethList(text, CHAINRING_TEETH)).toEqual(expected);
});
