import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { gearReport, type Setup } from '../../core/gears';
import { ladderLayout, neighbourOf } from './layout';
import { axisTicks } from './scale';

const report = (setup: Setup) =>
  gearReport(setup, { rolloutMm: TOURER_ROLLOUT_MM, cadenceRpm: 90, crankLengthMm: undefined, closenessPercent: 5 });

test('the picture is true to scale: equal log steps are equally long', () => {
  fc.assert(
    fc.property(setupArbitrary(2), fc.integer({ min: 320, max: 2000 }), (setup, width) => {
      const { rows, scale } = ladderLayout(report(setup), width, 'speedStep');
      const rungs = rows.flatMap((row) => row.rungs);
      const perLog = rungs.map(({ gear, x }) => [Math.log(gear.developmentM), x] as const);
      const [first, last] = [
        perLog.reduce((a, b) => (b[0] < a[0] ? b : a)),
        perLog.reduce((a, b) => (b[0] > a[0] ? b : a)),
      ];
      const slope = (last[1] - first[1]) / (last[0] - first[0]);
      for (const [log, x] of perLog) expect(x).toBeCloseTo(first[1] + slope * (log - first[0]), 6);
      expect(first[1]).toBeGreaterThan(scale.left);
      expect(last[1]).toBeLessThan(scale.right);
    }),
    { ...SEEDED, numRuns: 100 },
  );
});

test('the tourer: two rows, two ties, one overlap from the big ring’s easiest to the small ring’s hardest', () => {
  const layout = ladderLayout(report(TOURER), 1240, 'speedStep');
  expect(layout.rows.map(({ chainring }) => chainring)).toEqual([48, 32]);
  expect(layout.ties.map(({ key }) => key)).toEqual(['24=36', '14=21']);
  expect(layout.overlap).toMatchObject({ from: layout.rows[0]!.rungs[0]!.x, to: layout.rows[1]!.rungs.at(-1)!.x });
  expect(layout.rows[1]!.gaps[0]!.text).toBe('12.5');
  expect(ladderLayout(report(ONE_RING), 1240, 'speedStep')).toMatchObject({ ties: [], overlap: undefined });
});

test('steps are written only where there is room', () => {
  const texts = (width: number) =>
    ladderLayout(report(TOURER), width, 'logStep').rows.flatMap(({ gaps }) => gaps).length;
  expect(texts(1240)).toBe(22);
  expect(texts(360)).toBeLessThan(6);
});

test('axis labels keep their distance and are on their true place', () => {
  const { scale } = ladderLayout(report(TOURER), 1240, 'speedStep');
  const ticks = axisTicks(scale, 5.4, 34);
  expect(ticks.length).toBeGreaterThan(8);
  ticks.slice(1).forEach((tick, i) => expect(tick.x - ticks[i]!.x).toBeGreaterThanOrEqual(34));
  for (const { x, label } of ticks) expect(x).toBeCloseTo(scale.x(Number(label) / 5.4), 9);
});

test('arrow keys lead along a ring, and to the nearest gear on the other', () => {
  const { gears } = report(TOURER);
  const from = gears.find(({ key }) => key === '32/24')!;
  const go = (key: string) => neighbourOf(gears, from, key)?.key;
  expect([go('ArrowLeft'), go('ArrowRight'), go('ArrowUp'), go('ArrowDown'), go('Enter')]).toEqual([
    '32/28',
    '32/21',
    '48/36',
    undefined,
    undefined,
  ]);
});
