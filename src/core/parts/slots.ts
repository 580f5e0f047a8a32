import type { DriveParts, RearDerailleur, Retention } from '../fit';
import type { Setup } from '../gears';
import { sameTeeth } from '../catalog/cassettes';
import type { PartData, PartFlag, StockKind } from './kinds';

/** Slots of a setup for parts. The freehub body belongs to the wheels. */
export const SLOTS = [
  'bigRing',
  'smallRing',
  'crank',
  'cassette',
  'rearDerailleur',
  'frontDerailleur',
  'shifter',
  'chain',
  'quickLink',
  'guide',
  'extender',
  'spacer',
] as const;
export type Slot = (typeof SLOTS)[number];

export const SLOT_KIND: Readonly<Record<Slot, StockKind>> = {
  bigRing: 'chainring',
  smallRing: 'chainring',
  crank: 'crank',
  cassette: 'cassette',
  rearDerailleur: 'rearDerailleur',
  frontDerailleur: 'frontDerailleur',
  shifter: 'shifter',
  chain: 'chain',
  quickLink: 'quickLink',
  guide: 'guide',
  extender: 'extender',
  spacer: 'spacer',
};

/** The fields of a setup that parts determine. */
export interface FittedSetup extends Setup {
  readonly rearDerailleur: RearDerailleur;
  readonly parts: DriveParts;
  readonly ringSpacingMm?: number | undefined;
  readonly cogPitchMm?: number | undefined;
}

/** The places that a setup cannot be ridden without, then those that only some have. */
export function slotsOf({ chainrings }: Setup): { readonly needed: readonly Slot[]; readonly extra: readonly Slot[] } {
  const two = chainrings.length > 1;
  const extra: readonly Slot[] = ['quickLink', 'guide', 'extender', 'spacer'];
  const needed = SLOTS.filter(
    (slot) => !extra.includes(slot) && (two || (slot !== 'smallRing' && slot !== 'frontDerailleur')),
  );
  return { needed, extra };
}

/** Maps each datum of a part to its field in a setup. Teeth are not among them: they select the part. */
const PLACES: Readonly<
  Record<
    Slot,
    {
      readonly rear?: readonly (keyof RearDerailleur)[];
      readonly parts?: readonly (keyof DriveParts & keyof PartData)[];
      readonly setup?: readonly ('ringSpacingMm' | 'cogPitchMm')[];
      readonly flag?: readonly [PartFlag | 'present', Retention];
    }
  >
> = {
  bigRing: { flag: ['narrowWide', 'narrowWide'] },
  smallRing: { parts: ['boltCircleMm'] },
  crank: { parts: ['smallestRingT'], setup: ['ringSpacingMm'] },
  cassette: { parts: ['cassetteSpline', 'cassetteLengthMm'], setup: ['cogPitchMm'] },
  rearDerailleur: {
    rear: [
      'totalCapacityT',
      'largestCogMaxT',
      'largestCogMinT',
      'smallestCogMinT',
      'pullRatio',
      'speeds',
      'cageLengthMm',
      'pulleyTeeth',
      'pitchLineGapMm',
      'guidePulleyAngleDeg',
      'guidePulleyOffsetMm',
      'foldBackLimitDeg',
    ],
    parts: ['derailleurFamily'],
    flag: ['clutch', 'clutch'],
  },
  frontDerailleur: { rear: ['ringDifferenceMaxT'], parts: ['frontBigRingMinT', 'frontBigRingMaxT'] },
  shifter: { parts: ['shifterSpeeds', 'cablePullMm', 'shifterFamily', 'shifting'] },
  chain: { parts: ['chainSpeeds'] },
  quickLink: {},
  guide: { flag: ['present', 'guide'] },
  extender: { parts: ['hangerExtenderMm'] },
  spacer: { parts: ['spacerMm'] },
};

/** The single ring's bolt circle is that of the smallest ring. */
const placesOf = (slot: Slot, { chainrings }: Setup) =>
  slot === 'bigRing' && chainrings.length === 1 ? { ...PLACES.bigRing, ...PLACES.smallRing } : PLACES[slot];

type Loose = Readonly<Record<string, unknown>>;

const put = (record: object, field: string, value: unknown): Loose => {
  const { [field]: _before, ...rest } = record as Loose;
  return value === undefined ? rest : { ...rest, [field]: value };
};

/** Returns a setup's data of the part in one slot, including teeth. */
export function dataInSlot(slot: Slot, setup: FittedSetup): PartData {
  const { rear = [], parts = [], setup: own = [], flag } = placesOf(slot, setup);
  let data: Loose = {};
  for (const field of rear) data = put(data, field, setup.rearDerailleur[field]);
  for (const field of parts) data = put(data, field, setup.parts[field]);
  for (const field of own) data = put(data, field, setup[field]);
  if (flag && flag[0] !== 'present' && setup.parts.retention) {
    data = put(data, flag[0], setup.parts.retention.includes(flag[1]));
  }
  if (slot === 'cassette') data = put(data, 'cogs', setup.cogs);
  if (slot === 'bigRing') data = put(data, 'ringT', setup.chainrings[0]);
  if (slot === 'smallRing') data = put(data, 'ringT', setup.chainrings[1]);
  return data;
}

/** Returns the setup with the data of the part in one slot; data unknown of the part become unknown of the setup. */
export function withDataInSlot<T extends FittedSetup>(slot: Slot, setup: T, data: PartData): T {
  const { rear = [], parts = [], setup: own = [], flag } = placesOf(slot, setup);
  let derailleur: Loose = setup.rearDerailleur as Loose;
  for (const field of rear) derailleur = put(derailleur, field, data[field]);
  let drive: Loose = setup.parts as Loose;
  for (const field of parts) drive = put(drive, field, data[field]);
  if (flag) {
    const has = flag[0] === 'present' ? true : data[flag[0]];
    drive = put(drive, 'retention', retentionWith(setup.parts.retention, flag[1], has));
  }
  let whole: Loose = setup as unknown as Loose;
  for (const field of own) whole = put(whole, field, data[field]);
  return { ...whole, rearDerailleur: derailleur, parts: drive } as unknown as T;
}

function retentionWith(
  known: readonly Retention[] | undefined,
  what: Retention,
  has: boolean | undefined,
): readonly Retention[] | undefined {
  if (has === undefined) return known;
  const others = (known ?? []).filter((one) => one !== what);
  return has ? [...others, what] : others;
}

/** Whether a part has the teeth that a setup has in this place; parts without teeth always do. */
export function suitsSlot(slot: Slot, { chainrings, cogs }: Setup, data: PartData): boolean {
  switch (slot) {
    case 'cassette':
      return data.cogs !== undefined && sameTeeth(data.cogs, cogs);
    case 'bigRing':
      return data.ringT === chainrings[0];
    case 'smallRing':
      return data.ringT !== undefined && data.ringT === chainrings[1];
    case 'frontDerailleur':
      return chainrings.length > 1;
    default:
      return true;
  }
}
