import { defined } from './optional';

test('fields that are undefined are left out, others stay, also where they are empty', () => {
  const fields = { links: undefined, teeth: 0, name: '', wheel: null };
  expect(Object.keys(defined(fields))).toEqual(['teeth', 'name', 'wheel']);
  expect(fields).toHaveProperty('links');
});
