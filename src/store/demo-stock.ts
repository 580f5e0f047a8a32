import { SLOT_KIND, dataInSlot, type Slot } from '../core/parts';
import { PART_DEFAULTS, type PartRecord, type SetupRecord } from '../records';

const DAY_MS = 86_400_000;

/** Parts of a setup, with weight and price. */
interface Made {
  readonly slot: Slot;
  readonly id: string;
  readonly name: string;
  readonly massG?: number;
  readonly price?: number;
  readonly quantity?: number;
  readonly place?: string;
}

const FITTED: readonly Made[] = [
  { slot: 'bigRing', id: 'ring-48', name: 'Chainring 48T, touring', massG: 104, price: 42 },
  { slot: 'smallRing', id: 'ring-32', name: 'Chainring 32T, touring', massG: 46, price: 28 },
  { slot: 'crank', id: 'crank-touring', name: 'Touring crank, 170 mm', massG: 603, price: 130 },
  { slot: 'cassette', id: 'cassette-11-36', name: 'Cassette 11-36, 12-speed', massG: 355, price: 72 },
  { slot: 'rearDerailleur', id: 'rear-long', name: 'Long-cage derailleur, 93 mm', massG: 275, price: 95 },
  { slot: 'frontDerailleur', id: 'front-double', name: 'Front derailleur and shifter', massG: 232, price: 88 },
  { slot: 'shifter', id: 'shifter-12', name: 'Right shifter, 12-speed', massG: 118, price: 64 },
  { slot: 'chain', id: 'chain-worn', name: 'Chain, 12-speed, second season', massG: 252, price: 34 },
];

const WANTED: readonly Made[] = [
  {
    slot: 'bigRing',
    id: 'ring-44',
    name: 'Chainring 44T, narrow-wide',
    massG: 96,
    price: 48,
    quantity: 1,
    place: 'drawer 2',
  },
  { slot: 'cassette', id: 'cassette-10-44', name: 'Cassette 10-44, 12-speed', massG: 412, price: 138, quantity: 0 },
];

function part(id: string, kind: PartRecord['kind'], name: string, more: Partial<PartRecord>): PartRecord {
  return { ...PART_DEFAULTS, condition: 'good', currency: 'EUR', ...more, id, kind, name };
}

/** The stock of the Saltmarsh Yard. The tourer is made of it whole, its single-ring candidate in part. */
export function demoStock(todayMs: number, tourer: SetupRecord, oneRing: SetupRecord): PartRecord[] {
  const ago = (days: number) => todayMs - days * DAY_MS;
  const made = (list: readonly Made[], setup: SetupRecord, fromMs?: number) =>
    list.map(({ slot, id, name, massG, price, quantity = 1, place }) =>
      part(id, SLOT_KIND[slot], name, {
        data: dataInSlot(slot, setup),
        quantity,
        ...(massG !== undefined && { massG, massResolutionG: 1 }),
        ...(price !== undefined && { price }),
        ...(place !== undefined && { place }),
        mounts: fromMs === undefined ? [] : [{ bikeId: tourer.bikeId, fromMs }],
      }),
    );
  const fitted = made(FITTED, tourer, ago(230)).map((one): PartRecord => {
    if (one.id === 'cassette-11-36') return { ...one, mounts: [{ bikeId: tourer.bikeId, fromMs: ago(81) }] };
    if (one.id !== 'chain-worn') return one;
    return {
      ...one,
      condition: 'worn',
      data: { ...one.data, chainLinks: 112 },
      wear: [
        { atMs: ago(180), wearPercent: 0.05, km: 320 },
        { atMs: ago(125), wearPercent: 0.17, km: 1010 },
        { atMs: ago(70), wearPercent: 0.25, km: 1790 },
        { atMs: ago(18), wearPercent: 0.38, km: 2540 },
      ],
    };
  });
  return [
    ...fitted,
    ...made(WANTED, oneRing),
    part('cassette-11-34', 'cassette', 'Cassette 11-34, 12-speed', {
      data: {
        cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 27, 30, 34],
        cassetteSpline: 'nine wide splines',
        cassetteLengthMm: 34.9,
      },
      massG: 338,
      massResolutionG: 1,
      price: 66,
      place: 'drawer 1',
      kmBefore: 400,
      mounts: [{ bikeId: tourer.bikeId, fromMs: ago(230), toMs: ago(81) }],
    }),
    part('cassette-11-50', 'cassette', 'Cassette 11-50, 12-speed', {
      data: { cogs: [11, 13, 15, 17, 19, 22, 25, 28, 32, 36, 42, 50], cassetteSpline: 'nine wide splines' },
      massG: 520,
      massResolutionG: 5,
      price: 89,
      condition: 'new',
      place: 'drawer 1',
    }),
    part('rear-clutch', 'rearDerailleur', 'Clutch derailleur, 100 mm', {
      data: {
        totalCapacityT: 45,
        largestCogMaxT: 46,
        largestCogMinT: 36,
        smallestCogMinT: 10,
        cageLengthMm: 100,
        pullRatio: 1.3,
        clutch: true,
      },
      massG: 310,
      massResolutionG: 1,
      price: 120,
      condition: 'new',
      place: 'drawer 3',
    }),
    part('ring-40', 'chainring', 'Chainring 40T, narrow-wide', {
      data: { ringT: 40, boltCircleMm: 104, narrowWide: true },
      massG: 84,
      massResolutionG: 1,
      price: 44,
      place: 'drawer 2',
    }),
    part('ring-30', 'chainring', 'Chainring 30T, touring', {
      data: { ringT: 30 },
      massG: 41,
      massResolutionG: 1,
      price: 26,
      quantity: 2,
      place: 'drawer 2',
    }),
    part('chain-new', 'chain', 'Chain, 12-speed', {
      data: { chainSpeeds: 12, chainLinks: 116 },
      massG: 259,
      massResolutionG: 1,
      price: 34,
      quantity: 3,
      condition: 'new',
      place: 'drawer 4',
    }),
    part('links-12', 'quickLink', 'Quick links, 12-speed', {
      data: { chainSpeeds: 12 },
      price: 4,
      quantity: 6,
      condition: 'new',
      place: 'drawer 4',
    }),
    part('spacer-185', 'spacer', 'Spacer 1.85 mm', {
      data: { spacerMm: 1.85 },
      massG: 6,
      price: 3,
      quantity: 2,
      place: 'drawer 1',
    }),
    part('body-short', 'freehub', 'Freehub body, short splines and a thread', {
      data: { spline: 'short splines and a thread', smallestCogT: 10 },
      price: 58,
      quantity: 0,
    }),
    part('guide', 'guide', 'Chain guide for one ring', { massG: 52, massResolutionG: 1, price: 29, place: 'drawer 2' }),
    part('wheel-winter', 'wheel', 'Winter wheel, studded', {
      data: { rimDiameterMm: 622, tyreWidthMm: 40, spline: 'nine wide splines', bodyLengthMm: 36.75, smallestCogT: 11 },
      massG: 1890,
      massResolutionG: 5,
      place: 'hook 5',
    }),
    part('cable-inner', 'other', 'Inner cable', {
      price: 3,
      quantity: 0,
      note: 'the last one went on the load carrier',
    }),
  ];
}

/** Places of the tourer and of its candidate that parts in stock take. */
export const DEMO_MADE_OF = {
  tourer: Object.fromEntries(FITTED.map(({ slot, id }) => [slot, id])),
  oneRing: {
    ...Object.fromEntries(WANTED.map(({ slot, id }) => [slot, id])),
    shifter: 'shifter-12',
    chain: 'chain-new',
    quickLink: 'links-12',
  },
} as const;
