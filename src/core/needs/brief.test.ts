import fc from 'fast-check';
import { SEEDED } from '../../../tests/support/arbitraries';
import { coverage, developedGears, developmentM, rolloutMm, speedKmh } from '../gears';
import { climbEffort, criticalPowerW, kmhOf, msOf, powerForSpeed } from '../ride';
import {
  BALANCE_KMH,
  BRIEF_BOUNDS,
  BRIEF_NUMBERS,
  USES,
  bandOf,
  assumedIn,
  contradictions,
  fillBrief,
  needsOf,
  resistanceOf,
  staminaOf,
  type Brief,
  type Use,
  needUncertainty,
} from './index';
import { cases } from '../../../tests/support/fuzz';

test('an empty brief is filled by the riding alone, and no default contradicts another', () => {
  for (const use of USES) {
    for (const preferredRpm of [60, 75, 90, 110, undefined]) {
      const filled = fillBrief({ use, preferredRpm });
      expect(contradictions(filled)).toEqual([]);
      const isWithin = (field: (typeof BRIEF_NUMBERS)[number]) =>
        filled[field] >= BRIEF_BOUNDS[field].min && filled[field] <= BRIEF_BOUNDS[field].max;
      expect(BRIEF_NUMBERS.filter((field) => !isWithin(field))).toEqual([]);
    }
  }
});

test('what is said wins over every default; what is not follows it', () => {
  const filled = fillBrief({ riderMassKg: 60, effort: 'strong', lowRpm: 70, highRpm: 95, steepestLengthM: undefined });
  expect(filled).toMatchObject({
    riderMassKg: 60,
    lowRpm: 70,
    preferredRpm: 82.5,
    climbingRpm: 55,
    steepestLengthM: 1500,
  });
  expect(filled.powerW).toBeCloseTo(180, 10);
  expect(fillBrief({ effort: 'easy', powerW: 210 }).powerW).toBe(210);
  // The cadences to each side of the preferred one.
  expect(fillBrief({ use: 'road' })).toMatchObject({ lowRpm: 82, preferredRpm: 88, highRpm: 94, spinOutRpm: 118 });
});

test('speeds that are not said keep their distance from those that are', () => {
  expect(fillBrief({ topSpeedKmh: 20 }).cruisingSpeedKmh).toBe(16);
  expect(fillBrief({ cruisingSpeedKmh: 60 }).topSpeedKmh).toBe(75);
  expect(fillBrief({ fastAboveKmh: 15 }).climbingBelowKmh).toBe(10);
  expect(fillBrief({ climbingBelowKmh: 40 }).fastAboveKmh).toBe(60);
});

test('one number that is said never contradicts what is taken for the others', () => {
  // A climbing cadence or a spin-out may contradict assumed values.
  const fields = BRIEF_NUMBERS.filter((field) => field !== 'climbingRpm' && field !== 'spinOutRpm');
  const pedalled: Partial<typeof BRIEF_BOUNDS> = {
    preferredRpm: { min: 45, max: 140 },
    lowRpm: { min: 40, max: 130 },
    highRpm: { min: 50, max: 150 },
  };
  const one = fc.constantFrom(...fields).chain((field) => {
    const { min, max } = pedalled[field] ?? BRIEF_BOUNDS[field];
    return fc.double({ min, max, noNaN: true }).map((value) => ({ [field]: value }));
  });
  fc.assert(
    fc.property(one, fc.constantFrom(...USES), (said, use) => {
      expect(contradictions(fillBrief({ use, ...said }))).toEqual([]);
    }),
    { ...SEEDED, numRuns: cases(75) },
  );
});

/** Ordinary bikes by the riding for which they are sold, wheel and ends of the gears: [ring, cog] easiest, hardest. */
type Ends = readonly [name: string, easiest: readonly [number, number], hardest: readonly [number, number]];
const ORDINARY: Readonly<
  Record<Exclude<Use, 'timeTrial' | 'folding' | 'child'>, { wheel: [number, number]; easy: Ends[]; hard: Ends[] }>
> = {
  road: {
    wheel: [622, 28],
    easy: [
      ['50/34 x 12-28', [34, 28], [50, 12]],
      ['52/36 x 11-28', [36, 28], [52, 11]],
      ['52/36 x 11-30', [36, 30], [52, 11]],
      ['48/35 x 10-33', [35, 33], [48, 10]],
      ['44 x 11-40', [44, 40], [44, 10]],
    ],
    hard: [['53/39 x 12-25', [39, 25], [53, 12]]],
  },
  allRoad: {
    wheel: [622, 42],
    easy: [
      ['46/30 x 11-36', [30, 36], [46, 11]],
      ['48/32 x 11-34', [32, 34], [48, 11]],
      ['40 x 10-44', [40, 44], [40, 10]],
      ['38 x 11-42', [38, 42], [38, 11]],
    ],
    hard: [
      ['50/37 x 12-28', [37, 28], [50, 12]],
      ['44 x 11-36', [44, 36], [44, 11]],
    ],
  },
  touring: {
    wheel: [622, 38],
    easy: [
      ['48/32 x 11-36', [32, 36], [48, 11]],
      ['44/28 x 11-36', [28, 36], [44, 11]],
      ['40 x 11-51', [40, 51], [40, 11]],
    ],
    hard: [['50/37 x 12-28', [37, 28], [50, 12]]],
  },
  trail: {
    wheel: [622, 58],
    easy: [
      ['32 x 10-52', [32, 52], [32, 10]],
      ['30 x 11-46', [30, 46], [30, 11]],
      ['32 x 11-46', [32, 46], [32, 11]],
      ['36/26 x 11-42', [26, 42], [36, 11]],
    ],
    hard: [['36 x 11-42', [36, 42], [36, 11]]],
  },
  town: {
    wheel: [622, 42],
    easy: [
      ['38 x 12-32', [38, 32], [38, 12]],
      ['42 x 11-36', [42, 36], [42, 11]],
      ['44 x 12-32', [44, 32], [44, 12]],
      ['46/30 x 11-32', [30, 32], [46, 11]],
    ],
    hard: [['52 x 11-25', [52, 25], [52, 11]]],
  },
  loads: {
    wheel: [406, 55],
    easy: [
      ['42 x 11-36', [42, 36], [42, 11]],
      ['46 x 11-36', [46, 36], [46, 11]],
    ],
    hard: [['56 x 11-28', [56, 28], [56, 11]]],
  },
};
const BIKES = Object.entries(ORDINARY).flatMap(
  ([
    use,
    {
      wheel: [rimDiameterMm, tyreWidthMm],
      easy,
      hard,
    },
  ]) =>
    [...easy.map((ends) => ({ ends, isEasy: true })), ...hard.map((ends) => ({ ends, isEasy: false }))].map(
      ({ ends: [name, easiest, hardest], isEasy }) => ({
        use: use as Use,
        name,
        isEasy,
        rollout: rolloutMm({ rimDiameterMm, tyreWidthMm }),
        easiest: easiest[0] / easiest[1],
        hardest: hardest[0] / hardest[1],
      }),
    ),
);

test.each(BIKES)(
  '$use, $name: easy enough for the ordinary rider: $isEasy',
  ({ use, isEasy, rollout, easiest, hardest }) => {
    const brief = fillBrief({ use });
    const needs = needsOf(brief);
    expect(needs.walks).toBe(false);
    expect(developmentM(easiest, rollout) <= needs.easiestMaxM).toBe(isEasy);
    if (isEasy) expect(developmentM(hardest, rollout)).toBeGreaterThanOrEqual(needs.hardestMinM);
  },
);

test('the default cadences find gaps where riders feel them: on a road or all-road 1x, not on a 2x', () => {
  const gaps = (use: Use, tyreWidthMm: number, chainrings: number[], cogs: number[]) => {
    const brief = fillBrief({ use });
    const rollout = rolloutMm({ rimDiameterMm: 622, tyreWidthMm });
    return coverage(developedGears({ chainrings, cogs, hubStages: [1] }, rollout), bandOf(brief)).gaps.length;
  };
  const WIDE_12 = [10, 11, 13, 15, 17, 19, 21, 24, 28, 32, 38, 44];
  expect(gaps('road', 28, [44], WIDE_12)).toBeGreaterThan(0);
  expect(gaps('road', 28, [50, 34], [11, 12, 13, 14, 15, 17, 19, 21, 24, 27, 30, 34])).toBe(0);
  expect(gaps('allRoad', 42, [40], WIDE_12)).toBeGreaterThan(0);
  expect(gaps('allRoad', 42, [46, 30], [11, 13, 15, 17, 19, 21, 23, 25, 28, 32, 36])).toBe(0);
});

test('power by duration: 72 kg and 180 W for an hour climb 8% for 2000 m in 753 s at 195.1 W', () => {
  const { cdaM2, ...rest } = resistanceOf(fillBrief({ riderMassKg: 72, bikeMassKg: 11, loadMassKg: 0 }));
  expect(cdaM2).toBe(0.4);
  const stamina = staminaOf(fillBrief({ riderMassKg: 72, powerW: 180 }));
  expect(criticalPowerW(stamina)).toBeCloseTo(176, 10);
  const climb = climbEffort(2000, 0.08, stamina, { ...rest, cdaM2: 0.36, crr: 0.005 });
  expect(climb.seconds).toBeCloseTo(752.6, 1);
  expect(climb.powerW).toBeCloseTo(195.1, 1);
  expect(kmhOf(climb.speedMs)).toBeCloseTo(9.57, 2);
  // A short one, as the trade works it out: 165 W for an hour at 75 kg, 92 kg in all, 16% for 300 m.
  const short = climbEffort(
    300,
    0.16,
    { power60W: 165, anaerobicJ: 15_000 },
    { ...rest, massKg: 92, cdaM2: 0.45, crr: 0.015 },
  );
  expect([short.seconds, short.powerW, kmhOf(short.speedMs)].map((one) => Number(one.toPrecision(3)))).toEqual([
    211, 232, 5.13,
  ]);
});

test('the power of the climb holds its speed, and is what can be held for its time', () => {
  fc.assert(
    fc.property(
      fc.integer(BRIEF_BOUNDS.powerW),
      fc.integer({ min: 1, max: 30 }),
      fc.integer(BRIEF_BOUNDS.steepestLengthM),
      fc.constantFrom(...USES),
      fc.constantFrom(0, 1, 3),
      (powerW, steepestGradePercent, steepestLengthM, use, assistFactor) => {
        const brief = fillBrief({ powerW, steepestGradePercent, steepestLengthM, use, assistFactor });
        const { climbSpeedKmh, climbPowerW, climbMinutes, easiestMaxM, walks } = needsOf(brief);
        const { power60W, anaerobicJ } = staminaOf(brief);
        expect(climbMinutes * climbSpeedKmh).toBeCloseTo((steepestLengthM * 60) / 1000, 3);
        const held = power60W - anaerobicJ / 3600 + anaerobicJ / Math.max(120, climbMinutes * 60);
        expect(climbPowerW).toBeCloseTo(held, 3);
        const cutOff = brief.assistCutOffKmh;
        // At the cut-off itself any power between that of the legs and that with the motor holds the same speed.
        if (assistFactor === 0 || Math.abs(climbSpeedKmh - cutOff) > 1e-9) {
          const needed = powerForSpeed(msOf(climbSpeedKmh), steepestGradePercent / 100, resistanceOf(brief));
          expect(needed).toBeCloseTo(climbPowerW, 3);
        }
        expect(walks).toBe(climbSpeedKmh < BALANCE_KMH);
        expect(easiestMaxM).toBeCloseTo((Math.max(BALANCE_KMH, climbSpeedKmh) * 1000) / brief.climbingRpm / 60, 9);
      },
    ),
    { ...SEEDED, numRuns: cases(50) },
  );
});

test('who is slower than a bike can be balanced walks, and the need is worked out at the slowest that rides', () => {
  const needs = needsOf(fillBrief({ use: 'trail', steepestGradePercent: 30, steepestLengthM: 500 }));
  expect(needs.walks).toBe(true);
  expect(needs.climbSpeedKmh).toBeLessThan(4.5);
  expect(speedKmh(needs.easiestMaxM, 55)).toBeCloseTo(4.5, 9);
});

test('a motor makes the climb faster up to its cut-off and leaves the top gear to the legs', () => {
  const of = (more: Brief) => needsOf(fillBrief({ use: 'loads', ...more }));
  const [legs, helped, strong] = [of({}), of({ assistFactor: 1 }), of({ assistFactor: 3, steepestGradePercent: 2 })];
  expect(helped.climbSpeedKmh).toBeGreaterThan(legs.climbSpeedKmh * 1.5);
  expect(helped.easiestMaxM).toBeGreaterThan(legs.easiestMaxM);
  expect(helped.hardestMinM).toBe(legs.hardestMinM);
  expect(strong.climbSpeedKmh).toBeCloseTo(25, 9);
  // What is taken of it is among what the climb assumes.
  expect(assumedIn(fillBrief({ assistFactor: 1, assistMaxW: 200 }), 'climb')).toContain('assistCutOffKmh');
  expect(assumedIn(fillBrief({ assistFactor: 1, assistMaxW: 200 }), 'climb')).not.toContain('assistMaxW');
  expect(assumedIn(fillBrief({}), 'climb')).not.toContain('assistCutOffKmh');
});

test('position and surface are assumed only while they stand for the drag and the rolling resistance', () => {
  const assumed = (said: Brief) =>
    assumedIn(fillBrief(said), 'climb').filter((field) => field === 'position' || field === 'surface');
  expect(assumed({})).toEqual(['position', 'surface']);
  expect(assumed({ cdaM2: 0.38 })).toEqual(['surface']);
  expect(assumed({ crr: 0.005 })).toEqual(['position']);
  expect(assumed({ position: 'drops' })).toEqual(['surface']);
  expect(assumed({ surface: 'gravel' })).toEqual(['position']);
  expect(assumedIn(fillBrief({ highRpm: 95 }), 'gaps')).toEqual(['lowRpm']);
});

test('one end of the cadences that is said keeps the preferred one off by half the usual range', () => {
  // Of the road: 88, and 6 to each side.
  expect(fillBrief({ use: 'road', lowRpm: 100 })).toMatchObject({ preferredRpm: 106, highRpm: 112 });
  expect(fillBrief({ use: 'road', highRpm: 80 })).toMatchObject({ preferredRpm: 74, lowRpm: 68 });
  expect(fillBrief({ use: 'road', lowRpm: 70 })).toMatchObject({ preferredRpm: 88, highRpm: 94 });
});

test('a need may be off by the tyre, and on a climb by the power, less where it was typed', () => {
  const of = (brief: Brief) => {
    const filled = fillBrief(brief);
    return needUncertainty(filled, needsOf(filled));
  };
  expect(of({ use: 'road' })).toEqual({ easiest: Math.hypot(0.01, 0.05), topSpeed: 0.01 });
  expect(of({ use: 'road', powerW: 165 }).easiest).toBe(Math.hypot(0.01, 0.03));
  // At walking pace the need no longer depends on the power.
  expect(of({ use: 'touring', powerW: 105 })).toEqual({ easiest: 0.01, topSpeed: 0.01 });
});
