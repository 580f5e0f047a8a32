import { PART_DEFAULTS, ownCurrency, pricedInOwn, pricedWithCode, type PartRecord } from '.';

const part = (id: string, more: Partial<PartRecord>): PartRecord => ({
  ...PART_DEFAULTS,
  id,
  kind: 'chain',
  name: id,
  ...more,
});

const PARTS = new Map(
  [
    part('here', { price: 30, currency: 'EUR' }),
    part('abroad', { price: 20, currency: 'SEK' }),
    part('bare', { price: 10 }),
    part('unpriced', {}),
  ].map((one) => [one.id, one]),
);

const codes = (parts: ReadonlyMap<string, PartRecord>) => [...parts.values()].map(({ currency }) => currency);

test('the own currency is the chosen one, or else the one that all priced parts name', () => {
  const euro = { price: 5, currency: 'EUR' };
  expect(ownCurrency({ currency: 'SEK' }, [euro])).toBe('SEK');
  expect(ownCurrency({}, [euro, euro, {}])).toBe('EUR');
  expect(ownCurrency({}, [euro, { price: 5, currency: 'SEK' }])).toBeUndefined();
  // One that was bought abroad does not rename the prices of all others.
  expect(ownCurrency({}, [euro, { price: 5 }])).toBeUndefined();
  expect(ownCurrency({}, [])).toBeUndefined();
});

test('prices in the own currency lose their code, and get it back for a file', () => {
  const own = pricedInOwn(PARTS, 'EUR');
  expect(codes(own)).toEqual([undefined, 'SEK', undefined, undefined]);
  expect('currency' in own.get('here')!).toBe(false);
  expect(codes(pricedWithCode(own, 'EUR'))).toEqual(['EUR', 'SEK', 'EUR', undefined]);
});

test('without an own currency nothing is changed', () => {
  expect(pricedInOwn(PARTS, undefined)).toBe(PARTS);
  expect(codes(pricedWithCode(PARTS, undefined))).toEqual(codes(PARTS));
});
