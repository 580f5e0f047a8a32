import { CHAINLINE_DEFAULTS, chainAngles } from '../fit';
import { developedGears } from '../gears';
import { askedSpeedKmh, isNearestDevelopment, isSteepest, ridesAsked } from './tasks';

const TOURER = { chainrings: [48, 32], cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32, 36], hubStages: [1] };
const gears = developedGears(TOURER, 2192.8);

test('one gear goes nearest to five metres, and its duplicate where it has one', () => {
  const nearest = gears.filter((gear) => isNearestDevelopment(gears, gear));
  // 48/21 and 32/14 are duplicates: 2.2857 × 2.1928 m = 5.012 m.
  expect(nearest.map(({ chainring, cog }) => `${chainring}/${cog}`).sort()).toEqual(['32/14', '48/21']);
});

test('the speed asked for can be ridden between the cadences, and outside them it does not count', () => {
  const asked = askedSpeedKmh(gears);
  const rpms = Array.from({ length: 61 }, (_, i) => 50 + i);
  const ways = gears.flatMap((gear) =>
    rpms.filter((rpm) => ridesAsked(gears, gear, rpm)).map((rpm) => ({ gear, rpm })),
  );
  expect(ways.length).toBeGreaterThan(1);
  for (const { gear, rpm } of ways) {
    expect(Math.abs(gear.developmentM * rpm * 0.06 - asked)).toBeLessThanOrEqual(0.3);
    expect(rpm).toBeGreaterThanOrEqual(80);
    expect(rpm).toBeLessThanOrEqual(95);
  }
});

test('the steepest chain is at an end across', () => {
  const angles = chainAngles(TOURER, { ...CHAINLINE_DEFAULTS, chainstayMm: 430, cogPitchMm: 3.6 });
  const [steepest, ...more] = angles.filter((angle) => isSteepest(angles, angle));
  expect(more).toEqual([]);
  expect(['48/36', '32/11']).toContain(`${steepest!.chainring}/${steepest!.cog}`);
});
