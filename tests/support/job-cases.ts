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

const job = (name: string, to: Partial<StockedBuild>, wishes: CardWishes = {}): JobCase => ({ name, to, ...wishes });

/** Jobs of every kind: mechanical and electronic, for a season and for good, with and without data. */
export const JOB_CASES: readonly JobCase[] = [
  job('nothing differs', {}),
  // Cassettes.
  job('smaller cassette, chain left alone', two([48, 32], '11-34')),
  job('smaller cassette, chain fitted', two([48, 32], '11-28'), { chain: 'fit' }),
  job('smaller cassette, chain left alone, cage unknown', { ...two([48, 32], '11-28'), rearDerailleur: {} }),
  job('larger cassette, chain too short', two([48, 32], '11-36'), {
    from: build({ ...two([48, 32], '11-28'), chainLinks: 108 }),
  }),
  job('chain never counted, smaller cassette', two([48, 32], '11-28'), { from: build({ chainLinks: undefined }) }),
  job('chain never counted, larger cassette', two([48, 32], '11-36'), {
    from: build({ ...two([48, 32], '11-28'), chainLinks: undefined }),
  }),
  job(
    'links typed for the new setup',
    { ...two([48, 32], '11-28'), chainLinks: 112 },
    { from: build({ chainLinks: 116 }), chain: 'fit' },
  ),
  job('too few links typed for the new setup', { ...two([48, 32], '11-34'), chainLinks: 100 }, { chain: 'fit' }),
  job(
    'left-out gears let a long chain stay',
    { ...two([48, 32], '11-28'), leftOut: [0, 1, 2, 3].map((cog) => ({ ring: 1, cog })) },
    { from: build({ chainLinks: 114 }) },
  ),
  job('a chain that is slack after all is shortened', two([48, 32], '11-28'), { from: build({ chainLinks: 118 }) }),
  job(
    'worn cassette for the same one in stock',
    { partIds: { cassette: 'new' }, stock: { cassette: { name: 'Fresh cassette', inStock: true, massG: 355 } } },
    { from: build({ partIds: { cassette: 'old' } }) },
  ),
  job(
    'weighed, cassette in stock',
    { ...two([48, 32], '11-34'), stock: { cassette: { name: 'Close cassette', inStock: true, massG: 290 } } },
    { weighs: true },
  ),
  job(
    'cassette that needs another freehub body',
    { ...one(44, '10-44'), ...parts({ cassetteSpline: 'short' }) },
    { from: build({ ...one(44, '11-36'), chainLinks: 110 }) },
  ),
  job('after a crash', two([48, 32], '11-34'), { checksHanger: true }),
  // Seasons.
  job('seasonal pair, there: one chain serves both', two([48, 32], '11-28'), { alternates: true, chain: 'fit' }),
  job('seasonal pair, there: long chain shortened no further than both need', two([48, 32], '11-28'), {
    from: build({ chainLinks: 116 }),
    alternates: true,
    chain: 'fit',
  }),
  job('seasonal pair, back: the chain stayed', two([48, 32], '11-36'), {
    from: build({ ...two([48, 32], '11-28'), chainLinks: 112 }),
    alternates: true,
    isReturn: true,
  }),
  job('seasonal pair, back: the chain was cut after all', two([48, 32], '11-36'), {
    from: build({ ...two([48, 32], '11-28'), chainLinks: 110 }),
    alternates: true,
    isReturn: true,
  }),
  job('seasonal pair, short card from last time', two([48, 32], '11-28'), {
    alternates: true,
    lastTime: { turns: -2.5, gapMm: 5, spacerMm: 1.85 },
  }),
  job('seasonal pair, short card back, with a clutch', onTrail(), {
    from: onTrail({ ...one(44, '11-36'), chainLinks: 114 }),
    alternates: true,
    isReturn: true,
    lastTime: { turns: 3, gapMm: 6, spacerMm: 1.85 },
  }),
  // Unknown speeds.
  job(
    '11 to 12 cogs, speeds unknown',
    { ...two([48, 32], '11-36'), parts: {} },
    { from: build({ ...two([48, 32], '11-36 11s'), parts: {} }) },
  ),
  job('12 to 8 cogs, speeds unknown', { ...two([48, 32], '11-32 8s'), parts: {} }, { from: build({ parts: {} }) }),
  job(
    '11 to 12 cogs, chain known, shifter unknown',
    { ...two([48, 32], '11-36'), parts: { chainSpeeds: 12 } },
    { from: build({ ...two([48, 32], '11-36 11s'), parts: { chainSpeeds: 12 } }) },
  ),
  job(
    '11 to 12 cogs, both for 11',
    { ...two([48, 32], '11-36'), ...parts(eleven) },
    { from: build({ ...two([48, 32], '11-36 11s'), ...parts(eleven) }) },
  ),
  // Rings and cranks.
  job('smaller rings', two([46, 30], '11-36')),
  job('one ring of two', two([48, 30], '11-36')),
  job(
    '1x ring',
    { ...one(40, '10-44'), rearDerailleur: onTrail().rearDerailleur, parts: onTrail().parts },
    { from: onTrail() },
  ),
  job('cassette and rings', two([46, 30], '11-34')),
  job('2x to 1x', { ...one(44, '10-44'), ...rear({ totalCapacityT: 36, largestCogMaxT: 44 }) }),
  job('2x to 1x with a guide', { ...one(42, '11-36'), ...parts({ retention: ['guide'] }) }),
  job('1x to 2x', two([48, 32], '11-36'), { from: build({ ...one(44, '11-36') }) }),
  job('1x to 2x on a crank that carries two rings', two([48, 32], '11-36'), {
    from: build({ ...one(44, '11-36') }),
    keeps: ['crank'],
  }),
  job(
    '1x to 2x, electronic',
    { ...two([48, 32], '11-36'), ...parts(electronic) },
    { from: build({ ...one(44, '11-36'), ...parts(electronic) }) },
  ),
  job(
    'a crank that was weighed with its rings',
    {
      partIds: { crank: 'b' },
      stock: { crank: { name: 'Crank with rings', inStock: true, massG: 900, withRings: true } },
    },
    {
      from: build({
        partIds: { crank: 'a' },
        stock: { crank: { name: 'Old crank', inStock: true, massG: 950, withRings: true } },
      }),
    },
  ),
  // Derailleurs, shifters, limits.
  job(
    'another rear derailleur in stock',
    { partIds: { rearDerailleur: 'b' }, stock: { rearDerailleur: { name: 'Long cage', inStock: true } } },
    { from: build({ partIds: { rearDerailleur: 'a' } }) },
  ),
  job('another rear derailleur by its description', rear({ totalCapacityT: 45 })),
  job(
    'the same derailleur, described otherwise',
    { ...two([48, 32], '11-34'), ...rear({ totalCapacityT: 45 }) },
    { keeps: ['rearDerailleur'] },
  ),
  job('another front derailleur', rear({ ringDifferenceMaxT: 18 })),
  job('largest cog past the limit', two([46, 30], '11-50')),
  job(
    'largest cog past the limit, with an extender',
    { ...one(40, '11-50'), ...parts({ hangerExtenderMm: 30 }) },
    { from: build({ ...one(40, '11-36'), chainLinks: 108 }) },
  ),
  job('capacity and ring difference past their limits', two([50, 32], '11-36')),
  job(
    'largest cog under its minimum',
    { ...one(44, '11-30'), ...rear({ largestCogMinT: 38 }) },
    { from: build({ ...one(44, '11-36'), ...rear({ largestCogMinT: 38 }) }) },
  ),
  job(
    'electronic cassette swap',
    { ...two([48, 32], '11-34'), ...parts(electronic) },
    { from: build(parts(electronic)) },
  ),
  job(
    'electronic, another number of cogs',
    { ...two([48, 32], '11-36'), ...parts({ ...electronic, chainSpeeds: 12 }) },
    { from: build({ ...two([48, 32], '11-36 11s'), ...parts({ ...electronic, chainSpeeds: 12 }) }) },
  ),
  // Wheels, hubs, chains.
  job(
    'winter wheels',
    { wheels: { id: 'w2', name: 'Winter wheels' } },
    { from: build({ wheels: { id: 'w1', name: 'Road wheels' } }) },
  ),
  job('two-speed hub', one(44, '11-36', [1, 0.7]), { from: build({ ...one(44, '11-36'), chainLinks: 110 }) }),
  job('new chain', {}, { newChain: true }),
  job(
    'new chain in stock, joined with a pin',
    { stock: { chain: { name: 'Spare chain', inStock: true, chainLinks: 116 } } },
    { newChain: true, usesQuickLink: false },
  ),
  job(
    'new chain in stock that is too short',
    { stock: { chain: { name: 'Short chain', inStock: true, chainLinks: 108 } } },
    { newChain: true },
  ),
  job(
    'suspension that lengthens the chainstay',
    { ...one(44, '10-52'), rearDerailleur: onTrail().rearDerailleur, parts: onTrail().parts },
    { from: onTrail(), fit: { suspensionGrowthMm: 20 } },
  ),
];
