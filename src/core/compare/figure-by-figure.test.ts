import { candidate } from '../../../tests/support/compared';
import { fillBrief, type Brief } from '../needs';
import { ZONES, type Step, type Zone } from '../gears';
import { articulationLoss } from '../fit';
import { frontDragW } from './drag';
import { needAnswers, type NeedAnswer } from './advice';
import { difference, stepTolerance, type DifferenceRow, type RowId } from './difference';
import { setupFigures, type SetupFigures } from './figures';
import { measuredNeed } from './measured-need';

const RULES = { closenessPercent: 5, crossedCogs: 2 };
const ROAD = fillBrief({ use: 'road' });
const figuresOf = (cogs: number[]) => setupFigures(candidate({ chainrings: [40], cogs, hubStages: [1] }), ROAD, RULES);

/** A setup of which one figure at a time is another. */
type Put = (figures: SetupFigures, value: number) => SetupFigures;
const developmentOf =
  (place: number): Put =>
  (figures, developmentM) => ({
    ...figures,
    report: {
      ...figures.report,
      gears: figures.report.gears.map((gear, i, all) =>
        i === (place + all.length) % all.length ? { ...gear, developmentM } : gear,
      ),
    },
  });
const covering =
  (field: 'topKmh' | 'lowestSteadyKmh'): Put =>
  (figures, value) => ({ ...figures, coverage: { ...figures.coverage, [field]: value } });
const stepping =
  (zone: Zone, which: 'largest' | 'mean'): Put =>
  (figures, speedStep) => ({
    ...figures,
    zones: { ...figures.zones, [zone]: { ...figures.zones[zone], [which]: { speedStep } as Step } },
  });
const path =
  (field: 'frontShifts' | 'hubShifts'): Put =>
  (figures, value) => ({
    ...figures,
    report: { ...figures.report, path: { ...figures.report.path, [field]: value } },
  });
const weighing =
  (field: 'massG' | 'cost'): Put =>
  (figures, value) => ({ ...figures, candidate: { ...figures.candidate, [field]: value } });

const rowOf = (id: RowId, own: SetupFigures, base: SetupFigures): DifferenceRow =>
  difference(own, base, ROAD).find((row) => row.id === id)!;

test('two rings have a front derailleur, which is in the wind and has its limit; one ring has none', () => {
  const figuresOn = (chainrings: number[]) =>
    setupFigures(candidate({ chainrings, cogs: [11, 13, 15, 17], hubStages: [1] }), ROAD, RULES);
  const limits = ({ limits: all }: SetupFigures) => all.map(({ id }) => id);
  expect(limits(figuresOn([50, 34]))).toContain('ringDifference');
  expect(limits(figuresOn([50]))).not.toContain('ringDifference');
  expect(figuresOn([50, 34]).frontDragW).toBeCloseTo(frontDragW(ROAD.frontDragCm2, ROAD.cruisingSpeedKmh), 12);
  expect(figuresOn([50]).frontDragW).toBe(0);
});

test('the loss at the usual speed is that of its gear, with the angle of its own chain', () => {
  const setup = { chainrings: [50, 34], cogs: [11, 13, 15, 17, 19, 21], hubStages: [1] };
  const chainline = { frontChainlineMm: 45, ringSpacingMm: 7.5, rearChainlineMm: 43, cogPitchMm: 4 };
  const { cruising, chainLoss } = setupFigures(candidate(setup, { chainstayMm: 430, chainline }), ROAD, RULES);
  const { chainring, cog } = cruising.gear;
  expect([chainring, cog]).toEqual([50, 17]);
  // The big ring half the spacing out, the fourth of six cogs half a pitch in: 48.75 and 41 mm.
  const angleDeg = (Math.atan(7.75 / 430) * 180) / Math.PI;
  expect(chainLoss.highFraction - articulationLoss(50, 17).highFraction).toBeCloseTo(angleDeg / 1000, 9);
});

describe('a figure with a need', () => {
  const needed: readonly [RowId, Put, (figures: SetupFigures) => number, 'more' | 'less', DifferenceRow['unit']][] = [
    ['easiest', developmentOf(0), ({ needs }) => needs.easiestMaxM, 'less', 'm'],
    ['hardest', developmentOf(-1), ({ needs }) => needs.hardestMinM, 'more', 'm'],
    ['topSpeed', covering('topKmh'), () => ROAD.topSpeedKmh, 'more', 'km/h'],
    ['spinOut', (figures, spinOutKmh) => ({ ...figures, spinOutKmh }), () => ROAD.topSpeedKmh, 'more', 'km/h'],
    ['lowestSteady', covering('lowestSteadyKmh'), ({ needs }) => needs.climbSpeedKmh, 'less', 'km/h'],
    ...ZONES.flatMap((zone): typeof needed => [
      [`largestStep.${zone}`, stepping(zone, 'largest'), () => stepTolerance(ROAD, zone), 'less', 'share'],
      [`meanStep.${zone}`, stepping(zone, 'mean'), () => stepTolerance(ROAD, zone), 'less', 'share'],
    ]),
  ];

  test.each(needed)(
    '%s: more than both need is no gain; short of it, nearer is better',
    (id, put, limitOf, gain, unit) => {
      const figures = figuresOf([11, 13, 15, 18, 21, 24, 28, 32]);
      const limit = limitOf(figures);
      const farther = gain === 'more' ? 1.1 : 1 / 1.1;
      const at = (share: number) => put(figures, limit * share);
      const judged = (own: number, base: number) => rowOf(id, at(own), at(base)).judgement;
      expect(judged(1, 1)).toBe('same');
      expect(judged(farther, 1)).toBe('enough');
      expect(judged(1, farther)).toBe('enough');
      expect(judged(1, 1 / farther)).toBe('better');
      expect(judged(1 / farther, 1)).toBe('worse');
      expect(judged(1 / farther, 1 / farther ** 2)).toBe('better');
      const row = rowOf(id, at(1.5), at(1.2));
      expect(row).toMatchObject({ unit, own: expect.closeTo(limit * 1.5, 9) as number });
      expect(row.change).toBeCloseTo(0.25, 9);
    },
  );

  test('capacity to spare is neither gain nor loss; capacity that is short is', () => {
    const figures = figuresOf([11, 13, 15, 18, 21, 24, 28, 32]);
    const judged = (own: number, base: number) => {
      const at = (margin: number) => ({ ...figures, capacity: { ...figures.capacity, margin } });
      return rowOf('capacity', at(own), at(base)).judgement;
    };
    expect(judged(4, 0)).toBe('enough');
    expect(judged(0, -1)).toBe('better');
    expect(judged(-2, 3)).toBe('worse');
  });
});

describe('a figure without a need', () => {
  const plain: readonly [RowId, Put, DifferenceRow['unit']][] = [
    ['frontShifts', path('frontShifts'), 'shifts'],
    ['hubShifts', path('hubShifts'), 'shifts'],
    ['doubleShifts', (figures, double) => ({ ...figures, byHand: { front: 0, double } }), 'shifts'],
    [
      'leverPushes',
      (figures, leverPushes) => ({ ...figures, bigChange: { ...figures.bigChange, leverPushes } }),
      'pushes',
    ],
    ['riddenStep', (figures, riddenStep) => ({ ...figures, riddenStep }), 'share'],
    ['mass', weighing('massG'), 'g'],
    ['cost', weighing('cost'), 'money'],
  ];

  test.each(plain)('%s: less is better', (id, put, unit) => {
    const figures = figuresOf([11, 13, 15, 18, 21]);
    expect(rowOf(id, put(figures, 1), put(figures, 2))).toEqual({
      ...{ id, unit, own: 1, base: 2 },
      ...{ change: -0.5, judgement: 'better' },
    });
    expect(rowOf(id, put(figures, 3), put(figures, 2)).judgement).toBe('worse');
    // There is no share of nothing.
    expect(rowOf(id, put(figures, 3), put(figures, 0))).toMatchObject({ change: undefined, judgement: 'worse' });
  });

  test('gaps are counted, fewer are better', () => {
    const [gapless, gappy] = [figuresOf([20, 21, 22]), figuresOf([11, 22, 33])];
    expect(rowOf('gaps', gapless, gappy)).toMatchObject({ own: 0, base: 2, judgement: 'better', unit: 'gaps' });
  });

  test('range, gears and clicks are neither gain nor loss by themselves', () => {
    const [few, many] = [figuresOf([11, 14, 18]), figuresOf([10, 12, 14, 16, 18, 21, 24, 28, 32, 36, 42])];
    const figureOf = (id: RowId) => {
      const { own, base, judgement, unit } = rowOf(id, many, few);
      return { own, base, judgement, unit };
    };
    expect(figureOf('distinct')).toEqual({ own: 11, base: 3, judgement: 'enough', unit: 'gears' });
    expect(figureOf('pathGears')).toEqual({ own: 11, base: 3, judgement: 'enough', unit: 'gears' });
    expect(figureOf('range')).toMatchObject({
      own: expect.closeTo(4.2, 9) as number,
      judgement: 'enough',
      unit: ': 1',
    });
    expect(figureOf('rearClicks')).toMatchObject({ judgement: 'enough', unit: 'clicks' });
  });

  test('drag at the front differs only beyond the spread of its figures, a half', () => {
    const figures = figuresOf([11, 13, 15]);
    const judged = (own: number, base: number) =>
      rowOf('frontDrag', { ...figures, frontDragW: own }, { ...figures, frontDragW: base }).judgement;
    // Half of 3 W and half of 1 W are 2 W together.
    expect(judged(1, 2.9)).toBe('withinSpread');
    expect(judged(1, 3.1)).toBe('better');
    expect(judged(3.1, 1)).toBe('worse');
  });
});

describe('the figure of a need and what it is held against', () => {
  const figures = figuresOf([11, 13, 15, 17, 19, 21, 24, 28, 32, 37, 42]);
  const measuredOf = (id: NeedAnswer['id'], said: Brief = {}, own = figures) => {
    const brief = fillBrief({ use: 'road', ...said });
    const answer = needAnswers(own, brief, own).find((one) => one.id === id)!;
    return measuredNeed(answer, own, brief);
  };

  test('is a number with its unit', () => {
    const [easiest] = figures.report.gears;
    expect(measuredOf('climb')).toEqual({
      ...{ value: easiest!.developmentM, limit: figures.needs.easiestMaxM },
      unit: 'm',
    });
    expect(measuredOf('lowestRatio', { lowestRatio: 0.9 })).toEqual({ value: 40 / 42, limit: 0.9, unit: ': 1' });
    expect(measuredOf('topSpeed')).toEqual({
      ...{ value: figures.coverage.topKmh, limit: ROAD.topSpeedKmh },
      unit: 'km/h',
    });
    expect(measuredOf('gaps')).toEqual({ value: figures.coverage.gaps.length, limit: 0, unit: 'gaps' });
    expect(measuredOf('cruising')).toEqual({
      ...{ value: figures.cruising.cadenceRpm, limit: ROAD.cruisingRpm },
      unit: 'rpm',
    });
    expect(measuredOf('frontShifting', { bothers: ['frontShifting'] })).toEqual({
      ...{ value: 0, limit: 0 },
      unit: 'shifts',
    });
    // The usual speed is ridden on the 15T cog, the third.
    expect(measuredOf('quiet', { bothers: ['noise'] })).toEqual({ value: 2, limit: null, unit: 'cogs' });
    const weighed = weighing('massG')(figures, 1500);
    expect(measuredOf('weight', { bothers: ['weight'] }, weighed)).toEqual({ value: 1500, limit: null, unit: 'g' });
    expect(measuredOf('weight', { bothers: ['weight'] })).toEqual({ value: null, limit: null, unit: 'g' });
  });

  test('of a step is in percent; there is none where no step is taken', () => {
    const answer = needAnswers(figures, ROAD, figures).find((one) => one.id === 'steps.between')!;
    const largest = figures.zones.between.largest!;
    expect(measuredNeed(answer, figures, ROAD)).toEqual({
      ...{ value: largest.speedStep * 100, limit: expect.closeTo(ROAD.stepBetweenPercent, 9) as number },
      unit: '%',
    });
    const none = { ...answer, largest: undefined } as NeedAnswer;
    expect(measuredNeed(none, figures, ROAD).value).toBeNull();
  });

  test('is no number where a chain may drop, or of limits', () => {
    const none = { value: null, limit: null, unit: null };
    expect(measuredOf('chainSecurity', { bothers: ['droppedChain'] })).toEqual(none);
    expect(measuredOf('limits')).toEqual(none);
  });
});
