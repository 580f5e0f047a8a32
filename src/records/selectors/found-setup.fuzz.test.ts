import fc from 'fast-check';
import { SEEDED } from '../../../tests/support/arbitraries';
import { SetupBuilder } from '../../core/find';
import { inCardOrder } from '../../core/job';
import { GENERIC_CASSETTES } from '../../core/catalog/cassettes';
import { BIKE_DEFAULTS, type BikeRecord } from '../bike';
import { PART_DEFAULTS, type PartRecord } from '../part';
import { SETUP_DEFAULTS, type SetupRecord } from '../setup';
import { WHEEL_DEFAULTS } from '../wheelset';
import { fitInputFor } from './fit-input';
import { foundSetup } from './found-setup';
import { findStockOf, moveTo } from './job-card';
import { cases } from '../../../tests/support/fuzz';

const optional = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined });

const derailleurs = fc.record({
  totalCapacityT: optional(fc.integer({ min: 30, max: 50 })),
  largestCogMaxT: optional(fc.constantFrom(34, 36, 46, 52)),
  cageLengthMm: optional(fc.constantFrom(76, 93)),
  ringDifferenceMaxT: optional(fc.integer({ min: 10, max: 16 })),
});
const drive = fc.record({
  shifterSpeeds: optional(fc.integer({ min: 10, max: 12 })),
  chainSpeeds: optional(fc.integer({ min: 10, max: 12 })),
  cablePullMm: optional(fc.constantFrom(2.6, 2.7)),
  smallestRingT: optional(fc.constantFrom(30, 34)),
  boltCircleMm: optional(fc.constantFrom(104, 110)),
  frontBigRingMaxT: optional(fc.constantFrom(48, 52)),
  cassetteSpline: optional(fc.constantFrom('wide', 'fine')),
  cassetteLengthMm: optional(fc.constantFrom(34.9, 36.75)),
  spacerMm: optional(fc.constantFrom(0, 1.85)),
  retention: optional(fc.subarray(['narrowWide' as const, 'clutch' as const, 'guide' as const])),
});
const rings = fc.constantFrom([50, 34], [48, 32], [46, 30], [40], [44], [32]);
const cassettes = fc.constantFrom(
  ...GENERIC_CASSETTES.map(({ cogs }) => cogs).filter(({ length }) => length >= 10 && length <= 12),
);

const stockArbitrary = fc.oneof(
  fc.record({ kind: fc.constant('cassette' as const), data: cassettes.map((cogs) => ({ cogs })) }),
  fc.record({
    kind: fc.constant('chainring' as const),
    data: fc.constantFrom(50, 48, 46, 44, 40, 34, 32, 30).map((ringT) => ({ ringT })),
  }),
  fc.record({
    kind: fc.constant('chain' as const),
    data: fc.record({
      chainSpeeds: fc.integer({ min: 10, max: 12 }),
      chainLinks: optional(fc.integer({ min: 52, max: 60 }).map((n) => 2 * n)),
    }),
  }),
  fc.record({
    kind: fc.constant('rearDerailleur' as const),
    data: derailleurs.map(({ ringDifferenceMaxT: _front, ...rear }) => rear),
  }),
  fc.record({
    kind: fc.constant('shifter' as const),
    data: fc.record({ shifterSpeeds: fc.integer({ min: 10, max: 12 }), cablePullMm: optional(fc.constant(2.7)) }),
  }),
  fc.record({ kind: fc.constant('freehub' as const), data: fc.constantFrom({ spline: 'wide' }, { spline: 'fine' }) }),
);

const partsArbitrary = fc
  .array(
    fc.record({
      what: stockArbitrary,
      quantity: fc.constantFrom(0, 1, 1),
      massG: optional(fc.constantFrom(120, 310, 450)),
      price: optional(fc.constantFrom(20, 75)),
    }),
    { maxLength: 8 },
  )
  .map((all) =>
    all.map(({ what, ...more }, place): PartRecord => ({
      ...PART_DEFAULTS,
      ...what,
      ...more,
      id: `part-${place}`,
      name: `${what.kind} ${place}`,
    })),
  );

const setups = fc.record({
  chainrings: rings,
  cogs: cassettes,
  chainLinks: optional(fc.integer({ min: 52, max: 60 }).map((n) => 2 * n)),
  rearDerailleur: derailleurs,
  parts: drive,
  massG: optional(fc.constantFrom(2300)),
});

const bodies = fc.record({
  spline: optional(fc.constantFrom('wide', 'fine')),
  smallestCogT: optional(fc.constantFrom(10, 11)),
  bodyLengthMm: optional(fc.constantFrom(34.9, 36.75)),
});

test('a search says of a setup what its job card will say: the same parts to buy, cost and weight', () => {
  const seen = new Set<string>();
  fc.assert(
    fc.property(setups, bodies, partsArbitrary, rings, cassettes, (own, freehub, stock, chainrings, cogs) => {
      const bike: BikeRecord = {
        ...BIKE_DEFAULTS,
        id: 'bike',
        rank: 0,
        name: 'Ferry',
        wheelsets: [{ ...WHEEL_DEFAULTS, freehub }],
      };
      const present: SetupRecord = { ...SETUP_DEFAULTS, ...own, hubStages: [1], id: 'a', bikeId: 'bike', rank: 0 };
      const parts = new Map(stock.map((part) => [part.id, part]));
      const { ringDifferenceMaxT } = present.rearDerailleur;
      const others = stock.flatMap(({ id, kind, name, data }) =>
        kind === 'rearDerailleur' ? [{ name, partId: id, rearDerailleur: { ...data, ringDifferenceMaxT } }] : [],
      );
      const builder = new SetupBuilder({
        present: { ...fitInputFor(bike, present, present, []), others },
        school: 'sheet',
        keep: [],
        stock: findStockOf(bike, present, parts),
      });
      const build = builder.build(chainrings, cogs);
      let marks = 0;
      const mark = () => `new-${(marks += 1)}`;
      const found = foundSetup(present, { chainrings, cassette: { cogs }, build }, builder, mark);
      const card = moveTo({ ...found, id: 'b', rank: 1 }, present, bike, parts);
      expect(inCardOrder(build.buy)).toEqual(card.buy);
      expect(build.cost).toBeCloseTo(
        card.cost.sums.reduce((sum, one) => sum + one.sum, 0),
        9,
      );
      expect(build.massChangeG).toBeCloseTo(card.massChange.grams ?? 0, 9);
      for (const { what, isAssumedPrice } of card.buy) seen.add(`${what}${isAssumedPrice ? '' : ' at its own price'}`);
    }),
    { ...SEEDED, numRuns: cases(300) },
  );
  for (const what of ['cassette', 'bigRing', 'crank', 'chain', 'shifter', 'rearDerailleur', 'freehub', 'guide']) {
    expect([what, [...seen].some((one) => one.startsWith(what))]).toEqual([what, true]);
  }
  expect([...seen]).toEqual(expect.arrayContaining(['cassette at its own price', 'frontDerailleur']));
});
