import { TOURER } from '../../../tests/support/setups';
import { gearsOf } from '../gears';
import { fillBrief, riddenSizes, usedGears, usageOf } from './index';

const ROLLOUT_MM = 2192.8;
const gears = gearsOf(TOURER);
const placeOf = (ring: number, cog: number) => gears.findIndex((gear) => gear.chainring === ring && gear.cog === cog);
const names = (list: readonly { readonly chainring: number; readonly cog: number }[]) =>
  list.map(({ chainring, cog }) => `${chainring}/${cog}`);

/** Seconds in each gear, most of them none. */
function secondsIn(times: Readonly<Record<string, number>>): number[] {
  const seconds = gears.map(() => 0);
  for (const [name, time] of Object.entries(times)) {
    const [ring, cog] = name.split('/').map(Number);
    seconds[placeOf(ring!, cog!)] = time;
  }
  return seconds;
}

describe('the gears that a rider uses', () => {
  test('are those that the rider names, as far as the setup has them', () => {
    const said = {
      usualGears: [
        { chainring: 48, cog: 19 },
        { chainring: 44, cog: 17 },
      ],
      rareCogs: [11, 40],
      rareRings: [32, 30],
    };
    const used = usedGears(TOURER, said, [])!;
    expect(used).toMatchObject({ source: 'said', rareCogs: [11], rareRings: [32], recordedS: 0, shares: [] });
    expect(names(used.usual)).toEqual(['48/19']);
    expect(usageOf(used, gears[placeOf(48, 19)]!)).toBe('usual');
    expect(usageOf(used, gears[placeOf(48, 11)]!)).toBe('rare');
    expect(usageOf(used, gears[placeOf(48, 21)]!)).toBe('known');
    expect(usageOf(undefined, gears[0]!)).toBe('known');
    const two = usedGears(
      TOURER,
      {
        usualGears: [
          { chainring: 48, cog: 19 },
          { chainring: 32, cog: 24 },
        ],
      },
      [],
    )!;
    expect(names(gears.filter((gear) => usageOf(two, gear) === 'usual'))).toEqual(['32/24', '48/19']);
    expect(two).toMatchObject({ rareCogs: [], rareRings: [] });
    const usualAndRare = { usualGears: [{ chainring: 48, cog: 19 }], rareCogs: [11] };
    expect(usedGears(TOURER, usualAndRare, [])).toMatchObject({ rareCogs: [11], rareRings: [] });
  });

  test('are not known where nothing is said or nothing of it is on the setup', () => {
    expect(usedGears(TOURER, {}, [])).toBeUndefined();
    expect(usedGears(TOURER, { rareCogs: [40] }, [])).toBeUndefined();
    expect(usedGears(TOURER, { rareRings: [30] }, [])).toBeUndefined();
    expect(riddenSizes(TOURER, {}, [], ROLLOUT_MM)).toEqual({ flatM: [], usualM: [], shares: [] });
  });

  test('are those of recordings once there is half an hour of them', () => {
    const said = { rareRings: [48] };
    const short = secondsIn({ '48/19': 1799 });
    expect(usedGears(TOURER, said, short)).toMatchObject({ source: 'said', rareRings: [48] });
    const recorded = secondsIn({ '48/19': 1500, '48/21': 1300, '48/17': 1200, '32/36': 30, '48/36': 20 });
    const used = usedGears(TOURER, said, recorded)!;
    expect(used).toMatchObject({ source: 'recorded', recordedS: 4050, rareRings: [32] });
    // Half of the time is 2025 s: the first two gears together are past it.
    expect(names(used.usual)).toEqual(['48/21', '48/19']);
    expect(used.rareCogs).toEqual(TOURER.cogs.filter((cog) => ![17, 19, 21].includes(cog)));
    expect(used.shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12);
  });

  test('recordings on other teeth count for nothing', () => {
    expect(usedGears(TOURER, {}, [4000, 4000])).toBeUndefined();
  });

  test('set the usual speed on the flat, unless it is said; recordings do not', () => {
    const said = { use: 'touring', preferredRpm: 80, usualGears: [{ chainring: 48, cog: 19 }] } as const;
    const filled = fillBrief(said, riddenSizes(TOURER, said, [], ROLLOUT_MM));
    // 48 ÷ 19 × 2.1928 m × 80 × 0.06
    expect(filled.cruisingSpeedKmh).toBeCloseTo(26.59, 2);
    expect(filled.assumed).toContain('cruisingSpeedKmh');
    // Of two gears the geometric middle counts: 48 ÷ √(15 × 19).
    const two = { ...said, usualGears: [...said.usualGears, { chainring: 48, cog: 15 }] };
    expect(fillBrief(two, riddenSizes(TOURER, two, [], ROLLOUT_MM)).cruisingSpeedKmh).toBeCloseTo(29.93, 2);
    const typed = { ...said, cruisingSpeedKmh: 22 };
    expect(fillBrief(typed, riddenSizes(TOURER, typed, [], ROLLOUT_MM)).cruisingSpeedKmh).toBe(22);
    const recorded = secondsIn({ '32/36': 4000 });
    expect(fillBrief(said, riddenSizes(TOURER, said, recorded, ROLLOUT_MM)).cruisingSpeedKmh).toBeCloseTo(26.59, 2);
    expect(fillBrief({}, riddenSizes(TOURER, {}, recorded, ROLLOUT_MM)).cruisingSpeedKmh).toBe(20);
  });

  test('a usual gear that nobody rides on the flat sets no speed', () => {
    const said = { preferredRpm: 30, usualGears: [{ chainring: 32, cog: 36 }] };
    expect(fillBrief(said, riddenSizes(TOURER, said, [], ROLLOUT_MM)).cruisingSpeedKmh).toBe(20);
  });
});
