import fc from 'fast-check';
import { SEEDED } from '../../tests/support/arbitraries';
import { sameRecord } from '../records';
import { carriedOver } from './carried-over';
import { cases } from '../../tests/support/fuzz';

const bike = {
  name: 'Ferry',
  cadence: 90,
  wheels: [
    { id: 'a', tyre: 40 },
    { id: 'b', tyre: 28 },
  ],
  cogs: [11, 28],
};

test('a step goes back field by field, and what others changed meanwhile stays', () => {
  const typed = { ...bike, cadence: 85 };
  const others = {
    ...typed,
    name: 'Ferry II',
    wheels: [
      { id: 'a', tyre: 40 },
      { id: 'b', tyre: 32 },
    ],
    brief: { use: 'road' },
  };
  expect(carriedOver(typed, bike, others)).toEqual({ ok: true, value: { ...others, cadence: 90 } });
  const inAWheel = { ...bike, wheels: [{ id: 'a', tyre: 44 }, bike.wheels[1]!] };
  expect(carriedOver(inAWheel, bike, { ...inAWheel, wheels: [inAWheel.wheels[0]!, { id: 'b', tyre: 32 }] })).toEqual({
    ok: true,
    value: {
      ...bike,
      wheels: [
        { id: 'a', tyre: 40 },
        { id: 'b', tyre: 32 },
      ],
    },
  });
});

test.each([
  ['the same field', { ...bike, cadence: 85 }, bike, { ...bike, cadence: 80 }],
  ['a list of teeth, which go together', { ...bike, cogs: [11, 30] }, bike, { ...bike, cogs: [10, 30] }],
  ['a list of another length', { ...bike, wheels: [] }, bike, { ...bike, wheels: [{ id: 'c', tyre: 1 }] }],
  ['a record that has gone', { ...bike, cadence: 85 }, bike, undefined],
  ['a record that was made, and built on', bike, undefined, { ...bike, cadence: 80 }],
] as const)('%s was changed since: it is not carried over', (_, was, becomes, now) => {
  expect(carriedOver(was, becomes, now)).toEqual({ ok: false });
});

test('where nobody else has changed anything it goes back whole, and forth again', () => {
  const field = fc.constantFrom('a', 'b', 'c');
  const record = fc.dictionary(field, fc.oneof(fc.nat(3), fc.dictionary(field, fc.nat(2)), fc.array(fc.nat(2))));
  fc.assert(
    fc.property(record, record, record, (before, after, now) => {
      expect(carriedOver(after, before, after)).toEqual({ ok: true, value: before });
      const carried = carriedOver(after, before, now);
      // What it did not touch is as it was.
      if (!carried.ok) return;
      for (const name of Object.keys(now)) {
        if (sameRecord(before[name], after[name])) {
          expect((carried.value as typeof now)[name]).toEqual(now[name]);
        }
      }
    }),
    { ...SEEDED, numRuns: cases(500) },
  );
});
