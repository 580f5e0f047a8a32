import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import {
  cadenceRpm,
  developmentM,
  distinctCurve,
  distinctGears,
  exactDuplicates,
  gainRatio,
  gearInches,
  gearReport,
  gearsOf,
  gearKey,
  largestStep,
  lowestTerms,
  meanStep,
  nearDuplicates,
  rangeOf,
  ringOverlap,
  rolloutMm,
  shiftPath,
  speedKmh,
  stepBetween,
  stepOfSize,
  stepsAlong,
  type Gear,
} from './index';
import { cases } from '../../../tests/support/fuzz';

const names = (gears: readonly Gear[]) => gears.map(({ chainring, cog }) => `${chainring}/${cog}`);
const gear = (chainring: number, cog: number, hubStage = 1): Gear => ({
  chainring,
  cog,
  hubStage,
  ratio: (chainring / cog) * hubStage,
});

describe('gear size', () => {
  const { easiest, hardest, quotient } = rangeOf(gearsOf(TOURER));

  test('rollout of a 622 rim with a 38 mm tyre', () => {
    expect(rolloutMm({ rimDiameterMm: 622, tyreWidthMm: 38 })).toBeCloseTo(2192.8, 1);
    expect(rolloutMm({ rolloutMm: 2171.5 })).toBe(2171.5);
  });

  test('the wide 2x from end to end', () => {
    expect(easiest.ratio).toBeCloseTo(0.8889, 4);
    expect(hardest.ratio).toBeCloseTo(4.3636, 4);
    expect(quotient * 100).toBeCloseTo(490.9, 1);
    const ends = [easiest, hardest].map(({ ratio }) => developmentM(ratio, TOURER_ROLLOUT_MM));
    expect(ends[0]).toBeCloseTo(1.949, 3);
    expect(ends[1]).toBeCloseTo(9.569, 3);
    expect(ends.map((m) => speedKmh(m, 90).toFixed(1))).toEqual(['10.5', '51.7']);
    expect([easiest, hardest].map(({ ratio }) => gearInches(ratio, TOURER_ROLLOUT_MM, 'ownWheel').toFixed(1))).toEqual([
      '24.4',
      '119.9',
    ]);
  });

  test('the two schools of gear inches part by the wheel', () => {
    expect(gearInches(2, TOURER_ROLLOUT_MM, 'nominal27')).toBe(54);
    expect(gearInches(2, TOURER_ROLLOUT_MM, 'ownWheel')).toBeCloseTo((2 * 698) / 25.4, 9);
  });

  test('the 1x from end to end', () => {
    const range = rangeOf(gearsOf(ONE_RING));
    expect(range.easiest.ratio).toBe(1);
    expect(range.hardest.ratio).toBeCloseTo(4.4, 12);
    expect(range.quotient).toBeCloseTo(4.4, 12);
  });

  test('gain ratio is the path of the bike over the path of the pedal', () => {
    const path = developmentM(2.5, TOURER_ROLLOUT_MM) * 1000;
    expect(gainRatio(2.5, TOURER_ROLLOUT_MM, 170)).toBeCloseTo(path / (2 * Math.PI * 170), 12);
  });

  test('cadence at a speed undoes speed at a cadence', () => {
    expect(cadenceRpm(4.2, speedKmh(4.2, 83))).toBeCloseTo(83, 10);
  });

  test('lowest terms', () => {
    expect(lowestTerms(gear(32, 24))).toEqual([4, 3]);
    expect(lowestTerms(gear(48, 11))).toEqual([48, 11]);
  });

  test('gears run from easy to hard, and of duplicates the small ring first', () => {
    const order = names(gearsOf(TOURER));
    expect(order).toHaveLength(24);
    expect(order.slice(0, 5)).toEqual(['32/36', '32/32', '32/28', '32/24', '48/36']);
  });

  test('a two-speed hub doubles the gears', () => {
    const gears = gearsOf({ ...ONE_RING, hubStages: [1, 0.7] });
    expect(gears).toHaveLength(24);
    expect(gears[0]).toMatchObject({ cog: 44, hubStage: 0.7, ratio: 0.7 });
  });
});

describe('steps', () => {
  test('three readings of one step, and its teeth', () => {
    const step = stepBetween(gear(32, 21), gear(32, 19));
    expect(step.speedStep).toBeCloseTo(2 / 19, 12);
    expect(step.cadenceDrop).toBeCloseTo(2 / 21, 12);
    expect(step.logStep).toBeCloseTo(Math.log(21 / 19), 12);
    expect(step.cogJumpT).toBe(-2);
    expect(step.ringChange).toBe(false);
  });

  test('the same two teeth are 20% at one end and 7% at the other', () => {
    expect(stepBetween(gear(44, 12), gear(44, 10)).speedStep).toBeCloseTo(0.2, 12);
    expect(stepBetween(gear(44, 30), gear(44, 28)).speedStep).toBeCloseTo(0.0714, 4);
  });

  test('a step is known by its speed step alone', () => {
    const { speedStep, cadenceDrop, logStep } = stepBetween(gear(44, 38), gear(44, 32));
    const again = stepOfSize(speedStep);
    expect(again.cadenceDrop).toBeCloseTo(cadenceDrop, 12);
    expect(again.logStep).toBeCloseTo(logStep, 12);
  });

  test('the mean step, taken as often, spans the range; the largest is found', () => {
    const gears = gearsOf(ONE_RING);
    const steps = stepsAlong(gears);
    const mean = meanStep(steps);
    expect((1 + mean.speedStep) ** steps.length).toBeCloseTo(4.4, 10);
    expect(1 - mean.cadenceDrop).toBeCloseTo(1 / (1 + mean.speedStep), 12);
    expect(largestStep(steps)).toMatchObject({ from: { cog: 38 }, to: { cog: 32 } });
  });

  test('the product of the speed steps is the range, and the log steps add up to it', () => {
    fc.assert(
      fc.property(setupArbitrary(), (setup) => {
        const gears = gearsOf(setup);
        const steps = stepsAlong(gears);
        const { quotient } = rangeOf(gears);
        const product = steps.reduce((sum, step) => sum * (1 + step.speedStep), 1);
        const logs = steps.reduce((sum, step) => sum + step.logStep, 0);
        expect(product / quotient).toBeCloseTo(1, 10);
        expect(logs).toBeCloseTo(Math.log(quotient), 10);
        for (const step of steps) expect(1 - step.cadenceDrop).toBeCloseTo(1 / (1 + step.speedStep), 12);
      }),
      SEEDED,
    );
  });
});

describe('overlap', () => {
  test('exact duplicates of the wide 2x', () => {
    expect(exactDuplicates(gearsOf(TOURER)).map(names)).toEqual([
      ['32/24', '48/36'],
      ['32/14', '48/21'],
    ]);
    expect(exactDuplicates(gearsOf(ONE_RING))).toEqual([]);
  });

  test('duplicates by integers are duplicates by ratio', () => {
    fc.assert(
      fc.property(setupArbitrary(), (setup) => {
        const gears = gearsOf(setup);
        const byRatio = gears.flatMap((a, i) =>
          gears
            .slice(i + 1)
            .filter((b) => b.ratio === a.ratio)
            .map((b) => [a, b]),
        );
        expect(exactDuplicates(gears)).toEqual(byRatio);
      }),
      SEEDED,
    );
  });

  test('a two-speed hub makes no duplicates across its stages', () => {
    // 40/10 in the 0.75 stage is as large as 30/10 in direct drive, but it is another stage.
    const gears = gearsOf({ chainrings: [40, 30], cogs: [10, 15], hubStages: [1, 0.75] });
    expect(exactDuplicates(gears)).toEqual([]);
  });

  test.each([
    [1, 22],
    [5, 18],
    [8, 15],
    [10, 13],
  ])('distinct gears of the wide 2x at %i %%: %i', (closenessPercent, count) => {
    expect(distinctGears(gearsOf(TOURER), closenessPercent)).toHaveLength(count);
  });

  test('a step of exactly the closeness counts as distinct', () => {
    expect(distinctGears(gearsOf({ chainrings: [42], cogs: [20, 21], hubStages: [1] }), 5)).toHaveLength(2);
  });

  test('the distinct count never rises with closeness, and no two kept gears are closer', () => {
    fc.assert(
      fc.property(setupArbitrary(), (setup) => {
        const gears = gearsOf(setup);
        const curve = distinctCurve(gears, 30, 0.5);
        expect(curve).toHaveLength(61);
        expect(curve[0]!.count).toBe(gears.length);
        expect(curve.slice(1).filter((point, i) => point.count > curve[i]!.count)).toEqual([]);
        const steps = stepsAlong(distinctGears(gears, 7)).map(({ speedStep }) => speedStep);
        expect(Math.min(...steps)).toBeGreaterThan(0.07 - 1e-9);
      }),
      SEEDED,
    );
  });

  test('no larger set of distinct gears exists (brute force over small setups)', () => {
    const small = setupArbitrary().filter(({ chainrings, cogs }) => chainrings.length * cogs.length <= 10);
    fc.assert(
      fc.property(small, fc.integer({ min: 1, max: 25 }), (setup, closenessPercent) => {
        const gears = gearsOf(setup);
        let most = 0;
        for (let chosen = 1; chosen < 1 << gears.length; chosen += 1) {
          const subset = gears.filter((_, i) => chosen & (1 << i));
          if (stepsAlong(subset).every((step) => step.speedStep >= closenessPercent / 100 - 1e-12)) {
            most = Math.max(most, subset.length);
          }
        }
        expect(distinctGears(gears, closenessPercent)).toHaveLength(most);
      }),
      { ...SEEDED, numRuns: cases(15) },
    );
  });

  test('ring overlap of the wide 2x is 49.0% of its range', () => {
    const overlap = ringOverlap(TOURER)!;
    expect(overlap.share * 100).toBeCloseTo(49.0, 1);
    expect(overlap.fromRatio).toBeCloseTo(48 / 36, 12);
    expect(overlap.toRatio).toBeCloseTo(32 / 11, 12);
    expect(ringOverlap(ONE_RING)).toBeUndefined();
  });

  test('rings that do not meet overlap by nothing', () => {
    const overlap = ringOverlap({ chainrings: [60, 20], cogs: [14, 15, 16], hubStages: [1] })!;
    expect(overlap.share).toBe(0);
    expect(overlap.toRatio).toBeLessThan(overlap.fromRatio);
  });
});

describe('shift path', () => {
  test('of the wide 2x: 17 gears, largest step 16.7%', () => {
    const path = shiftPath(TOURER);
    expect(path.gears).toHaveLength(17);
    expect(path.largestStep * 100).toBeCloseTo(16.7, 1);
    expect(path.crossovers).toHaveLength(1);
    expect(path.frontShifts).toBe(1);
  });

  test('skips cross-chained gears and always gets harder; has one ring change', () => {
    fc.assert(
      fc.property(setupArbitrary(2), (setup) => {
        const { gears, largestStep } = shiftPath(setup);
        const steps = stepsAlong(gears);
        expect(steps.every((step) => step.speedStep > 0)).toBe(true);
        expect(Math.max(...steps.map((step) => step.speedStep))).toBeCloseTo(largestStep, 12);
        expect(steps.filter((step) => step.ringChange)).toHaveLength(setup.chainrings.length - 1);
        if (setup.chainrings.length === 2 && setup.cogs.length > 4) {
          const crossed = [
            ...setup.cogs.slice(-2).map((cog) => `${setup.chainrings[0]}/${cog}`),
            ...setup.cogs.slice(0, 2).map((cog) => `${setup.chainrings[1]}/${cog}`),
          ];
          expect(names(gears).filter((name) => crossed.includes(name))).toEqual([]);
        }
      }),
      SEEDED,
    );
  });
});

test('the report sizes every gear and marks duplicates and crossed chains', () => {
  const report = gearReport(TOURER, {
    rolloutMm: TOURER_ROLLOUT_MM,
    cadenceRpm: 90,
    crankLengthMm: 170,
    closenessPercent: 5,
  });
  const byKey = new Map(report.gears.map((sized) => [sized.key, sized]));
  expect(byKey.get('48/36')).toMatchObject({ crossChained: true, duplicate: { chainring: 32, cog: 24 } });
  expect(byKey.get('32/11')).toMatchObject({ crossChained: true, duplicate: undefined });
  expect(byKey.get('32/36')).toMatchObject({ crossChained: false });
  expect(byKey.get('32/36')!.gainRatio).toBeCloseTo((32 / 36) * (349 / 170), 9);
  expect(report.gears.filter(({ crossChained }) => crossChained)).toHaveLength(4);
  expect(report.distinct).toHaveLength(18);
});

test('near duplicates are closer than the minimum difference, on two rings, each gear once', () => {
  // 48/32 on 11-36: 32/21 is 1.524, 48/32 is 1.5, 1.6% apart.
  const names = (percent: number) =>
    nearDuplicates(gearsOf(TOURER), percent).map(([a, b]) => `${a.chainring}/${a.cog} ${b.chainring}/${b.cog}`);
  expect(names(0)).toEqual([]);
  expect(names(1)).toEqual([]);
  expect(names(2)).toContain('32/21 48/32');
  expect(names(5).length).toBeGreaterThan(names(2).length);
  fc.assert(
    fc.property(setupArbitrary(), fc.integer({ min: 0, max: 15 }), (setup, percent) => {
      const pairs = nearDuplicates(gearsOf(setup), percent);
      for (const [a, b] of pairs) {
        expect(a.chainring).toBeLessThan(b.chainring);
        expect(a.hubStage).toBe(b.hubStage);
        expect(Math.max(a.ratio / b.ratio, b.ratio / a.ratio)).toBeLessThan(1 + percent / 100);
      }
      const keys = pairs.flat().map(gearKey);
      expect(new Set(keys).size).toBe(keys.length);
    }),
    { ...SEEDED, numRuns: cases(25) },
  );
});
