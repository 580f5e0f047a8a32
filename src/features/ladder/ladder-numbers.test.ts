import { TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { coverage, gearReport } from '../../core/gears';
import { ladderNumbers } from './ladder-numbers';
import type { LadderLane } from './layout';

const report = gearReport(TOURER, {
  rolloutMm: TOURER_ROLLOUT_MM,
  cadenceRpm: 90,
  crankLengthMm: undefined,
  closenessPercent: 5,
});
const lane: LadderLane = {
  place: 1,
  title: '',
  report,
  // A band so narrow that there are gaps.
  coverage: coverage(report.gears, { lowRpm: 89, highRpm: 91 }),
  cadenceRpm: 90,
};

test('every rung and every gap of the ladder, with the step to the next on the same ring', () => {
  const { columns, rows } = ladderNumbers([lane], 'speedStep', 'kmh');
  for (const row of rows) expect(row).toHaveLength(columns.length);
  expect(rows).toHaveLength(report.gears.length + lane.coverage!.gaps.length);
  expect(rows[0]).toEqual(['B 32/36', '1.95', '10.5', '12.5%']);
  // The hardest of a ring has no next one; its neighbour on the other ring does not count.
  expect(rows.filter(([name, , , step]) => step === '' && !name!.includes('gap')).map(([name]) => name)).toEqual(
    expect.arrayContaining([expect.stringContaining('32/11'), expect.stringContaining('48/11')]),
  );
  expect(rows.at(-1)![0]).toBe('B gap');
});

test('speeds in the unit that is read', () => {
  expect(ladderNumbers([lane], 'speedStep', 'mph').rows[0]![2]).toBe('6.5');
});
