import { contradictions, fillBrief, type Brief } from '../../core/needs';
import { contradictionText } from './contradiction-words';

const textsOf = (said: Brief, unit: 'kmh' | 'mph') => {
  const brief = fillBrief(said);
  return contradictions(brief).map((one) => contradictionText(one, brief, unit));
};

test('speeds that conflict are named in the unit that is read', () => {
  const said = { cruisingSpeedKmh: 48.28032, topSpeedKmh: 40 };
  expect(textsOf(said, 'mph')).toEqual([
    'usual speed 30.0 mph, top pedalled speed 24.9 mph: the usual one must be below the top',
  ]);
  expect(textsOf(said, 'kmh')[0]).toContain('usual speed 48.3 km/h, top pedalled speed 40.0 km/h');
  expect(textsOf({ climbingBelowKmh: 32, fastAboveKmh: 20 }, 'mph')).toEqual([
    'climbing ends at 19.9 mph, fast begins at 12.4 mph: the first must be below',
  ]);
});

test('what is no speed reads alike in any unit', () => {
  const said = { lowRpm: 95, highRpm: 80 };
  expect(textsOf(said, 'mph')).toEqual(textsOf(said, 'kmh'));
  expect(textsOf(said, 'kmh')[0]).toContain('lowest comfortable cadence 95 rpm');
});
