import { fillBrief, roleBrief } from './index';

const BIKE = { use: 'road', riderMassKg: 80, powerW: 210, steepestGradePercent: 12, topSpeedKmh: 55 } as const;

test('a role of the same riding differs from the bike only in what is said of it', () => {
  expect(roleBrief(BIKE, { loadMassKg: 12 })).toEqual({ ...BIKE, loadMassKg: 12 });
  expect(roleBrief(BIKE, { use: 'road', steepestGradePercent: undefined })).toMatchObject({ steepestGradePercent: 12 });
});

test('a role of another riding keeps rider and bike, and takes roads and speeds by its own riding', () => {
  const filled = fillBrief(roleBrief(BIKE, { use: 'touring', loadMassKg: 20 }));
  expect(filled).toMatchObject({ use: 'touring', riderMassKg: 80, powerW: 210, loadMassKg: 20 });
  expect(filled.steepestGradePercent).toBe(8);
  expect(filled.topSpeedKmh).toBe(40);
  expect(filled.assumed).toContain('topSpeedKmh');
});
