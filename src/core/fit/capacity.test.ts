import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER } from '../../../tests/support/setups';
import { checkCapacity, checkRearDerailleur, requiredCapacityT } from './index';

test('required capacity', () => {
  expect(requiredCapacityT(TOURER)).toBe(41);
  expect(requiredCapacityT(ONE_RING)).toBe(34);
});

test('each verdict, in a sentence with the margin', () => {
  const sheet = { totalCapacityT: 39, largestCogMaxT: 36, largestCogMinT: 30 };
  const [capacity, largest, least, smallest] = checkCapacity(TOURER, sheet);
  expect(capacity).toMatchObject({
    id: 'totalCapacity',
    verdict: 'outside',
    margin: -2,
    message: '41T needed, 39T published: 2T over the sheet.',
    fixes: ['a 34T small ring', 'a largest cog of 34T', 'a rear derailleur of 41T or more'],
  });
  expect(largest).toMatchObject({
    verdict: 'at',
    margin: 0,
    message: 'Largest cog 36T, at most 36T published: at the limit, nothing to spare.',
    fixes: [],
  });
  expect(least).toMatchObject({
    verdict: 'inside',
    margin: 6,
    message: 'Largest cog 36T, at least 30T published: 6T to spare.',
  });
  expect(smallest).toMatchObject({
    verdict: 'notKnown',
    margin: undefined,
    missing: 'the smallest cog it takes',
    message: 'Smallest cog 11T; not known: the smallest cog it takes.',
  });
});

test('a cog below a minimum is under the sheet', () => {
  const [, , least, smallest] = checkCapacity(TOURER, { largestCogMinT: 40, smallestCogMinT: 12 });
  expect(least?.message).toBe('Largest cog 36T, at least 40T published: 4T under the sheet.');
  expect(smallest).toMatchObject({ verdict: 'outside', margin: -1, fixes: ['a cassette from 12T'] });
});

test('the fixes named for capacity do bring it to the limit', () => {
  const check = (limit: number) => checkCapacity(TOURER, { totalCapacityT: limit })[0]!;
  expect(check(30).fixes[0]).toBe('a 43T small ring');
  expect(requiredCapacityT({ ...TOURER, chainrings: [48, 43] })).toBe(30);
  // 25T of cassette alone fill a 25T cage: no small ring helps.
  expect(check(25).fixes).toEqual(['a largest cog of 20T', 'a rear derailleur of 41T or more']);
});

test('the margin falls by one for each tooth of range', () => {
  fc.assert(
    fc.property(setupArbitrary(2), fc.integer({ min: 20, max: 60 }), (setup, totalCapacityT) => {
      const largest = setup.cogs.at(-1)!;
      const wider = { ...setup, cogs: [...setup.cogs.slice(0, -1), largest + 1] };
      const margin = (s: typeof setup) => checkCapacity(s, { totalCapacityT })[0]!.margin!;
      expect(margin(wider)).toBe(margin(setup) - 1);
    }),
    SEEDED,
  );
});

test('numbers that no sheet carries, and limits that contradict each other', () => {
  expect(checkRearDerailleur({ totalCapacityT: 41, largestCogMaxT: 36 })).toEqual([]);
  expect(checkRearDerailleur({ totalCapacityT: 4 })[0]?.message).toBe(
    'total capacity 4T: whole teeth from 8 to 70; read it off the sheet',
  );
  expect(checkRearDerailleur({ largestCogMaxT: 34, largestCogMinT: 36 })[0]).toMatchObject({
    path: ['largestCogMinT'],
    message:
      'largest cog at least 36T but at most 34T: the first must not be above the second; check both on the sheet',
  });
});
