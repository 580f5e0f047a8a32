import { TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { demoWithoutRides } from '../../store/demo';
import { fillBrief, resistanceOf, rideRulesOf } from '../../core/needs';
import { rideThrough } from '../../core/ride';
import { profileNumbers } from './profile-numbers';
import { METRIC } from '../../features/units/measures';

const { bikes, routes } = demoWithoutRides();
const brief = fillBrief(bikes[0]!.brief);
const { stepM, elevationM } = routes[0]!;
const profile = { stepM, elevationM: Float64Array.from(elevationM) };
const rules = rideRulesOf(brief, TOURER, TOURER_ROLLOUT_MM, 2, 3);
const ride = rideThrough(profile, resistanceOf(brief), rules);

test('height along the way from its start to its end, with what each setup does there', () => {
  const { columns, rows } = profileNumbers({ profile, rides: [{ place: 0, ride, rules }], units: METRIC });
  expect(columns.slice(2)).toEqual(['A: km/h', 'A: rpm', 'A: gear']);
  for (const row of rows) expect(row).toHaveLength(columns.length);
  expect(rows[0]![0]).toBe('0.00');
  expect(Number(rows.at(-1)![0])).toBeCloseTo(((elevationM.length - 1) * stepM) / 1000, 2);
  expect(rows[0]![1]).toBe(elevationM[0]!.toFixed(0));
  for (const row of rows) expect(row[4]).toMatch(/^(48|32)\/\d\d$/);
});
