import { PART_DEFAULTS, type PartRecord } from '../part';
import { isUnused, isWornOut } from './worn-out';

const part = (more: Partial<PartRecord>): PartRecord => ({
  ...PART_DEFAULTS,
  id: 'p',
  kind: 'chain',
  name: 'p',
  ...more,
});
const read = (...percents: number[]) => percents.map((wearPercent, i) => ({ atMs: i, wearPercent }));

test('a chain is worn out from its limit on, by its last reading; other parts only where they are called spent', () => {
  expect(isWornOut(part({}))).toBe(false);
  expect(isWornOut(part({ condition: 'worn' }))).toBe(true);
  expect(isWornOut(part({ kind: 'cassette', data: {}, condition: 'worn' }))).toBe(false);
  expect(isWornOut(part({ kind: 'cassette', data: {}, condition: 'spent' }))).toBe(true);
  const at = (chainSpeeds: number | undefined, ...percents: number[]) =>
    isWornOut(part({ data: { chainSpeeds }, wear: read(...percents) }));
  expect([at(12, 0.49), at(12, 0.5), at(10, 0.5), at(10, 0.75), at(undefined, 0.5)]).toEqual([
    false,
    true,
    false,
    true,
    true,
  ]);
  expect(isWornOut(part({ wear: [...read(0.2, 0.6)].reverse() }))).toBe(true);
});

test('a part is unused where it has never been on a bike, or is called new', () => {
  expect(isUnused(part({}))).toBe(true);
  expect(isUnused(part({ condition: 'new', mounts: [{ bikeId: 'b', fromMs: 0 }] }))).toBe(true);
  expect(isUnused(part({ mounts: [{ bikeId: 'b', fromMs: 0, toMs: 1 }] }))).toBe(false);
  expect(isUnused(part({ kmBefore: 300 }))).toBe(false);
  expect(isUnused(part({ condition: 'worn' }))).toBe(false);
});
