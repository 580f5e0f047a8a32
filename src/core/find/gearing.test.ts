import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { TOURER_RIDING } from '../../../tests/support/find';
import { ONE_RING, TOURER } from '../../../tests/support/setups';
import { ZONES, coverage, developedGears, meanStep, shiftPath, stepsByZone, type Setup } from '../gears';
import { GENERIC_CASSETTES } from '../catalog/cassettes';
import { gearMetrics, type FindRiding } from './gearing';
import { cases } from '../../../tests/support/fuzz';

const riding = TOURER_RIDING;

/** The same figures by the functions that the other stages use. */
function theLongWay(setup: Setup, { crossedCogs, lowRpm, highRpm, preferredRpm, zones, rolloutMm }: FindRiding) {
  const path = shiftPath(setup, crossedCogs);
  const gears = developedGears(setup, rolloutMm);
  const { gaps, lowestSteadyKmh, topKmh } = coverage(gears, { lowRpm, highRpm });
  const byZone = stepsByZone(path.steps, rolloutMm, preferredRpm, zones);
  return {
    easiestDevelopmentM: gears[0]!.developmentM,
    hardestDevelopmentM: gears.at(-1)!.developmentM,
    topSpeedKmh: topKmh,
    largestStep: path.largestStep,
    zoneSteps: Object.fromEntries(ZONES.map((zone) => [zone, byZone[zone].largest?.speedStep ?? 0])),
    meanStep: path.steps.length > 0 ? meanStep(path.steps).speedStep : 0,
    pathGears: path.gears.length,
    frontShifts: path.frontShifts,
    doubleShifts: path.doubleShifts,
    gaps: gaps.length,
    gapShare:
      gaps.reduce((sum, { fromKmh, toKmh }) => sum + Math.log(toKmh / fromKmh), 0) / Math.log(topKmh / lowestSteadyKmh),
  };
}

function expectSame(setup: Setup, rules: FindRiding) {
  const quick = gearMetrics(setup.chainrings, setup.cogs, { ...rules, hubStages: setup.hubStages });
  const slow = theLongWay(setup, rules);
  const { zoneSteps, ...numbers } = slow;
  for (const [name, value] of Object.entries(numbers)) {
    expect([setup, name, quick[name as keyof typeof numbers]]).toEqual([setup, name, expect.closeTo(value, 10)]);
  }
  for (const zone of ZONES) expect(quick.zoneSteps[zone]).toBeCloseTo(zoneSteps[zone]!, 10);
}

test('the worked examples: 17 gears, largest step 16.7%; and the one ring beside it', () => {
  const two = gearMetrics(TOURER.chainrings, TOURER.cogs, riding);
  expect(two).toMatchObject({ pathGears: 17, frontShifts: 1 });
  expect(two.largestStep).toBeCloseTo(1 / 6, 12);
  const one = gearMetrics(ONE_RING.chainrings, ONE_RING.cogs, riding);
  expect(one).toMatchObject({ pathGears: 12, frontShifts: 0, doubleShifts: 0, largestStep: 6 / 32 });
});

test('how far a setup is from the usual gears is the change of the worst of them; what is not felt is none', () => {
  const sizeM = (ring: number, cog: number) => ((ring / cog) * riding.rolloutMm) / 1000;
  const change = (...usualM: number[]) =>
    gearMetrics(ONE_RING.chainrings, ONE_RING.cogs, { ...riding, usualM }).usualChange;
  const [ring, [, second]] = [ONE_RING.chainrings[0]!, ONE_RING.cogs];
  expect(change()).toBe(0);
  expect(change(sizeM(ring, second!))).toBe(0);
  expect(change(sizeM(ring, second!) * 1.02)).toBe(0);
  // Beyond the hardest gear, by a tenth.
  const hardestM = sizeM(ring, ONE_RING.cogs[0]!);
  expect(change(sizeM(ring, second!), hardestM * 1.1)).toBeCloseTo(0.1, 10);
  expect(gearMetrics(ONE_RING.chainrings, ONE_RING.cogs, riding).usualChange).toBe(0);
});

test('where the system shifts the front no setup has a double shift', () => {
  const metrics = (frontShiftsItself: boolean) =>
    gearMetrics(TOURER.chainrings, TOURER.cogs, { ...riding, frontShiftsItself });
  expect(metrics(false)).toMatchObject({ frontShifts: 1, doubleShifts: 1 });
  expect(metrics(true)).toMatchObject({ frontShifts: 1, doubleShifts: 0 });
});

test('the short cut is the shift path, on real cassettes with any rings', () => {
  const rings = fc.tuple(fc.integer({ min: 24, max: 54 }), fc.integer({ min: 0, max: 20 }));
  fc.assert(
    fc.property(
      rings,
      fc.constantFrom(...GENERIC_CASSETTES),
      fc.integer({ min: 0, max: 4 }),
      ([big, apart], { cogs }, crossedCogs) => {
        const chainrings = apart === 0 || big - apart < 20 ? [big] : [big, big - apart];
        expectSame({ chainrings, cogs, hubStages: [1] }, { ...riding, crossedCogs });
      },
    ),
    { ...SEEDED, numRuns: cases(100) },
  );
});

test('a two-speed hub goes the long way, to the same figures', () => {
  fc.assert(
    fc.property(setupArbitrary(2), (setup) => expectSame({ ...setup, hubStages: [1, 0.72] }, riding)),
    { ...SEEDED, numRuns: cases(15) },
  );
});
