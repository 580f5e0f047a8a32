import type { StockedBuild } from '@/core/job';
import { build, type CardWishes } from './job';
import { ONE_RING, TOURER } from './setups';

/** Cassettes of the table, by range and count. */
const COGS = {
  '11-36': TOURER.cogs,
  '11-34': [11, 12, 13, 14, 15, 17, 19, 21, 24, 27, 30, 34],
  '11-30': [11, 12, 13, 14, 15, 16, 17, 19, 21, 24, 27, 30],
  '11-28 11s': [11, 12, 13, 14, 15, 17, 19, 21, 23, 25, 28],
  '11-36 11s': [11, 12, 13, 15, 17, 19, 22, 25, 28, 32, 36],
  '11-28': [11, 12, 13, 14, 15, 16, 17, 19, 21, 23, 25, 28],
  '11-32 8s': [11, 13, 15, 18, 21, 24, 28, 32],
  '10-44': ONE_RING.cogs,
  '10-52': [10, 12, 14, 16, 18, 21, 24, 28, 32, 36, 42, 52],
  '11-50': [11, 13, 15, 17, 19, 22, 25, 28, 32, 36, 42, 50],
  '11-42 11s': [11, 13, 15, 17, 19, 21, 24, 28, 32, 37, 42],
  '11-30 11s': [11, 12, 13, 14, 15, 17, 19, 21, 24, 27, 30],
} as const satisfies Readonly<Record<string, readonly number[]>>;
type CassetteName = keyof typeof COGS;

const two = (chainrings: readonly [number, number], cassette: CassetteName) => ({
  setup: { chainrings, cogs: COGS[cassette], hubStages: [1] },
});
const one = (chainring: number, cassette: CassetteName, hubStages: readonly number[] = [1]) => ({
  setup: { chainrings: [chainring], cogs: COGS[cassette], hubStages },
});

const parts = (more: StockedBuild['parts']) => ({ parts: { ...build().parts, ...more } });
const rear = (more: StockedBuild['rearDerailleur']) => ({
  rearDerailleur: { ...build().rearDerailleur, ...more },
});
const eleven = { shifterSpeeds: 11, chainSpeeds: 11 };
const onTrail = (more: Partial<StockedBuild> = {}): StockedBuild =>
  build({
    ...one(44, '10-44'),
    rearDerailleur: { totalCapacityT: 41, largestCogMaxT: 52, cageLengthMm: 93 },
    parts: { ...build().parts, retention: ['narrowWide', 'clutch'] },
    chainLinks: 114,
    ...more,
  });
const electronic = { shifting: 'electronic' } as const;

interface JobCase extends CardWishes {
  readonly name: string;
  readonly to: Partial<StockedBuild>;
}

/** Jobs of every kind: mechanical and electronic, for a season and for good, with and without data. */
export const JOB_CASES: readonly JobCase[] = [
  { name: 'nothing differs', to: {} },
  // Cassettes.
  { name: 'smaller cassette, chain left alone', to: two([48, 32], '11-34') },
  { name: 'smaller cassette, chain fitted', to: two([48, 32], '11-28'), chain: 'fit' },
  { name: 'smaller cassette, chain left alone, cage unknown', to: { ...two([48, 32], '11-28'), rearDerailleur: {} } },
  {
    name: 'larger cassette, chain too short',
    to: two([48, 32], '11-36'),
    from: build({ ...two([48, 32], '11-28'), chainLinks: 108 }),
  },
  {
    name: 'larger cassette, chain long enough',
    to: two([48, 32], '11-36'),
    from: build({ ...two([48, 32], '11-28'), chainLinks: 112 }),
  },
  { name: 'chain never counted, smaller cassette', to: two([48, 32], '11-28'), from: build({ chainLinks: undefined }) },
  {
    name: 'chain never counted, larger cassette',
    to: two([48, 32], '11-36'),
    from: build({ ...two([48, 32], '11-28'), chainLinks: undefined }),
  },
  {
    name: 'links typed for the new setup',
    to: { ...two([48, 32], '11-28'), chainLinks: 112 },
    from: build({ chainLinks: 116 }),
    chain: 'fit',
  },
  { name: 'too few links typed for the new setup', to: { ...two([48, 32], '11-34'), chainLinks: 100 }, chain: 'fit' },
  {
    name: 'left-out gears let a long chain stay',
    to: { ...two([48, 32], '11-28'), leftOut: [0, 1, 2, 3].map((cog) => ({ ring: 1, cog })) },
    from: build({ chainLinks: 114 }),
  },
  {
    name: 'a chain that is slack after all is shortened',
    to: two([48, 32], '11-28'),
    from: build({ chainLinks: 118 }),
  },
  {
    name: 'worn cassette for the same one in stock',
    to: { partIds: { cassette: 'new' }, stock: { cassette: { name: 'Fresh cassette', inStock: true, massG: 355 } } },
    from: build({ partIds: { cassette: 'old' } }),
  },
  {
    name: 'weighed, cassette in stock',
    to: { ...two([48, 32], '11-34'), stock: { cassette: { name: 'Close cassette', inStock: true, massG: 290 } } },
    weighs: true,
  },
  {
    name: 'cassette that needs another freehub body',
    to: { ...one(44, '10-44'), ...parts({ cassetteSpline: 'short' }) },
    from: build({ ...one(44, '11-36'), chainLinks: 110 }),
  },
  {
    name: 'freehub type known on one side only',
    to: { ...two([48, 32], '11-34'), freehub: { spline: 'wide', bodyLengthMm: 36.75 } },
    from: build({ freehub: {} }),
  },
  { name: 'after a crash', to: two([48, 32], '11-34'), checksHanger: true },
  // Seasons.
  { name: 'seasonal pair, there: one chain serves both', to: two([48, 32], '11-28'), alternates: true, chain: 'fit' },
  {
    name: 'seasonal pair, there: long chain shortened no further than both need',
    to: two([48, 32], '11-28'),
    from: build({ chainLinks: 116 }),
    alternates: true,
    chain: 'fit',
  },
  {
    name: 'seasonal pair, back: the chain stayed',
    to: two([48, 32], '11-36'),
    from: build({ ...two([48, 32], '11-28'), chainLinks: 112 }),
    alternates: true,
    isReturn: true,
  },
  {
    name: 'seasonal pair, back: the chain was cut after all',
    to: two([48, 32], '11-36'),
    from: build({ ...two([48, 32], '11-28'), chainLinks: 110 }),
    alternates: true,
    isReturn: true,
  },
  {
    name: 'seasonal pair on 1x, there',
    to: { ...one(40, '11-30 11s'), ...parts(eleven) },
    from: build({ ...one(40, '11-42 11s'), ...parts(eleven), chainLinks: 112 }),
    alternates: true,
    chain: 'fit',
  },
  {
    name: 'seasonal pair, short card from last time',
    to: two([48, 32], '11-28'),
    alternates: true,
    lastTime: { turns: -2.5, gapMm: 5, spacerMm: 1.85 },
  },
  {
    name: 'seasonal pair, short card back, with a clutch',
    to: onTrail(),
    from: onTrail({ ...one(44, '11-36'), chainLinks: 114 }),
    alternates: true,
    isReturn: true,
    lastTime: { turns: 3, gapMm: 6, spacerMm: 1.85 },
  },
  // Unknown speeds.
  {
    name: '11 to 12 cogs, speeds unknown',
    to: { ...two([48, 32], '11-36'), parts: {} },
    from: build({ ...two([48, 32], '11-36 11s'), parts: {} }),
  },
  { name: '12 to 8 cogs, speeds unknown', to: { ...two([48, 32], '11-32 8s'), parts: {} }, from: build({ parts: {} }) },
  {
    name: '11 to 12 cogs, chain known, shifter unknown',
    to: { ...two([48, 32], '11-36'), parts: { chainSpeeds: 12 } },
    from: build({ ...two([48, 32], '11-36 11s'), parts: { chainSpeeds: 12 } }),
  },
  {
    name: '11 to 12 cogs, both for 11',
    to: { ...two([48, 32], '11-36'), ...parts(eleven) },
    from: build({ ...two([48, 32], '11-36 11s'), ...parts(eleven) }),
  },
  {
    name: '11 to 12 cogs, another shifter described',
    to: { ...two([48, 32], '11-36'), ...parts({ shifterSpeeds: 12 }) },
    from: build({ ...two([48, 32], '11-36 11s'), ...parts(eleven) }),
  },
  // Rings and cranks.
  { name: 'smaller rings', to: two([46, 30], '11-36') },
  { name: 'one ring of two', to: two([48, 30], '11-36') },
  {
    name: '1x ring',
    to: { ...one(40, '10-44'), rearDerailleur: onTrail().rearDerailleur, parts: onTrail().parts },
    from: onTrail(),
  },
  { name: 'cassette and rings', to: two([46, 30], '11-34') },
  { name: '2x to 1x', to: { ...one(44, '10-44'), ...rear({ totalCapacityT: 36, largestCogMaxT: 44 }) } },
  { name: '2x to 1x with a guide', to: { ...one(42, '11-36'), ...parts({ retention: ['guide'] }) } },
  { name: '1x to 2x', to: two([48, 32], '11-36'), from: build({ ...one(44, '11-36') }) },
  {
    name: '1x to 2x on a crank that carries two rings',
    to: two([48, 32], '11-36'),
    from: build({ ...one(44, '11-36') }),
    keeps: ['crank'],
  },
  {
    name: '1x to 2x, electronic',
    to: { ...two([48, 32], '11-36'), ...parts(electronic) },
    from: build({ ...one(44, '11-36'), ...parts(electronic) }),
  },
  {
    name: 'a crank that was weighed with its rings',
    to: {
      partIds: { crank: 'b' },
      stock: { crank: { name: 'Crank with rings', inStock: true, massG: 900, withRings: true } },
    },
    from: build({
      partIds: { crank: 'a' },
      stock: { crank: { name: 'Old crank', inStock: true, massG: 950, withRings: true } },
    }),
  },
  // Derailleurs, shifters, limits.
  {
    name: 'another rear derailleur in stock',
    to: { partIds: { rearDerailleur: 'b' }, stock: { rearDerailleur: { name: 'Long cage', inStock: true } } },
    from: build({ partIds: { rearDerailleur: 'a' } }),
  },
  { name: 'another rear derailleur by its description', to: rear({ totalCapacityT: 45 }) },
  {
    name: 'the same derailleur, described otherwise',
    to: { ...two([48, 32], '11-34'), ...rear({ totalCapacityT: 45 }) },
    keeps: ['rearDerailleur'],
  },
  { name: 'limits typed for the present setup alone', to: { ...two([48, 32], '11-34'), rearDerailleur: {} } },
  { name: 'another front derailleur', to: rear({ ringDifferenceMaxT: 18 }) },
  { name: 'largest cog past the limit', to: two([46, 30], '11-50') },
  {
    name: 'largest cog past the limit, with an extender',
    to: { ...one(40, '11-50'), ...parts({ hangerExtenderMm: 30 }) },
    from: build({ ...one(40, '11-36'), chainLinks: 108 }),
  },
  { name: 'capacity and ring difference past their limits', to: two([50, 32], '11-36') },
  {
    name: 'largest cog under its minimum',
    to: { ...one(44, '11-30'), ...rear({ largestCogMinT: 38 }) },
    from: build({ ...one(44, '11-36'), ...rear({ largestCogMinT: 38 }) }),
  },
  {
    name: 'electronic cassette swap',
    to: { ...two([48, 32], '11-34'), ...parts(electronic) },
    from: build(parts(electronic)),
  },
  {
    name: 'electronic, another number of cogs',
    to: { ...two([48, 32], '11-36'), ...parts({ ...electronic, chainSpeeds: 12 }) },
    from: build({ ...two([48, 32], '11-36 11s'), ...parts({ ...electronic, chainSpeeds: 12 }) }),
  },
  // Wheels, hubs, chains.
  {
    name: 'winter wheels',
    to: { wheels: { id: 'w2', name: 'Winter wheels' } },
    from: build({ wheels: { id: 'w1', name: 'Road wheels' } }),
  },
  {
    name: 'winter wheels with another cassette',
    to: { ...two([48, 32], '11-34'), wheels: { id: 'w2', name: 'Winter wheels' } },
    from: build({ wheels: { id: 'w1', name: 'Road wheels' } }),
  },
  { name: 'two-speed hub', to: one(44, '11-36', [1, 0.7]), from: build({ ...one(44, '11-36'), chainLinks: 110 }) },
  { name: 'new chain', to: {}, newChain: true },
  {
    name: 'new chain in stock, joined with a pin',
    to: { stock: { chain: { name: 'Spare chain', inStock: true, chainLinks: 116 } } },
    newChain: true,
    usesQuickLink: false,
  },
  {
    name: 'new chain in stock that is too short',
    to: { stock: { chain: { name: 'Short chain', inStock: true, chainLinks: 108 } } },
    newChain: true,
  },
  {
    name: 'suspension that lengthens the chainstay',
    to: { ...one(44, '10-52'), rearDerailleur: onTrail().rearDerailleur, parts: onTrail().parts },
    from: onTrail(),
    fit: { suspensionGrowthMm: 20 },
  },
];
