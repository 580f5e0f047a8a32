import { candidate } from '../../../tests/support/compared';
import type { Retention } from '../fit';
import type { ZoneSteps } from '../gears';
import { fillBrief, type Brief } from '../needs';
import { needAnswers, type NeedAnswer } from './advice';
import { setupFigures, type Candidate, type SetupFigures } from './figures';
import { forWhom, type SuitFact } from './for-whom';
import { priorityChoices, type Priority } from './priorities';

// Figures of two real setups, of which one figure at a time is set to where an answer changes.
const RULES = { closenessPercent: 5, crossedCogs: 2 };
const ROAD = fillBrief({ use: 'road' });
const of = (chainrings: number[], cogs: number[], more: Partial<Candidate> = {}, said: Brief = { use: 'road' }) =>
  setupFigures(candidate({ chainrings, cogs, hubStages: [1] }, more), fillBrief(said), RULES);
const COGS = [11, 13, 15, 17, 19, 21, 24, 28, 32, 37, 42];
const ONE = of([40], COGS);

const withCandidate = (figures: SetupFigures, more: Partial<Candidate>): SetupFigures => ({
  ...figures,
  candidate: { ...figures.candidate, ...more },
});
/** The same figures with a gear for the usual speed that is on another cog. */
const cruisingOn = (cog: number, more: object = {}): SetupFigures => ({
  ...ONE,
  cruising: { ...ONE.cruising, gear: { ...ONE.cruising.gear, cog, ...more } },
});
/** The same figures with other steps where riding is fast. */
const withFastSteps = (more: Partial<ZoneSteps>): SetupFigures => ({
  ...ONE,
  zones: { ...ONE.zones, fast: { ...ONE.zones.fast, ...more } },
});
function answerOf<T extends NeedAnswer['id']>(id: T, figures: SetupFigures, said: Brief = {}, fitted = figures) {
  return needAnswers(figures, fillBrief({ use: 'road', ...said }), fitted).find((answer) => answer.id === id) as
    (NeedAnswer & { readonly id: T }) | undefined;
}

describe('what is asked of a setup', () => {
  const ids = (said: Brief) => needAnswers(ONE, fillBrief({ use: 'road', ...said }), ONE).map(({ id }) => id);
  const ALWAYS = ['climb', 'topSpeed', 'steps.climbing', 'steps.between', 'steps.fast', 'gaps', 'cruising', 'limits'];

  test('is what any rider needs, and what bothers this one', () => {
    expect(ids({}).sort()).toEqual([...ALWAYS].sort());
    const more = (said: Brief) => ids(said).filter((id) => !ALWAYS.includes(id));
    expect(more({ bothers: ['droppedChain'] })).toEqual(['chainSecurity']);
    expect(more({ bothers: ['noise'] })).toEqual(['quiet']);
    expect(more({ bothers: ['weight'] })).toEqual(['weight']);
    expect(more({ bothers: ['frontShifting'] })).toEqual(['frontShifting']);
    expect(more({ aims: ['simplicity'] })).toEqual(['frontShifting']);
    expect(more({ aims: ['weight', 'simplicity'] })).toEqual([]);
    expect(more({ lowestRatio: 1 })).toEqual(['lowestRatio']);
  });

  test.each<[Retention[] | undefined, boolean, boolean]>([
    [undefined, false, false],
    [[], false, true],
    [['clutch'], false, false],
    [['narrowWide'], false, false],
    [['clutch', 'narrowWide'], true, true],
    [['guide'], true, true],
  ])('one ring with %j holds the chain: %s, known: %s', (retention, met, known) => {
    const answer = answerOf('chainSecurity', withCandidate(ONE, { retention }), { bothers: ['droppedChain'] });
    expect(answer).toEqual({ id: 'chainSecurity', met, known, chainrings: 1, retention });
  });

  test('the usual gear is quiet from the third cog of either end on, and straight', () => {
    const quiet = (figures: SetupFigures) => answerOf('quiet', figures, { bothers: ['noise'] });
    expect(quiet(cruisingOn(11))).toMatchObject({ met: false, cogsFromEnd: 0, cog: 11, ring: 40 });
    expect(quiet(cruisingOn(13))).toMatchObject({ met: false, cogsFromEnd: 1 });
    expect(quiet(cruisingOn(15))).toMatchObject({ met: true, cogsFromEnd: 2 });
    expect(quiet(cruisingOn(32))).toMatchObject({ met: true, cogsFromEnd: 2 });
    expect(quiet(cruisingOn(37))).toMatchObject({ met: false, cogsFromEnd: 1 });
    expect(quiet(cruisingOn(21, { crossChained: true }))).toMatchObject({ met: false, cogsFromEnd: 5 });
  });

  test('the usual speed is met within the cadence range, its ends included, and straight', () => {
    const { lowRpm, highRpm } = fillBrief({ use: 'road' });
    const at = (cadenceRpm: number) => answerOf('cruising', { ...ONE, cruising: { ...ONE.cruising, cadenceRpm } });
    expect([lowRpm, highRpm].map((rpm) => at(rpm)!.met)).toEqual([true, true]);
    expect([lowRpm - 0.1, highRpm + 0.1].map((rpm) => at(rpm)!.met)).toEqual([false, false]);
    const crossed = { ...cruisingOn(21, { crossChained: true }) };
    expect(answerOf('cruising', { ...crossed, cruising: { ...crossed.cruising, cadenceRpm: lowRpm + 1 } })!.met).toBe(
      false,
    );
  });

  test('weight is met where it falls, and unknown where either is not weighed', () => {
    const weigh = (massG: number | undefined, before: number | undefined) =>
      answerOf('weight', withCandidate(ONE, { massG }), { bothers: ['weight'] }, withCandidate(ONE, { massG: before }));
    expect(weigh(1500, 1600)).toMatchObject({ met: true, changeG: -100, massG: 1500 });
    expect(weigh(1600, 1600)).toMatchObject({ met: false, changeG: 0 });
    expect(weigh(1700, 1600)).toMatchObject({ met: false, changeG: 100 });
    expect(weigh(1500, undefined)).toMatchObject({ met: false, changeG: undefined });
    expect(weigh(undefined, 1600)).toMatchObject({ met: false, changeG: undefined });
  });

  test('of several gaps the one that needs the highest cadence is named', () => {
    // 11 to 22 teeth doubles the speed, 22 to 33 takes half as much again.
    const figures = of([40], [11, 22, 33]);
    const gaps = answerOf('gaps', figures)!;
    expect(gaps).toMatchObject({ met: false, count: 2 });
    expect([gaps.widest!.below.cog, gaps.widest!.above.cog]).toEqual([22, 11]);
    expect(gaps.remedy.highRpm).toBeCloseTo(2 * figures.coverage.band.lowRpm, 9);
    const [first, second] = figures.coverage.gaps;
    const reversed = { ...figures, coverage: { ...figures.coverage, gaps: [second!, first!] } };
    expect(answerOf('gaps', reversed)!.widest).toEqual(gaps.widest);
    expect(answerOf('gaps', of([40], [20, 21, 22]))).toMatchObject({ met: true, count: 0, widest: undefined });
  });

  test('a step over its limit is split by a cog that is sold and between the two', () => {
    const remedyOf = (cogs: number[]) => {
      const answers = needAnswers(of([40], cogs), fillBrief({ use: 'road' }), ONE);
      return answers.flatMap((one) =>
        'zone' in one && one.largest ? [[one.largest.from.cog, one.largest.to.cog, one.remedy.cogT]] : [],
      );
    };
    // √(24 × 11) = 16.2; between 12 and 11 there is none.
    expect(remedyOf([11, 24])).toContainEqual([24, 11, 16]);
    expect(remedyOf([11, 12])).toContainEqual([12, 11, undefined]);
    // Across a change of the hub's stage the easier gear can be on the smaller cog.
    const [gear] = ONE.report.pathGears;
    const largest = { ...ONE.zones.fast.largest!, from: { ...gear!, cog: 11 }, to: { ...gear!, cog: 12 } };
    expect(answerOf('steps.fast', withFastSteps({ largest }))!.remedy.cogT).toBeUndefined();
  });

  test('a step is met up to its limit, rounding left aside', () => {
    const met = (speedStep: number) => {
      const largest = { ...ONE.zones.fast.largest!, speedStep };
      return answerOf('steps.fast', withFastSteps({ largest }), { stepFastPercent: 12.5 })!.met;
    };
    expect([0.12, 0.125, 0.125 + 1e-13].map(met)).toEqual([true, true, true]);
    expect(met(0.1251)).toBe(false);
    expect(answerOf('steps.fast', withFastSteps({ largest: undefined }))).toMatchObject({
      met: true,
    });
  });
});

describe('who a setup suits', () => {
  const facts = (own: SetupFigures, others: readonly SetupFigures[]): readonly SuitFact[] => {
    const { speaksFor, against } = forWhom(own, others, ROAD);
    return [...speaksFor, ...against];
  };
  const factOf = (id: SuitFact['id'], own: SetupFigures, ...others: SetupFigures[]) =>
    facts(own, others).find((fact) => fact.id === id);
  const weighing = (massG: number | undefined) => withCandidate(ONE, { massG });
  const stepping = (riddenStep: number | undefined): SetupFigures => ({ ...ONE, riddenStep });
  const ranging = (quotient: number): SetupFigures => ({
    ...ONE,
    report: { ...ONE.report, range: { ...ONE.report.range, quotient } },
  });

  test('lighter than all others by more than 20 g, or heavier', () => {
    expect(factOf('lighter', weighing(1479), weighing(1500), weighing(1600))).toEqual({ id: 'lighter', grams: 21 });
    expect(factOf('lighter', weighing(1480), weighing(1500))).toBeUndefined();
    expect(factOf('heavier', weighing(1521), weighing(1500), weighing(1400))).toEqual({ id: 'heavier', grams: 21 });
    expect(factOf('heavier', weighing(1520), weighing(1500))).toBeUndefined();
    expect(factOf('lighter', weighing(undefined), weighing(1500))).toBeUndefined();
    expect(factOf('lighter', weighing(1), weighing(undefined))).toBeUndefined();
    // Between the two it is neither.
    expect(facts(weighing(1500), [weighing(1300), weighing(1700)]).map(({ id }) => id)).not.toContain('heavier');
  });

  test('steps are smaller or larger where half a percent is felt', () => {
    expect(factOf('smallerSteps', stepping(0.1), stepping(0.106), stepping(0.1))).toEqual({
      id: 'smallerSteps',
      own: 0.1,
      other: 0.106,
    });
    expect(factOf('smallerSteps', stepping(0.1), stepping(0.104))).toBeUndefined();
    expect(factOf('smallerSteps', stepping(0.1), stepping(0.12), stepping(0.09))).toBeUndefined();
    expect(factOf('largerSteps', stepping(0.106), stepping(0.1))).toEqual({
      id: 'largerSteps',
      own: 0.106,
      other: 0.1,
    });
    expect(factOf('largerSteps', stepping(0.104), stepping(0.1))).toBeUndefined();
    expect(factOf('largerSteps', stepping(undefined), stepping(0.1))).toBeUndefined();
    expect(factOf('largerSteps', stepping(1), stepping(undefined))).toBeUndefined();
  });

  test('a range is wider than all others, or narrower, by a twentieth', () => {
    expect(factOf('widerRange', ranging(4.3), ranging(4))).toMatchObject({ own: 4.3, other: 4 });
    expect(factOf('widerRange', ranging(4.1), ranging(4))).toBeUndefined();
    expect(factOf('narrowerRange', ranging(4), ranging(4.3))).toMatchObject({ own: 4, other: 4.3 });
    expect(factOf('narrowerRange', ranging(4), ranging(4.1))).toBeUndefined();
  });

  test('a ring of three teeth less clears more, and one of three more less', () => {
    const ring = (teeth: number) => of([teeth], COGS);
    // Half a tooth's height of the circle: 2.02 mm a tooth.
    expect(factOf('moreClearance', ring(40), ring(43))).toMatchObject({ mm: expect.closeTo(6.06, 2) as number });
    expect(factOf('moreClearance', ring(40), ring(42))).toBeUndefined();
    expect(factOf('lessClearance', ring(43), ring(40))).toMatchObject({ mm: expect.closeTo(6.06, 2) as number });
    expect(factOf('lessClearance', ring(42), ring(40))).toBeUndefined();
    expect(factOf('moreClearance', ring(40), ring(50), ring(41))).toBeUndefined();
  });

  test('what it costs, or that nothing is bought; nothing where prices are not known', () => {
    const costing = (cost: number | undefined) => facts(withCandidate(ONE, { cost }), [ONE]);
    expect(costing(0)).toContainEqual({ id: 'nothingToBuy' });
    expect(costing(80)).toContainEqual({ id: 'costs', cost: 80 });
    expect(costing(undefined).map(({ id }) => id)).not.toContain('costs');
  });

  test('needs that are missed are named', () => {
    const missed = factOf('misses', of([60], [11, 12, 13]), ONE);
    expect(missed).toMatchObject({ needs: expect.arrayContaining(['climb']) as string[] });
    expect(factOf('meetsAll', of([60], [11, 12, 13]), ONE)).toBeUndefined();
  });

  test('gaps are counted; none is said only beside one that has them', () => {
    const gapless = of([40], [20, 21, 22]);
    const gappy = of([40], [11, 22, 33]);
    expect(factOf('gaps', gappy, gapless)).toEqual({ id: 'gaps', count: 2 });
    expect(factOf('noGaps', gapless, gappy)).toEqual({ id: 'noGaps' });
    expect(factOf('noGaps', gapless, gapless)).toBeUndefined();
  });
});

describe('what each priority chooses', () => {
  const choiceOf = (priority: Priority, all: readonly SetupFigures[]) =>
    priorityChoices(all, ROAD).find((one) => one.priority === priority)!;

  test('the lightest, the cheapest, all that are alike; not those that it cannot judge', () => {
    const all = [{ massG: 1500, cost: 90 }, { massG: 1400, cost: 90 }, {}].map((more) => withCandidate(ONE, more));
    expect(choiceOf('weight', all)).toEqual({ priority: 'weight', choices: [1], notKnown: [2] });
    expect(choiceOf('cost', all)).toEqual({ priority: 'cost', choices: [0, 1], notKnown: [2] });
    expect(choiceOf('weight', all.slice(1))).toEqual({ priority: 'weight', choices: [], notKnown: [1] });
  });

  test('cadence: gaps by the share of the speed that they take, not by their number', () => {
    const withGaps = (...gaps: (readonly [number, number])[]): SetupFigures => ({
      ...ONE,
      coverage: {
        ...ONE.coverage,
        gaps: gaps.map(([fromKmh, toKmh]) => ({ ...of([40], [11, 22]).coverage.gaps[0]!, fromKmh, toKmh })),
      },
    });
    // 10% of the speed, 5% of it, and twice 2%.
    const all = [withGaps([10, 11]), withGaps([20, 21]), withGaps([20, 20.4], [30, 30.6])];
    expect(choiceOf('cadence', all).choices).toEqual([2]);
    expect(choiceOf('cadence', all.slice(0, 2)).choices).toEqual([1]);
  });

  test('range: what an end falls short first, then the width', () => {
    const [narrow, wide, short] = [of([40], [11, 21, 42]), of([40], [10, 21, 42]), of([40], [11, 12, 13])];
    expect(choiceOf('range', [narrow, short]).choices).toEqual([0]);
    expect(choiceOf('range', [narrow, wide]).choices).toEqual([1]);
  });

  test('air and chain: only a difference beyond what is known of both counts', () => {
    const losing = (fraction: number, spread: number): SetupFigures => ({
      ...ONE,
      frontDragW: 0,
      loss: { fraction, lowFraction: fraction - spread, highFraction: fraction + spread },
    });
    expect(choiceOf('aero', [losing(0.02, 0.004), losing(0.03, 0.004)]).choices).toEqual([0]);
    expect(choiceOf('aero', [losing(0.02, 0.006), losing(0.03, 0.006)]).choices).toEqual([0, 1]);
    // Where the sums are alike, less drag at the front decides.
    const dragging = (figures: SetupFigures, frontDragW: number): SetupFigures => ({ ...figures, frontDragW });
    const alike = [dragging(losing(0.02, 0.02), 1), dragging(losing(0.02, 0.02), 0)];
    expect(choiceOf('aero', alike).choices).toEqual([1]);
  });
});
