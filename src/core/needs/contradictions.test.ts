import { rowsOf } from '../../../tests/support/table';
import { contradictions } from './contradictions';
import { fillBrief } from './fill';
import type { Brief } from './brief';

/** A brief whose numbers agree, on both sides of each bound. */
const SOUND = {
  lowRpm: 80,
  highRpm: 95,
  preferredRpm: 88,
  climbingRpm: 65,
  spinOutRpm: 110,
  cruisingSpeedKmh: 27,
  topSpeedKmh: 45,
  climbingBelowKmh: 12,
  fastAboveKmh: 32,
  flatPercent: 40,
  rollingPercent: 30,
  hillyPercent: 20,
  mountainPercent: 10,
} as const satisfies Brief;

const found = (more: Brief) => contradictions(fillBrief({ ...SOUND, ...more }));

test('a sound brief has no conflict, at its bounds neither', () => {
  for (const more of [
    {},
    { preferredRpm: 80 },
    { preferredRpm: 95 },
    { climbingRpm: 94 },
    { spinOutRpm: 96 },
    { cruisingSpeedKmh: 44 },
    { climbingBelowKmh: 31 },
    { mountainPercent: 10.05 },
    { mountainPercent: 9.96 },
  ])
    expect([more, found(more)]).toEqual([more, []]);
});

const CONFLICTS = rowsOf(`
cadenceRange     | {"lowRpm":95,"preferredRpm":95} | lowRpm, highRpm                                            | {"low":95,"high":95}
spinOut          | {"spinOutRpm":95}               | highRpm, spinOutRpm                                        | {"high":95,"spinOut":95}
climbCadence     | {"climbingRpm":95}              | climbingRpm, highRpm                                       | {"climbing":95,"high":95}
preferredCadence | {"preferredRpm":79}             | preferredRpm, lowRpm, highRpm                              | {"preferred":79,"low":80,"high":95}
preferredCadence | {"preferredRpm":96}             | preferredRpm, lowRpm, highRpm                              | {"preferred":96,"low":80,"high":95}
speeds           | {"cruisingSpeedKmh":45}         | cruisingSpeedKmh, topSpeedKmh                              | {"usual":45,"top":45}
zones            | {"climbingBelowKmh":32}         | climbingBelowKmh, fastAboveKmh                             | {"climbing":32,"fast":32}
terrain          | {"flatPercent":41}              | flatPercent, rollingPercent, hillyPercent, mountainPercent | {"sum":101}
terrain          | {"flatPercent":39}              | flatPercent, rollingPercent, hillyPercent, mountainPercent | {"sum":99}
`);

test.each(CONFLICTS)('%s: %s is the only conflict, with its fields and numbers', (code, more, fields, values) => {
  expect(found(JSON.parse(more) as Brief)).toEqual([
    {
      code,
      fields: fields.split(', '),
      message: { code: `brief.conflict.${code}`, values: JSON.parse(values) as object },
    },
  ]);
});
