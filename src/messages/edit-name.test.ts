import { message } from '../core/message';
import { editNameOf } from './core';
import { editKey, editText } from './edit-name';

test('a field has its key as identity and its name from the catalogue', () => {
  expect([editKey('crossedCogs'), editText('crossedCogs')]).toEqual(['crossedCogs', 'cogs to avoid']);
});

test('fields with the same name have different keys', () => {
  const [chain, ring] = (['chain', 'ring'] as const).map((of) => ({ undo: 'prices', of }) as const);
  expect(editText(chain!)).toBe(editText(ring!));
  expect(editKey(chain!)).not.toBe(editKey(ring!));
});

test('a term of core has its code and values as key', () => {
  const term = editNameOf(message('datum.term.chainLinks'));
  expect(editKey(term)).toContain('datum.term.chainLinks');
  expect(editText(term)).not.toContain('datum');
});

test('the text of a field of a form is no part of its identity', () => {
  expect(editKey({ key: 'chainstayMm', text: 'Kettenstrebe' })).toBe('chainstayMm');
});
