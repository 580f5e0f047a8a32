import * as fc from 'fast-check';
import type { Preferences } from '../../records';
import {
  METRIC,
  UNIT_SYSTEMS,
  asTypedIn,
  bodyMassText,
  distanceText,
  gearSizeOf,
  gearSizeText,
  heightText,
  keptFrom,
  massChangeText,
  partMassText,
  roundedInward,
  shownIn,
  unitText,
  unitSystemOf,
  unitsOf,
  type Measure,
  type UnitSystem,
  type Units,
} from './measures';

const IMPERIAL: Units = { ...METRIC, speedUnit: 'mph', distanceUnit: 'mi', heightUnit: 'ft', massUnit: 'imperial' };
const MEASURES: readonly Measure[] = ['speed', 'distance', 'height', 'bodyMass', 'partMass'];

test('each quantity has its own unit, and a unit system is recognised by all of them', () => {
  const mixed = unitsOf({ speedUnit: 'kmh', distanceUnit: 'mi', heightUnit: 'ft' });
  expect(MEASURES.map((one) => unitText(one, mixed))).toEqual(['km/h', 'mi', 'ft', 'kg', 'g']);
  expect(distanceText(mixed, 9.64)).toBe('6.0 mi');
  const systems = Object.keys(UNIT_SYSTEMS) as UnitSystem[];
  expect(systems.map((name) => unitSystemOf(UNIT_SYSTEMS[name]))).toEqual(systems);
  expect(unitSystemOf({ speedUnit: 'mph', massUnit: 'imperial', quantity: 'gearInches' })).toBe('imperial');
  expect(unitSystemOf({ speedUnit: 'kmh', quantity: 'ratio' })).toBe('metric');
  expect(unitSystemOf({ speedUnit: 'kmh', heightUnit: 'ft', quantity: 'ratio' })).toBeUndefined();
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

test('a change of mass has its sign', () => {
  expect([massChangeText(METRIC, -65.4), massChangeText(METRIC, 12), massChangeText(METRIC, 0.2)]).toEqual([
    '−65 g',
    '+12 g',
    '0 g',
  ]);
  expect([massChangeText(IMPERIAL, -120), massChangeText(IMPERIAL, 600)]).toEqual(['−4.2 oz', '+1 lb 5.2 oz']);
});

test('gears are read in gear inches and gain ratios where these were chosen, otherwise in metres', () => {
  const read = (quantity: Preferences['quantity'], school: Preferences['gearInchSchool'], crankMm?: number) => {
    const units = unitsOf({ speedUnit: 'kmh' }, gearSizeOf({ quantity, gearInchSchool: school }, 2192.8, crankMm));
    return gearSizeText(units, 2.1928);
  };
  expect(read('ratio', 'ownWheel')).toBe('2.19 m');
  expect(read('speed', 'ownWheel')).toBe('2.19 m');
  expect(read('gearInches', 'ownWheel')).toBe('27.5 in');
  expect(read('gearInches', 'nominal27')).toBe('27.0 in');
  expect(read('gainRatio', 'ownWheel', 170)).toBe('2.05 gain');
  expect(read('gainRatio', 'ownWheel')).toBe('2.19 m');
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
