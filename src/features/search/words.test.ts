import { TOURER_BIKE } from '../../../tests/support/find';
import { TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { fillBrief, needsOf } from '../../core/needs';
import {
  FIND_AIMS,
  SetupBuilder,
  BRIEF_ASKS,
  closestMisses,
  fillFind,
  findQuestion,
  findSetups,
  layoutAdvice,
  leastChange,
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
import { cogMarks } from '../../views/find/cogs-layout';
import { AIM_NAME, aimPhrase, aimText, givesUpText, whyText } from './aim-words';
import {
  apart,
  askText,
  bestThereIs,
  compatibleText,
  funnelText,
  headline,
  layoutSentences,
  leastSentences,
  missText,
  requirementCosts,
} from './answer-words';
import { doubtText, partsText, setupName } from './part-words';
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

test('parts are counted and joined as people say them', () => {
  expect(partsText([])).toBe('nothing');
  const { input } = ask({});
  const builder = new SetupBuilder(input.bike!);
  const buys = (chainrings: readonly number[], cogs: readonly number[]) =>
    partsText(builder.build(chainrings, cogs).buy);
  expect(buys(TOURER.chainrings, TOURER.cogs)).toBe('nothing');
  expect(buys([48, 34], TOURER.cogs)).toBe('ring');
  expect(buys([46, 30], [...TOURER.cogs.slice(0, -1), 34])).toBe('cassette and 2 rings');
  // A crank comes with its rings.
  expect(buys([44, 28], TOURER.cogs)).toBe('crank with rings');
});

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

test('the answer says how many fell at what, and how many are left', () => {
  const { input } = ask({ asks: ['easiest', 'topSpeed'] });
  const result = findSetups(input);
  const left = [...funnelText(result).matchAll(/[\d,]+(?= [a-z])/g)].map(([text]) => Number(text.replace(/,/g, '')));
  expect(left[0]).toBe(result.searched);
  expect(left.at(-1)).toBe(result.met);
  expect(headline(result, 3).replace(/,/g, '')).toContain(`${result.met} of ${result.searched} setups meet your needs`);
  expect(headline({ ...result, met: 1 }, 1)).toMatch(/1 of .* meets your needs$/);
  expect(headline(result, 1)).toContain('one is better than all others');
  expect(headline(result, 12)).toContain('these 12 are the best');
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

test('a miss says what stands against it, with both figures', () => {
  const { settings, input } = ask({ costMax: 0, massChangeMaxG: -4000, keep: ['ring', 'rearDerailleur'] });
  const { layouts } = findSetups(input);
  const texts = [...layouts['1x'].closest, ...layouts['2x'].closest].map(response(settings)).join('\n');
  expect(texts).not.toMatch(/undefined|NaN/);
  for (const part of ['cannot keep the ring', 'costs ', 'weight ', ', 0 allowed', '−4000 g allowed', 'step fast']) {
    expect(texts).toContain(part);
  }
  expect(texts).toMatch(/top speed [\d.]+, 46.0 km\/h needed|not compatible/);
});

test('least change: nothing where it meets, else a ring, a cassette, or the closest of each', () => {
  const easy = ask({ asks: [] });
  expect(leastSentences(leastChange(easy.input), response(easy.settings))).toHaveLength(1);
  const hard = ask({ asks: ['step.fast'] });
  const [now, ring, cassette] = leastSentences(leastChange(hard.input), response(hard.settings));
  expect(now!.text).toContain('step fast 13.3%, 12.0% allowed');
  expect(ring!.text).toMatch(/^None of \d+ is enough\. Closest: |parts to buy/);
  expect(cassette!.text).toMatch(/^None of \d+ is enough\. Closest: |parts to buy/);
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

test('where nothing meets the needs the best there is comes first, with figures that differ', () => {
  const { settings, input } = ask({ costMax: 0, massChangeMaxG: -4000 });
  const [closest] = closestMisses(findSetups(input), 1);
  expect(bestThereIs(closest!, response(settings))).toMatch(/^No setup meets all your needs\. .+ comes closest: /);
  expect(bestThereIs({ ...closest!, justAbout: true }, response(settings))).toContain('just about meets your needs');
  expect(apart(2.171, 2.174, 2)).toEqual(['2.171', '2.174']);
  expect(apart(2.19, 2.17, 2)).toEqual(['2.19', '2.17']);
  expect(apart(2, 2, 2)).toEqual(['2.0000', '2.0000']);
});

test('each requirement says how many setups it alone rules out, the dearest first', () => {
  const { settings, input } = ask({ costMax: 200, keep: ['rearDerailleur'] });
  const result = findSetups(input);
  const costs = requirementCosts(result, settings, brief, needs, METRIC);
  expect(costs.map(({ need }) => need).sort()).toEqual(
    [...BRIEF_ASKS.filter((ask) => ask !== 'lowestRatio'), 'cost', 'fit', 'keep'].sort(),
  );
  expect(costs.map(({ setups }) => setups)).toEqual(costs.map(({ setups }) => setups).sort((a, b) => b - a));
  for (const { need, setups } of costs) {
    if (need === 'fit') continue;
    const { asks } = settings;
    const without = ask({
      costMax: need === 'cost' ? undefined : 200,
      keep: need === 'keep' ? [] : ['rearDerailleur'],
      asks: asks.filter((one) => one !== need),
    });
    expect(findSetups({ ...input, needs: without.input.needs, bike: without.input.bike }).met).toBe(
      result.met + setups,
    );
  }
});

test('what only may be compatible says why', () => {
  const { input } = ask({ asks: ['topSpeed'] });
  const result = findSetups(input);
  expect(result.compatible).toBeGreaterThan(0);
  expect(result.compatible).toBeLessThan(result.met);
  expect(compatibleText(result).replace(/,/g, '')).toMatch(/^\d+ are known to be compatible and come first/);
  expect(compatibleText({ ...result, compatible: 0 })).toMatch(/^All may be compatible: /);
  expect(compatibleText({ ...result, compatible: result.met })).toBe('');
  expect(doubtText(['derailleurLimits', 'frontRoom'])).toMatch(
    /^May be compatible: the largest cog and capacity .*; whether /,
  );
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

test('cogs stand on one log scale, easy gears left', () => {
  const [own, other] = cogMarks(
    [
      [10, 20, 40],
      [20, 30],
    ],
    50,
    100,
  );
  [150, 100, 50].forEach((x, i) => expect(own![i]!.x).toBeCloseTo(x, 9));
  expect(other![0]!.x).toBeCloseTo(100, 9);
  expect(cogMarks([[15]], 0, 100)[0]![0]!.x).toBe(50);
});
