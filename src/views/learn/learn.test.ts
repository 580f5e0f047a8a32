import { CHAINLINE_DEFAULTS } from '../../core/fit';
import { DRILL_KINDS } from '../../core/lesson';
import { demoWithoutRides } from '../../store/demo';
import { dueOf, skillRows } from './drills/skill-rows';
import { oneOrTwo } from './lessons/one-or-two';
import { dueText } from './learner/learn-words';

const [apprentice] = demoWithoutRides().learners as [ReturnType<typeof demoWithoutRides>['learners'][number]];

test('the progress of a learner, a row a kind, with the mistake made most often', () => {
  const rows = skillRows(apprentice);
  expect(rows.map(({ kind }) => kind)).toEqual(DRILL_KINDS);
  expect(rows.find(({ kind }) => kind === 'howMuch')).toMatchObject({
    level: 1,
    asked: 5,
    right: 2,
    mistake: ['teethForPercent', 2],
  });
  expect(rows.find(({ kind }) => kind === 'plan')).toEqual({
    kind: 'plan',
    level: undefined,
    asked: 0,
    right: 0,
    dueMs: undefined,
    mistake: undefined,
  });
  expect(Object.keys(dueOf(apprentice)).sort()).toEqual(Object.keys(apprentice.skills).sort());
});

test('when something comes again is said in the coarsest unit that tells it', () => {
  const minute = 60_000;
  const said = (minutes: number) => dueText(1_000_000_000 + minutes * minute, 1_000_000_000);
  expect([-5, 0, 0.2, 1, 59, 60, 23 * 60, 24 * 60, 47 * 60, 24 * 60 * 32].map(said)).toEqual([
    'now',
    'now',
    'in 1 min',
    'in 1 min',
    'in 59 min',
    'in 1 h',
    'in 23 h',
    'tomorrow',
    'in 2 days',
    'in 32 days',
  ]);
});

test('one ring or two: what matters decides', () => {
  const setups = [
    { chainrings: [48, 32], cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32, 36], hubStages: [1] },
    { chainrings: [44], cogs: [10, 11, 13, 15, 17, 19, 21, 24, 28, 32, 38, 44], hubStages: [1] },
  ];
  const chainline = () => ({ ...CHAINLINE_DEFAULTS, chainstayMm: 430, cogPitchMm: 3.6 });
  const { offers, better } = oneOrTwo({ setups, rolloutMm: 2192.8, chainline });
  expect(offers[0].largestStep).toBeCloseTo(0.1667, 3);
  expect(offers.map(({ frontShifts }) => frontShifts)).toEqual([1, 0]);
  expect(offers.map(({ range }) => Number(range.toFixed(3)))).toEqual([4.909, 4.4]);
  expect(better).toEqual({ smallSteps: 0, noFrontShifts: 1, range: 0 });
});
