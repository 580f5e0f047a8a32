import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { candidate, compared } from '../../../tests/support/compared';
import { ONE_RING, TOURER } from '../../../tests/support/setups';
import type { Brief } from '../../core/needs';
import { forWhom, needAnswers, type NeedAnswer, type RowId } from '../../core/compare';
import { explainFigure } from '../../features/explanations/compare';
import { differenceWords, rowTitle, valueText, verdictSentence } from './difference-words';
import { boughtText, suitText } from './suit-words';
import { botherOf, needFigure, needTitle } from './need-words';
import { METRIC } from '../../features/units/measures';
import { cases } from '../../../tests/support/fuzz';

/** 180 W, 105 kg on 8%, in a band of 82–94 rpm. */
const BRIEF: Brief = {
  ...{ powerW: 180, lowRpm: 82, highRpm: 94, climbingRpm: 59, steepestLengthM: 2000 },
  ...{ stepClimbingPercent: 17, stepBetweenPercent: 15, stepFastPercent: 12 },
};
const ONE = candidate(ONE_RING, { massG: 1610, cost: 310, rearDerailleur: { totalCapacityT: 33 } });
const TWO = candidate(TOURER, { massG: 1985, cost: 0, rearDerailleur: { totalCapacityT: 41 } });
const PAIR = compared(ONE, TWO, BRIEF);
const words = (id: RowId, pair = PAIR) =>
  differenceWords(
    pair.rows.find((row) => row.id === id)!,
    pair.brief,
    METRIC,
  );

describe('differences in words', () => {
  test.each<[RowId, string]>([
    ['easiest', '12.5% harder'],
    ['hardest', '0.8% harder, hard enough'],
    ['range', 'narrower'],
    ['topSpeed', '0.8% faster, fast enough'],
    ['lowestSteady', '12.5% higher'],
    ['largestStep.climbing', 'larger, above your 17.0%'],
    ['gaps', '4 more'],
    ['distinct', '6 fewer'],
    ['frontShifts', '1 fewer'],
    ['rearClicks', 'the same'],
    ['capacity', 'less to spare'],
    ['mass', '375 g lighter'],
    ['cost', '310 more'],
  ])('%s: %s', (id, expected) => {
    expect(words(id)).toBe(expected);
  });
});

describe('the verdict', () => {
  test('names what gets worse as plainly as what is gained', () => {
    expect(verdictSentence('B', PAIR.rows, PAIR.brief, METRIC)).toBe(
      'B does away with front shifting and saves 375 g, but has an easiest gear 12.5% harder, leaves 5 gaps in your cadence range instead of 1, exceeds the derailleur’s published capacity by 1T and has larger steps (18.8% climbing, 16.7% cruising, 18.2% fast).',
    );
  });

  test('no sentence, title, value or working has a gap in it, whatever the setups', () => {
    fc.assert(
      fc.property(setupArbitrary(), setupArbitrary(), (a, b) => {
        const pair = compared(candidate(a), candidate(b), {});
        const texts = pair.rows.flatMap((row) => {
          const working = explainFigure(row.id, pair.own, pair.brief, METRIC.speedUnit);
          return [
            rowTitle(row.id, pair.brief, METRIC),
            valueText(row.id, row.own, pair.own, pair.brief, METRIC),
            differenceWords(row, pair.brief, METRIC),
            ...(working ? [working.title, working.formula, working.source, ...working.worked] : []),
          ];
        });
        const withGap = [...texts, verdictSentence('B', pair.rows, pair.brief, METRIC)].filter(
          (text) => text === '' || /NaN|undefined|Infinity|null/.test(text),
        );
        expect(withGap).toEqual([]);
      }),
      { ...SEEDED, numRuns: cases(15) },
    );
  });
});

describe('needs in words', () => {
  const brief: Brief = {
    ...BRIEF,
    topSpeedKmh: 60,
    bothers: ['tooHardUphill', 'frontShifting', 'droppedChain', 'noise', 'weight', 'gaps', 'spinsOut'],
  };
  const pair = compared(ONE, TWO, brief);
  const answers = new Map(needAnswers(pair.own, pair.brief, pair.base).map((answer) => [answer.id, answer]));
  const of = (id: NeedAnswer['id']) => answers.get(id)!;

  test.each<[NeedAnswer['id'], string, string, string]>([
    ['climb', '59 rpm on 8%, 105 kg, 191 W', '56.3 rpm', 'a 40T ring or a 50T cog'],
    ['topSpeed', '60 km/h at 94 rpm', '54.4 km/h', 'a 50T ring'],
    ['steps.climbing', 'steps of 17.0% or less, climbing', '18.8% at 44/38→32', 'a 35T cog in between'],
    ['gaps', 'no gaps at 82–94 rpm', '5 gaps, widest 14.3–14.8', 'a cadence of up to 97 rpm'],
    ['frontShifting', 'no front shifting', 'none', ''],
    ['weight', 'lower weight than now', '1610 g, 375 g lighter', ''],
    [
      'limits',
      'within the published limits of the derailleurs',
      '34T needed, 33T published: 1T over the published limit',
      'a largest cog of 43T',
    ],
  ])('%s', (id, title, figure, remedy) => {
    expect(needTitle(of(id), pair.brief, METRIC, pair.own.needs)).toBe(title);
    expect(needFigure(of(id), METRIC)).toEqual({ figure, remedy: expect.stringContaining(remedy) as string });
  });

  test('each bother is answered by a need', () => {
    const bothered = [...answers.values()].flatMap((answer) => botherOf(answer, pair.brief) ?? []);
    expect(new Set(bothered)).toEqual(new Set(brief.bothers));
  });

  test('no need is without words, met or not, whatever the setup', () => {
    fc.assert(
      fc.property(setupArbitrary(), setupArbitrary(), (a, b) => {
        const random = compared(candidate(a), candidate(b), { bothers: ['noise', 'weight', 'frontShifting'] });
        for (const answer of needAnswers(random.own, random.brief, random.base)) {
          const { figure, remedy } = needFigure(answer, { ...METRIC, speedUnit: 'mph' });
          for (const text of [
            needTitle(answer, random.brief, { ...METRIC, speedUnit: 'mph' }, random.own.needs),
            figure,
          ]) {
            expect(text).not.toBe('');
            expect(text).not.toMatch(/NaN|undefined|Infinity|null/);
          }
          expect(remedy).not.toMatch(/NaN|undefined|Infinity|null/);
        }
      }),
      { ...SEEDED, numRuns: cases(15) },
    );
  });
});

describe('whom a setup suits, in words', () => {
  test('no sentence has a gap in it, whatever the setups', () => {
    fc.assert(
      fc.property(setupArbitrary(), setupArbitrary(), (a, b) => {
        const pair = compared(candidate(a, { massG: 1500, cost: 90 }), candidate(b, { massG: 1900, cost: 0 }), {});
        const text = suitText('B', forWhom(pair.own, [pair.base], pair.brief), pair.brief, METRIC);
        expect(text).toMatch(
          /^(For B: .+|There is nothing in favour of B)\. (Against it: .+|There is nothing against it)\.$/,
        );
        expect(text).not.toMatch(/NaN|undefined|Infinity|null/);
      }),
      { ...SEEDED, numRuns: cases(15) },
    );
  });

  test('money is told with what it buys, and nothing where nothing is bought', () => {
    expect(boughtText(310, PAIR.rows, METRIC)).toBe(
      '310 buys fewer front shifts, fewer double shifts, less drag and less weight.',
    );
    expect(boughtText(90, [], METRIC)).toBe('');
    expect(boughtText(0, PAIR.rows, METRIC)).toBe('');
    expect(boughtText(undefined, PAIR.rows, METRIC)).toBe('');
    const same = compared(TWO, TWO, BRIEF);
    expect(boughtText(90, same.rows, METRIC)).toBe('90 buys nothing that matters for your needs.');
  });
});
