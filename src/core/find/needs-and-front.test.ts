import { TOURER_BIKE, TOURER_RIDING } from '../../../tests/support/find';
import { ONE_RING, TOURER } from '../../../tests/support/setups';
import type { Recording } from '../recording';
import { factsOf } from './found';
import { missedNeeds, type FindNeeds } from './needs';
import { checkFind } from './problems';
import { wantedCogs } from './wanted';

const facts = factsOf(TOURER.chainrings, { cogs: TOURER.cogs }, { riding: TOURER_RIDING, builder: undefined });

test('a need is missed from its limit on, and by how much is said on one scale', () => {
  const build = { ...facts.build, cost: 200, massChangeG: 300, breaches: ['chain', 'crank'] as const };
  const missed = (needs: FindNeeds, more: Partial<typeof facts.build> = {}) =>
    missedNeeds({ ...facts, build: { ...facts.build, ...more } }, needs).map(({ need, shortfall }) => [
      need,
      shortfall,
    ]);
  const { easiestDevelopmentM, easiestRatio, topSpeedKmh, largestStep } = facts.metrics;
  // At the limit a need is met.
  expect(
    missed({
      easiestDevelopmentMaxM: easiestDevelopmentM,
      lowestRatioMax: easiestRatio,
      topSpeedMinKmh: topSpeedKmh,
      largestStepMax: largestStep,
    }),
  ).toEqual([]);
  expect(missed({ costMax: 200, massChangeMaxG: 300 }, build)).toEqual([['keep', expect.closeTo(0.2, 9)]]);
  expect(missed({ costMax: 100, massChangeMaxG: 50 }, { cost: 200, massChangeG: 300 })).toEqual([
    ['cost', Math.log(2)],
    ['mass', 0.25],
  ]);
  expect(missed({ costMax: 0, massChangeMaxG: -100 }, { cost: 1, massChangeG: -100 })).toEqual([['cost', 1]]);
  expect(
    missed({
      easiestDevelopmentMaxM: easiestDevelopmentM / 1.1,
      lowestRatioMax: easiestRatio / 1.2,
      topSpeedMinKmh: topSpeedKmh * 1.3,
      largestStepMax: (1 + largestStep) / 1.05 - 1,
    }),
  ).toEqual([
    ['easiest', expect.closeTo(Math.log(1.1), 9)],
    ['lowestRatio', expect.closeTo(Math.log(1.2), 9)],
    ['topSpeed', expect.closeTo(Math.log(1.3), 9)],
    ['largestStep', expect.closeTo(Math.log(1.05), 9)],
  ]);
  expect(missed({}, { kind: 'cannotWork' })).toEqual([['fit', 1]]);
  expect(missed({}, { kind: 'doesNot', capacityOverT: 4, capacityRequiredT: 40 })).toEqual([
    ['fit', expect.closeTo(0.2, 9)],
  ]);
});

test('the cogs that a ride asks for are those in which it turned, with the time in each', () => {
  const samples = [
    [5, 80],
    [5, 80],
    [0, 80],
    [5, 0],
    [5, 20],
    [8, 80],
  ] as const;
  const ride: Recording = {
    distanceM: new Float64Array(samples.length),
    elevationM: new Float32Array(samples.length),
    timeS: Float64Array.from(samples, (_, i) => i),
    speedMs: Float32Array.from(samples, ([speed]) => speed),
    cadenceRpm: Float32Array.from(samples, ([, cadence]) => cadence),
  };
  const [small, large, ...others] = wantedCogs([ride, ride], 40, 2100);
  // 40 teeth and 2.1 m at 80 a minute are 6,720 m a minute for one tooth.
  expect(large!.teeth).toBeCloseTo(6720 / 300, 0);
  expect(large!.seconds).toBe(4);
  expect(small!.teeth).toBeCloseTo(6720 / 480, 0);
  expect(small!.seconds).toBe(2);
  expect(others).toEqual([]);
  expect(wantedCogs([], 40, 2100)).toEqual([]);
});

test('parts that are to stay and cannot, where only two rings are searched, are named each', () => {
  const present = { ...TOURER_BIKE.present, setup: ONE_RING };
  const rings = { layouts: ['2x'], minT: 22, maxT: 56, ringDifferenceMaxT: 16, anyTeeth: true } as const;
  const problems = (keep: readonly ('ring' | 'crank' | 'frontDerailleur' | 'chain')[], more: object = {}) =>
    checkFind({
      rings: { ...rings, ...more },
      cassetteCount: 10,
      aims: ['gaps'],
      bike: { ...TOURER_BIKE, present, keep },
    }).map(({ field, message: { code, values = {} } }) => [field, code, values]);
  expect(problems(['ring', 'crank', 'frontDerailleur', 'chain'])).toEqual([
    ['keep', 'find.ringButTwo', { ring: '44' }],
    ['keep', 'find.crankButTwo', { ring: '44' }],
    ['keep', 'find.noFrontDerailleur', {}],
  ]);
  expect(problems(['ring', 'crank'], { layouts: ['1x', '2x'] })).toEqual([]);
  expect(problems(['ring'], { layouts: ['1x'], maxT: 40 })).toEqual([
    ['keep', 'find.ringsNotSearched', { rings: '44', min: 22, max: 40 }],
  ]);
});
