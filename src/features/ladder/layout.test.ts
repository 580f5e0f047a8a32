import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { coverage, gearReport, type Setup } from '../../core/gears';
import { developmentForM } from '../../core/ride';
import { ladderLayout, neighbourOf, placeShown, type LadderLane, type LadderNeeds } from './layout';
import { pointedAt } from './pointed';
import { axisTicks } from './scale';
import { cases } from '../../../tests/support/fuzz';

const report = (setup: Setup) =>
  gearReport(setup, {
    ...{ rolloutMm: TOURER_ROLLOUT_MM, cadenceRpm: 90, crankLengthMm: undefined },
    ...{ closenessPercent: 5, crossedCogs: 2 },
  });

const lane = (setup: Setup, place = 0, band = { lowRpm: 82, highRpm: 94 }): LadderLane => {
  const own = report(setup);
  return { place, title: '', report: own, coverage: coverage(own.gears, band), cadenceRpm: 90 };
};
const NEEDS: LadderNeeds = {
  easiestMaxM: 2,
  hardestMinM: 8,
  zones: { climbingBelowKmh: 15, fastAboveKmh: 28 },
  preferredRpm: 90,
  tolerance: { climbing: 0.17, between: 0.15, fast: 0.12 },
};
const OPTIONS = { reading: 'speedStep', speedIn: (speed: number) => speed, height: 500 } as const;
const one = (setup: Setup, width: number, height = 500, needs?: LadderNeeds) => {
  const { columns, ...rest } = ladderLayout([lane(setup)], width, { ...OPTIONS, height, needs });
  return { ...rest, ...columns[0]! };
};

test('the picture is true to scale: equal log steps are equally high, the easiest gear lowest', () => {
  fc.assert(
    fc.property(setupArbitrary(2), fc.integer({ min: 300, max: 900 }), (setup, height) => {
      const { uprights, scale } = one(setup, 500, height);
      const spots = uprights
        .flatMap(({ rungs }) => rungs)
        .map(({ gear, y }) => [Math.log(gear.developmentM), y] as const);
      const first = spots.reduce((a, b) => (b[0] < a[0] ? b : a));
      const last = spots.reduce((a, b) => (b[0] > a[0] ? b : a));
      const slope = (last[1] - first[1]) / (last[0] - first[0]);
      for (const [log, y] of spots) expect(y).toBeCloseTo(first[1] + slope * (log - first[0]), 6);
      expect(first[1]).toBeLessThan(scale.begin);
      expect(last[1]).toBeGreaterThan(scale.end);
      expect(scale.sizeAt(first[1])).toBeCloseTo(Math.exp(first[0]), 9);
    }),
    { ...SEEDED, numRuns: cases(25) },
  );
});

test('the tourer: the small ring left, the big one right, six ties, one bridge from 32/13 to 48/19, the overlap between', () => {
  const column = one(TOURER, 400);
  const [small, big] = column.uprights;
  expect([small!.chainring, big!.chainring]).toEqual([32, 48]);
  expect(small!.x).toBeLessThan(big!.x);
  expect([small!.side, big!.side]).toEqual(['left', 'right']);
  expect(column.ties.map(({ key }) => key)).toEqual(['24=36', '14=21', '21≈32', '19≈28', '13≈19', '11≈17']);
  const at = (upright: typeof small, cog: number) => upright!.rungs.find(({ gear }) => gear.cog === cog)!.y;
  expect(column.bridges).toEqual([{ from: { x: small!.x, y: at(small, 13) }, to: { x: big!.x, y: at(big, 19) } }]);
  expect(column.overlap).toMatchObject({ from: at(big, 36), to: at(small, 11) });
  const open = column.uprights.flatMap(({ rungs }) => rungs).filter(({ isOnPath }) => !isOnPath);
  expect(open.map(({ gear }) => gear.key).sort()).toEqual([
    '32/11',
    '32/12',
    '48/21',
    '48/24',
    '48/28',
    '48/32',
    '48/36',
  ]);
  expect(one(ONE_RING, 400)).toMatchObject({ ties: [], overlap: undefined, bridges: [] });
});

test('steps stand between the gears of the sequence; those over the rider’s limit in their zone are marked', () => {
  const { steps, uprights } = one(TOURER, 400, 500, NEEDS);
  expect(steps).toHaveLength(16);
  expect(steps[0]).toMatchObject({ text: '12.5', from: uprights[0]!.rungs[0]!.y, to: uprights[0]!.rungs[1]!.y });
  // 28 → 24 is 16.7%, within 17% when climbing; 17 → 15 is 13.3%, over 12% when fast.
  expect(steps.filter(({ isOver }) => isOver).map(({ text }) => text)).toEqual(['13.3']);
  expect(one(TOURER, 400).steps.some(({ isOver }) => isOver)).toBe(false);
});

test('texts keep their distance, and what is over a limit is written first', () => {
  fc.assert(
    fc.property(setupArbitrary(2), fc.integer({ min: 200, max: 700 }), (setup, height) => {
      const { steps, uprights } = one(setup, 400, height, NEEDS);
      const apart = (ys: readonly number[]) => {
        const sorted = [...ys].sort((a, b) => a - b);
        for (let i = 1; i < sorted.length; i += 1) expect(sorted[i]! - sorted[i - 1]!).toBeGreaterThanOrEqual(11.5);
      };
      apart(steps.filter(({ isWritten }) => isWritten).map(({ from, to }) => (from + to) / 2));
      for (const { rungs } of uprights) apart(rungs.filter(({ isNamed }) => isNamed).map(({ y }) => y));
    }),
    { ...SEEDED, numRuns: cases(25) },
  );
});

test('needs and zones lie across the columns, at their own speeds, also where speeds are shown at another cadence', () => {
  const { needs, zones, scale } = one(TOURER, 400, 500, NEEDS);
  expect(needs.map(({ end, at }) => [end, at])).toEqual([
    ['easiest', scale.at(2)],
    ['hardest', scale.at(8)],
  ]);
  expect(zones.map(({ shaded }) => shaded)).toEqual([false, true, false]);
  expect(zones[1]).toMatchObject({ from: scale.at(developmentForM(15, 90)), to: scale.at(developmentForM(28, 90)) });
  const slow = ladderLayout([{ ...lane(TOURER), cadenceRpm: 45 }], 400, { ...OPTIONS, needs: NEEDS });
  expect(slow.zones[1]!.from).toBe(slow.scale.at(developmentForM(15, 45)));
});

test('axis labels keep their distance and are on their true place', () => {
  const { scale } = one(TOURER, 400, 600);
  const ticks = axisTicks(scale, 5.4, 26);
  expect(ticks.length).toBeGreaterThan(6);
  ticks.slice(1).forEach((tick, i) => expect(tick.at - ticks[i]!.at).toBeGreaterThanOrEqual(26));
  for (const { at, label } of ticks) expect(at).toBeCloseTo(scale.at(Number(label) / 5.4), 9);
});

test('arrow keys lead up and down a ring, and sideways to the nearest gear of the next ring, on another setup too', () => {
  const layout = ladderLayout([lane(TOURER), lane(ONE_RING, 1)], 1240, OPTIONS);
  const at = (place: number, key: string) => ({
    place,
    gear: layout.columns[place]!.uprights.flatMap(({ rungs }) => rungs).find(({ gear }) => gear.key === key)!.gear,
  });
  const go = (place: number, from: string, key: string) => {
    const next = neighbourOf(layout, at(place, from), key);
    return next && `${next.place} ${next.gear.key}`;
  };
  expect(go(0, '32/24', 'ArrowDown')).toBe('0 32/28');
  expect(go(0, '32/24', 'ArrowUp')).toBe('0 32/21');
  expect(go(0, '32/24', 'ArrowRight')).toBe('0 48/36');
  expect(go(0, '48/36', 'ArrowRight')).toBe('1 44/32');
  expect(go(1, '44/10', 'ArrowLeft')).toBe('0 48/11');
  expect(go(0, '32/36', 'ArrowLeft')).toBeUndefined();
  expect(go(1, '44/10', 'ArrowUp')).toBeUndefined();
  expect(go(1, '44/10', 'Enter')).toBeUndefined();
});

test('the speeds that a band reaches lie on the axis of speeds, with their gaps between', () => {
  const { coverage: bar, scale } = one(ONE_RING, 500, 700);
  expect(bar!.gaps.map(({ text }) => text)).toEqual(['12.4–12.5', '14.3–14.8', '19.4–19.8', '36.3–36.5', '41.9–43.2']);
  expect(bar!.spans).toHaveLength(6);
  bar!.gaps.forEach(({ from, to }, i) => {
    expect(from).toBeCloseTo(bar!.spans[i]!.to, 9);
    expect(to).toBeCloseTo(bar!.spans[i + 1]!.from, 9);
  });
  for (const { from, to } of bar!.spans) {
    expect(from).toBeLessThan(scale.begin);
    expect(to).toBeGreaterThan(scale.end);
  }
  // Where the column is too narrow their speeds are left to the title.
  expect(one(ONE_RING, 260).coverage!.gaps.every(({ textY }) => textY === undefined)).toBe(true);
});

test('columns stand side by side on one scale; a two-speed hub is an upright more', () => {
  const hub = { ...ONE_RING, hubStages: [1, 0.7] };
  const { columns, right } = ladderLayout([lane(TOURER), lane(hub, 1)], 900, OPTIONS);
  const uprights = columns.flatMap((column) => column.uprights);
  expect(uprights.map(({ chainring, hubStage }) => [chainring, hubStage])).toEqual([
    [32, 1],
    [48, 1],
    [44, 0.7],
    [44, 1],
  ]);
  uprights.slice(1).forEach(({ x }, i) => expect(x).toBeGreaterThan(uprights[i]!.x));
  expect(columns[1]!.left).toBeCloseTo(columns[0]!.left + columns[0]!.width, 9);
  expect(columns[1]!.left + columns[1]!.width).toBeCloseTo(right, 9);
});

test('pointing at a height reads every column there: the nearest gear, its cadence and the next step', () => {
  const [tourer, single] = pointedAt([lane(TOURER), lane(ONE_RING, 1)], developmentForM(25, 90));
  expect(tourer).toMatchObject({ place: 0, gear: { key: '32/15' } });
  expect(tourer!.cadenceRpm).toBeCloseTo(89.07, 1);
  expect(tourer!.next).toMatchObject({ to: { cog: 14 } });
  expect(single).toMatchObject({ place: 1, gear: { key: '44/21' } });
  expect(pointedAt([lane(TOURER)], 99)[0]).toMatchObject({ gear: { key: '48/11' }, next: undefined });
});

test('with the time in each gear bars go outward from short rungs, the longest share over all columns the longest', () => {
  const shares = new Map([
    ['32/36', 0.4],
    ['48/19', 0.1],
  ]);
  const single = { ...lane(ONE_RING, 1), shares: new Map([['44/44', 0.8]]) };
  const { columns } = ladderLayout([{ ...lane(TOURER), shares }, single], 800, OPTIONS);
  const [two, one1x] = columns;
  expect(two).toMatchObject({ steps: [], ties: [], bridges: [], coverage: undefined, overlap: undefined });
  const rungs = columns.flatMap(({ uprights }) => uprights.flatMap((upright) => upright.rungs));
  const use = (key: string) => rungs.find(({ gear }) => gear.key === key)!.use!;
  expect(use('44/44').share).toBe(0.8);
  expect(use('32/36').length / use('48/19').length).toBeCloseTo(4, 9);
  expect(use('48/11')).toEqual({ share: 0, length: 0, isWritten: false });
  const [small, big] = two!.uprights;
  expect(small!.x - small!.half - use('32/36').length).toBeGreaterThan(two!.left);
  expect(big!.x).toBeLessThan(one1x!.left);
  const [only] = one1x!.uprights;
  expect(only!.x + only!.half + use('44/44').length).toBeLessThan(one1x!.left + one1x!.width);
});

test('a narrow ladder shows the setup it was turned to, else the one chosen, else the first', () => {
  expect(placeShown([0, 1, 2], 2, 1)).toBe(2);
  expect(placeShown([0, 1, 2], undefined, 1)).toBe(1);
  // On paper no gear is chosen, and a setup may have been taken off.
  expect(placeShown([0, 1], 3, -1)).toBe(0);
});
