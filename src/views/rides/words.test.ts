import { ONE_RING, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { simulateRide } from '../../../tests/support/rides';
import { gearsOf } from '../../core/gears';
import { gearUse, recordingOf, type GearUse } from '../../core/recording';
import type { RideThrough } from '../../core/ride';
import { notesText, shareText, confidenceText, throughSentence, usageSentence } from './ride-words';

const { recording } = simulateRide({ setup: ONE_RING, rolloutMm: TOURER_ROLLOUT_MM, seconds: 1500, seed: 4 });
const use = gearUse(recording, {
  setup: ONE_RING,
  gears: gearsOf(ONE_RING),
  rolloutMm: TOURER_ROLLOUT_MM,
  crossedCogs: 2,
  lowRpm: 80,
  highRpm: 95,
});

test('durations and shares', () => {
  expect(shareText(1, 4)).toBe('25%');
  expect(shareText(0, 0)).toBe('–');
});

test('which gears are used, in a sentence', () => {
  expect(usageSentence(use)).toMatch(/^Most in 44\/\d+, \d+% of the time; .* outside your cadence range\.$/);
  const still: GearUse = { ...use, drivingS: 0 };
  expect(usageSentence(still)).toContain('No pedalling');
});

test('how sure it is, and what would make it surer', () => {
  expect(confidenceText(use, false)).toMatch(
    /^Gears identified with (over )?9\d% confidence; readings vary by ±\d\.\d%\. Measuring the rollout/,
  );
  expect(confidenceText(use, true)).toContain('The rollout is measured');
});

test('gears that the shifting system recorded are said to be known, or not to be those of the setup', () => {
  const { drivingS } = use;
  expect(confidenceText({ ...use, recordedS: drivingS }, false)).toBe(
    'The shifting system recorded the gears; none had to be identified.',
  );
  expect(confidenceText({ ...use, recordedS: drivingS / 2 }, false)).toMatch(
    /^The shifting system recorded the gears for 50% of the time. For the rest: Gears identified/,
  );
  expect(confidenceText({ ...use, otherTeethS: drivingS / 4 }, false)).toMatch(
    /^The shifting system recorded teeth that this setup does not have for 25% of the time: check the chainrings/,
  );
  expect(confidenceText({ ...use, sure: 0.999 }, false)).toContain('with over 99% confidence');
  expect(confidenceText({ ...use, sure: 0.994 }, false)).toContain('with 99% confidence');
});

test('what reading left out is told, and nothing where there was nothing', () => {
  const samples = [0, 0, 1, 2, 4000].map((s) => ({ timeMs: s * 1000, speedMs: s === 2 ? 99 : 6, cadenceRpm: 80 }));
  const result = recordingOf(samples);
  if (!result.ok) throw new Error(result.failure.kind);
  expect(notesText(result.notes)).toBe(
    '1 duplicate sample ignored; 1 impossible speed ignored; 1 pause totalling 1 h 07 min.',
  );
  const none = { ...result.notes, repeated: 0, absurdSpeeds: 0, pauses: 0 };
  expect(notesText(none)).toBe('');
  expect(notesText(none, ['the file is cut off', 'the checksum is wrong'])).toBe(
    'the file is cut off; the checksum is wrong.',
  );
});

test('setups side by side on a route', () => {
  const ride = (more: Partial<RideThrough>): RideThrough => ({
    points: [],
    totalS: 100,
    drivingS: 100,
    coastingS: 0,
    leastReserve: 1,
    walkingS: 0,
    secondsByGear: new Float64Array(1),
    belowS: 20,
    aboveS: 10,
    grindingS: 0,
    crossedS: 0,
    rearShifts: 5,
    frontShifts: 0,
    slowestKmh: 6,
    energy: { givenJ: 0, climbedJ: 0, airJ: 0, rollingJ: 0, brakedJ: 0, kineticJ: 0 },
    ...more,
  });
  expect(throughSentence([ride({ frontShifts: 4, grindingS: 65 }), ride({ walkingS: 30 })], ['A', 'B'])).toBe(
    'A 30% outside the cadence range, grinds 1 min 05 s, 4 front shifts; B 30% outside the cadence range, walks 30 s, no front shifts.',
  );
  expect(throughSentence([], [])).toBe('');
});
