import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { coverage, gearReport, type Setup } from '../../core/gears';
import { ladderLayout, type LadderLane } from './layout';
import { LOOKS, ladderScene, type LadderPicture, type Part } from './scene';

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

function drawn(setups: readonly Setup[], key: string, width = 1240) {
  const picture: LadderPicture = {
    lanes: setups.map(lane),
    upper: { title: 'Speed, km/h', perMetre: 5.4 },
    lower: { title: 'Development, m', perMetre: 1 },
    reading: 'speedStep',
    speedUnit: 'kmh',
    selected: { place: 0, key },
  };
  const layout = ladderLayout(picture.lanes, width, { reading: 'speedStep', speedIn: (speed) => speed });
  return { layout, scene: ladderScene(layout, picture) };
}

const looks = (parts: readonly Part[]) =>
  parts.flatMap(({ shapes }) =>
    shapes.flatMap((shape) => (shape.kind === 'text' && shape.tail ? [shape.look, shape.tail.look] : shape.look)),
  );
const texts = (parts: readonly Part[]) =>
  parts.flatMap(({ shapes }) => shapes.flatMap((shape) => (shape.kind === 'text' ? shape.text : [])));

/** From where to where each shape reaches down the drawing; of a text its base line. */
const heights = (parts: readonly Part[]) =>
  parts.flatMap(({ y, shapes }) =>
    shapes.flatMap((shape): [number, number][] => {
      if (shape.kind === 'line')
        return [[y + Math.min(shape.from[1], shape.to[1]), y + Math.max(shape.from[1], shape.to[1])]];
      if (shape.kind === 'rect') return [[y + shape.y, y + shape.y + shape.height]];
      return shape.kind === 'text' ? [[y + shape.y, y + shape.y]] : [];
    }),
  );

test('the tourer: a rung a gear, the crossed ones hollow, the chosen one marked, with a line through it', () => {
  const { scene } = drawn([TOURER], '32/24');
  const { parts } = scene.lanes[0]!;
  expect(parts.filter(({ gear }) => gear)).toHaveLength(24);
  expect(looks(parts).filter((look) => /^bar\b/.test(look) && look.includes('crossed'))).toHaveLength(4);
  expect(looks(parts).filter((look) => look === 'bar selected')).toHaveLength(1);
  const chosen = parts.find(({ gear }) => gear?.key === '32/24')!;
  expect(scene.lines.find(({ key }) => key === 'plumb')!.x).toBe(chosen.x);
  expect(texts(parts)).toEqual(expect.arrayContaining(['48', '32', '12.5', '=']));
  expect(parts.find(({ key }) => key === 'overlap')!.title).toMatch(/^both rings: \d+\.\d %$/);
});

test('a lane of several has its sign and title; none has two parts of one key, or reaches into an axis', () => {
  fc.assert(
    fc.property(
      fc.array(setupArbitrary(2), { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 320, max: 2000 }),
      (setups, width) => {
        const { layout, scene } = drawn(setups, 'none', width);
        expect(scene.height).toBe(layout.height);
        for (const parts of [scene.lines, ...[...scene.axes, ...scene.lanes].map((one) => one.parts)])
          for (const look of looks(parts)) expect(LOOKS).toContain(look);
        const { top, bottom } = scene.field;
        for (const [from, to] of [scene.lines, ...scene.lanes.map(({ parts }) => parts)].flatMap(heights)) {
          expect(from).toBeGreaterThanOrEqual(top);
          expect(to).toBeLessThanOrEqual(bottom);
        }
        for (const [from, to] of scene.axes.flatMap(({ parts }) => heights(parts)))
          expect(to < top || from > bottom).toBe(true);
        scene.lanes.forEach(({ place, parts }, i) => {
          expect(place).toBe(i);
          expect(texts(parts).includes(`setup ${i}`)).toBe(setups.length > 1);
          expect(new Set(parts.map(({ key }) => key)).size).toBe(parts.length);
          for (const { x, gear } of parts) if (gear) expect(x).toBe(layout.scale.x(gear.developmentM));
        });
        for (const { parts } of scene.axes) expect(new Set(parts.map(({ key }) => key)).size).toBe(parts.length);
      },
    ),
    { ...SEEDED, numRuns: 100 },
  );
});

test('nothing is chosen: no line, no mark; a hub stage stands behind its ring', () => {
  const { scene } = drawn([{ ...TOURER, hubStages: [1, 0.7] }], 'none');
  expect(scene.lines.some(({ key }) => key === 'plumb')).toBe(false);
  const { parts } = scene.lanes[0]!;
  expect(looks(parts).some((look) => look.includes('selected'))).toBe(false);
  const rings = parts.flatMap(({ shapes }) => shapes.filter(({ look }) => look === 'ring'));
  expect(rings.map((shape) => shape.kind === 'text' && shape.tail?.text)).toEqual(
    expect.arrayContaining([undefined, '×0.7']),
  );
});
