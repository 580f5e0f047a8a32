import { difficultRide } from '../../../tests/support/difficult-rides';
import { simulateRide } from '../../../tests/support/rides';
import { TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { gearsOf, type Setup } from '../gears';
import { fitModel } from './fit-model';
import { GearModel } from './gear-model';
import { gearUse } from './gear-use';
import { readingsOf } from './readings';
import { GearWindow } from './gear-window';

const WIDE: Setup = { chainrings: [40], cogs: [11, 13, 15, 17, 19, 21, 24, 28, 32, 37, 42], hubStages: [1] };

test('the scatter of the sensors and the way of riding are found from the readings', () => {
  const model = (speedNoise: number, coasting: number) => {
    const options = {
      setup: WIDE,
      rolloutMm: TOURER_ROLLOUT_MM,
      seconds: 3000,
      seed: 3,
      dropouts: 0,
      speedNoise,
      coasting,
    };
    return fitModel(gearsOf(WIDE), WIDE, readingsOf(difficultRide(options).recording, TOURER_ROLLOUT_MM), 1).model;
  };
  // 2 rpm of some 84 is 2.4%.
  expect(model(0, 0).scatter).toBeCloseTo(0.024, 2);
  expect(model(0.04, 0).scatter).toBeCloseTo(Math.hypot(0.04, 0.024), 2);
  expect(model(0.01, 0.3).stops).toBeGreaterThan(3 * model(0.01, 0).stops);
});

test('gears identified stretch by stretch are those identified at once', () => {
  const options = {
    setup: TOURER,
    rolloutMm: TOURER_ROLLOUT_MM,
    seconds: 3000,
    seed: 4,
    dropouts: 0.1,
    speedNoise: 0.03,
    coasting: 0.2,
  };
  const readings = readingsOf(difficultRide(options).recording, TOURER_ROLLOUT_MM);
  const gears = gearsOf(TOURER);
  const chain = new GearModel(gears, TOURER, readings, fitModel(gears, TOURER, readings, 1).model, undefined);
  const decoded = (length: number, lead: number) => {
    const window = new GearWindow(chain, length + lead);
    const states: string[] = [];
    const sure: number[] = [];
    const rows: number[] = [];
    for (let from = 0; from < 3000; from += length) {
      const end = Math.min(3000, from + length);
      window.decode(from, end, Math.min(3000, end + lead), (i, position, drives, confidence, rowChance) => {
        states[i] = `${position} ${drives}`;
        sure[i] = confidence;
        rows[i] = rowChance;
      });
    }
    return { states, sure, rows };
  };
  const [whole, pieces] = [decoded(3000, 0), decoded(700, 300)];
  expect(pieces.states).toEqual(whole.states);
  const largestDifference = (one: readonly number[], other: readonly number[]) =>
    Math.max(...one.map((value, i) => Math.abs(value - other[i]!)));
  expect(largestDifference(pieces.sure, whole.sure)).toBeLessThan(0.00005);
  expect(largestDifference(pieces.rows, whole.rows)).toBeLessThan(0.00005);
  // A ring is at least as certain as its gear, and not everywhere certain.
  expect(whole.rows.findIndex((chance, i) => chance < whole.sure[i]! - 1e-9)).toBe(-1);
  expect(Math.max(...whole.rows)).toBeLessThanOrEqual(1 + 1e-9);
  expect(whole.rows.filter((chance) => chance < 0.999).length).toBeGreaterThan(0);
});

test('the gears of a whole day are identified in the memory of a stretch', () => {
  const day = 86_400;
  const { recording } = simulateRide({ setup: TOURER, rolloutMm: TOURER_ROLLOUT_MM, seconds: day, seed: 6 });
  const rules = {
    setup: TOURER,
    gears: gearsOf(TOURER),
    rolloutMm: TOURER_ROLLOUT_MM,
    crossedCogs: 2,
    lowRpm: 75,
    highRpm: 95,
  };
  const bytes = () => process.memoryUsage().arrayBuffers;
  // What was there before may be collected meanwhile.
  let least = bytes();
  let most = 0;
  const { sequence } = gearUse(recording, rules, () => {
    least = Math.min(least, bytes());
    most = Math.max(most, bytes() - least);
  });
  expect(sequence).toHaveLength(day);
  // Four chances and two origins a gear and sample: 20 bytes, 41 million over the day. A stretch takes 4, the readings of the day 4.
  expect(most).toBeLessThan(20_000_000);
});
