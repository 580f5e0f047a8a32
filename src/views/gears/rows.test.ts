import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { fillBrief } from '../../core/needs';
import { gearReport, type Setup } from '../../core/gears';
import { PREFERENCES_DEFAULTS, STEP_ROUTES } from '../../records';
import { QUANTITY_VIEWS, preferencesFor, quantityChoice } from './quantity';
import { speedRows } from './riding-rows';
import { stepListing } from './step-rows';
import { cases } from '../../../tests/support/fuzz';

const RIDING = { rolloutMm: TOURER_ROLLOUT_MM, cadenceRpm: 90, crankLengthMm: 170, closenessPercent: 5 };
const report = (setup: Setup, more: Partial<typeof RIDING> = {}) => gearReport(setup, { ...RIDING, ...more });

describe('quantities', () => {
  test('a choice and the preferences it stands for name each other', () => {
    for (const { id } of QUANTITY_VIEWS) {
      expect(quantityChoice({ ...PREFERENCES_DEFAULTS, ...preferencesFor(id) })).toBe(id);
    }
  });

  test('each reads the easiest gear of the wide 2x as people know it', () => {
    const [easiest] = report(TOURER).gears;
    expect(QUANTITY_VIEWS.map(({ text }) => text(easiest!))).toEqual([
      '0.889',
      '24.4',
      '24.0',
      '1.95',
      '1.82',
      '10.5',
      '6.5',
    ]);
  });
});

describe('steps', () => {
  test('along the cassette, the shift path and every gear', () => {
    const listings = STEP_ROUTES.map((route) => stepListing(report(TOURER), route));
    expect(listings.map(({ rows }) => rows.length)).toEqual([11, 16, 23]);
    expect(listings[0]!.rows[0]).toMatchObject({ from: '36', to: '32' });
    expect(listings[1]!.rows[0]).toMatchObject({ from: '32/36', to: '32/32' });
    expect(listings[0]!.summary!.largest).toMatchObject({ from: '28', to: '24', isLargest: true, share: 1 });
  });

  test('a two-speed hub does not double the cassette', () => {
    expect(stepListing(report({ ...ONE_RING, hubStages: [1, 0.7] }), 'cassette').rows).toHaveLength(11);
  });

  test('one row is the largest, and the log steps of all add up', () => {
    fc.assert(
      fc.property(setupArbitrary(2), fc.constantFrom(...STEP_ROUTES), (setup, route) => {
        const { rows, summary } = stepListing(report(setup), route);
        expect(rows.filter(({ isLargest }) => isLargest)).toHaveLength(1);
        expect(rows.reduce((sum, { step }) => sum + step.logStep, 0)).toBeCloseTo(summary!.totalLogStep, 10);
        for (const { share } of rows) expect(share).toBeLessThanOrEqual(1);
      }),
      { ...SEEDED, numRuns: cases(25) },
    );
  });
});

describe('at one speed', () => {
  const brief = fillBrief({ preferredRpm: 90, lowRpm: 82, highRpm: 96 });
  const rows = speedRows(report(TOURER), brief, 12, 60);
  const row = (key: string) => rows.find(({ gear }) => gear.key === key)!;

  test('every gear is there, and the nearest is one of the path', () => {
    expect(rows).toHaveLength(24);
    expect(rows.filter(({ isNearest }) => isNearest).map(({ gear }) => gear.key)).toEqual(['32/32']);
    expect(rows.filter(({ onPath }) => onPath)).toHaveLength(17);
  });

  test('what a shift does is the cadence of the neighbour on the path', () => {
    const nearest = row('32/32');
    expect(nearest.cadenceRpm).toBeCloseTo(200 / 2.1928, 1);
    expect(nearest.easierRpm).toBeCloseTo(row('32/36').cadenceRpm, 12);
    expect(nearest.harderRpm).toBeCloseTo(row('32/28').cadenceRpm, 12);
    expect(row('32/36').easierRpm).toBeUndefined();
    expect(row('48/36')).toMatchObject({ onPath: false, easierRpm: undefined, harderRpm: undefined });
  });
});
