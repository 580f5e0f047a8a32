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

test.each([
  [
    'cadenceRange',
    { lowRpm: 95, preferredRpm: 95 },
    ['lowRpm', 'highRpm'],
    'brief.conflict.cadenceRange',
    { low: 95, high: 95 },
  ],
  ['spinOut', { spinOutRpm: 95 }, ['highRpm', 'spinOutRpm'], 'brief.conflict.spinOut', { high: 95, spinOut: 95 }],
  [
    'climbCadence',
    { climbingRpm: 95 },
    ['climbingRpm', 'highRpm'],
    'brief.conflict.climbCadence',
    { climbing: 95, high: 95 },
  ],
  [
    'preferredCadence',
    { preferredRpm: 79 },
    ['preferredRpm', 'lowRpm', 'highRpm'],
    'brief.conflict.preferredCadence',
    { preferred: 79, low: 80, high: 95 },
  ],
  [
    'preferredCadence',
    { preferredRpm: 96 },
    ['preferredRpm', 'lowRpm', 'highRpm'],
    'brief.conflict.preferredCadence',
    { preferred: 96, low: 80, high: 95 },
  ],
  [
    'speeds',
    { cruisingSpeedKmh: 45 },
    ['cruisingSpeedKmh', 'topSpeedKmh'],
    'brief.conflict.speeds',
    { usual: 45, top: 45 },
  ],
  [
    'zones',
    { climbingBelowKmh: 32 },
    ['climbingBelowKmh', 'fastAboveKmh'],
    'brief.conflict.zones',
    { climbing: 32, fast: 32 },
  ],
  [
    'terrain',
    { flatPercent: 41 },
    ['flatPercent', 'rollingPercent', 'hillyPercent', 'mountainPercent'],
    'brief.conflict.terrain',
    { sum: 101 },
  ],
  [
    'terrain',
    { flatPercent: 39 },
    ['flatPercent', 'rollingPercent', 'hillyPercent', 'mountainPercent'],
    'brief.conflict.terrain',
    { sum: 99 },
  ],
] as const)('%s: %j is the only conflict, with its fields and numbers', (code, more, fields, message, values) => {
  expect(found(more)).toEqual([{ code, fields, message: { code: message, values } }]);
});
