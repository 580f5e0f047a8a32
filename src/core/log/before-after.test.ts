import { usageFigures } from './index';
import type { GearUse } from '../recording';

const use: GearUse = {
  shares: [],
  drivingS: 1800,
  coastingS: 600,
  standingS: 60,
  belowS: 450,
  aboveS: 180,
  crossedS: 90,
  rearShifts: 70,
  frontShifts: 6,
  hesitations: [],
  sure: 1,
  recordedS: 0,
  otherTeethS: 0,
  residual: { median: 0, spread: 0 },
  sequence: new Int8Array(0),
};

test('figures of a ride are shares of the driving time, and shifts an hour of it', () => {
  expect(usageFigures(use)).toEqual({
    outOfBand: 0.35,
    below: 0.25,
    above: 0.1,
    crossed: 0.05,
    rearShiftsPerHour: 140,
    frontShiftsPerHour: 12,
  });
});

test('a ride on which the cranks never drove has no shares', () => {
  expect(Object.values(usageFigures({ ...use, drivingS: 0 }))).toEqual([0, 0, 0, 0, 0, 0]);
});
