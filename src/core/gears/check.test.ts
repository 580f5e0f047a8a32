import { ONE_RING, TOURER } from '../../../tests/support/setups';
import type { MessageCode } from '../message';
import { checkSetup, checkWheel, type Setup } from './index';

const problems = (setup: Partial<Setup>) => checkSetup({ ...TOURER, ...setup }).map(({ message }) => message);

test('a sound setup has no problems', () => {
  expect(checkSetup(TOURER)).toEqual([]);
  expect(checkSetup(ONE_RING)).toEqual([]);
});

test.each<[string, Partial<Setup>, MessageCode, Record<string, number>]>([
  ['ring too large', { chainrings: [71] }, 'gears.setup.ringOutside', { teeth: 71, min: 20, max: 70 }],
  ['fractional ring', { chainrings: [44.5] }, 'gears.setup.ringNotWhole', { teeth: 44.5, min: 20, max: 70 }],
  ['no ring', { chainrings: [] }, 'gears.setup.ringCount', { rings: 0 }],
  ['rings turned round', { chainrings: [32, 48] }, 'gears.setup.ringsTurnedRound', { big: 32, small: 48 }],
  ['equal rings', { chainrings: [40, 40] }, 'gears.setup.ringsTheSame', { big: 40, small: 40 }],
  ['cog too large', { cogs: [11, 61] }, 'gears.setup.cogOutside', { teeth: 61, min: 9, max: 60 }],
  ['falling cogs', { cogs: [11, 15, 13] }, 'gears.setup.cogsNotRising', { cog: 13, before: 15 }],
  ['repeated cog', { cogs: [11, 13, 13] }, 'gears.setup.cogTwice', { cog: 13 }],
  [
    'too many cogs',
    { cogs: Array.from({ length: 15 }, (_, i) => 10 + i) },
    'gears.setup.cogCount',
    { cogs: 15, min: 1, max: 14 },
  ],
  ['not a number', { cogs: [Number.NaN, 12] }, 'gears.setup.cogNotWhole', { teeth: Number.NaN, min: 9, max: 60 }],
  ['no hub stage', { hubStages: [] }, 'gears.setup.hubStageCount', { stages: 0 }],
  ['hub stage', { hubStages: [1, 0.4] }, 'gears.setup.hubStageOutside', { stage: 0.4, min: 0.6, max: 1 }],
  ['hub stages turned round', { hubStages: [0.7, 1] }, 'gears.setup.hubStagesTurnedRound', { first: 0.7, second: 1 }],
])('%s', (_, setup, code, values) => {
  expect(problems(setup)).toEqual([{ code, values }]);
});

test('every problem is told, each with its place', () => {
  expect(checkSetup({ chainrings: [80], cogs: [5, 70], hubStages: [1] }).map(({ path }) => path)).toEqual([
    ['chainrings', 0],
    ['cogs', 0],
    ['cogs', 1],
  ]);
});

test('wheels', () => {
  expect(checkWheel({ rolloutMm: 2150 })).toEqual([]);
  expect(checkWheel({ rimDiameterMm: 622, tyreWidthMm: 38 })).toEqual([]);
  expect(checkWheel({ rolloutMm: 799.9 })[0]?.message).toEqual({
    code: 'gears.wheel.rollout',
    values: { size: 799.9, min: 800, max: 2600 },
  });
  expect(checkWheel({ rolloutMm: Infinity })).toHaveLength(1);
  expect(checkWheel({ rimDiameterMm: 62, tyreWidthMm: 500 })).toHaveLength(2);
  const [tooLarge] = checkWheel({ rimDiameterMm: 700, tyreWidthMm: 130 });
  expect(tooLarge?.message.code).toBe('gears.wheel.rolloutOfSizes');
  expect(tooLarge?.message.values?.size).toBeCloseTo(Math.PI * 960, 9);
});
