import fc from 'fast-check';
import { SEEDED } from '../../../tests/support/arbitraries';
import { TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { message, type Message } from '../message';
import { buildCassette, cassetteFigures, type CassetteGoal, type CassetteRule, type CogZone } from './cassette-builder';
import { cases } from '../../../tests/support/fuzz';

const rule = (more: Partial<CassetteRule> = {}): CassetteRule => ({
  count: 5,
  smallestT: 11,
  largestT: 24,
  forced: [],
  forbidden: [],
  ...more,
});
const zone: CogZone = { fromKmh: 18, toKmh: 30, chainring: 44, rolloutMm: TOURER_ROLLOUT_MM, cadenceRpm: 88 };

/** Every cassette that a rule allows. */
function* everyCassette({ count, smallestT, largestT, forced, forbidden, only }: CassetteRule): Generator<number[]> {
  const teeth = Array.from({ length: largestT - smallestT + 1 }, (_, i) => smallestT + i).filter(
    (cog) => !forbidden.includes(cog) && (!only || only.includes(cog)),
  );
  function* from(place: number, chosen: number[]): Generator<number[]> {
    if (chosen.length === count) {
      if (chosen[0] === smallestT && chosen.at(-1) === largestT && forced.every((cog) => chosen.includes(cog))) {
        yield chosen;
      }
      return;
    }
    for (let i = place; i < teeth.length; i += 1) yield* from(i + 1, [...chosen, teeth[i]!]);
  }
  yield* from(0, []);
}

const speedOf = (teeth: number, { chainring, rolloutMm, cadenceRpm }: CogZone) =>
  ((chainring / teeth) * rolloutMm * cadenceRpm * 60) / 1_000_000;

/** The score of a whole cassette, computed independently; the most important term first. */
function priceOf(cogs: readonly number[], goal: CassetteGoal): number[] {
  const steps = cogs.slice(1).map((cog, i) => ({ size: Math.log(cog / cogs[i]!), at: Math.sqrt(cog * cogs[i]!) }));
  const sum = (of: (step: (typeof steps)[number]) => number) => steps.reduce((total, step) => total + of(step), 0);
  const most = (of: typeof steps) => of.reduce((so, { size }) => Math.max(so, size), 0);
  switch (goal.kind) {
    case 'even':
      return [most(steps), sum(({ size }) => size ** 2)];
    case 'zone': {
      const isIn = ({ at }: (typeof steps)[number]) => {
        const speed = speedOf(at, goal.zone);
        return speed >= goal.zone.fromKmh && speed <= goal.zone.toKmh;
      };
      const inside = steps.filter(isIn);
      const outside = steps.filter((step) => !isIn(step));
      return [most(inside), most(outside), sum(({ size }) => size ** 2)];
    }
    case 'use':
      return [
        goal.wanted.reduce(
          (total, { teeth, seconds }) => total + seconds * Math.min(...cogs.map((cog) => Math.log(teeth / cog) ** 2)),
          0,
        ),
      ];
  }
}

function compare(a: readonly number[], b: readonly number[]): number {
  const place = a.findIndex((value, i) => Math.abs(value - b[i]!) > 1e-9);
  return place < 0 ? 0 : a[place]! - b[place]!;
}

const rules: fc.Arbitrary<CassetteRule> = fc
  .record({
    count: fc.integer({ min: 2, max: 6 }),
    smallestT: fc.integer({ min: 9, max: 13 }),
    span: fc.integer({ min: 5, max: 14 }),
    picks: fc.uniqueArray(fc.nat(13), { maxLength: 5 }),
    forcedCount: fc.nat(2),
    only: fc.option(fc.uniqueArray(fc.nat(14), { minLength: 4 }), { nil: undefined }),
  })
  .map(({ count, smallestT, span, picks, forcedCount, only }) => ({
    count,
    smallestT,
    largestT: smallestT + span,
    forced: picks.slice(0, forcedCount).map((pick) => smallestT + (pick % span)),
    forbidden: picks.slice(forcedCount).map((pick) => smallestT + 1 + (pick % span)),
    only: only?.map((pick) => smallestT + pick),
  }));

const goals: fc.Arbitrary<CassetteGoal> = fc.oneof(
  fc.constant({ kind: 'even' as const }),
  fc
    .tuple(fc.integer({ min: 10, max: 25 }), fc.integer({ min: 3, max: 20 }))
    .map(([fromKmh, width]) => ({ kind: 'zone' as const, zone: { ...zone, fromKmh, toKmh: fromKmh + width } })),
  fc
    .array(
      fc.record({ teeth: fc.double({ min: 9, max: 30, noNaN: true }), seconds: fc.integer({ min: 1, max: 900 }) }),
      {
        minLength: 1,
        maxLength: 12,
      },
    )
    .map((wanted) => ({ kind: 'use' as const, wanted })),
);

test('what is built is the best of all that the rule allows, by exhaustive search', () => {
  const seen = { built: 0, refused: 0 };
  fc.assert(
    fc.property(rules, goals, (asked, goal) => {
      const built = buildCassette(asked, goal);
      const all = [...everyCassette(asked)];
      const tally = all.reduce<number[] | undefined>((best, cogs) => {
        const price = priceOf(cogs, goal);
        return !best || compare(price, best) < 0 ? price : best;
      }, undefined);
      if (!built.ok) {
        expect([asked, tally]).toEqual([asked, undefined]);
        expect(built.message.values).toBeDefined();
        seen.refused += 1;
        return;
      }
      seen.built += 1;
      expect(all).toContainEqual(built.cogs);
      expect(compare(priceOf(built.cogs, goal), tally!)).toBe(0);
    }),
    { ...SEEDED, numRuns: cases(75) },
  );
  expect(seen.built).toBeGreaterThan(25);
  expect(seen.refused).toBeGreaterThan(20);
});

test.each<[Partial<CassetteRule>, Message]>([
  [{ count: 15 }, message('find.cassette.count', { cogs: 15, min: 1, max: 14 })],
  [{ smallestT: 8 }, message('find.cassette.smallest', { teeth: 8, min: 9, max: 60 })],
  [{ largestT: 61 }, message('find.cassette.largest', { teeth: 61, min: 9, max: 60 })],
  [{ smallestT: 24, largestT: 11 }, message('find.cassette.endsNotRising', { cogs: 5, smallest: 24, largest: 11 })],
  [{ forced: [28] }, message('find.cassette.outside', { cogs: ['28'], smallest: 11, largest: 24 })],
  [{ forced: [17], forbidden: [17] }, message('find.cassette.forbiddenToo', { cogs: ['17'] })],
  [{ forbidden: [24] }, message('find.cassette.forbidden', { cogs: ['24'] })],
  [{ only: [11, 13, 15, 17, 19] }, message('find.cassette.notAtHand', { cogs: ['24'] })],
  [{ count: 3, forced: [13, 15] }, message('find.cassette.tooMany', { count: 4, cogs: '11-13-15-24', most: 3 })],
  [
    { count: 8, only: [11, 13, 15, 17, 24] },
    message('find.cassette.tooFew', { cogs: 8, smallest: 11, largest: 24, allowed: 5 }),
  ],
])('a rule that allows nothing is refused with its numbers: %j', (more, expected) => {
  const built = buildCassette(rule(more), { kind: 'even' });
  expect(built).toEqual({ ok: false, message: expected });
});

test('evenest and finest in a zone differ, and each is better in its own', () => {
  const asked = rule({ count: 9, smallestT: 11, largestT: 34 });
  const even = buildCassette(asked, { kind: 'even' });
  const fine = buildCassette(asked, { kind: 'zone', zone });
  if (!even.ok || !fine.ok) throw new Error('both can be built');
  const inZone = (cogs: readonly number[]) => cassetteFigures(cogs, { kind: 'zone', zone }).largestInZone!;
  expect(fine.figures.largestInZone).toBeLessThan(inZone(even.cogs));
  expect(even.figures.largestStep).toBeLessThan(fine.figures.largestStep);
  expect(even.figures.meanStep).toBeCloseTo((34 / 11) ** (1 / 8) - 1, 12);
});

test('cogs go where the riding was', () => {
  const wanted = [
    { teeth: 16.2, seconds: 600 },
    { teeth: 18, seconds: 900 },
    { teeth: 20.1, seconds: 300 },
  ];
  const built = buildCassette(rule(), { kind: 'use', wanted });
  expect(built).toMatchObject({ ok: true, cogs: [11, 16, 18, 20, 24] });
  expect(built.ok && built.figures.distance).toBeLessThan(0.01);
  expect(built.ok && built.figures.beyondEnds).toBe(0);
  const wide = [...wanted, { teeth: 30, seconds: 1800 }];
  expect(cassetteFigures([11, 16, 18, 20, 24], { kind: 'use', wanted: wide })).toMatchObject({
    distance: built.ok && built.figures.distance,
    beyondEnds: 0.5,
  });
});
