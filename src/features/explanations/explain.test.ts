import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { checkCapacity, fitReport } from '../../core/fit';
import { gearReport, shiftPath, type Setup } from '../../core/gears';
import type { Explanation } from './explanation';
import { explainCheck } from './fit';
import {
  explainDevelopment,
  explainDistinct,
  explainGainRatio,
  explainGearInches,
  explainMeanStep,
  explainOverlap,
  explainRange,
  explainRatio,
  explainRollout,
  explainSpeed,
  explainStep,
  gearName,
  type GearContext,
} from './gears';
import { crossoverWords } from './shifting';
import { cases } from '../../../tests/support/fuzz';

const RIDING = { rolloutMm: TOURER_ROLLOUT_MM, cadenceRpm: 90, crankLengthMm: 170, closenessPercent: 5 };
const CONTEXT: GearContext = {
  riding: RIDING,
  wheel: { rimDiameterMm: 622, tyreWidthMm: 38 },
  speedUnit: 'kmh',
};
const report = gearReport(TOURER, RIDING);
const gear = (key: string) => report.gears.find((one) => one.key === key)!;

/** All text of an explanation. */
const textOf = ({ title, formula, worked, source, note }: Explanation) =>
  [title, formula, ...worked, source, note ?? ''].join('\n');

describe('workings can be checked with pencil and paper', () => {
  test.each<[string, Explanation, string]>([
    ['ratio', explainRatio(gear('48/36')), '48 ÷ 36 = 4 ÷ 3 = 1.333'],
    ['duplicate', explainRatio(gear('48/36')), 'the same as 32/24: 48 × 24 = 32 × 36'],
    ['rollout', explainRollout(CONTEXT), 'π × (622 + 2 × 38) mm = 2192.8 mm'],
    ['measured', explainRollout({ ...CONTEXT, wheel: { rolloutMm: 2171.5 } }), 'as entered: 2171.5 mm'],
    ['own wheel', explainGearInches(gear('32/36'), 'ownWheel', CONTEXT), '32 ÷ 36 × 27.48 in = 24.4 in'],
    ['nominal', explainGearInches(gear('32/36'), 'nominal27', CONTEXT), '32 ÷ 36 × 27.00 in = 24.0 in'],
    ['development', explainDevelopment(gear('48/11'), CONTEXT), '48 ÷ 11 × 2.1928 m = 9.569 m'],
    ['gain', explainGainRatio(gear('32/36'), CONTEXT), '32 ÷ 36 × 349.0 ÷ 170 = 1.825'],
    ['speed', explainSpeed(gear('48/11'), CONTEXT), '9.569 m × 90 × 60 ÷ 1000 = 51.7 km/h'],
    ['miles', explainSpeed(gear('48/11'), { ...CONTEXT, speedUnit: 'mph' }), '÷ 1.609344 = 32.1 mph'],
    ['range', explainRange(report), '(48 ÷ 11) ÷ (32 ÷ 36) = 4.909 = 490.9%'],
    ['overlap', explainOverlap(report), 'ln(2.909 ÷ 1.333) ÷ ln(4.909) = 49.0%'],
    ['distinct', explainDistinct(report, CONTEXT), 'in the shift sequence gives 17'],
    ['step', explainStep(report.steps[0]!, 'speedStep'), '(32 ÷ 32) ÷ (32 ÷ 36) − 1 = 12.5%'],
    ['drop', explainStep(report.steps[0]!, 'cadenceDrop'), '1 − (32 ÷ 36) ÷ (32 ÷ 32) = 11.1%'],
    ['log', explainStep(report.steps[0]!, 'logStep'), 'ln((32 ÷ 32) ÷ (32 ÷ 36)) = 0.118'],
    ['mean', explainMeanStep(11, Math.log(36 / 11), 'speedStep', '11.4%'), 'e^0.1078 − 1 = 11.4%'],
  ])('%s', (_, explanation, line) => {
    expect(textOf(explanation)).toContain(line);
  });

  test('a two-speed hub’s stage takes part', () => {
    const hub = gearReport({ ...ONE_RING, hubStages: [1, 0.7] }, RIDING);
    expect(gearName(hub.gears[0]!)).toBe('44/44 ×0.7');
    expect(textOf(explainRatio(hub.gears[0]!))).toContain('44 ÷ 44 × 0.7 = 0.700');
  });

  test('no working of any setup has a gap in it', () => {
    fc.assert(
      fc.property(setupArbitrary(2), (setup) => {
        const random = gearReport(setup, RIDING);
        const explanations = [
          ...random.gears.flatMap((one) => [
            explainRatio(one),
            explainGearInches(one, 'ownWheel', CONTEXT),
            explainDevelopment(one, CONTEXT),
            explainGainRatio(one, CONTEXT),
            explainSpeed(one, CONTEXT),
          ]),
          ...random.steps.map((step) => explainStep(step, 'speedStep')),
          explainRange(random),
          explainDistinct(random, CONTEXT),
          explainOverlap(random),
          ...checkCapacity({ setup, rearDerailleur: { totalCapacityT: 30 } }).map((check) =>
            explainCheck(check, setup),
          ),
        ];
        const withGap = explanations.filter(
          (one) => one.worked.length === 0 || /NaN|undefined|Infinity|null/.test(textOf(one)),
        );
        expect(withGap).toEqual([]);
      }),
      { ...SEEDED, numRuns: cases(15) },
    );
  });
});

describe('fit', () => {
  const checks = (setup: Setup) =>
    fitReport({
      setup,
      chainstayMm: 430,
      suspensionGrowthMm: 0,
      bbDropMm: 70,
      chainLinks: 112,
      rearDerailleur: { totalCapacityT: 39, cageLengthMm: 93 },
    }).checks;

  test('every check has a working', () => {
    for (const check of checks(TOURER)) {
      const text = textOf(explainCheck(check, TOURER));
      expect(text).not.toMatch(/NaN|undefined/);
      expect(text.length).toBeGreaterThan(40);
    }
    expect(textOf(explainCheck(checks(TOURER)[0]!, TOURER))).toContain('(48 − 32) + (36 − 11) = 41T');
    expect(textOf(explainCheck(checks(ONE_RING)[0]!, ONE_RING))).toContain('(1x: 0) + (44 − 10) = 34T');
  });
});

describe('shifting in words', () => {
  test('the change of ring, both ways', () => {
    const [crossover] = shiftPath(TOURER).crossovers;
    expect(crossoverWords(crossover!, TOURER, { easier: 4, harder: 2 })).toEqual({
      easier: 'At the 19, drop to the 32 ring and go 4 clicks harder (2 pushes): −2.6%',
      harder: 'At the 13, change up to the 48 ring and go 4 clicks easier (1 push): +2.6%',
    });
  });
});
