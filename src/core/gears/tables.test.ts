import { developedGears } from './size';
import { cadenceJumps, cadenceTable, ringCogTable, span } from './tables';

const ROLLOUT_MM = 2100;

test('a span has both its ends, and is empty the wrong way round', () => {
  expect(span(9, 14)).toEqual([9, 10, 11, 12, 13, 14]);
  expect(span(38, 38)).toEqual([38]);
  expect(span(14, 9)).toEqual([]);
});

test('rings by cogs: speed at a cadence, and the cadence that a speed asks for', () => {
  const speeds = ringCogTable([38, 48], [9, 12], ROLLOUT_MM, 'speed', 90);
  // 48/12 goes 8.4 m: 45.36 km/h at 90 rpm.
  expect(speeds[1]![1]).toBeCloseTo(45.36, 9);
  const cadences = ringCogTable([38, 48], [9, 12], ROLLOUT_MM, 'cadence', 45.36);
  expect(cadences[1]![1]).toBeCloseTo(90, 9);
  expect([speeds.length, speeds[0]!.length]).toEqual([2, 2]);
});

test('at one speed each shift has its jump in rpm', () => {
  const gears = developedGears({ chainrings: [40], cogs: [20, 25], hubStages: [1] }, ROLLOUT_MM);
  const [easy, hard] = cadenceJumps(gears, 20.16);
  expect(easy).toMatchObject({ jumpRpm: undefined });
  expect(easy!.cadenceRpm).toBeCloseTo(100, 9);
  expect(hard!.cadenceRpm).toBeCloseTo(80, 9);
  expect(hard!.jumpRpm).toBeCloseTo(-20, 9);
  expect(cadenceTable(gears, [60, 100])[0]![1]).toBeCloseTo(20.16, 9);
});
