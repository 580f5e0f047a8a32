import { GENERIC_CASSETTES } from '../catalog/cassettes';
import { FREEHUB_FAMILIES, familyName } from '../catalog/freehubs';
import { message, type Message } from '../message';
import type { PartData, StockKind } from './kinds';
import { firstOf, lastOf } from '../items';

/** A part by what it is, to start an entry from. Sizes are typical; the part's own sheet wins. */
interface GenericPart {
  readonly kind: StockKind;
  readonly name: Message;
  readonly data: PartData;
}

const part = (kind: StockKind, name: Message, data: PartData = {}): GenericPart => ({ kind, name, data });

/** Capacities that cages of these lengths usually have. */
const CAGES = [
  { name: 'short', cageLengthMm: 56, totalCapacityT: 33, largestCogMaxT: 30 },
  { name: 'medium', cageLengthMm: 76, totalCapacityT: 39, largestCogMaxT: 36 },
  { name: 'long', cageLengthMm: 93, totalCapacityT: 43, largestCogMaxT: 42 },
  { name: 'veryLong', cageLengthMm: 107, totalCapacityT: 47, largestCogMaxT: 51 },
] as const;

const SPEEDS = [8, 9, 10, 11, 12, 13] as const;
const RINGS = [28, 30, 32, 34, 36, 38, 40, 42, 44, 46, 48, 50, 52] as const;

export const GENERIC_PARTS: readonly GenericPart[] = [
  ...GENERIC_CASSETTES.map(({ cogs }) =>
    part(
      'cassette',
      message('parts.generic.cassette', { smallest: firstOf(cogs), largest: lastOf(cogs), cogs: cogs.length }),
      { cogs },
    ),
  ),
  ...RINGS.map((ringT) => part('chainring', message('parts.generic.chainring', { teeth: ringT }), { ringT })),
  ...RINGS.filter((ringT) => ringT <= 44).map((ringT) =>
    part('chainring', message('parts.generic.chainringNarrowWide', { teeth: ringT }), { ringT, narrowWide: true }),
  ),
  part('crank', message('parts.generic.crankOneRing')),
  part('crank', message('parts.generic.crankTwoRings')),
  ...CAGES.map(({ name, ...data }) =>
    part('rearDerailleur', message('parts.generic.rearDerailleur', { cage: name }), data),
  ),
  ...CAGES.slice(1).map(({ name, ...data }) =>
    part('rearDerailleur', message('parts.generic.rearDerailleurClutch', { cage: name }), { ...data, clutch: true }),
  ),
  part('frontDerailleur', message('parts.generic.frontDerailleurRoad'), { ringDifferenceMaxT: 16 }),
  part('frontDerailleur', message('parts.generic.frontDerailleurNarrow'), { ringDifferenceMaxT: 10 }),
  ...SPEEDS.map((shifterSpeeds) =>
    part('shifter', message('parts.generic.shifterCable', { speeds: shifterSpeeds }), {
      shifterSpeeds,
      shifting: 'cable',
    }),
  ),
  part('shifter', message('parts.generic.shifterElectronic', { speeds: 12 }), {
    shifterSpeeds: 12,
    shifting: 'electronic',
  }),
  ...SPEEDS.map((chainSpeeds) =>
    part('chain', message('parts.generic.chain', { speeds: chainSpeeds }), { chainSpeeds, chainLinks: 116 }),
  ),
  ...SPEEDS.map((chainSpeeds) =>
    part('quickLink', message('parts.generic.quickLink', { speeds: chainSpeeds }), { chainSpeeds }),
  ),
  ...FREEHUB_FAMILIES.map((family) =>
    part('freehub', message('parts.generic.freehub', { family: familyName(family) }), {
      spline: family.spline,
      smallestCogT: family.smallestCogT,
      ...(family.bodyLengthMm !== undefined && { bodyLengthMm: family.bodyLengthMm }),
    }),
  ),
  part('extender', message('parts.generic.extender'), { hangerExtenderMm: 15 }),
  part('guide', message('parts.generic.guide')),
  ...[1, 1.85].map((spacerMm) => part('spacer', message('parts.generic.spacer', { width: spacerMm }), { spacerMm })),
  part('wheel', message('parts.generic.wheel', { rim: 622 }), { rimDiameterMm: 622, tyreWidthMm: 40 }),
  part('wheel', message('parts.generic.wheel', { rim: 584 }), { rimDiameterMm: 584, tyreWidthMm: 50 }),
  part('wheel', message('parts.generic.wheel', { rim: 406 }), { rimDiameterMm: 406, tyreWidthMm: 50 }),
  part('other', message('parts.generic.innerCable')),
  part('other', message('parts.generic.housing')),
];
