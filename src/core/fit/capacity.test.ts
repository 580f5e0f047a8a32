import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER } from '../../../tests/support/setups';
import { allowedGears, checkCapacity, checkRearDerailleur, requiredCapacityT, type Check } from './index';

const fixCodes = ({ fixes }: Check) => fixes.map(({ text }) => text.code);
const fixValues = ({ fixes }: Check) => fixes.map(({ text }) => text.values);

test('required capacity', () => {
  expect(requiredCapacityT(TOURER)).toBe(41);
  expect(requiredCapacityT(ONE_RING)).toBe(34);
});

test('the fixes named for capacity do bring it to the limit', () => {
  const check = (limit: number) => checkCapacity({ setup: TOURER, rearDerailleur: { totalCapacityT: limit } })[0]!;
  expect(check(30).fixes[0]).toEqual({
    text: { code: 'fit.totalCapacity.fixRing', values: { teeth: 43 } },
    change: { chainrings: [48, 43] },
  });
  expect(requiredCapacityT({ ...TOURER, chainrings: [48, 43] })).toBe(30);
  // 25T of cassette alone fill a 25T cage: no small ring helps.
  expect(fixCodes(check(25))).toEqual(['fit.totalCapacity.fixCog', 'fit.totalCapacity.fixDerailleur']);
  expect(fixValues(check(25))[0]).toEqual({ teeth: 20 });
});

test('the margin falls by one for each tooth of range', () => {
  fc.assert(
    fc.property(setupArbitrary(2), fc.integer({ min: 20, max: 60 }), (setup, totalCapacityT) => {
      const largest = setup.cogs.at(-1)!;
      const wider = { ...setup, cogs: [...setup.cogs.slice(0, -1), largest + 1] };
      const margin = (s: typeof setup) => checkCapacity({ setup: s, rearDerailleur: { totalCapacityT } })[0]!.margin!;
      expect(margin(wider)).toBe(margin(setup) - 1);
    }),
    SEEDED,
  );
});

test('gears that are never used need no capacity; big-big always does', () => {
  const never = [0, 1, 2].map((cog) => ({ ring: 1, cog }));
  // The small ring from the 14 on: 48 + 36 − (32 + 14).
  expect(requiredCapacityT(TOURER, never)).toBe(38);
  const bigBig = { ring: 0, cog: 11 };
  expect(allowedGears(TOURER, [bigBig])).toContainEqual(bigBig);
  expect(requiredCapacityT(TOURER, [bigBig])).toBe(41);
});

test('leaving gears out never asks for more capacity, and big-big is never left out', () => {
  const places = fc.array(fc.record({ ring: fc.nat(1), cog: fc.nat(13) }), { maxLength: 28 });
  fc.assert(
    fc.property(setupArbitrary(), places, (setup, avoided) => {
      const [big, largest] = [setup.chainrings[0]!, setup.cogs.at(-1)!];
      const allowed = allowedGears(setup, avoided);
      expect(allowed).toContainEqual({ ring: 0, cog: setup.cogs.length - 1 });
      const sums = allowed.map(({ ring, cog }) => setup.chainrings[ring]! + setup.cogs[cog]!);
      expect(Math.max(...sums)).toBe(big + largest);
      const needed = requiredCapacityT(setup, avoided);
      expect(needed).toBeLessThanOrEqual(requiredCapacityT(setup));
      expect(needed).toBeGreaterThanOrEqual(0);
    }),
    SEEDED,
  );
});

test('what a fix changes repairs its check, whatever the setup and the sheet', () => {
  const sheets = fc.record({
    totalCapacityT: fc.integer({ min: 15, max: 50 }),
    largestCogMaxT: fc.integer({ min: 28, max: 52 }),
    largestCogMinT: fc.integer({ min: 20, max: 28 }),
    smallestCogMinT: fc.integer({ min: 9, max: 13 }),
  });
  let changed = 0;
  fc.assert(
    fc.property(setupArbitrary(2), sheets, sheets, (setup, rearDerailleur, other) => {
      const input = { setup, rearDerailleur, others: [{ name: 'on the shelf', rearDerailleur: other }] };
      checkCapacity(input).forEach(({ fixes }, i) => {
        for (const { change } of fixes) {
          if (!change) continue;
          changed += 1;
          const after = checkCapacity({
            setup: {
              ...setup,
              ...(change.chainrings && { chainrings: change.chainrings }),
              ...(change.cogs && { cogs: change.cogs }),
            },
            rearDerailleur: change.rearDerailleur ?? rearDerailleur,
          })[i]!;
          expect(['inside', 'at']).toContain(after.verdict);
        }
      });
    }),
    SEEDED,
  );
  expect(changed).toBeGreaterThan(50);
});

test('a derailleur at hand is named where it takes the setup whole', () => {
  const others = [
    {
      name: 'of B',
      rearDerailleur: { totalCapacityT: 43, largestCogMaxT: 36, largestCogMinT: 28, smallestCogMinT: 11 },
    },
    {
      name: 'of C',
      rearDerailleur: { totalCapacityT: 47, largestCogMaxT: 34, largestCogMinT: 28, smallestCogMinT: 11 },
    },
  ];
  const check = checkCapacity({ setup: TOURER, rearDerailleur: { totalCapacityT: 39 }, others })[0]!;
  expect(fixValues(check)).toContainEqual({ name: 'of B' });
  expect(fixValues(check)).not.toContainEqual({ name: 'of C' });
});

test('numbers that no sheet carries, and limits that contradict each other', () => {
  expect(checkRearDerailleur({ totalCapacityT: 41, largestCogMaxT: 36 })).toEqual([]);
  expect(checkRearDerailleur({ totalCapacityT: 4 })[0]?.message).toEqual({
    code: 'datum.problem.teeth',
    values: { term: { code: 'datum.term.totalCapacityT' }, value: 4, min: 8, max: 70 },
  });
  expect(checkRearDerailleur({ largestCogMaxT: 34, largestCogMinT: 36 })[0]).toMatchObject({
    path: ['largestCogMinT'],
    message: {
      code: 'datum.problem.minOverMax',
      values: { term: { code: 'datum.term.largestCog' }, min: 36, max: 34 },
    },
  });
});
