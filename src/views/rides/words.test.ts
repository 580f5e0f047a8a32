import { ONE_RING, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { simulateRide } from '../../../tests/support/rides';
import { gearsOf } from '../../core/gears';
import { gearUse } from '../../core/recording';
import { confidenceText } from './ride-words';

const { recording } = simulateRide({ setup: ONE_RING, rolloutMm: TOURER_ROLLOUT_MM, seconds: 1500, seed: 4 });
const use = gearUse(recording, {
  setup: ONE_RING,
  gears: gearsOf(ONE_RING),
  rolloutMm: TOURER_ROLLOUT_MM,
  crossedCogs: 2,
  lowRpm: 80,
  highRpm: 95,
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
