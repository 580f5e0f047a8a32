import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER } from '../../../tests/support/setups';
import { CHAINLINE_DEFAULTS, backPedalRisk, chainAngles, straightest, typicalCogPitchMm } from './index';
import { cases } from '../../../tests/support/fuzz';

const GEOMETRY = { ...CHAINLINE_DEFAULTS, chainstayMm: 430, cogPitchMm: 3.6 };

test('cogs fan out evenly about the rear chainline, the smallest outermost; rings about the front one', () => {
  const angles = chainAngles(TOURER, GEOMETRY);
  expect(angles).toHaveLength(24);
  expect(angles[0]).toMatchObject({ chainring: 48, cog: 11, ringOffsetMm: 49.75, cogOffsetMm: 45 + 5.5 * 3.6 });
  expect(angles.at(-1)).toMatchObject({ chainring: 32, cog: 36, ringOffsetMm: 42.25, cogOffsetMm: 45 - 5.5 * 3.6 });
  const steepest = angles.find(({ chainring, cog }) => chainring === 48 && cog === 36)!;
  expect(steepest.angleDeg).toBeCloseTo((Math.atan((45 - 19.8 - 49.75) / 430) * 180) / Math.PI, 12);
  expect(steepest.angleDeg).toBeCloseTo(-3.27, 2);
});

test('typical pitches by speeds; the nearest where there is none', () => {
  expect([8, 9, 10, 11, 12, 13].map(typicalCogPitchMm)).toEqual([4.8, 4.35, 3.95, 3.75, 3.6, 3.5]);
  expect([typicalCogPitchMm(1), typicalCogPitchMm(14)]).toEqual([5.5, 3.5]);
});

test('the straightest cog of the big ring lies outside that of the small one', () => {
  const angles = chainAngles(TOURER, GEOMETRY);
  const place = (ring: number) => TOURER.cogs.indexOf(straightest(angles, ring)!.cog);
  expect(place(48)).toBeLessThan(place(32));
  expect(Math.abs(straightest(angles, 48)!.angleDeg)).toBeLessThan(0.3);
});

test('a ring moved outwards turns every chain inwards', () => {
  fc.assert(
    fc.property(setupArbitrary(), fc.double({ min: 0.1, max: 3, noNaN: true }), (setup, shift) => {
      const moved = chainAngles(setup, { ...GEOMETRY, frontChainlineMm: GEOMETRY.frontChainlineMm + shift });
      chainAngles(setup, GEOMETRY).forEach(({ angleDeg }, i) => expect(moved[i]!.angleDeg).toBeLessThan(angleDeg));
    }),
    { ...SEEDED, numRuns: cases(15) },
  );
});

test('back-pedalling is a risk on the largest cogs at a steep angle only', () => {
  const angles = chainAngles(ONE_RING, { ...GEOMETRY, frontChainlineMm: 49 });
  const risky = angles.filter((angle) => backPedalRisk(ONE_RING, angle, 2.5)).map(({ cog }) => cog);
  expect(risky).toEqual([38, 44]);
  expect(angles.filter((angle) => backPedalRisk(ONE_RING, angle, 6))).toEqual([]);
});
