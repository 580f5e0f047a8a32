import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { gearsOf, type Gear, type Setup } from '../gears';
import { GearChanges } from './gear-changes';

/** The chance of one gear after another by its definition, to another gear. */
function chanceTo(from: Gear, to: Gear, { chainrings, cogs, hubStages }: Setup): number {
  const clicks = Math.abs(cogs.indexOf(from.cog) - cogs.indexOf(to.cog));
  const rows =
    Math.abs(chainrings.indexOf(from.chainring) - chainrings.indexOf(to.chainring)) +
    Math.abs(hubStages.indexOf(from.hubStage) - hubStages.indexOf(to.hubStage));
  return rows > 0 ? 0.002 ** rows * 0.35 ** clicks : 0.012 * 0.35 ** (clicks - 1);
}

/** The whole matrix: chances of each gear after each gear, by position. */
function matrix(gears: readonly Gear[], setup: Setup, { positions, size }: GearChanges): number[][] {
  const chances = Array.from({ length: size }, () => new Array<number>(size).fill(0));
  gears.forEach((from, a) => {
    const row = chances[positions[a]!]!;
    gears.forEach((to, b) => {
      if (a !== b) row[positions[b]!] = chanceTo(from, to, setup);
    });
    row[positions[a]!] = 1 - row.reduce((sum, chance) => sum + chance, 0);
  });
  return chances;
}

/** The changes of a setup, and the whole matrix to compare them with. */
function bothWays(setup: Setup) {
  const gears = gearsOf(setup);
  const changes = new GearChanges(gears, setup);
  return { changes, size: changes.size, chances: matrix(gears, setup, changes) };
}

const setups = fc
  .tuple(setupArbitrary(2), fc.constantFrom<readonly number[]>([1], [1, 0.7]))
  .map(([setup, hubStages]) => ({ ...setup, hubStages }));
const cases = fc.tuple(
  setups,
  fc.array(fc.double({ min: 1e-6, max: 1, noNaN: true }), { minLength: 60, maxLength: 60 }),
);

test('every gear has a position of its own', () => {
  fc.assert(
    fc.property(setups, (setup) => {
      const changes = new GearChanges(gearsOf(setup), setup);
      expect([...changes.positions].sort((a, b) => a - b)).toEqual(Array.from({ length: changes.size }, (_, p) => p));
    }),
    SEEDED,
  );
});

test('running sums are the sums over all pairs of gears, at any offset', () => {
  fc.assert(
    fc.property(cases, ([setup, values]) => {
      const { changes, size, chances } = bothWays(setup);
      const from = Float64Array.from({ length: size + 3 }, (_, i) => values[i % values.length]!);
      const to = new Float64Array(size + 5);
      changes.sum(from, 3, to, 5);
      for (let b = 0; b < size; b += 1) {
        const plain = chances.reduce((sum, row, a) => sum + from[3 + a]! * row[b]!, 0);
        expect(to[5 + b]! / plain).toBeCloseTo(1, 10);
      }
      expect([...to.subarray(0, 5)]).toEqual([0, 0, 0, 0, 0]);
    }),
    SEEDED,
  );
});

test('running maxima are the maxima over all pairs of gears, with the gear that each comes from', () => {
  fc.assert(
    fc.property(cases, ([setup, values]) => {
      const { changes, size, chances } = bothWays(setup);
      const from = Float64Array.from({ length: size + 2 }, (_, i) => values[(7 * i) % values.length]! ** 8);
      const to = new Float64Array(size + 1);
      const origins = new Int32Array(size);
      changes.max(from, 2, to, 1, origins);
      for (let b = 0; b < size; b += 1) {
        const plain = Math.max(...chances.map((row, a) => from[2 + a]! * row[b]!));
        expect(to[1 + b]! / plain).toBeCloseTo(1, 10);
        expect((from[2 + origins[b]!]! * chances[origins[b]!]![b]!) / plain).toBeCloseTo(1, 10);
      }
    }),
    SEEDED,
  );
});
