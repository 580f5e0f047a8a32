import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import {
  atSpeed,
  bigChange,
  checkRolloutTry,
  coverage,
  developmentM,
  gearFor,
  gearsOf,
  highRpmToClose,
  isStepOver,
  measuredRollout,
  nearestGear,
  shiftPath,
  speedOfStepKmh,
  stepsByZone,
  zoneOf,
  type Gear,
  type Setup,
} from './index';
import { cases } from '../../../tests/support/fuzz';

const developed = (setup: Setup, rolloutMm = TOURER_ROLLOUT_MM) =>
  gearsOf(setup).map((gear) => ({ ...gear, developmentM: developmentM(gear.ratio, rolloutMm) }));
const name = ({ chainring, cog }: Gear) => `${chainring}/${cog}`;

describe('coverage', () => {
  const BAND = { lowRpm: 82, highRpm: 94 };
  const spans = (setup: Setup) =>
    coverage(developed(setup), BAND).gaps.map(({ fromKmh, toKmh }) => `${fromKmh.toFixed(1)}–${toKmh.toFixed(1)}`);

  test('the wide 2x has one gap in 82–94 rpm, the 1x five', () => {
    expect(spans(TOURER)).toEqual(['14.1–14.4']);
    expect(spans(ONE_RING)).toEqual(['12.4–12.5', '14.3–14.8', '19.4–19.8', '36.3–36.5', '41.9–43.2']);
  });

  test('a gap names the gears beside it and the rpm that would close it', () => {
    const [gap] = coverage(developed(TOURER), BAND).gaps;
    expect([gap!.below, gap!.above].map(name)).toEqual(['32/28', '32/24']);
    const wider = { lowRpm: 82, highRpm: highRpmToClose(gap!, BAND) };
    expect(wider.highRpm).toBeCloseTo(82 * (28 / 24), 10);
    expect(coverage(developed(TOURER), wider).gaps).toEqual([]);
  });

  test('ends are the easiest gear at the low rpm and the hardest at the high one', () => {
    const { lowestSteadyKmh, topKmh } = coverage(developed(TOURER), BAND);
    expect(lowestSteadyKmh).toBeCloseTo(1.949 * 82 * 0.06, 2);
    expect(topKmh).toBeCloseTo(9.569 * 94 * 0.06, 1);
  });

  test('gaps are just the speeds at which no gear is in the band (brute force over speeds)', () => {
    fc.assert(
      fc.property(
        setupArbitrary(),
        fc.double({ min: 40, max: 100, noNaN: true }),
        fc.double({ min: 1.02, max: 1.4, noNaN: true }),
        (setup, lowRpm, widening) => {
          const band = { lowRpm, highRpm: lowRpm * widening };
          const gears = developed(setup);
          const { spans: covered, gaps, lowestSteadyKmh, topKmh } = coverage(gears, band);
          const wrong: number[] = [];
          for (let i = 0; i <= 300; i += 1) {
            const speed = lowestSteadyKmh * (topKmh / lowestSteadyKmh) ** (i / 300);
            const rpms = atSpeed(gears, speed).map(({ cadenceRpm }) => cadenceRpm);
            const nearEdge = rpms.some((rpm) =>
              [band.lowRpm, band.highRpm].some((edge) => Math.abs(rpm / edge - 1) < 1e-9),
            );
            if (nearEdge) continue;
            const byForce = rpms.some((rpm) => rpm >= band.lowRpm && rpm <= band.highRpm);
            const within = ({ fromKmh, toKmh }: { fromKmh: number; toKmh: number }) => speed > fromKmh && speed < toKmh;
            if (covered.some(within) !== byForce || gaps.some(within) === byForce) wrong.push(speed);
          }
          expect(wrong).toEqual([]);
        },
      ),
      { ...SEEDED, numRuns: cases(12) },
    );
  });
});

describe('at a speed', () => {
  test('12 km/h in the wide 2x', () => {
    const at = new Map(atSpeed(developed(TOURER), 12).map(({ gear, cadenceRpm }) => [name(gear), cadenceRpm]));
    expect(at.get('32/24')).toBeCloseTo(200 / ((4 / 3) * 2.1928), 2);
    expect(at.get('48/36')).toBeCloseTo(at.get('32/24')!, 9);
  });

  test('the gear for a speed is the one nearest the preferred cadence; of duplicates the one on the small ring', () => {
    const gears = developed(TOURER);
    const found = gearFor(gears, 18, 90);
    expect(
      gears.every(
        ({ developmentM: m }) => Math.abs(Math.log(300 / m / 90)) >= Math.abs(Math.log(found.cadenceRpm / 90)) - 1e-12,
      ),
    ).toBe(true);
    const speed = developmentM(4 / 3, TOURER_ROLLOUT_MM) * 90 * 0.06;
    expect(name(gearFor(gears, speed, 90).gear)).toBe('32/24');
  });

  test('the nearest gear of another setup', () => {
    expect(name(nearestGear(developed(ONE_RING), developmentM(32 / 36, TOURER_ROLLOUT_MM)))).toBe('44/44');
  });
});

describe('zones', () => {
  const limits = { climbingBelowKmh: 15, fastAboveKmh: 28 };

  test('a step belongs to the zone of the speed half way through it', () => {
    const { steps } = shiftPath(ONE_RING);
    const zones = stepsByZone(steps, TOURER_ROLLOUT_MM, 90, limits);
    expect(zones.climbing.largest).toMatchObject({ from: { cog: 38 }, to: { cog: 32 } });
    expect(zones.climbing.steps.length + zones.between.steps.length + zones.fast.steps.length).toBe(steps.length);
    for (const step of zones.fast.steps) expect(speedOfStepKmh(step, TOURER_ROLLOUT_MM, 90)).toBeGreaterThan(28);
  });

  test('a zone without steps has neither largest nor mean', () => {
    const zones = stepsByZone([], TOURER_ROLLOUT_MM, 90, limits);
    expect(zones.fast).toEqual({ steps: [], largest: undefined, mean: undefined });
    expect([14.9, 15, 28, 28.1].map((speed) => zoneOf(speed, limits))).toEqual([
      'climbing',
      'between',
      'between',
      'fast',
    ]);
  });
});

describe('two-speed hub', () => {
  const HUB: Setup = { chainrings: [40], cogs: [11, 13, 15, 18, 21, 24, 28, 32], hubStages: [1, 0.7] };

  test('acts as a second ring without a front derailleur', () => {
    const path = shiftPath(HUB);
    expect(path.gears[0]).toMatchObject({ cog: 32, hubStage: 0.7 });
    expect(path.gears.at(-1)).toMatchObject({ cog: 11, hubStage: 1 });
    expect(path.crossovers).toHaveLength(1);
    expect(path.crossovers[0]).toMatchObject({ changesRing: false, changesHubStage: true });
    expect(path.frontShifts).toBe(0);
  });

  test('the path of two rings with a hub is in order and never larger in step than that of the rings alone', () => {
    fc.assert(
      fc.property(setupArbitrary(3), fc.double({ min: 0.6, max: 0.95, noNaN: true }), (setup, stage) => {
        const path = shiftPath({ ...setup, hubStages: [1, stage] });
        expect(path.steps.every(({ speedStep }) => speedStep > 0)).toBe(true);
        expect(path.gears[0]!.hubStage).toBe(stage);
        expect(path.gears.at(-1)!.hubStage).toBe(1);
      }),
      { ...SEEDED, numRuns: cases(25) },
    );
  });
});

describe('shifting', () => {
  test('the crossover of the wide 2x moves ring and cogs at once', () => {
    const path = shiftPath(TOURER);
    const [crossover] = path.crossovers;
    expect(crossover!.rearClicks).toBeGreaterThan(0);
    expect(path).toMatchObject({ frontShifts: 1, doubleShifts: 1 });
  });

  test('no path has a smaller largest step, nor as small a one with more gears (brute force, one change)', () => {
    fc.assert(
      fc.property(setupArbitrary(4), (setup) => {
        fc.pre(setup.chainrings.length === 2);
        const path = shiftPath(setup, 0);
        const row = (ring: number) => gearsOf({ ...setup, chainrings: [ring] });
        const [big, small] = [row(setup.chainrings[0]!), row(setup.chainrings[1]!)];
        let least = Infinity;
        let most = 0;
        small.forEach((leave, i) =>
          big.forEach((enter, j) => {
            if (enter.ratio <= leave.ratio) return;
            const gears = [...small.slice(0, i + 1), ...big.slice(j)];
            const largest = Math.max(...gears.slice(1).map((gear, k) => gear.ratio / gears[k]!.ratio - 1));
            if (largest < least - 1e-12) [least, most] = [largest, gears.length];
            else if (largest < least + 1e-12) most = Math.max(most, gears.length);
          }),
        );
        expect(path.largestStep).toBeCloseTo(least, 10);
        expect(path.gears).toHaveLength(most);
      }),
      { ...SEEDED, numRuns: cases(25) },
    );
  });

  test('over a crest: clicks, pushes and ring changes from end to end', () => {
    expect(bigChange(ONE_RING, shiftPath(ONE_RING), { easier: 4, harder: 2 })).toEqual({
      rearClicks: 11,
      pushesHarder: 6,
      pushesEasier: 3,
      leverPushes: 6,
      frontShifts: 0,
      hubShifts: 0,
    });
    expect(bigChange(TOURER, shiftPath(TOURER), { easier: 1, harder: 1 })).toMatchObject({
      rearClicks: 11,
      leverPushes: 11,
      frontShifts: 1,
    });
    const hub = { ...ONE_RING, hubStages: [1, 0.6] };
    expect(bigChange(hub, shiftPath(hub), { easier: 3, harder: 3 })).toMatchObject({ hubShifts: 1, frontShifts: 0 });
  });
});

describe('measured rollout', () => {
  test('mean over all turns, and spread', () => {
    const result = measuredRollout([
      { turns: 5, distanceMm: 10_800 },
      { turns: 10, distanceMm: 21_700 },
    ]);
    expect(result.rolloutsMm).toEqual([2160, 2170]);
    expect(result.meanMm).toBeCloseTo(32_500 / 15, 10);
    expect(result.spreadMm).toBe(10);
    expect(result.spreadFraction).toBeCloseTo(10 / (32_500 / 15), 12);
  });

  test.each([
    [{ turns: 0, distanceMm: 2000 }, 'turns', { turns: 0, min: 1, max: 100 }],
    [{ turns: 2.5, distanceMm: 2000 }, 'turns', { turns: 2.5 }],
    [{ turns: 10, distanceMm: 2100 }, 'outside', { distance: 2100, turns: 10, rollout: 210 }],
    [{ turns: 1, distanceMm: Number.NaN }, 'outside', { min: 800, max: 2600 }],
  ])('%j is no try', (one, code, values) => {
    expect(checkRolloutTry(one)).toMatchObject({ code: `gears.rolloutTry.${code}`, values });
  });

  test('a sound try has no fault', () => {
    expect(checkRolloutTry({ turns: 3, distanceMm: 6500 })).toBeUndefined();
  });
});

test('a step is over what is accepted in the zone in which it is taken; one that is just as large is not', () => {
  const limits = { climbingBelowKmh: 15, fastAboveKmh: 28 };
  const accepted = { climbing: 0.2, between: 0.15, fast: 0.1 };
  const isOver = (easierM: number, step: number) => isStepOver(easierM, easierM * (1 + step), 90, limits, accepted);
  // At 90 rpm: 2 m are 10.8 km/h, 4 m 21.6, 7 m 37.8.
  expect([isOver(2, 0.19), isOver(2, 0.2), isOver(2, 0.21)]).toEqual([false, false, true]);
  expect([isOver(4, 0.15), isOver(4, 0.16)]).toEqual([false, true]);
  expect([isOver(7, 0.1), isOver(7, 0.11)]).toEqual([false, true]);
});
