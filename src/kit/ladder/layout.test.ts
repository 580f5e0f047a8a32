import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { coverage, gearReport, type Setup } from '../../core/gears';
import { ladderLayout, neighbourOf, type LadderLane } from './layout';
import { axisTicks } from './scale';

const report = (setup: Setup) =>
  gearReport(setup, { rolloutMm: TOURER_ROLLOUT_MM, cadenceRpm: 90, crankLengthMm: undefined, closenessPercent: 5 });

const lane = (setup: Setup, place = 0, band = { lowRpm: 82, highRpm: 94 }): LadderLane => {
  const own = report(setup);
  return { place, title: '', report: own, coverage: coverage(own.gears, band), cadenceRpm: 90 };
};
const OPTIONS = { reading: 'speedStep', speedIn: (speed: number) => speed } as const;
const one = (setup: Setup, width: number) => {
  const { lanes, ...rest } = ladderLayout([lane(setup)], width, OPTIONS);
  return { ...rest, ...lanes[0]! };
};

test('the picture is true to scale: equal log steps are equally long', () => {
  fc.assert(
    fc.property(setupArbitrary(2), fc.integer({ min: 320, max: 2000 }), (setup, width) => {
      const { rows, scale } = one(setup, width);
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
  const layout = one(TOURER, 1240);
  expect(layout.rows.map(({ chainring }) => chainring)).toEqual([48, 32]);
  expect(layout.ties.map(({ key }) => key)).toEqual(['24=36', '14=21']);
  expect(layout.overlap).toMatchObject({ from: layout.rows[0]!.rungs[0]!.x, to: layout.rows[1]!.rungs.at(-1)!.x });
  expect(layout.rows[1]!.gaps[0]!.text).toBe('12.5');
  expect(one(ONE_RING, 1240)).toMatchObject({ ties: [], overlap: undefined });
});

test('steps are written only where there is room', () => {
  const texts = (width: number) => one(TOURER, width).rows.flatMap(({ gaps }) => gaps).length;
  expect(texts(1240)).toBe(22);
  expect(texts(360)).toBeLessThan(6);
});

test('axis labels keep their distance and are on their true place', () => {
  const { scale } = one(TOURER, 1240);
  const ticks = axisTicks(scale, 5.4, 34);
  expect(ticks.length).toBeGreaterThan(8);
  ticks.slice(1).forEach((tick, i) => expect(tick.x - ticks[i]!.x).toBeGreaterThanOrEqual(34));
  for (const { x, label } of ticks) expect(x).toBeCloseTo(scale.x(Number(label) / 5.4), 9);
});

test('arrow keys lead along a row, and to the nearest gear of the next row, on another setup too', () => {
  const layout = ladderLayout([lane(TOURER), lane(ONE_RING, 1)], 1240, OPTIONS);
  const at = (place: number, key: string) => ({
    place,
    gear: layout.lanes[place]!.rows.flatMap(({ rungs }) => rungs).find(({ gear }) => gear.key === key)!.gear,
  });
  const go = (place: number, from: string, key: string) => {
    const next = neighbourOf(layout, at(place, from), key);
    return next && `${next.place} ${next.gear.key}`;
  };
  expect(go(0, '32/24', 'ArrowLeft')).toBe('0 32/28');
  expect(go(0, '32/24', 'ArrowRight')).toBe('0 32/21');
  expect(go(0, '32/24', 'ArrowUp')).toBe('0 48/36');
  expect(go(0, '32/36', 'ArrowDown')).toBe('1 44/44');
  expect(go(1, '44/10', 'ArrowUp')).toBe('0 32/11');
  expect(go(1, '44/10', 'ArrowDown')).toBeUndefined();
  expect(go(1, '44/10', 'ArrowRight')).toBeUndefined();
  expect(go(1, '44/10', 'Enter')).toBeUndefined();
});

test('the speeds that a band reaches lie on the axis of speeds, with their holes between', () => {
  const { coverage: bar, scale } = one(ONE_RING, 1240);
  expect(bar!.holes.map(({ text }) => text)).toEqual(['12.4–12.5', '14.3–14.8', '19.4–19.8', '36.3–36.5', '41.9–43.2']);
  expect(bar!.spans).toHaveLength(6);
  bar!.holes.forEach(({ from, to }, i) => {
    expect(from).toBeCloseTo(bar!.spans[i]!.to, 9);
    expect(to).toBeCloseTo(bar!.spans[i + 1]!.from, 9);
  });
  for (const { from, to } of bar!.spans) {
    expect(from).toBeGreaterThan(scale.left);
    expect(to).toBeLessThan(scale.right);
  }
});

test('lanes stand below one another, on one scale, with a title each; a two-speed hub is a row more', () => {
  const hub = { ...ONE_RING, hubStages: [1, 0.7] };
  const { lanes, height } = ladderLayout([lane(TOURER), lane(hub, 1)], 900, OPTIONS);
  const rows = lanes.flatMap(({ rows: own }) => own);
  expect(rows.map(({ chainring, hubStage }) => [chainring, hubStage])).toEqual([
    [48, 1],
    [32, 1],
    [44, 1],
    [44, 0.7],
  ]);
  rows.slice(1).forEach(({ y }, i) => expect(y - rows[i]!.y).toBeGreaterThan(40));
  expect(height).toBeGreaterThan(rows.at(-1)!.y);
  expect(lanes.every(({ titleY }) => titleY !== undefined)).toBe(true);
});
