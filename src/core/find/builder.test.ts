import fc from 'fast-check';
import { SEEDED, chainringsArbitrary, cogsArbitrary } from '../../../tests/support/arbitraries';
import { TOURER_FITTED } from '../../../tests/support/find';
import { TOURER } from '../../../tests/support/setups';
import { LIMITS_SCHOOLS, fitAnswer, fitReport, type FitInput } from '../fit';
import { GENERIC_CASSETTES } from '../catalog/cassettes';
import { DEFAULT_PRICES, PART_KINDS } from '../catalog/price-list';
import { SetupBuilder, type FindBike } from './builder';
import { cases } from '../../../tests/support/fuzz';

const optional = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined });
const whole = (min: number, max: number) => optional(fc.integer({ min, max }));

const derailleurs = fc.record({
  totalCapacityT: whole(25, 55),
  largestCogMaxT: whole(28, 52),
  largestCogMinT: whole(18, 27),
  smallestCogMinT: whole(9, 12),
  ringDifferenceMaxT: whole(8, 20),
  pullRatio: optional(fc.constantFrom(1.3, 1.4)),
  cageLengthMm: optional(fc.double({ min: 50, max: 120, noNaN: true })),
});
const rings = fc.oneof(
  fc.integer({ min: 28, max: 50 }).map((ring) => [ring]),
  fc.tuple(fc.integer({ min: 40, max: 52 }), fc.integer({ min: 4, max: 18 })).map(([big, less]) => [big, big - less]),
);
const cassettes = fc.constantFrom(...GENERIC_CASSETTES.map(({ cogs }) => cogs));
const bikes: fc.Arbitrary<FindBike> = fc.record({
  present: fc.record({
    setup: fc.record({
      chainrings: fc.oneof(rings, chainringsArbitrary),
      cogs: fc.oneof(cassettes, cogsArbitrary(3)),
      hubStages: fc.constantFrom([1], [1], [1, 0.7]),
    }),
    chainstayMm: fc.integer({ min: 405, max: 480 }),
    suspensionGrowthMm: fc.constantFrom(0, 0, 12),
    bbDropMm: fc.integer({ min: -10, max: 80 }),
    chainLinks: whole(100, 126),
    rearDerailleur: derailleurs,
    parts: fc.record({
      frontBigRingMinT: whole(30, 45),
      frontBigRingMaxT: whole(45, 56),
      cablePullMm: optional(fc.constantFrom(2.6, 2.7)),
      shifterSpeeds: whole(8, 13),
      cassetteLengthMm: optional(fc.constantFrom(34.9, 36.75)),
      spacerMm: optional(fc.constantFrom(0, 1.85)),
      chainSpeeds: whole(8, 13),
      smallestRingT: whole(26, 34),
      boltCircleMm: optional(fc.constantFrom(104, 110)),
      hangerExtenderMm: optional(fc.constantFrom(15)),
      hubRatioMin: optional(fc.constantFrom(1, 1.5)),
      shifting: optional(fc.constantFrom('cable' as const, 'electronic' as const)),
      shifterFamily: optional(fc.constantFrom('one', 'other')),
      derailleurFamily: optional(fc.constantFrom('one', 'other')),
      cassetteSpline: optional(fc.constantFrom('wide', 'fine')),
      retention: optional(fc.subarray(['narrowWide' as const, 'clutch' as const])),
    }),
    freehub: fc.record({
      spline: optional(fc.constantFrom('wide', 'fine')),
      bodyLengthMm: optional(fc.constantFrom(34.9, 36.75)),
      smallestCogT: whole(9, 12),
    }),
    ringRoom: fc.record({ oneRingMaxT: whole(38, 50), twoRingsMaxT: whole(44, 54) }),
    avoided: fc.oneof(fc.constant([]), fc.array(fc.record({ ring: fc.nat(1), cog: fc.nat(13) }), { maxLength: 6 })),
    others: fc.array(fc.record({ name: fc.constant('of B'), rearDerailleur: derailleurs }), { maxLength: 2 }),
  }),
  school: fc.constantFrom(...LIMITS_SCHOOLS),
  keep: fc.subarray([...PART_KINDS]),
});

test('a build goes together just where its whole fit report says so', () => {
  const seen = new Set<string>();
  fc.assert(
    fc.property(bikes, rings, cassettes, (bike, chainrings, cogs) => {
      const builder = new SetupBuilder(bike);
      const build = builder.build(chainrings, cogs);
      const report = fitReport(builder.fitInput(chainrings, cogs, build));
      // A setup that breaks a lock is reported as such; the report is of what would have to be built.
      if (build.breaches.includes('freehub')) return;
      expect([build.kind, fitAnswer(report, bike.school).deciding.map(({ message }) => message)]).toEqual([
        fitAnswer(report, bike.school).kind,
        expect.anything(),
      ]);
      seen.add(build.kind);
      expect(report.linksUsed).toBe(build.chainLinks);
    }),
    { ...SEEDED, numRuns: cases(75) },
  );
  expect(seen.size).toBeGreaterThanOrEqual(4);
});

/** The tourer of the worked examples, all of it known. */
const known: FitInput = {
  ...TOURER_FITTED,
  rearDerailleur: { ...TOURER_FITTED.rearDerailleur, largestCogMinT: 28, pullRatio: 1.4 },
  parts: { ...TOURER_FITTED.parts, cablePullMm: 2.6, chainSpeeds: 12, cassetteSpline: 'wide' },
  freehub: { spline: 'wide', bodyLengthMm: 36.75, smallestCogT: 11 },
};
const WIDE = [10, 11, 13, 15, 17, 19, 21, 24, 28, 32, 38, 44];
const builderFor = (more: Partial<FindBike> = {}, present: Partial<FitInput> = {}) =>
  new SetupBuilder({ present: { ...known, ...present }, school: 'sheet', keep: [], ...more });

test('another ring is a ring; one below the crank’s least is a crank, and a lock on it says no', () => {
  expect(builderFor().build([48, 34], TOURER.cogs).newParts).toEqual(['ring']);
  expect(builderFor().build([46, 30], TOURER.cogs).newParts).toEqual(['ring', 'ring']);
  expect(builderFor().build([44, 28], TOURER.cogs).newParts).toEqual(['crank']);
  expect(builderFor({ keep: ['crank'] }).build([44, 28], TOURER.cogs).kind).toBe('doesNot');
  expect(builderFor({ keep: ['ring'] }).build([48, 34], TOURER.cogs).breaches).toEqual(['ring']);
});

test('a 10T cog asks for another freehub body, 44T for another derailleur, and more chain for a new one', () => {
  const build = builderFor().build([44], WIDE);
  expect(build.newParts).toEqual(['ring', 'cassette', 'freehub', 'rearDerailleur', 'chain']);
  expect(build).toMatchObject({ kind: 'open', derailleur: 1, chainLinks: 114 });
  expect(builderFor({ keep: ['freehub', 'chain'] }).build([44], WIDE).breaches).toEqual(['freehub', 'chain']);
  expect(builderFor({ keep: ['rearDerailleur'] }).build([44], WIDE).kind).toBe('doesNot');
});

test('a derailleur that can be had is taken before one that nothing is known of', () => {
  const others = [{ name: 'of B', rearDerailleur: { totalCapacityT: 36, largestCogMaxT: 44, cageLengthMm: 76 } }];
  expect(builderFor({}, { others }).build([44], WIDE).derailleur).toBe(1);
  const small = [{ name: 'of B', rearDerailleur: { totalCapacityT: 30, largestCogMaxT: 42, cageLengthMm: 76 } }];
  expect(builderFor({}, { others: small }).build([44], WIDE).derailleur).toBe(2);
});

test('what is laid in the workspace says nothing that was only assumed', () => {
  const unsaid = builderFor({}, { parts: { smallestRingT: 30 } });
  const same = unsaid.build([48, 34], TOURER.cogs);
  expect(unsaid.fitInput([48, 34], TOURER.cogs, same).parts).toMatchObject({ shifterSpeeds: 12, chainSpeeds: 12 });
  const laid = unsaid.toLay([48, 34], TOURER.cogs, same);
  expect(laid.parts).toMatchObject({ smallestRingT: 30, shifterSpeeds: undefined, chainSpeeds: undefined });
  const thirteen = GENERIC_CASSETTES.find(({ cogs }) => cogs.length === 13)!.cogs;
  const other = unsaid.build([48, 34], thirteen);
  expect(unsaid.toLay([48, 34], thirteen, other).parts.shifterSpeeds).toBe(13);
});

test('a second ring asks for crank and front derailleur; another cog count for shifter and chain', () => {
  const oneRing: Partial<FitInput> = { setup: { chainrings: [44], cogs: TOURER.cogs, hubStages: [1] } };
  expect(builderFor({}, oneRing).build([48, 32], TOURER.cogs).newParts).toEqual(['crank', 'frontDerailleur']);
  expect(builderFor({ keep: ['frontDerailleur'] }, oneRing).build([48, 32], TOURER.cogs).breaches).toEqual([
    'frontDerailleur',
  ]);
  const tens = GENERIC_CASSETTES.find(({ cogs }) => cogs.length === 13)!.cogs;
  const more = builderFor({}, { freehub: {} }).build([48, 32], tens);
  expect(more.newParts).toEqual(expect.arrayContaining(['cassette', 'shifter']));
  expect(builderFor({ keep: ['shifter'] }, { freehub: {} }).build([48, 32], tens).kind).not.toBe('goes');
});

test('a price in another currency is not added as if it were in the own one', () => {
  const cogs = [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32, 34];
  const pricedIn = (currency: string | undefined) =>
    new SetupBuilder({
      present: TOURER_FITTED,
      school: 'sheet',
      keep: [],
      stock: {
        present: { ...TOURER_FITTED, parts: {}, freehub: {}, chainLinks: 112, stock: {} },
        candidates: [
          { kind: 'cassette', data: { cogs }, name: 'Cassette 11-34', price: 9000, currency, inStock: false },
        ],
        derailleurs: {},
      },
    }).build([48, 32], cogs);
  const [own, foreign] = [pricedIn(undefined), pricedIn('JPY')];
  const cassetteOf = ({ buy }: typeof own) => buy.find(({ what }) => what === 'cassette');
  expect(cassetteOf(own)).toMatchObject({ price: 9000, currency: undefined });
  expect(cassetteOf(foreign)).toMatchObject({ price: 9000, currency: 'JPY' });
  expect(own.cost - foreign.cost).toBe(9000 - DEFAULT_PRICES.cassette);
});
