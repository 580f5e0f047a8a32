import { gramsOfKg, gramsOfLbOz, kgOfGrams, lbOzOfGrams } from './mass-units';

test('pounds and ounces are grams by the international pound, and back', () => {
  expect(gramsOfLbOz(1, 0)).toBe(453.59237);
  expect(gramsOfLbOz(0, 16)).toBeCloseTo(453.59237, 9);
  expect(gramsOfLbOz(24, 8)).toBeCloseTo(11_113.01, 1);
  const { pounds, ounces } = lbOzOfGrams(11_113.013);
  expect(pounds).toBe(24);
  expect(ounces).toBeCloseTo(8, 3);
  expect(lbOzOfGrams(gramsOfLbOz(3, 0)).pounds).toBe(3);
});

test('kilograms are grams without tails of binary fractions', () => {
  expect(gramsOfKg(11.15)).toBe(11_150);
  expect(gramsOfKg(0.001)).toBe(1);
  expect(kgOfGrams(11_150)).toBe(11.15);
});
