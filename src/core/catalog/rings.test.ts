import { isSoldCog, soldLargestCog, soldRing, soldSmallestCog } from './sold';
import { RING_PAIRS, WIDEST_SOLD_PAIR_T, areRingsSold, isSoldPair, isUncommon, singleRingAvailability } from './rings';

test('pairs that are sold together, and one that is made up from two rings', () => {
  expect(RING_PAIRS).toHaveLength(21);
  expect(isSoldPair(50, 34)).toBe(true);
  expect(isSoldPair(50, 33)).toBe(false);
  expect(isSoldPair(34, 50)).toBe(false);
  expect(WIDEST_SOLD_PAIR_T).toBe(17);
});

test('teeth that are suggested are ones that are sold', () => {
  expect(soldLargestCog(47)).toBe(50);
  expect(soldLargestCog(53)).toBeUndefined();
  expect(soldSmallestCog(13)).toBe(12);
  expect(soldSmallestCog(8)).toBeUndefined();
  expect(isSoldCog(35)).toBe(true);
  expect(isSoldCog(47)).toBe(false);
  expect(soldRing([44], 'smallest', { atMost: 41 })).toBe(40);
  expect(soldRing([44], 'largest', { atLeast: 45 })).toBe(46);
  expect(soldRing([48, 32], 'smallest', { atMost: 31 })).toBe(31);
  expect(soldRing([48, 32], 'smallest', { atMost: 30 })).toBeUndefined();
  expect(soldRing([50, 34], 'largest', { atLeast: 51 })).toBeUndefined();
});

test('single rings: even counts are common, some odd ones less so, others are not made', () => {
  const of = (wanted: string) =>
    Array.from({ length: 51 }, (_, i) => 20 + i).filter((teeth) => singleRingAvailability(teeth) === wanted);
  expect(of('common')).toEqual([26, 28, 30, 32, 34, 36, 38, 40, 42, 44, 46, 48, 50, 52, 54, 56]);
  expect(of('lessCommon')).toEqual([29, 31, 33, 35, 37, 39, 41, 43, 45, 47, 49, 51, 53]);
  expect(areRingsSold([42])).toBe(true);
  expect(areRingsSold([55])).toBe(false);
  expect(areRingsSold([46, 30])).toBe(true);
  expect(areRingsSold([46, 31])).toBe(false);
  expect([[42], [41], [50, 34], [50, 33]].map(isUncommon)).toEqual([false, true, false, true]);
});
