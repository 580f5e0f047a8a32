import { ONE_RING, TOURER } from '../../../tests/support/setups';
import { checkSetup, checkWheel, type Setup } from './index';

const messages = (setup: Partial<Setup>) => checkSetup({ ...TOURER, ...setup }).map(({ message }) => message);

test('a sound setup has no problems', () => {
  expect(checkSetup(TOURER)).toEqual([]);
  expect(checkSetup(ONE_RING)).toEqual([]);
});

test.each<[string, Partial<Setup>, string]>([
  ['ring too large', { chainrings: [71] }, 'chainring 71: chainrings run from 20 to 70 teeth'],
  ['fractional ring', { chainrings: [44.5] }, 'chainring 44.5: teeth are whole numbers from 20 to 70'],
  ['no ring', { chainrings: [] }, '0 chainrings: give one ring or two'],
  ['rings turned round', { chainrings: [32, 48] }, 'chainrings 32/48: the big ring stands first; write 48/32'],
  ['equal rings', { chainrings: [40, 40] }, 'chainrings 40/40 are the same: give one ring, or a smaller second one'],
  ['cog too large', { cogs: [11, 61] }, 'cog 61: cogs run from 9 to 60 teeth'],
  [
    'falling cogs',
    { cogs: [11, 15, 13] },
    'cog 13 after 15: cogs run from the smallest to the largest; write them in rising order',
  ],
  ['repeated cog', { cogs: [11, 13, 13] }, 'cog 13 is there twice: name each cog once'],
  [
    'too many cogs',
    { cogs: Array.from({ length: 15 }, (_, i) => 10 + i) },
    '15 cogs: a cassette has 1 to 14; name each once',
  ],
  ['not a number', { cogs: [Number.NaN, 12] }, 'cog NaN: teeth are whole numbers from 9 to 60'],
  ['hub stage', { hubStages: [1, 0.4] }, 'hub stage 0.4: ratios run from 0.6 to 1, 1 is direct drive'],
  [
    'hub stages turned round',
    { hubStages: [0.7, 1] },
    'hub stages 0.7, 1: give the harder stage (the larger ratio) first',
  ],
])('%s', (_, setup, message) => {
  expect(messages(setup)).toEqual([message]);
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
  expect(checkWheel({ rolloutMm: 799.9 })[0]?.message).toBe(
    'rollout 799.9 mm: it runs from 800 to 2600 mm; measure one full wheel turn along the ground',
  );
  expect(checkWheel({ rolloutMm: Infinity })).toHaveLength(1);
  expect(checkWheel({ rimDiameterMm: 62, tyreWidthMm: 500 })).toHaveLength(2);
  expect(checkWheel({ rimDiameterMm: 700, tyreWidthMm: 130 })[0]?.message).toContain(
    'rollout from these sizes 3015.9 mm',
  );
});
