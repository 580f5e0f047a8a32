import { TOURER_BIKE } from '../../../tests/support/find';
import { TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { fillBrief, needsOf } from '../../core/needs';
import {
  FIND_AIMS,
  SetupBuilder,
  BRIEF_ASKS,
  fillFind,
  findQuestion,
  findSetups,
  layoutAdvice,
  reasons,
  type FindAim,
  type FindContext,
  type FindInput,
  type FindSettings,
  type Miss,
} from '../../core/find';
import { moveOf } from '../../core/job';
import {
  explainCapacityNeeded,
  explainCost,
  explainFront,
  explainLinks,
  explainMassChange,
} from '../explanations/find';
import { AIM_NAME, aimPhrase, aimText, givesUpText, whyText } from './aim-words';
import { askText, layoutSentences, missText } from './answer-words';
import { setupName } from './part-words';
import { METRIC } from '../units/measures';

/** What bothered the riders of these examples. */
const STEPS = { stepClimbingPercent: 17, stepBetweenPercent: 15, stepFastPercent: 12 };
const BAND = { preferredRpm: 88, lowRpm: 78, highRpm: 98, climbingRpm: 60 };
const brief = fillBrief({ ...STEPS, ...BAND, topSpeedKmh: 46, powerW: 180, riderMassKg: 75 });
const needs = needsOf(brief);
const context: FindContext = {
  bike: TOURER_BIKE,
  rolloutMm: TOURER_ROLLOUT_MM,
  crossedCogs: 2,
  brief,
  briefNeeds: needs,
  built: [],
  stock: [],
};
const ask = (said: FindSettings, of = context) => {
  const settings = fillFind({ asks: BRIEF_ASKS, speeds: [12], ringMinT: 30, ringMaxT: 50, ...said }, { aims: [] }, 12);
  const question = findQuestion(settings, of);
  if (!question.ok) throw new Error(question.problems[0]!.message.code);
  return { settings, question, input: question.input as FindInput };
};
const response = (settings: ReturnType<typeof fillFind>) => (miss: Miss) =>
  missText(miss, settings, brief, needs, METRIC);

test('values of aims have their unit, and top speed the right sign', () => {
  const values: Partial<Record<FindAim, [number, string]>> = {
    largestStep: [0.118, '11.8%'],
    newParts: [2, '2'],
    cost: [120, '120'],
    mass: [-310, '−310 g'],
    outOfBand: [150, '2.5 min'],
    easiest: [1.949, '1.95 m'],
    topSpeed: [-45.21, '45.2 km/h'],
    capacity: [41, '41T'],
  };
  for (const [aim, [value, text]] of Object.entries(values)) expect(aimText(aim as FindAim, value, METRIC)).toBe(text);
  expect(aimText('topSpeed', -45.21, { ...METRIC, speedUnit: 'mph' })).toBe('28.1 mph');
  expect([0, 1, 2].map((value) => aimPhrase('frontShifts', value, METRIC))).toEqual([
    'no front shifts',
    '1 front shift',
    '2 front shifts',
  ]);
  expect(aimPhrase('newParts', 1, METRIC)).toBe('1 part to buy');
  expect(aimPhrase('gaps', 0, METRIC)).toBe('no gaps');
});

test('needs are worded with the figures of the brief', () => {
  expect(askText('topSpeed', brief, needs, METRIC)).toBe('reach 46.0 km/h at 98 rpm');
  expect(askText('easiest', brief, needs, METRIC)).toBe(
    `have an easiest gear of ${needs.easiestMaxM.toFixed(2)} m or less`,
  );
  expect(askText('step.fast', brief, needs, METRIC)).toBe('have steps of 12.0% or less, fast');
});

test('each has a line for why it is there, and one for what it gives up', () => {
  const { input } = ask({ asks: ['easiest', 'topSpeed'], aims: ['largestStep', 'newParts', 'mass', 'frontShifts'] });
  const { front } = findSetups(input);
  const all = reasons(front, input.aims);
  const lines = front.map((one, i) => [whyText(all[i]!, one, input.aims, METRIC), givesUpText(all[i]!, METRIC)]);
  expect(lines.length).toBeGreaterThan(2);
  for (const [why, givesUp] of lines) {
    expect(why).not.toMatch(/undefined|NaN/);
    expect(givesUp).not.toMatch(/undefined|NaN/);
    expect(givesUp).toMatch(/^Downside/);
  }
  expect(lines.map(([why]) => why).join('\n')).toMatch(/Smallest maximum step: \d/);
  const [only] = front;
  const [alone] = reasons([only!], input.aims);
  expect(whyText(alone!, only!, input.aims, METRIC)).toBe('Best on every criterion');
  expect(givesUpText(alone!, METRIC)).toBe('No downside');
});

test('1x or 2x is answered with the best of each, and what would change the answer', () => {
  const sentences = (said: FindSettings, takesFrontDerailleur?: boolean) => {
    const { settings, input, question } = ask(said, { ...context, takesFrontDerailleur });
    const advice = layoutAdvice(findSetups(input), input.aims, question.layouts);
    const words = { aims: input.aims, brief, frontRoom: question.frontRoom };
    return layoutSentences(advice, words, METRIC, response(settings));
  };
  const both = sentences({ asks: ['topSpeed'] });
  expect(both.verdict).toMatch(
    /^[12]x, going by .+, the first of your criteria that differs: \d+.* x .+\. Both meet your needs; the best [12]x is \d+.* x .+\.$/,
  );
  expect(both.tips.join('\n')).toContain('Front shifts: better with 1x (0, against 1).');
  const only = sentences({ asks: ['easiest', 'topSpeed', 'step.climbing', 'step.between'], anyTeeth: true });
  expect(only.verdict).toMatch(/^2x: .+ is the best that meets your needs; no 1x does\.$/);
  expect(only.tips[0]).toMatch(/^1x: .+ comes closest: /);
  const neither = sentences({ costMax: 0, massChangeMaxG: -4000 });
  expect(neither.verdict).toBe('Neither meets all your needs.');
  expect(neither.tips).toHaveLength(2);
  expect(sentences({ layouts: ['1x'] }).verdict).toBe('Only 1x was searched. Include both for an answer.');
  const noRoom = sentences({ asks: ['topSpeed'] }, false);
  expect(noRoom.verdict).toMatch(/^1x: this frame takes no front derailleur\. Best: /);
});

test('workings can be checked with pencil and paper', () => {
  const { settings, input } = ask({ asks: ['easiest'], aims: ['cost', 'mass', 'largestStep'] });
  const result = findSetups(input);
  const found = result.front.find(({ build }) => build.buy.length > 1)!;
  expect(explainFront(result, result.front.length, input.aims, AIM_NAME).worked).toContain(
    `${result.met} meet every need`,
  );
  const [big, small] = [found.chainrings[0]!, found.chainrings.at(-1)!];
  expect(explainCapacityNeeded(found).worked[0]).toContain(`(${big} − ${small})`);
  const builder = new SetupBuilder(input.bike!, settings.prices);
  const from = { ...TOURER_BIKE.present, parts: {}, freehub: {}, chainLinks: 112, stock: {} };
  const to = { ...from, setup: { ...TOURER, chainrings: [48, 30] }, newParts: { crank: 'new' } };
  const frame = { chainstayMm: 430, longestChainstayMm: 430, bbDropMm: 70 };
  const chain = { choice: 'leave', alternates: false, newChain: false } as const;
  const move = moveOf(from, to, { frame, chain, prices: settings.prices, isReturn: false });
  expect(explainCost(move, METRIC)).toMatchObject({
    title: 'To buy: 140',
    worked: ['Crank for two rings (assumed): 140, assumed', '30T chainring: with the crank'],
  });
  expect(explainMassChange(move, METRIC)).toMatchObject({
    title: 'Weight compared with A: about −6 g, without crank for two rings',
    worked: [
      '+ Crank for two rings (assumed): not weighed',
      '+ 30T chainring: about 40 g',
      '− Crank for two rings: not weighed',
      '− 32T chainring: about 46 g',
    ],
  });
  expect(builder.build([48, 34], TOURER.cogs).cost).toBe(45);
  expect(explainLinks(found, 430).title).toBe(`Chain: ${found.build.chainLinks} links`);
  expect(setupName(found)).toContain(' x ');
  expect(new Set(FIND_AIMS.map((aim) => AIM_NAME[aim])).size).toBe(FIND_AIMS.length);
});
