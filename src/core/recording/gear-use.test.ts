import { ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { simulateRide } from '../../../tests/support/rides';
import { gearsOf, type Setup } from '../gears';
import { COASTING, STANDING, gearUse, type GearUseRules } from './index';

const rules = (setup: Setup, rolloutMm = TOURER_ROLLOUT_MM): GearUseRules => ({
  setup,
  gears: gearsOf(setup),
  rolloutMm,
  crossedCogs: 2,
  lowRpm: 80,
  highRpm: 95,
});

describe.each([
  ['one ring', ONE_RING],
  ['two rings', TOURER],
])('%s', (_, setup) => {
  test.each([1, 2, 3])('a simulated ride gives its gears back, seed %i', (seed) => {
    const ride = simulateRide({ setup, rolloutMm: TOURER_ROLLOUT_MM, seconds: 3000, seed });
    const use = gearUse(ride.recording, rules(setup));
    let right = 0;
    let driven = 0;
    ride.gears.forEach((gear, i) => {
      if (!ride.drives[i]) return;
      driven += 1;
      const told = use.sequence[i]!;
      if (told >= 0 && told === gear) right += 1;
    });
    expect(right / driven).toBeGreaterThan(0.95);
    expect(use.sure).toBeGreaterThan(0.9);
    expect(Math.abs(use.residual.median)).toBeLessThan(0.003);
  });
});

test('times add up to the ride; coasting and standing are states of their own', () => {
  const ride = simulateRide({ setup: ONE_RING, rolloutMm: TOURER_ROLLOUT_MM, seconds: 2000, seed: 7 });
  const use = gearUse(ride.recording, rules(ONE_RING));
  expect(use.drivingS + use.coastingS + use.standingS).toBeCloseTo(ride.recording.timeS.length, 0);
  expect(use.shares.reduce((sum, { seconds }) => sum + seconds, 0)).toBeCloseTo(use.drivingS, 9);
  expect(use.shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  expect(use.coastingS).toBeGreaterThan(20);
  const standing = { ...ride.recording, speedMs: ride.recording.speedMs.map(() => 0) };
  expect([...gearUse(standing, rules(ONE_RING)).sequence].every((state) => state === STANDING)).toBe(true);
  const coasting = { ...ride.recording, cadenceRpm: ride.recording.cadenceRpm.map(() => 0) };
  expect(gearUse(coasting, rules(ONE_RING)).sequence).toContain(COASTING);
});

test('progress comes once for each stretch, and is whole at the end alone', () => {
  const STRETCH = 8192;
  const sharesOf = (seconds: number) => {
    const shares: number[] = [];
    const ride = simulateRide({ setup: ONE_RING, rolloutMm: TOURER_ROLLOUT_MM, seconds, seed: 3 });
    gearUse(ride.recording, rules(ONE_RING), (share) => shares.push(share));
    return shares;
  };
  expect(sharesOf(STRETCH)).toEqual([1]);
  expect(sharesOf(STRETCH + 8)).toEqual([STRETCH / (STRETCH + 8), 1]);
});

test('shifts are counted as they were made, give or take those made while coasting', () => {
  const ride = simulateRide({ setup: TOURER, rolloutMm: TOURER_ROLLOUT_MM, seconds: 4000, seed: 11 });
  const use = gearUse(ride.recording, rules(TOURER));
  expect(Math.abs(use.frontShifts - ride.frontShifts)).toBeLessThanOrEqual(3);
  expect(use.rearShifts).toBeGreaterThan(ride.rearShifts * 0.8);
  expect(use.rearShifts).toBeLessThan(ride.rearShifts * 1.2);
});

test('duplicates are distinguished by the sequence: a rider who never leaves the big ring is not put on the small one', () => {
  // 48/21 and 32/14 are one ratio.
  const ride = simulateRide({ setup: TOURER, rolloutMm: TOURER_ROLLOUT_MM, seconds: 2000, seed: 5, ring: 48 });
  const use = gearUse(ride.recording, rules(TOURER));
  const small = use.shares.filter(({ gear }) => gear.chainring === 32).reduce((sum, one) => sum + one.seconds, 0);
  expect(small / use.drivingS).toBeLessThan(0.02);
});

test('a wrong rollout shows in the residual', () => {
  const ride = simulateRide({ setup: ONE_RING, rolloutMm: TOURER_ROLLOUT_MM * 0.98, seconds: 2000, seed: 3 });
  const use = gearUse(ride.recording, rules(ONE_RING));
  expect(use.residual.median).toBeCloseTo(Math.log(0.98), 2);
});

test('going back and forth between two gears is hesitation', () => {
  const recording = simulateRide({
    setup: ONE_RING,
    rolloutMm: TOURER_ROLLOUT_MM,
    seconds: 120,
    seed: 1,
    hold: [5, 6],
  }).recording;
  const { hesitations } = gearUse(recording, rules(ONE_RING));
  expect(hesitations[0]!.count).toBeGreaterThan(5);
});

describe('gears that the shifting system recorded', () => {
  const { recording, gears } = simulateRide({ setup: TOURER, rolloutMm: TOURER_ROLLOUT_MM, seconds: 1500, seed: 9 });
  const all = gearsOf(TOURER);
  const recordedGear = {
    chainringT: Uint8Array.from(gears, (gear) => all[gear]!.chainring),
    cogT: Uint8Array.from(gears, (gear) => all[gear]!.cog),
  };

  test('are taken as they are, duplicates too, with all but full confidence', () => {
    const use = gearUse({ ...recording, recordedGear }, rules(TOURER));
    expect(use.sequence.findIndex((identified, i) => identified >= 0 && identified !== gears[i])).toBe(-1);
    expect(use.sure).toBeGreaterThan(0.9999);
    expect(use.recordedS).toBeCloseTo(use.drivingS, 6);
    expect(use.otherTeethS).toBe(0);
  });

  test('do not tell the stage of a hub, which is identified', () => {
    const staged = { ...TOURER, hubStages: [0.75, 1] };
    expect(gearUse({ ...recording, recordedGear }, rules(staged))).toEqual(gearUse(recording, rules(staged)));
  });

  test('of other teeth than the setup are counted, and the gears identified', () => {
    const other = {
      chainringT: recordedGear.chainringT,
      cogT: recordedGear.cogT.map((cog) => (cog === 21 ? 99 : cog)),
    };
    const use = gearUse({ ...recording, recordedGear: other }, rules(TOURER));
    expect(use.otherTeethS).toBeGreaterThan(0);
    expect(use.recordedS + use.otherTeethS).toBeCloseTo(use.drivingS, 6);
    const never = { chainringT: new Uint8Array(1500), cogT: new Uint8Array(1500) };
    expect(gearUse({ ...recording, recordedGear: never }, rules(TOURER))).toMatchObject({
      recordedS: 0,
      otherTeethS: 0,
    });
  });
});
