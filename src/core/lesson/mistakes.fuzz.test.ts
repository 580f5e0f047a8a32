import { drillText } from '../../messages/drills';
import { CHAINLINE_DEFAULTS, typicalCogPitchMm } from '../fit';
import { drill } from './drills';
import { DRILL_KINDS, LESSON_IDS } from './kinds';
import { lessonSetup, prediction, type LessonBike } from './lessons';
import { LEVELS } from './level';
import { MISTAKES, grade, type Mistake, type Question } from './question';
import { cases } from '../../../tests/support/fuzz';

const SEEDS = Array.from({ length: cases(50) }, (_, i) => i * 104_729 + 3);
const TOURER = { chainrings: [48, 32], cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32, 36], hubStages: [1] };
const SINGLE = { chainrings: [40], cogs: [11, 13, 15, 18, 21, 24, 28, 32, 37, 46], hubStages: [1] };
const bikeWith = (...setups: LessonBike['setups'][number][]): LessonBike => ({
  setups,
  rolloutMm: 2192.8,
  chainline: ({ cogs }) => ({
    ...CHAINLINE_DEFAULTS,
    frontChainlineMm: 45,
    chainstayMm: 430,
    cogPitchMm: typicalCogPitchMm(cogs.length),
  }),
});
const BIKES = [bikeWith(TOURER, SINGLE), bikeWith(SINGLE), bikeWith({ ...TOURER, hubStages: [1, 1.38] }), bikeWith()];

test('percent of the wrong base, teeth for percent and the other way are told from each other', () => {
  for (const level of LEVELS) {
    for (const seed of SEEDS) {
      const question = drill('howMuch', seed, { level });
      const [harder, easier] = /(\d+) than \d+\/(\d+)/.exec(drillText(question.text))!.slice(1).map(Number) as [
        number,
        number,
      ];
      const base = (1 - harder / easier) * 100;
      const teeth = easier - harder;
      const value = (easier / harder - 1) * 100;
      const tolerance = level === 1 ? 1 : 0.5;
      if (Math.abs(base - value) > tolerance && Math.abs(base - teeth) > 2 * tolerance) {
        expect(grade(question, base).mistake?.mistake).toBe('wrongBase');
      }
      if (Math.abs(teeth - value) > tolerance && Math.abs(teeth - base) > 2 * tolerance) {
        expect(grade(question, teeth).mistake?.mistake).toBe('teethForPercent');
      }
      expect(grade(question, -value).mistake?.mistake).toBe('otherWay');
    }
  }
});

test('every mistake that has a name is known somewhere, and nothing right is taken for one', () => {
  const seen = new Set<Mistake>();
  const look = (question: Question) => {
    for (const known of question.mistakes) {
      const told = grade(question, known.value);
      expect(told.isRight).toBe(false);
      if (told.mistake?.mistake === known.mistake) seen.add(known.mistake);
    }
  };
  for (const seed of SEEDS) {
    for (const kind of DRILL_KINDS) for (const level of LEVELS) look(drill(kind, seed, { level }));
    for (const id of LESSON_IDS) look(prediction(id, BIKES[0]!, seed));
  }
  expect([...seen].sort()).toEqual([...MISTAKES].sort());
});

test.each(LESSON_IDS)('lesson %s asks about the bike in the workspace, or an example, and knows the answer', (id) => {
  for (const bike of BIKES) {
    for (const seed of SEEDS) {
      const question = prediction(id, bike, seed);
      expect(question).toEqual(prediction(id, bike, seed));
      const { answer, working, mistakes, text } = question;
      const said = [text, ...working, ...mistakes.map(({ why }) => why)].map(drillText).join(' ');
      expect(said).not.toMatch(/undefined|NaN|Infinity/);
      expect(working.length).toBeGreaterThan(0);
      const right = answer.kind === 'number' ? answer.value : answer.right;
      expect(grade(question, right)).toEqual({ isRight: true, mistake: undefined });
      if (answer.kind === 'choice') expect(new Set(answer.options.map(drillText)).size).toBe(answer.options.length);
    }
  }
});

test('figures of the predictions, checked by hand', () => {
  const bike = BIKES[0]!;
  expect(prediction('capacity', bike, 1).answer).toMatchObject({ value: 41 });
  const oneOrTwo = prediction('oneOrTwo', { ...bike, setups: [TOURER] }, 1);
  expect(oneOrTwo.answer).toMatchObject({ kind: 'number', unit: '%' });
  if (oneOrTwo.answer.kind !== 'number') throw new Error('no number');
  expect(oneOrTwo.answer.value).toBeCloseTo(12.5, 9);
  expect(grade(oneOrTwo, 11.1).mistake?.mistake).toBe('wrongBase');
  for (const seed of SEEDS) {
    const { text, answer } = prediction('crossChaining', bike, seed);
    if (answer.kind !== 'choice') throw new Error('no choice');
    const [, big, small, smallestCog, largestCog] = /^(\d+)\/(\d+) with (\d+)-.*?-?(\d+):/.exec(drillText(text))!;
    expect([`${big}/${largestCog}`, `${small}/${smallestCog}`]).toContain(answer.options[answer.right]);
    const duplicate = prediction('sameRatio', bike, seed);
    const [, ring, cog, other] = /^(\d+)\/(\d+) and a ring of (\d+)/.exec(drillText(duplicate.text))!.map(Number);
    expect(duplicate.answer).toMatchObject({ value: (other! * cog!) / ring! });
  }
  expect(lessonSetup.gaps(bike)).toBe(SINGLE);
});

test('turns of the wheel come out whole at every level, small at first, and upside down is recognised', () => {
  for (const level of LEVELS) {
    for (const seed of SEEDS) {
      const question = drill('wheelTurns', seed, { level });
      const [, ring, cog] = /^(\d+)\/(\d+): you turn the crank/.exec(drillText(question.text))!.map(Number);
      const turns = drillText(question.text).includes('the crank once')
        ? 1
        : Number(/crank (\d+) times/.exec(drillText(question.text))![1]);
      const value = (turns * ring!) / cog!;
      expect(question.answer).toMatchObject({ kind: 'number', value: Math.round(value), tolerance: 0 });
      expect(value).toBeCloseTo(Math.round(value), 9);
      if (level === 1) expect(turns).toBeLessThanOrEqual(10);
      expect(grade(question, value)).toMatchObject({ isRight: true });
      if (ring === cog) expect(question.mistakes).toEqual([]);
      else expect(grade(question, (turns * cog!) / ring!).mistake?.mistake).toBe('upsideDown');
    }
  }
});
