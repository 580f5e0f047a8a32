import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { coverage, gearReport, type Setup } from '../../core/gears';
import { laidOut } from './request';
import type { LadderLane } from './layout';
import type { LadderPicture, Part } from './scene';
import { METRIC } from '../units/measures';
import { cases } from '../../../tests/support/fuzz';

const lane = (setup: Setup, place: number): LadderLane => {
  const report = gearReport(setup, {
    rolloutMm: TOURER_ROLLOUT_MM,
    cadenceRpm: 90,
    crankLengthMm: undefined,
    closenessPercent: 5,
    crossedCogs: 2,
  });
  const covered = coverage(report.gears, { lowRpm: 82, highRpm: 94 });
  return { place, title: `setup ${place}`, report, coverage: covered, cadenceRpm: 90 };
};

function drawn(setups: readonly Setup[], key: string, width = 1240, shares?: LadderLane['shares'], height = 520) {
  const picture: LadderPicture = {
    lanes: setups.map((setup, place) => ({ ...lane(setup, place), shares })),
    left: { title: 'Speed, km/h', perMetre: 5.4 },
    right: { title: 'Development, m', perMetre: 1 },
    reading: 'speedStep',
    units: METRIC,
    height,
    needs: {
      ...{ easiestMaxM: 2.14, hardestMinM: 7.99, preferredRpm: 90 },
      zones: { climbingBelowKmh: 15, fastAboveKmh: 28 },
      tolerance: { climbing: 0.2, between: 0.18, fast: 0.16 },
    },
    selected: { place: 0, key },
  };
  return laidOut(picture, width, undefined);
}

const looks = (parts: readonly Part[]) =>
  parts.flatMap(({ shapes }) =>
    shapes.flatMap((shape) => (shape.kind === 'text' && shape.tail ? [shape.look, shape.tail.look] : shape.look)),
  );
const texts = (parts: readonly Part[]) =>
  parts.flatMap(({ shapes }) => shapes.flatMap((shape) => (shape.kind === 'text' ? shape.text : [])));

test('the tourer: a rung a gear, those off the sequence open, the chosen one marked, with a line through it', () => {
  const { scene } = drawn([TOURER], '32/24');
  const { parts } = scene.columns[0]!;
  expect(parts.filter(({ gear }) => gear)).toHaveLength(24);
  expect(looks(parts).filter((look) => /^bar\b/.test(look) && look.includes('open'))).toHaveLength(7);
  expect(looks(parts).filter((look) => look === 'bar selected')).toHaveLength(1);
  const chosen = parts.find(({ gear }) => gear?.key === '32/24')!;
  expect(scene.across.find(({ key }) => key === 'plumb')!.y).toBe(chosen.y);
  expect(texts(parts)).toEqual(expect.arrayContaining(['48', '32', '12.5', '=', '≈']));
  expect(looks(parts).filter((look) => look === 'bridge')).toHaveLength(1);
  expect(parts.find(({ key }) => key === 'overlap')!.title).toMatch(/^both rings: \d+\.\d%$/);
});

test('what is needed stands across all columns, with its figure and its words', () => {
  const { scene } = drawn([TOURER, TOURER], 'none');
  const needs = scene.across.filter(({ key }) => key.startsWith('need'));
  expect(needs.map(({ title }) => title)).toEqual(['easiest gear needed, 2.14 m', 'hardest gear needed, 7.99 m']);
  expect(texts(needs)).toEqual([expect.stringContaining('2.14 m'), 'hardest gear needed, 7.99 m']);
  expect(texts(drawn([TOURER], 'none', 360).scene.across)).toEqual(expect.arrayContaining(['need 7.99 m']));
});

/** Names of classes that the style sheet has. */
const STYLED = new Set(
  [...readFileSync('src/features/ladder/Ladder.module.css', 'utf8').matchAll(/\.([a-zA-Z]+)/g)].map(([, name]) => name),
);

test('a column of several has its sign and title; no two parts have one key; every look is in the style sheet', () => {
  fc.assert(
    fc.property(
      fc.array(setupArbitrary(2), { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 320, max: 2000 }),
      (setups, width) => {
        const { layout, scene } = drawn(setups, 'none', width);
        expect(scene.height).toBe(layout.height);
        const all = [scene.across, ...[...scene.axes, ...scene.columns].map(({ parts }) => parts)];
        for (const parts of all) {
          expect(new Set(parts.map(({ key }) => key)).size).toBe(parts.length);
          expect(
            looks(parts)
              .flatMap((look) => look.split(' '))
              .filter((name) => !STYLED.has(name)),
          ).toEqual([]);
          expect(JSON.stringify(parts)).not.toMatch(/NaN|null/);
        }
        scene.columns.forEach(({ place, parts }, i) => {
          expect(place).toBe(i);
          expect(texts(parts).includes(`setup ${i}`)).toBe(setups.length > 1);
          const gears = parts.filter(({ gear }) => gear);
          expect(gears.map(({ y }) => y)).toEqual(gears.map(({ gear }) => layout.scale.at(gear!.developmentM)));
        });
      },
    ),
    { ...SEEDED, numRuns: cases(25) },
  );
});

test('what is said of a need stands on no rung, also where both rings reach far down', () => {
  const wide = { chainrings: [48, 32], cogs: [11, 13, 15, 17, 19, 21, 24, 28, 32, 45, 51], hubStages: [1] };
  for (const width of [360, 400, 700, 1240]) {
    for (const setup of [wide, TOURER]) {
      const { scene, layout } = drawn([setup], 'none', width);
      const rungs = scene.columns[0]!.parts.filter(({ gear }) => gear);
      for (const { x, y, shapes } of scene.across.filter(({ key }) => key.startsWith('need'))) {
        const text = shapes.find(({ kind }) => kind === 'text')!;
        if (text.kind !== 'text') throw new Error('no text');
        const [from, base] = [x + text.x, y + text.y];
        const hit = rungs.filter(
          (rung) => Math.abs(rung.y - base + 5) < 8 && rung.x + 20 > from && rung.x - 20 < from + 60,
        );
        expect(hit.map(({ key }) => [width, key])).toEqual([]);
        expect(from).toBeGreaterThanOrEqual(layout.left);
      }
    }
  }
});

test('what is said of a need stands on no bar of time and on no share', () => {
  const gears = lane(TOURER, 0).report.gears;
  // Mostly in the easiest gear, as on a hilly loop.
  const shares = new Map(gears.map(({ key }, i) => [key, [0.32, 0.067, 0.07][i] ?? 0.543 / (gears.length - 3)]));
  for (const [width, setups] of [
    [420, 1],
    [745, 1],
    [775, 3],
    [1240, 3],
  ] as const) {
    const { scene } = drawn(Array<Setup>(setups).fill(TOURER), 'none', width, shares, 440);
    const bars = scene.columns[0]!.parts.filter(({ gear }) => gear).flatMap(({ x, y, shapes }) =>
      shapes.flatMap((shape) =>
        shape.kind === 'rect' && shape.look === 'use' ? [{ ...shape, x: x + shape.x, y }] : [],
      ),
    );
    expect(bars.length).toBeGreaterThan(0);
    for (const { x, y, shapes } of scene.across.filter(({ key }) => key.startsWith('need'))) {
      const text = shapes.find(({ kind }) => kind === 'text')!;
      if (text.kind !== 'text') throw new Error('no text');
      const [from, base] = [x + text.x, y + text.y];
      const hit = bars.filter(
        (bar) => Math.abs(bar.y - base + 5) < 10 && bar.x + bar.width + 20 > from && bar.x - 26 < from + 66,
      );
      expect([width, setups, hit]).toEqual([width, setups, []]);
    }
  }
});
