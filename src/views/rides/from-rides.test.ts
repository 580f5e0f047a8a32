import { RIDE } from '../../../tests/support/ride-record';
import { fillBrief } from '../../core/needs';
import type { ChainLoad, HuntingCost, RiderFromRides } from '../../core/ridden';
import type { RideRecord } from '../../records';
import { briefFromRides } from './rider-to-needs';
import { seasonOf, yearsOf } from './season';
import { costRows, setupCosts } from './setup-costs';

const BRIEF = fillBrief({ riderMassKg: 75 });
const told = (more: Partial<RiderFromRides>): RiderFromRides => ({
  crr: { value: 0.00712, spread: 0.001, isFromRides: true },
  cdaM2: { value: 0.4187, spread: 0.02, isFromRides: true },
  stretches: 80,
  efforts: [],
  isPowerMeasured: false,
  ...more,
});
const effort = (minutes: number, powerW: number) => ({ minutes, powerW, spreadW: 5, wattsPerKg: powerW / 75 });

describe('what Needs takes over from rides', () => {
  test('is only what they tell, rounded as it would be typed', () => {
    expect(briefFromRides(told({}), BRIEF)).toEqual({ crr: 0.0071, cdaM2: 0.42 });
    const assumed = { value: 0.4, spread: 0.1, isFromRides: false };
    expect(briefFromRides(told({ crr: assumed, cdaM2: assumed }), BRIEF)).toEqual({});
  });

  test('the power for an hour is that of the hour, or follows from 20 minutes by the reserve, not from five', () => {
    const power = (...efforts: RiderFromRides['efforts']) => briefFromRides(told({ efforts }), BRIEF).powerW;
    expect(power(effort(5, 260), effort(20, 220), effort(60, 190))).toBe(190);
    // 200 J/kg × 75 kg = 15 kJ: 12.5 W over 20 minutes, 4.2 W over 60.
    expect(power(effort(5, 260), effort(20, 220))).toBe(Math.round(220 - 12.5 + 15_000 / 3600));
    expect(power(effort(5, 260))).toBeUndefined();
    expect(power({ ...effort(60, 190), spreadW: 40 })).toBeUndefined();
  });

  test('a figure outside the bounds of Needs is not offered', () => {
    expect(briefFromRides(told({ efforts: [effort(60, 700)] }), BRIEF)).not.toHaveProperty('powerW');
  });
});

const hunting = (more: Partial<HuntingCost> = {}): HuntingCost => ({
  drivingS: 3600,
  awayS: 600,
  lostShare: 0.0123,
  gradeChanges: 40,
  frontShifts: 9,
  doubleShifts: 4,
  ...more,
});
const load = (bendingNRad: number): ChainLoad => ({
  drivingS: 3600,
  metres: 25_000,
  meanForceN: 240.4,
  highForceN: 410,
  bendingNRad,
});

describe('what rides cost on each setup', () => {
  const units = { speedUnit: 'kmh', massUnit: 'metric', currency: 'EUR' } as Parameters<typeof costRows>[1];
  const costs = setupCosts([hunting(), hunting({ awayS: 0 })], [load(1000), load(1200)], 3000, 36);

  test('is set against the first; a chain that wears a fifth faster lasts and costs accordingly', () => {
    const texts = costRows(costs, units).map(([, text]) => costs.map(text));
    expect(texts.slice(0, 4)).toEqual([
      ['10.0', '0.0'],
      ['1.2%', '1.2%'],
      ['9', '9'],
      ['4', '4'],
    ]);
    expect(texts[6]).toEqual(['100%', '120%']);
    expect(texts[7]).toEqual(['3000 km', '2500 km']);
    expect(texts[8]!.map((text) => Number(text.replace(/[^\d.]/g, '')))).toEqual([12, 14.4]);
  });
});

describe('the season', () => {
  const at = (year: number, month: number, more: Partial<RideRecord> = {}): RideRecord => ({
    ...RIDE,
    gearSeconds: Array.from({ length: 24 }, (_, i) => (i === 10 ? 600 : 10)),
    startedAtMs: new Date(year, month - 1, 15, 12).getTime(),
    distanceM: 10_000,
    seconds: 1800,
    ...more,
  });
  const rides = [
    at(2026, 5),
    at(2026, 5, { bikeId: 'other', surface: 'gravel', distanceM: 30_000 }),
    at(2026, 11, { surface: 'gravel' }),
    at(2025, 5),
    { ...at(2026, 5), startedAtMs: 0 },
  ];

  test('has a row a month, the newest first and those without a date last', () => {
    const months = seasonOf(rides, 'month');
    expect(months.map(({ key, rides: count, metres }) => [key, count, metres])).toEqual([
      ['2026-11', 1, 10_000],
      ['2026-05', 2, 40_000],
      ['2025-05', 1, 10_000],
      ['', 1, 10_000],
    ]);
    expect(months[1]!.mostUsed!.share).toBeCloseTo(600 / 830, 10);
    expect(yearsOf(rides)).toEqual(['2026', '2025']);
  });

  test('counts what its filters leave', () => {
    const keys = (filter: Parameters<typeof seasonOf>[2]) => seasonOf(rides, 'month', filter).map(({ key }) => key);
    expect(keys({ year: '2025' })).toEqual(['2025-05']);
    expect(keys({ surface: 'gravel' })).toEqual(['2026-11', '2026-05']);
    expect(keys({ bikeId: 'other', year: '2025' })).toEqual([]);
  });

  test('a ride without times in gears counts, and has no most used gear', () => {
    const { gearSeconds: _, ...unknown } = at(2026, 1);
    expect(seasonOf([unknown as RideRecord], 'month')[0]).toMatchObject({ rides: 1, mostUsed: undefined });
  });
});
