import { TOURER_BIKE } from '../../../../tests/support/find';
import { TOURER, TOURER_ROLLOUT_MM } from '../../../../tests/support/setups';
import { fillBrief, needsOf } from '../../../core/brief';
import {
  FIND_AIMS,
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
} from '../../../core/find';
import {
  explainCapacityAsked,
  explainCost,
  explainFront,
  explainLinks,
  explainMassChange,
} from '../../../kit/explain/find';
import { cogMarks } from '../cogs-layout';
import { AIM_NAME, aimPhrase, aimText, givesUpText, whyText } from './aim-words';
import { askText, funnelText, headline, layoutSentences, leastSentences, missText } from './answer-words';
import { PART_NAME, partsText, setupName } from './part-words';

const brief = fillBrief({ topSpeedKmh: 46, powerW: 180, riderMassKg: 75, climbingRpm: 60 }, 88);
const needs = needsOf(brief);
const context: FindContext = {
  bike: TOURER_BIKE,
  rolloutMm: TOURER_ROLLOUT_MM,
  crossedCogs: 2,
  brief,
  briefNeeds: needs,
  built: [],
  shelf: [],
};
const ask = (said: FindSettings): { settings: ReturnType<typeof fillFind>; input: FindInput } => {
  const settings = fillFind({ speeds: [12], ringMinT: 30, ringMaxT: 50, ...said }, []);
  const question = findQuestion(settings, context);
  if (!question.ok) throw new Error(question.problems[0]!.message);
  return { settings, input: question.input };
};
const told = (settings: ReturnType<typeof fillFind>) => (miss: Miss) => missText(miss, settings, brief, needs, 'kmh');

test('parts are counted and joined as people say them', () => {
  expect(partsText([])).toBe('nothing');
  expect(partsText(['cassette'])).toBe('cassette');
  expect(partsText(['ring', 'ring', 'cassette', 'chain'])).toBe('2 rings, cassette and chain');
});

test('values of aims have their unit, and top speed the right sign', () => {
  const values: Partial<Record<FindAim, [number, string]>> = {
    largestStep: [0.118, '11.8 %'],
    newParts: [2, '2'],
    cost: [120, '120'],
    mass: [-310, '−310 g'],
    outOfBand: [150, '2.5 min'],
    easiest: [1.949, '1.95 m'],
    topSpeed: [-45.21, '45.2 km/h'],
    capacity: [41, '41T'],
  };
  for (const [aim, [value, text]] of Object.entries(values)) expect(aimText(aim as FindAim, value, 'kmh')).toBe(text);
  expect(aimText('topSpeed', -45.21, 'mph')).toBe('28.1 mph');
  expect([0, 1, 2].map((value) => aimPhrase('frontShifts', value, 'kmh'))).toEqual([
    'no front shifts',
    '1 front shift',
    '2 front shifts',
  ]);
  expect(aimPhrase('newParts', 1, 'kmh')).toBe('1 part to buy');
  expect(aimPhrase('holes', 0, 'kmh')).toBe('no holes');
});

test('needs are worded with the figures of the brief', () => {
  expect(askText('topSpeed', brief, needs, 'kmh')).toBe('reach 46.0 km/h at 98 rpm');
  expect(askText('easiest', brief, needs, 'kmh')).toBe(
    `have an easiest gear of ${needs.easiestMaxM.toFixed(2)} m or less`,
  );
  expect(askText('step.fast', brief, needs, 'kmh')).toBe('step 12.0 % at most, fast');
});

test('the answer says how many fell at what, and how many are left', () => {
  const { input } = ask({ asks: ['easiest', 'topSpeed'] });
  const result = findSetups(input);
  const left = [...funnelText(result).matchAll(/[\d\u202f]+(?= [a-z])/g)].map(([text]) =>
    Number(text.replace(/\u202f/g, '')),
  );
  expect(left[0]).toBe(result.searched);
  expect(left.at(-1)).toBe(result.met);
  expect(headline(result).replace(/\u202f/g, '')).toContain(`${result.met} of ${result.searched} setups meet`);
  expect(headline({ ...result, met: 0 })).toMatch(/^None of /);
  expect(headline({ ...result, met: 1, front: result.front.slice(0, 1) })).toMatch(/1 of .* meets the brief$/);
  expect(headline({ ...result, front: result.front.slice(0, 1) })).toContain('one beats all the rest');
  expect(headline({ ...result, met: result.front.length })).toContain('none of them beats another');
});

test('each has a line for why it is there, and one for what it gives up', () => {
  const { input } = ask({ asks: ['easiest', 'topSpeed'], aims: ['largestStep', 'newParts', 'mass', 'frontShifts'] });
  const { front } = findSetups(input);
  const all = reasons(front, input.aims);
  const lines = front.map((one, i) => [whyText(all[i]!, one, input.aims, 'kmh'), givesUpText(all[i]!, 'kmh')]);
  expect(lines.length).toBeGreaterThan(2);
  for (const [why, givesUp] of lines) {
    expect(why).not.toMatch(/undefined|NaN/);
    expect(givesUp).not.toMatch(/undefined|NaN/);
    expect(givesUp).toMatch(/^Gives up/);
  }
  expect(lines.map(([why]) => why).join('\n')).toMatch(/Smallest largest step: \d/);
  const [only] = front;
  const [alone] = reasons([only!], input.aims);
  expect(whyText(alone!, only!, input.aims, 'kmh')).toBe('Best in every one of these aims');
  expect(givesUpText(alone!, 'kmh')).toBe('Gives up nothing for it');
});

test('a miss says what stands against it, with both figures', () => {
  const { settings, input } = ask({ costMax: 0, massChangeMaxG: -4000, keep: ['ring', 'rearDerailleur'] });
  const { layouts } = findSetups(input);
  const texts = [...layouts['1x'].closest, ...layouts['2x'].closest].map(told(settings)).join('\n');
  expect(texts).not.toMatch(/undefined|NaN/);
  for (const part of ['cannot keep the ring', 'costs ', 'weight ', ', 0 allowed', '−4000 g asked for', 'step fast']) {
    expect(texts).toContain(part);
  }
  expect(texts).toMatch(/top speed [\d.]+ km\/h, 46.0 km\/h asked for|does not go together/);
});

test('least change: nothing where it meets, else a ring, a cassette, or the closest of each', () => {
  const easy = ask({ asks: [] });
  expect(leastSentences(leastChange(easy.input), told(easy.settings))).toHaveLength(1);
  const hard = ask({ asks: ['step.fast'] });
  const [now, ring, cassette] = leastSentences(leastChange(hard.input), told(hard.settings));
  expect(now!.text).toContain('step fast 13.3 %, 12.0 % allowed');
  expect(ring!.text).toMatch(/^None of \d+ does\. Closest: |buys/);
  expect(cassette!.text).toMatch(/^None of \d+ does\. Closest: |buys/);
});

test('one ring or two is answered with what would tip it', () => {
  const sentences = (said: FindSettings) => {
    const { settings, input } = ask(said);
    const advice = layoutAdvice(findSetups(input), input.aims, settings.layouts);
    return layoutSentences(advice, input.aims, 'kmh', told(settings));
  };
  const both = sentences({ asks: ['topSpeed'] });
  expect(both.verdict).toMatch(/^Both meet the brief\. Your first aim in which they differ/);
  expect(both.tips.join('\n')).toContain('Front shifts speaks for one ring: 0 against 1.');
  const only = sentences({ asks: ['easiest', 'topSpeed', 'step.climbing', 'step.between'] });
  expect(only.verdict).toBe('Two rings: nothing else meets the brief.');
  expect(only.tips[0]).toMatch(/^One ring would do if you let go of: /);
  const neither = sentences({ costMax: 0, massChangeMaxG: -4000 });
  expect(neither.verdict).toBe('Neither meets the brief.');
  expect(neither.tips).toHaveLength(2);
  expect(sentences({ layouts: ['1x'] }).verdict).toContain('Only one of them was searched');
});

test('workings can be checked with pencil and paper', () => {
  const { settings, input } = ask({ asks: ['easiest'], aims: ['cost', 'mass', 'largestStep'] });
  const result = findSetups(input);
  const found = result.front.find(({ build }) => build.newParts.length > 1)!;
  expect(explainFront(result, input.aims, AIM_NAME).worked).toContain(`${result.met} of them meet every need`);
  const [big, small] = [found.chainrings[0]!, found.chainrings.at(-1)!];
  expect(explainCapacityAsked(found).worked[0]).toContain(`(${big} − ${small})`);
  const cost = explainCost(found, settings.prices, PART_NAME);
  const sum = cost.worked.reduce((total, line) => {
    const [, times, price] = /^(\d+) × .* at ([\d.]+)$/.exec(line)!;
    return total + Number(times) * Number(price);
  }, 0);
  expect(sum).toBe(found.cost);
  expect(explainMassChange(found, TOURER).worked).toHaveLength(2);
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
