import { answerOf, problemOf } from '../../../../tests/support/json-body';
import { needsResponseSchema, type NeedsResponse } from '../../../records/exchange/needs';
import type { Rider } from '../../../records/exchange/rider';
import { POST } from './route';

const wheel = { rimDiameterMm: 622, tyreWidthMm: 38 };

const needs = async (rider: Rider): Promise<NeedsResponse> =>
  needsResponseSchema.strict().parse(await answerOf(POST, { wheel, rider }));

test('a rider who says all that counts gets the worked climb', async () => {
  const { needs: asked, assumed } = await needs({
    riding: 'touring',
    riderKg: 72,
    bikeKg: 11,
    loadKg: 0,
    power60W: 180,
    climbPercent: 8,
    climbLengthM: 2000,
    climbRpm: 60,
    cda: 0.36,
    crr: 0.005,
    topSpeedKmh: 45,
    highRpm: 95,
  });
  expect(asked!.climb.powerW).toBeCloseTo(195.1, 1);
  expect(asked!.climb.speedKmh).toBeCloseTo(9.57, 2);
  expect(asked!.climb.minutes).toBeCloseTo(752.6 / 60, 2);
  expect(asked!.climb.walks).toBe(false);
  expect(asked!.easiestDevelopmentMaxM).toBeCloseTo((asked!.climb.speedKmh * 1000) / 3600, 9);
  expect(asked!.hardestDevelopmentMinM).toBeCloseTo(45_000 / (95 * 60), 9);
  expect(assumed).toContain('anaerobicJPerKg');
  expect(assumed).toContain('stepTolerancePercent.fast');
  expect(assumed).not.toContain('power60W');
});

test('a rider who says nothing is a touring rider, with everything taken named', async () => {
  const { rider, assumed, conflicts } = await needs({});
  expect(rider).toMatchObject({
    riding: 'touring',
    riderKg: 75,
    lowRpm: 69,
    highRpm: 87,
    assist: null,
    lowestRatio: null,
  });
  expect(assumed).toEqual(expect.arrayContaining(['riding', 'riderKg', 'cda', 'crr', 'stepTolerancePercent.climbing']));
  expect(conflicts).toEqual([]);
});

test('details that conflict are named with their fields, and nothing is worked out of them', async () => {
  const { conflicts, needs: none } = await needs({ lowRpm: 100, highRpm: 90 });
  expect(none).toBeNull();
  expect(conflicts[0]).toMatchObject({ fields: ['lowRpm', 'highRpm'], code: 'cadenceRange' });
});

test.each([
  [{ power60W: 0 }, 'rider.power60W', 'power for an hour 0: it runs from 20 to 600 W'],
  [{ climbPercent: 45 }, 'rider.climbPercent', 'steepest climb 45: it runs from 0 to 40%'],
  [{ riderKg: 15 }, 'rider.riderKg', 'rider 15: it runs from 20 to 200 kg'],
  [
    { assist: { supportFactor: 1, maxW: 1000, cutOffKmh: 25 } },
    'rider.assist.maxW',
    'motor, at most 1000: it runs from 50 to 750 W',
  ],
])('%j is refused with its bounds', async (rider, path, message) => {
  expect((await problemOf(POST, { wheel, rider })).issues).toEqual([{ path, message }]);
});
