import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { chanceMatrix } from '../../../tests/support/gear-chances';
import { gearsOf, type Setup } from '../gears';
import { GearChanges } from './gear-changes';

const CHANCES = { oneClick: 0.012, rowChange: 0.002 };

/** The changes of a setup, and the whole matrix to compare them with. */
function bothWays(setup: Setup) {
  const gears = gearsOf(setup);
  const changes = new GearChanges(gears, setup, CHANCES);
  return { changes, size: changes.size, chances: chanceMatrix(gears, setup, changes, CHANCES) };
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
      const changes = new GearChanges(gearsOf(setup), setup, CHANCES);
      expect([...changes.positions].sort((a, b) => a - b)).toEqual(Array.from({ length: changes.size }, (_, p) => p));
    }),
    SEEDED,
  );
});

test('running sums are the sums over all pairs of gears', () => {
  fc.assert(
    fc.property(cases, ([setup, values]) => {
      const { changes, size, chances } = bothWays(setup);
      const from = Float64Array.from({ length: size }, (_, i) => values[i % values.length]!);
      const to = new Float64Array(size);
      changes.sum(from, to);
      const ratios = [...to].map((sum, b) => sum / chances.reduce((plain, row, a) => plain + from[a]! * row[b]!, 0));
      expect(Math.min(...ratios)).toBeCloseTo(1, 10);
      expect(Math.max(...ratios)).toBeCloseTo(1, 10);
    }),
    SEEDED,
  );
});

test('staying, clicks within a row and changes of row are split as they are over all pairs', () => {
  fc.assert(
    fc.property(cases, ([setup, values]) => {
      const { changes, size, chances } = bothWays(setup);
      const vector = (step: number) =>
        Float64Array.from({ length: size }, (_, i) => values[(step * i) % values.length]!);
      const [from, to] = [vector(1), vector(7)];
      const plain = { stay: 0, clicks: 0, rows: 0 };
      const rowOf = (p: number) => Math.floor(p / setup.cogs.length);
      chances.forEach((row, a) =>
        row.forEach((chance, b) => {
          const kind = a === b ? 'stay' : rowOf(a) === rowOf(b) ? 'clicks' : 'rows';
          plain[kind] += from[a]! * chance * to[b]!;
        }),
      );
      const split = changes.split(from, to);
      for (const kind of ['stay', 'clicks', 'rows'] as const) expect(split[kind]).toBeCloseTo(plain[kind], 10);
    }),
    SEEDED,
  );
});
