import * as fc from 'fast-check';
import {
  METRIC,
  asTypedIn,
  bodyMassText,
  distanceText,
  heightText,
  keptFrom,
  massChangeText,
  partMassText,
  roundedInward,
  shownIn,
  unitText,
  unitsOf,
  type Measure,
  type Units,
} from './measures';

const IMPERIAL: Units = { speedUnit: 'mph', massUnit: 'imperial' };
const MEASURES: readonly Measure[] = ['speed', 'distance', 'height', 'bodyMass', 'partMass'];

test('a reader who chose nothing for masses reads kilograms and grams', () => {
  expect(unitsOf({ speedUnit: 'mph' })).toEqual({ speedUnit: 'mph', massUnit: 'metric' });
});

test('every measure has its unit in both choices', () => {
  expect(MEASURES.map((one) => unitText(one, METRIC))).toEqual(['km/h', 'km', 'm', 'kg', 'g']);
  expect(MEASURES.map((one) => unitText(one, IMPERIAL))).toEqual(['mph', 'mi', 'ft', 'lb', 'oz']);
});

test('distances, heights and masses are written in the units that were chosen', () => {
  expect([distanceText(METRIC, 9.64), distanceText(METRIC, 1280.4), distanceText(METRIC, 0)]).toEqual([
    '9.6 km',
    '1280 km',
    '0 km',
  ]);
  expect([distanceText(IMPERIAL, 9.64), distanceText(IMPERIAL, 1280.4), distanceText(IMPERIAL, 41.27, 1)]).toEqual([
    '6.0 mi',
    '796 mi',
    '25.6 mi',
  ]);
  expect([heightText(METRIC, 412.4), heightText(IMPERIAL, 412.4)]).toEqual(['412 m', '1353 ft']);
  expect([bodyMassText(METRIC, 82.5), bodyMassText(IMPERIAL, 82.5)]).toEqual(['82.5 kg', '181.9 lb']);
  expect([partMassText(METRIC, 312.2), partMassText(METRIC, 312.2, 1)]).toEqual(['312 g', '312.2 g']);
  expect([partMassText(IMPERIAL, 312), partMassText(IMPERIAL, 581), partMassText(IMPERIAL, 1, 1)]).toEqual([
    '11.0 oz',
    '1 lb 4.5 oz',
    '0.04 oz',
  ]);
});

test('ounces that round to sixteen make a pound', () => {
  expect(partMassText(IMPERIAL, 453.5)).toBe('1 lb 0.0 oz');
});

test('a change of mass has its sign', () => {
  expect([massChangeText(METRIC, -65.4), massChangeText(METRIC, 12), massChangeText(METRIC, 0.2)]).toEqual([
    '−65 g',
    '+12 g',
    '0 g',
  ]);
  expect([massChangeText(IMPERIAL, -120), massChangeText(IMPERIAL, 600)]).toEqual(['−4.2 oz', '+1 lb 5.2 oz']);
});

test('bounds in another unit are drawn in, never out', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.001, max: 1e5, noNaN: true }), (value) => {
      const { min, max } = roundedInward({ min: value, max: value });
      expect(min).toBeGreaterThanOrEqual(value);
      expect(max).toBeLessThanOrEqual(value);
      expect(min - max).toBeLessThanOrEqual(Math.max(1, value / 100));
    }),
  );
  expect(roundedInward({ min: 0, max: 49.71 })).toEqual({ min: 0, max: 49 });
  expect(roundedInward({ min: 0.000353, max: 0.12345 })).toEqual({ min: 0.000353, max: 0.123 });
});

test('a field shows what was typed in its unit, and one decimal of what was typed in another', () => {
  expect(asTypedIn('bodyMass', METRIC, 72.125)).toBe(72.125);
  expect(asTypedIn('bodyMass', IMPERIAL, 72)).toBe(158.7);
  fc.assert(
    fc.property(fc.constantFrom(...MEASURES), fc.integer({ min: 1, max: 9_999_999 }), (measure, tenThousandths) => {
      const typed = tenThousandths / 10_000;
      expect(asTypedIn(measure, IMPERIAL, keptFrom(measure, IMPERIAL, typed))).toBe(typed);
    }),
  );
});

test('what is typed in any unit is kept and shown again', () => {
  fc.assert(
    fc.property(fc.constantFrom(...MEASURES), fc.double({ min: -1e5, max: 1e5, noNaN: true }), (measure, typed) => {
      expect(shownIn(measure, IMPERIAL, keptFrom(measure, IMPERIAL, typed))).toBeCloseTo(typed, 8);
    }),
  );
});
