import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../tests/support/arbitraries';
import { ONE_RING, TOURER, TOURER_FRAME } from '../../tests/support/setups';
import { fitReport, solveBelt, type BeltCircle, type CheckId, type FitInput } from '../core/fit';
import { textOf } from './core';
import { cases } from '../../tests/support/fuzz';

const SHEET = { totalCapacityT: 39, largestCogMaxT: 34, largestCogMinT: 30, cageLengthMm: 93, pullRatio: 1.51 };
const INPUT: FitInput = {
  ...TOURER_FRAME,
  rearDerailleur: SHEET,
};
const check = (id: CheckId, more: Partial<FitInput> = {}) =>
  fitReport({ ...INPUT, ...more }).checks.find((one) => one.id === id)!;

describe('checks are said in whole sentences', () => {
  const never = [0, 1, 2].map((cog) => ({ ring: 1, cog }));
  const NINE = 'nine wide splines';
  test.each<[CheckId, Partial<FitInput>, string]>([
    ['totalCapacity', {}, '41T needed, 39T published: 2T over the published limit.'],
    [
      'totalCapacity',
      { avoided: never },
      '38T needed with gears excluded from this combination (41T in all gears), 39T published (2T over in the excluded gears): 1T to spare.',
    ],
    [
      'largestCog',
      { setup: { ...TOURER, cogs: [11, 12, 34] } },
      'Largest cog 34T, at most 34T published: at the limit, no margin.',
    ],
    ['largestCogMinimum', {}, 'Largest cog 36T, at least 30T published: 6T to spare.'],
    ['smallestCog', {}, 'Smallest cog 11T; no data: the smallest cog it takes.'],
    [
      'frontCage',
      { fittedBigRing: 50 },
      'Big ring 48T; no data: the big rings that the front derailleur suits. Mount it 4.0 mm lower than for the 50T ring now on the bike.',
    ],
    [
      'indexing',
      { parts: { cablePullMm: 2.51 } },
      'A click moves 3.79 mm, cogs are 3.6 mm apart: +0.19 mm per click, 1.05 mm at both ends, 0.45 mm beyond tolerance.',
    ],
    ['indexing', {}, 'Cogs 3.6 mm apart; no data: the cable pull per click of the shifter.'],
    ['shifterSpeeds', { parts: { shifterSpeeds: 11 } }, '11-speed shifter on 12 cogs: 1 cog is out of reach.'],
    [
      'freehubLength',
      { freehub: { bodyLengthMm: 36.75 }, parts: { cassetteLengthMm: 34.9, spacerMm: 0 } },
      'Body 36.75 mm, cassette 34.9 mm, spacers 0 mm: 1.85 mm short; the cassette will have play.',
    ],
    ['freehub', { freehub: { spline: NINE }, parts: { cassetteSpline: NINE } }, 'Both have “nine wide splines”.'],
    ['chainLength', {}, '112 links, 112 by big-big + 2: correct length.'],
    [
      'retention',
      { setup: ONE_RING, parts: { retention: ['narrowWide', 'clutch'] } },
      'One ring: a narrow-wide ring needs no adjustment, but holds the chain less well as it wears; a clutch also reduces chain slap, but makes the lever action heavier.',
    ],
    [
      'hangerExtender',
      {},
      'Not fitted. An extender with 4.0 mm drop or more might clear the 36T cog. Use with caution: the guide pulley is farther from the small cogs and shifting is less crisp.',
    ],
  ])('%s with %j', (id, more, sentence) => {
    expect(textOf(check(id, more).message)).toBe(sentence);
  });
});

test('what would repair a check is said, the cassette with its teeth', () => {
  expect(check('totalCapacity').fixes.map(({ text }) => textOf(text))).toEqual([
    'a 34T small ring',
    'a largest cog of 34T (11-34)',
    'a rear derailleur with 41T capacity or more',
  ]);
});

test('a trial says what the geometry found, with a true minus sign', () => {
  const { trials } = fitReport(INPUT);
  expect(textOf(trials.totalCapacity!.reason)).toBe(
    'cage geometry: the chain is under tension in every gear you allow, from −57° to +67°',
  );
});

test('circles that no belt runs round are named with their sizes', () => {
  const circle = (x: number, name?: BeltCircle['name']): BeltCircle => ({
    x,
    y: 0,
    radiusMm: 60.456,
    sense: 'clockwise',
    ...(name && { name }),
  });
  const result = solveBelt([circle(0, 'tensionPulley'), { ...circle(50), sense: 'anticlockwise' }]);
  expect(!result.ok && textOf(result.failure.message)).toBe(
    'tension pulley (radius 60.46 mm) and circle 2 (radius 60.46 mm) are 50 mm apart: no straight run fits between them',
  );
});

test('whatever is fitted, nothing is left open in a sentence', () => {
  const inputs = fc.record({
    setup: setupArbitrary(),
    totalCapacityT: fc.option(fc.integer({ min: 8, max: 70 }), { nil: undefined }),
    largestCogMaxT: fc.option(fc.integer({ min: 20, max: 60 }), { nil: undefined }),
    hangerExtenderMm: fc.option(fc.integer({ min: 2, max: 60 }), { nil: undefined }),
    frontBigRingMaxT: fc.option(fc.integer({ min: 20, max: 70 }), { nil: undefined }),
    chainLinks: fc.option(fc.integer({ min: 80, max: 140 }), { nil: undefined }),
  });
  fc.assert(
    fc.property(inputs, ({ setup, totalCapacityT, largestCogMaxT, hangerExtenderMm, frontBigRingMaxT, chainLinks }) => {
      const rearDerailleur = { totalCapacityT, largestCogMaxT, cageLengthMm: 93 };
      const parts = { hangerExtenderMm, frontBigRingMaxT };
      const { checks, trials } = fitReport({ ...INPUT, setup, rearDerailleur, parts, chainLinks, fittedBigRing: 50 });
      const messages = [
        ...checks.flatMap(({ message, fixes }) => [message, ...fixes.map(({ text }) => text)]),
        ...Object.values(trials).flatMap(({ reason, extraCheck }) => [reason, extraCheck]),
      ];
      for (const one of messages) expect(textOf(one)).not.toMatch(/[{}]|NaN|undefined|\[object|Infinity|null/);
    }),
    { ...SEEDED, numRuns: cases(37) },
  );
});
