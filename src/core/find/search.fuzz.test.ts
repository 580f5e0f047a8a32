import fc from 'fast-check';
import { SEEDED } from '../../../tests/support/arbitraries';
import { TOURER_FITTED, TOURER_RIDING } from '../../../tests/support/find';
import { simulateRide } from '../../../tests/support/rides';
import { LADEN, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { fillBrief } from '../needs';
import { fitAnswer, fitReport, requiredCapacityT } from '../fit';
import { ZONES, coverage, developedGears, meanStep, shiftPath, stepsByZone } from '../gears';
import { GENERIC_CASSETTES } from '../catalog/cassettes';
import { replay } from '../recording';
import { type FindAim } from './aims';
import { SetupBuilder } from './builder';
import { findSetups, searchSetups, type FindInput } from './search';
import { ringChoices } from './ring-choices';
import { roadOfRecordings, roadOfRoute } from './road';
import { cases } from '../../../tests/support/fuzz';

/** Loose enough that not everything fails by the same limit. */
const present = {
  ...TOURER_FITTED,
  rearDerailleur: { ...TOURER_FITTED.rearDerailleur, totalCapacityT: 45, largestCogMaxT: 46 },
  parts: { ...TOURER_FITTED.parts, smallestRingT: 26 },
};
const riding = TOURER_RIDING;
const CHEAP: FindAim[] = [
  'largestStep',
  'meanStep',
  'gaps',
  'frontShifts',
  'newParts',
  'easiest',
  'topSpeed',
  'capacity',
];

/** The same search, each setup for itself by the functions of the other stages, and every one against every other. */
function byBruteForce({ ringChoices: rings, cassettes, needs, aims, bike }: FindInput) {
  const builder = bike && new SetupBuilder(bike);
  const all = rings.flatMap((chainrings) =>
    cassettes.map(({ cogs }) => {
      const setup = { chainrings, cogs, hubStages: [1] };
      const path = shiftPath(setup, riding.crossedCogs);
      const gears = developedGears(setup, riding.rolloutMm);
      const covered = coverage(gears, riding);
      const zones = stepsByZone(path.steps, riding.rolloutMm, riding.preferredRpm, riding.zones);
      const build = builder?.build(chainrings, cogs);
      // A report is slow, so it is made only for setups that meet everything else.
      const fits = () =>
        !builder ||
        !build ||
        !['doesNot', 'cannotWork'].includes(
          fitAnswer(fitReport(builder.fitInput(chainrings, cogs, build)), bike.school).kind,
        );
      const within = (value: number, most: number | undefined) => most === undefined || value <= most + 1e-9;
      const meets =
        within(gears[0]!.developmentM, needs.easiestDevelopmentMaxM) &&
        (needs.topSpeedMinKmh === undefined || covered.topKmh >= needs.topSpeedMinKmh - 1e-9) &&
        within(path.largestStep, needs.largestStepMax) &&
        ZONES.every((zone) => within(zones[zone].largest?.speedStep ?? 0, needs.zoneStepMax?.[zone])) &&
        (build?.breaches.length ?? 0) === 0 &&
        fits();
      const figures: Partial<Record<FindAim, number>> = {
        largestStep: path.largestStep,
        meanStep: path.steps.length > 0 ? meanStep(path.steps).speedStep : 0,
        gaps:
          covered.gaps.reduce((sum, { fromKmh, toKmh }) => sum + Math.log(toKmh / fromKmh), 0) /
          Math.log(covered.topKmh / covered.lowestSteadyKmh),
        frontShifts: path.frontShifts,
        newParts: build?.newParts.length ?? 0,
        easiest: gears[0]!.developmentM,
        topSpeed: -covered.topKmh,
        capacity: requiredCapacityT(setup),
      };
      // What is known to be compatible is never beaten by what is not.
      const doubt = (build?.doubts.length ?? 0) > 0 ? 1 : 0;
      const values = [...aims.map((aim) => figures[aim]!), doubt, build?.lessCommon ? 1 : 0];
      return { name: `${chainrings.join('/')} x ${cogs.join('-')}`, meets, values };
    }),
  );
  const met = all.filter(({ meets }) => meets);
  const near = (a: number, b: number) => Math.abs(a - b) <= 1e-9 * Math.max(Math.abs(a), Math.abs(b));
  const isBeaten = (one: (typeof met)[number]) =>
    met.some(
      (other) =>
        other.values.every((value, i) => value <= one.values[i]! || near(value, one.values[i]!)) &&
        other.values.some((value, i) => value < one.values[i]! && !near(value, one.values[i]!)),
    );
  return { met: met.length, front: met.filter((one) => !isBeaten(one)).map(({ name }) => name) };
}

const namesOf = (front: readonly { chainrings: readonly number[]; cassette: { cogs: readonly number[] } }[]) =>
  front.map(({ chainrings, cassette }) => `${chainrings.join('/')} x ${cassette.cogs.join('-')}`);

const questions: fc.Arbitrary<FindInput> = fc
  .record({
    minT: fc.integer({ min: 24, max: 46 }),
    span: fc.integer({ min: 2, max: 10 }),
    ringDifferenceMaxT: fc.integer({ min: 2, max: 16 }),
    layouts: fc.subarray(['1x' as const, '2x' as const], { minLength: 1 }),
    cassettes: fc.subarray([...GENERIC_CASSETTES], { minLength: 2, maxLength: 6 }),
    aims: fc.subarray(CHEAP, { minLength: 2, maxLength: 5 }),
    needs: fc.record({
      easiestDevelopmentMaxM: fc.option(fc.double({ min: 1.8, max: 3.4, noNaN: true }), { nil: undefined, freq: 2 }),
      topSpeedMinKmh: fc.option(fc.double({ min: 30, max: 46, noNaN: true }), { nil: undefined, freq: 2 }),
      largestStepMax: fc.option(fc.double({ min: 0.16, max: 0.3, noNaN: true }), { nil: undefined, freq: 2 }),
      zoneStepMax: fc.option(
        fc.record({ climbing: fc.constantFrom(0.17, 0.2, 0.3), fast: fc.constantFrom(undefined, 0.13, 0.2) }),
        { nil: undefined, freq: 2 },
      ),
    }),
    bike: fc.option(
      fc.record({
        present: fc.constant(present),
        school: fc.constantFrom('sheet' as const, 'workshopTested' as const),
        keep: fc.constantFrom([], ['freehub' as const], ['rearDerailleur' as const], ['cassette' as const]),
      }),
      { nil: undefined, freq: 2 },
    ),
  })
  .map(({ minT, span, ringDifferenceMaxT, layouts, cassettes, aims, needs, bike }) => ({
    ringChoices: ringChoices({ layouts, minT, maxT: minT + span, ringDifferenceMaxT, anyTeeth: true }),
    cassettes,
    aims,
    needs,
    bike,
    riding,
  }));

test('what meets a brief, and what none beats, are those that brute force finds', () => {
  const seen = { searched: 0, met: 0, front: 0 };
  fc.assert(
    fc.property(questions, (input) => {
      const found = findSetups(input);
      const brute = byBruteForce(input);
      expect(found.met).toBe(brute.met);
      expect(namesOf(found.front).sort()).toEqual([...brute.front].sort());
      expect(found.searched).toBe(input.ringChoices.length * input.cassettes.length);
      const fallen = Object.values(found.fellAt).reduce((sum, count) => sum + count, 0);
      expect(fallen + found.met).toBe(found.searched);
      seen.searched += found.searched;
      seen.met += found.met;
      seen.front += found.front.length;
    }),
    { ...SEEDED, numRuns: cases(15) },
  );
  // The briefs are neither all hopeless nor all harmless.
  expect(seen.met).toBeGreaterThan(0.02 * seen.searched);
  expect(seen.met).toBeLessThan(0.9 * seen.searched);
  expect(seen.front).toBeGreaterThan(25);
});

const whole = (): FindInput => ({
  ringChoices: ringChoices({ layouts: ['1x', '2x'], minT: 40, maxT: 48, ringDifferenceMaxT: 16, anyTeeth: true }),
  cassettes: GENERIC_CASSETTES.filter(({ cogs }) => cogs.length === 12),
  aims: ['outOfBand', 'largestStep', 'frontShifts'],
  needs: { easiestDevelopmentMaxM: 2.6 },
  riding,
});

/** Those of a search that none beats, with the time on a road worked out for every one that meets the needs. */
function frontByRidingAll(input: FindInput, outOfBandS: (rings: readonly number[], cogs: readonly number[]) => number) {
  const aims = input.aims.filter((aim) => aim !== 'outOfBand');
  const everyOne: { name: string; values: number[] }[] = [];
  for (const chainrings of input.ringChoices) {
    for (const cassette of input.cassettes) {
      const [one] = findSetups({ ...input, ringChoices: [chainrings], cassettes: [cassette], aims }).front;
      if (!one) continue;
      const values = [outOfBandS(chainrings, cassette.cogs), ...one.values];
      everyOne.push({ name: namesOf([one])[0]!, values });
    }
  }
  return everyOne
    .filter(
      ({ values }) =>
        !everyOne.some(
          (other) =>
            other.values.every((value, i) => value <= values[i]!) &&
            other.values.some((value, i) => value < values[i]!),
        ),
    )
    .map(({ name }) => name);
}

test('with a ride among the aims the answer is as if every setup had been ridden', () => {
  const { recording } = simulateRide({ setup: TOURER, rolloutMm: TOURER_ROLLOUT_MM, seconds: 600, seed: 5 });
  const input = { ...whole(), road: roadOfRecordings([recording], riding) };
  const found = findSetups(input);
  const bySetup = (chainrings: readonly number[], cogs: readonly number[]) => {
    const setup = { chainrings, cogs, hubStages: [1] };
    const rules = { setup, gears: developedGears(setup, TOURER_ROLLOUT_MM), crossedCogs: 2, lowRpm: 80, highRpm: 96 };
    const { belowS, aboveS } = replay(recording, rules);
    return belowS + aboveS;
  };
  expect(namesOf(found.front).sort()).toEqual(frontByRidingAll(input, bySetup).sort());
  for (const { chainrings, cassette, outOfBandS } of found.front) {
    expect(outOfBandS).toBeCloseTo(bySetup(chainrings, cassette.cogs), 9);
  }
});

test('the quick bound of a ride is never above what the ride comes to', () => {
  const { recording } = simulateRide({ setup: TOURER, rolloutMm: TOURER_ROLLOUT_MM, seconds: 900, seed: 9 });
  const road = roadOfRecordings([recording, recording], riding);
  fc.assert(
    fc.property(questions, ({ ringChoices: rings, cassettes }) => {
      for (const chainrings of rings.slice(0, 3)) {
        const { cogs } = cassettes[0]!;
        expect(road.outOfBandAtLeastS(chainrings, cogs)).toBeLessThanOrEqual(road.outOfBandS(chainrings, cogs));
      }
    }),
    { ...SEEDED, numRuns: cases(15) },
  );
});

test('a ride is given up where another has done better already, and the answer stays the same', () => {
  const profile = { stepM: 20, elevationM: Float64Array.from({ length: 150 }, (_, i) => 25 * Math.sin(i / 11)) };
  const brief = fillBrief({ preferredRpm: 88, lowRpm: 80, highRpm: 96 });
  const road = roadOfRoute(profile, LADEN, brief, riding);
  const limits: number[] = [];
  const watched = {
    ...road,
    outOfBandS: (rings: readonly number[], cogs: readonly number[], stopAboveS = Infinity) => {
      limits.push(stopAboveS);
      return road.outOfBandS(rings, cogs, stopAboveS);
    },
  };
  const few = {
    ...whole(),
    ringChoices: ringChoices({ layouts: ['2x'], minT: 36, maxT: 46, ringDifferenceMaxT: 14, anyTeeth: true }),
  };
  const found = findSetups({ ...few, cassettes: few.cassettes.slice(0, 4), road: watched });
  expect(limits.filter(Number.isFinite).length).toBeGreaterThan(limits.length / 3);
  const patient = {
    ...road,
    outOfBandS: (rings: readonly number[], cogs: readonly number[]) => road.outOfBandS(rings, cogs),
  };
  const { front } = findSetups({ ...few, cassettes: few.cassettes.slice(0, 4), road: patient });
  expect(namesOf(found.front).sort()).toEqual(namesOf(front).sort());
});

test('a search can be left off: it reports before it has gone through a few hundred setups', () => {
  const search = searchSetups({ ...whole(), aims: ['largestStep'], needs: {} });
  const first = search.next();
  expect(first.done).toBe(false);
  expect(first.value).toMatchObject({ phase: 'sieving', done: 256 });
  search.return(undefined as never);
  expect(search.next()).toEqual({ done: true, value: undefined });
});
