import { answerOf, problemOf } from '../../../../tests/support/json-body';
import { compareResponseSchema, type CompareResponse } from '../../../records/exchange/compare';
import { POST } from './route';

const wheel = { rimDiameterMm: 622, tyreWidthMm: 28 };
const TWO = { name: '2x', chainrings: [50, 34], cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 27, 30] };
const ONE = { name: '1x', chainrings: [42], cogs: [10, 12, 14, 16, 18, 21, 24, 28, 32, 36, 42] };

const compared = async (more: object = {}): Promise<CompareResponse> =>
  compareResponseSchema
    .strict()
    .parse(await answerOf(POST, { wheel, rider: { riding: 'road' }, setups: [TWO, ONE], ...more }));

test('each setup says which needs it meets, with figures, and what it gains and loses', async () => {
  const { setups, priorities } = await compared();
  const [two, one] = setups;
  expect(two!.sequence[0]).toEqual({ chainring: 34, cog: 30 });
  expect(two!.cruisingGear.chainring).toBe(50);
  expect(two!.better).toEqual([]);
  expect(two!.headline).toMatch(/^2x is on the bike and meets \d of \d needs\.$/);
  expect(one!.sequence).toHaveLength(11);
  const need = (id: string) => one!.meets.find((each) => each.id === id)!;
  expect(need('climb')).toMatchObject({ met: true, unit: 'm' });
  expect(need('climb').value).toBeCloseTo((Math.PI * 678) / 1000, 9);
  expect(need('gaps').value).toBe(one!.gaps.length);
  expect(one!.gaps.length).toBeGreaterThan(0);
  expect(need('straightGear').limit).toBe(88);
  expect(one!.better).toContain('frontShifts');
  expect(one!.worse).toContain('gaps');
  // 50/19 or so against 42/16: the losses cannot be distinguished.
  expect([...one!.better, ...one!.worse]).not.toContain('loss');
  expect(one!.headline).toMatch(/^1x .*but .*\.$/);
  const of = (id: string) => priorities.find((each) => each.id === id)!;
  expect(of('cadence')).toMatchObject({ best: '2x', code: 'chooses' });
  expect(of('simplicity')).toMatchObject({ best: '1x', code: 'chooses' });
  expect(of('weight')).toMatchObject({ best: null, code: 'notKnown' });
});

test('a lowest ratio is a need of its own, and drag counts', async () => {
  const { setups } = await compared({ rider: { riding: 'road', lowestRatio: 1 }, setups: [TWO, ONE] });
  const ratio = (place: number) => setups[place]!.meets.find(({ id }) => id === 'lowestRatio');
  expect(ratio(0)).toMatchObject({ met: false, value: 34 / 30, limit: 1 });
  expect(ratio(1)).toMatchObject({ met: true, value: 1 });
  const climb = async (rider: object) =>
    (await compared({ rider: { riding: 'road', ...rider } })).setups[0]!.meets.find(({ id }) => id === 'climb')!.limit!;
  expect(await climb({ cda: 0.9 })).toBeLessThan(await climb({ cda: 0.3 }));
});

test('one setup alone is compared with nothing', async () => {
  const { setups, priorities } = await compared({ setups: [ONE] });
  expect(setups).toHaveLength(1);
  expect(priorities.every(({ code }) => code === 'notKnown')).toBe(true);
});

test.each<[string, object, string]>([
  ['no setup', { setups: [] }, '0 setups: send 1 to 4'],
  ['five setups', { setups: [ONE, ONE, ONE, ONE, ONE] }, '5 setups: send 1 to 4'],
  ['three rings', { setups: [{ ...ONE, chainrings: [50, 42, 34] }] }, '3'],
  ['a rider that conflicts', { rider: { lowRpm: 95, highRpm: 80 } }, '95'],
])('%s is refused with what to do', async (_, change, message) => {
  const { issues } = await problemOf(POST, { wheel, rider: { riding: 'road' }, setups: [TWO], ...change });
  expect(issues!.map((issue) => issue.message).join(' ')).toContain(message);
});
