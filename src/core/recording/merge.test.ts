import { NO_HUB_STAGE, type Gear } from '../gears';
import type { GearUse } from './gear-use';
import { mergeGearUse } from './merge';

const gear = (chainring: number, cog: number) => ({ chainring, cog, hubStage: NO_HUB_STAGE }) as unknown as Gear;
const [EASY, HARD] = [gear(32, 36), gear(48, 11)];

const share = (one: Gear, seconds: number, rpm: number, sure: number) => ({
  gear: one,
  seconds,
  metres: seconds * 5,
  share: 0.5,
  meanCadenceRpm: rpm,
  sure,
});
const usage = (more: Partial<GearUse>): GearUse => ({
  shares: [share(EASY, 0, NaN, NaN), share(HARD, 0, NaN, NaN)],
  drivingS: 0,
  coastingS: 0,
  standingS: 0,
  belowS: 0,
  aboveS: 0,
  crossedS: 0,
  rearShifts: 0,
  frontShifts: 0,
  hesitations: [],
  sure: 0,
  recordedS: 0,
  otherTeethS: 0,
  residual: { median: 0, spread: 0 },
  sequence: new Int8Array(3),
  ...more,
});

const FIRST = usage({
  shares: [share(EASY, 100, 60, 0.9), share(HARD, 0, NaN, NaN)],
  drivingS: 100,
  coastingS: 10,
  standingS: 1,
  belowS: 20,
  aboveS: 5,
  crossedS: 7,
  rearShifts: 11,
  frontShifts: 2,
  hesitations: [{ from: EASY, to: HARD, count: 2 }],
  sure: 0.9,
  residual: { median: 0.01, spread: 0.02 },
});
const SECOND = usage({
  shares: [share(EASY, 200, 90, 0.6), share(HARD, 100, 80, 0.8)],
  drivingS: 300,
  coastingS: 30,
  standingS: 2,
  belowS: 40,
  aboveS: 6,
  crossedS: 8,
  rearShifts: 13,
  frontShifts: 4,
  hesitations: [
    { from: EASY, to: HARD, count: 1 },
    { from: HARD, to: EASY, count: 4 },
  ],
  sure: 0.7,
  residual: { median: 0.05, spread: 0.06 },
});
const STILL = usage({ standingS: 60, sure: NaN, residual: { median: NaN, spread: NaN } });

test('adds times and shifts, and weights means by the time that they are of', () => {
  const merged = mergeGearUse([FIRST, SECOND, STILL]);
  expect(merged).toMatchObject({
    drivingS: 400,
    coastingS: 40,
    standingS: 63,
    belowS: 60,
    aboveS: 11,
    crossedS: 15,
    rearShifts: 24,
    frontShifts: 6,
  });
  expect(merged.sure).toBeCloseTo((0.9 * 100 + 0.7 * 300) / 400, 12);
  expect(merged.residual.median).toBeCloseTo((0.01 * 100 + 0.05 * 300) / 400, 12);
  expect(merged.residual.spread).toBeCloseTo((0.02 * 100 + 0.06 * 300) / 400, 12);
  const [easy, hard] = merged.shares;
  expect(easy).toMatchObject({ gear: EASY, seconds: 300, metres: 1500, share: 0.75, meanCadenceRpm: 80 });
  expect(easy!.sure).toBeCloseTo((0.9 * 100 + 0.6 * 200) / 300, 12);
  expect(hard).toEqual({ gear: HARD, seconds: 100, metres: 500, share: 0.25, meanCadenceRpm: 80, sure: 0.8 });
  expect(merged.sequence).toHaveLength(0);
});

test('counts hesitations between the same two gears together, in each direction, the most frequent first', () => {
  expect(mergeGearUse([FIRST, SECOND]).hesitations).toEqual([
    { from: HARD, to: EASY, count: 4 },
    { from: EASY, to: HARD, count: 3 },
  ]);
});

test('without driving there are no shares; without a ride there is nothing to merge', () => {
  const merged = mergeGearUse([STILL, STILL]);
  expect([merged.sure, merged.residual]).toEqual([0, { median: 0, spread: 0 }]);
  expect(merged.shares.map(({ share: part, seconds }) => [part, seconds])).toEqual([
    [0, 0],
    [0, 0],
  ]);
  expect(() => mergeGearUse([])).toThrow(RangeError);
});
