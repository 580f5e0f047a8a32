import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { TOURER_FITTED } from '../../../tests/support/find';
import { ONE_RING, TOURER } from '../../../tests/support/setups';
import { checkPartData } from './check';
import { GENERIC_PARTS } from './generic';
import { KIND_DATA, PART_NUMBER_RULES, STOCK_KINDS, fieldsOfKind, type PartData, type PartNumber } from './kinds';
import { madeOf, setupSums, type PartsInSlots, type SlotPart } from './made-of';
import { SLOTS, SLOT_KIND, dataInSlot, slotsOf, suitsSlot, withDataInSlot, type FittedSetup, type Slot } from './slots';
import { fittedOn, freeCount, isAtHand, kmByBike, mountedOn, partKm, partKmAt, unmountedFrom } from './stock';
import { cases } from '../../../tests/support/fuzz';

const setup: FittedSetup = {
  ...TOURER,
  rearDerailleur: TOURER_FITTED.rearDerailleur,
  parts: { chainSpeeds: 12, shifterSpeeds: 12, retention: ['guide'] },
};
const part = (data: PartData, more: Partial<SlotPart> = {}): SlotPart => ({
  id: 'p',
  name: 'part',
  data,
  atHand: true,
  ...more,
});

test('every built-in entry has sound data of its kind, and a name of its own within its kind', () => {
  for (const { kind, name, data } of GENERIC_PARTS)
    expect({ name, problems: checkPartData(kind, data) }).toEqual({ name, problems: [] });
  const names = GENERIC_PARTS.map(({ kind, name }) => `${kind} ${JSON.stringify(name)}`);
  expect(new Set(names).size).toBe(names.length);
  expect(new Set(GENERIC_PARTS.map(({ kind }) => kind))).toEqual(new Set(STOCK_KINDS));
});

test('data of another kind, out of bounds or upside down are refused with value and bounds', () => {
  expect(checkPartData('chain', { ringT: 40 })[0]!.message).toEqual({
    code: 'datum.problem.foreign',
    values: { field: 'ringT' },
  });
  expect(checkPartData('chainring', { ringT: 400 })[0]!.message).toEqual({
    code: 'datum.problem.teeth',
    values: { term: { code: 'datum.term.ringT' }, value: 400, min: 20, max: 70 },
  });
  expect(checkPartData('chainring', { ringT: 40.5 })).toHaveLength(1);
  expect(checkPartData('rearDerailleur', { largestCogMinT: 40, largestCogMaxT: 36 })[0]!.message).toMatchObject({
    code: 'datum.problem.minOverMax',
    values: { min: 40, max: 36 },
  });
  expect(checkPartData('cassette', { cogs: [11, 11, 13] })[0]!.message.code).toBe('gears.setup.cogTwice');
  expect(checkPartData('wheel', { tyreWidthMm: NaN })).toHaveLength(1);
});

test('a setup is made of its parts: their limits win, and what they do not know is not known', () => {
  const parts: PartsInSlots = {
    cassette: part({ cogs: TOURER.cogs, cassetteLengthMm: 35, cogPitchMm: 3.6 }),
    rearDerailleur: part({ totalCapacityT: 45, clutch: true }),
    bigRing: part({ ringT: 48, narrowWide: false }),
    frontDerailleur: part({ ringDifferenceMaxT: 14 }),
    crank: part({ smallestRingT: 28, ringSpacingMm: 8 }),
  };
  const made = madeOf(setup, parts);
  expect(made.rearDerailleur).toEqual({ totalCapacityT: 45, ringDifferenceMaxT: 14 });
  expect(made.parts).toMatchObject({ cassetteLengthMm: 35, smallestRingT: 28, chainSpeeds: 12 });
  expect(made.parts.retention).toEqual(['guide', 'clutch']);
  expect(made).toMatchObject({ cogPitchMm: 3.6, ringSpacingMm: 8 });
  // The same cassette does not apply to a setup with other cogs.
  expect(
    madeOf({ ...setup, cogs: ONE_RING.cogs }, { cassette: parts.cassette! }).parts.cassetteLengthMm,
  ).toBeUndefined();
});

test('whatever a setup says of a part, taken out and put back it says the same', () => {
  const numbers = (kind: (typeof STOCK_KINDS)[number]) =>
    fc.record(
      Object.fromEntries(
        KIND_DATA[kind].numbers.map((field: PartNumber) => {
          const { min, max } = PART_NUMBER_RULES[field].bounds;
          return [field, fc.integer({ min: Math.ceil(min), max: Math.floor(max) })];
        }),
      ),
      { requiredKeys: [] },
    );
  fc.assert(
    fc.property(
      setupArbitrary(),
      fc.constantFrom<Slot>(...SLOTS),
      fc.infiniteStream(fc.nat()),
      (teeth, slot, seeds) => {
        const kind = SLOT_KIND[slot];
        const [data] = fc.sample(numbers(kind), { numRuns: cases(10), seed: seeds.next().value as number });
        const before: FittedSetup = { ...setup, ...teeth };
        const made = withDataInSlot(slot, before, data as PartData);
        const said = dataInSlot(slot, made);
        for (const field of Object.keys(said) as (keyof PartData)[]) {
          expect(fieldsOfKind(kind)).toContain(field);
          if (field === 'cogs' || field === 'ringT' || field === 'narrowWide' || field === 'clutch') continue;
          expect(said[field]).toEqual((data as PartData)[field]);
        }
        expect(withDataInSlot(slot, made, said)).toEqual(made);
        expect(made.chainrings).toEqual(before.chainrings);
      },
    ),
    { ...SEEDED, numRuns: cases(50) },
  );
});

test('places, and the teeth that each asks for', () => {
  expect(slotsOf(ONE_RING).needed).toEqual(['bigRing', 'crank', 'cassette', 'rearDerailleur', 'shifter', 'chain']);
  expect(slotsOf(TOURER).needed).toContain('frontDerailleur');
  expect(suitsSlot('smallRing', TOURER, { ringT: 32 })).toBe(true);
  expect(suitsSlot('smallRing', ONE_RING, { ringT: 32 })).toBe(false);
  expect(suitsSlot('smallRing', ONE_RING, {})).toBe(false);
  expect(suitsSlot('frontDerailleur', ONE_RING, {})).toBe(false);
  expect(suitsSlot('cassette', TOURER, { cogs: [11, 13] })).toBe(false);
  // The single ring's bolt circle is read off the single ring.
  expect(dataInSlot('bigRing', { ...setup, ...ONE_RING, parts: { boltCircleMm: 104 } }).boltCircleMm).toBe(104);
});

test('weight and cost by parts, only where every one of them is known', () => {
  const all = Object.fromEntries(
    slotsOf(ONE_RING).needed.map((slot, i) => [
      slot,
      part(
        { ...(slot === 'cassette' && { cogs: ONE_RING.cogs }), ...(slot === 'bigRing' && { ringT: 44 }) },
        { massG: 100 + i, price: 10 * i, atHand: i % 2 === 0 },
      ),
    ]),
  ) as PartsInSlots;
  const one: FittedSetup = { ...setup, ...ONE_RING };
  expect(setupSums(one, all)).toEqual({ massG: 615, unweighed: [], cost: 10 + 30 + 50, unpriced: [] });
  const sums = setupSums(one, { ...all, chain: part({}, { atHand: false }) });
  expect(sums).toMatchObject({ massG: undefined, unweighed: ['chain'], cost: undefined, unpriced: ['chain'] });
  expect(setupSums(one, {}).unweighed).toEqual(slotsOf(one).needed);
  const euros = { ...all, crank: part({}, { massG: 1, price: 10, atHand: false, currency: 'EUR' }) };
  expect(setupSums(one, euros).cost).toBeUndefined();
  // An extra part counts where there is one.
  expect(setupSums(one, { ...all, guide: part({}, { massG: 50 }) }).massG).toBe(665);
});

test('stock: fitted, free and at hand', () => {
  const chain = {
    quantity: 2,
    mounts: [
      { bikeId: 'a', fromMs: 0 },
      { bikeId: 'b', fromMs: 0, toMs: 5 },
    ],
  };
  expect(fittedOn(chain)).toEqual(['a']);
  expect(freeCount(chain)).toBe(1);
  expect(isAtHand({ ...chain, quantity: 1 }, 'a')).toBe(true);
  expect(isAtHand({ ...chain, quantity: 1 }, 'b')).toBe(false);
  const mounted = mountedOn(chain.mounts, 'b', 10);
  expect(fittedOn({ mounts: mounted })).toEqual(['a', 'b']);
  expect(mountedOn(mounted, 'b', 11)).toBe(mounted);
  expect(unmountedFrom(mounted, 'b', 20).at(-1)).toEqual({ bikeId: 'b', fromMs: 10, toMs: 20 });
  // A clock that went back ends no mount before it began.
  expect(unmountedFrom(mounted, 'b', 3).at(-1)).toEqual({ bikeId: 'b', fromMs: 10, toMs: 10 });
});

test('kilometres of a part through its life on different bikes', () => {
  const trips = [
    { bikeId: 'a', atMs: 1, km: 10 },
    { bikeId: 'a', atMs: 5, km: 20 },
    { bikeId: 'b', atMs: 5, km: 40 },
    { bikeId: 'b', atMs: 9, km: 80 },
  ];
  const life = {
    kmBefore: 100,
    mounts: [
      { bikeId: 'a', fromMs: 0, toMs: 5 },
      { bikeId: 'b', fromMs: 6 },
    ],
  };
  expect(partKm(life, trips)).toBe(190);
  expect(partKmAt(life, trips, 5)).toBe(110);
  expect(kmByBike(life.mounts, trips)).toEqual([
    { bikeId: 'a', km: 10 },
    { bikeId: 'b', km: 80 },
  ]);
  expect(partKm({ kmBefore: 7, mounts: [] }, trips)).toBe(7);
});
