import { replaceEqualDeep, replaceEqualRecords } from './replace-equal';

const records = () => ['a', 'b', 'c'].map((id) => ({ id, cogs: [11, 13], made: { on: id } }));

test('of two equal ones the former is kept, of two unlike the newer', () => {
  const [before, same, other] = [{ teeth: [11, 13] }, { teeth: [11, 13] }, { teeth: [11, 14] }];
  expect(replaceEqualDeep(before, same)).toBe(before);
  expect(replaceEqualDeep(before, other)).toEqual(other);
});

test('of one that changed the fields that did not are kept', () => {
  const before = { id: 'a', cogs: [11, 13], sheet: { largestCogMaxT: 36 } };
  const after = { id: 'a', cogs: [11, 14], sheet: { largestCogMaxT: 36 } };
  const kept = replaceEqualDeep(before, after);
  expect(kept).toEqual(after);
  expect(kept.sheet).toBe(before.sheet);
  expect(kept.cogs).toBe(after.cogs);
});

test('only the record that changed is new', () => {
  const before = records();
  const after = records();
  after[1]!.cogs = [11, 14];
  const kept = replaceEqualRecords(before, after);
  expect(kept).toEqual(after);
  expect(kept.map((record, index) => record === before[index])).toEqual([true, false, true]);
});

test('records are known by id: moved, added and taken away they stay the same objects, in the new order', () => {
  const [a, b, c] = ['a', 'b', 'c'].map((id) => ({ id })) as [{ id: string }, { id: string }, { id: string }];
  const moved = replaceEqualRecords([a, b, c], [{ ...c }, { ...a }, { id: 'd' }]);
  expect(moved.map(({ id }) => id)).toEqual(['c', 'a', 'd']);
  expect(moved[0]).toBe(c);
  expect(moved[1]).toBe(a);
  expect(replaceEqualRecords([a, b], [{ ...a }])).toEqual([a]);
  expect(replaceEqualRecords([], [a])).toEqual([a]);
});
