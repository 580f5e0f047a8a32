import { GENERIC_CASSETTES } from '../parts/cassettes';
import { FREEHUB_FAMILIES, familyName } from '../parts/freehubs';
import type { PartData, ShelfKind } from './kinds';

/** A part by what it is, to start an entry from. Sizes are typical; the part's own sheet wins. */
export interface GenericPart {
  readonly kind: ShelfKind;
  readonly name: string;
  readonly data: PartData;
}

const part = (kind: ShelfKind, name: string, data: PartData = {}): GenericPart => ({ kind, name, data });

/** Capacities that cages of these lengths usually have. */
const CAGES = [
  { name: 'short', cageLengthMm: 56, totalCapacityT: 33, largestCogMaxT: 30 },
  { name: 'medium', cageLengthMm: 76, totalCapacityT: 39, largestCogMaxT: 36 },
  { name: 'long', cageLengthMm: 93, totalCapacityT: 43, largestCogMaxT: 42 },
  { name: 'very long', cageLengthMm: 107, totalCapacityT: 47, largestCogMaxT: 51 },
] as const;

const SPEEDS = [8, 9, 10, 11, 12, 13] as const;
const RINGS = [28, 30, 32, 34, 36, 38, 40, 42, 44, 46, 48, 50, 52] as const;

export const GENERIC_PARTS: readonly GenericPart[] = [
  ...GENERIC_CASSETTES.map(({ cogs }) =>
    part('cassette', `Cassette ${cogs[0]}-${cogs.at(-1)}, ${cogs.length} speed`, { cogs }),
  ),
  ...RINGS.map((ringT) => part('chainring', `Chainring ${ringT}T`, { ringT })),
  ...RINGS.filter((ringT) => ringT <= 44).map((ringT) =>
    part('chainring', `Chainring ${ringT}T, narrow-wide`, { ringT, narrowWide: true }),
  ),
  part('crank', 'Crank for one ring'),
  part('crank', 'Crank for two rings'),
  ...CAGES.map(({ name, ...data }) => part('rearDerailleur', `Rear derailleur, ${name} cage`, data)),
  ...CAGES.slice(1).map(({ name, ...data }) =>
    part('rearDerailleur', `Rear derailleur, ${name} cage, clutch`, { ...data, clutch: true }),
  ),
  part('frontDerailleur', 'Front derailleur, road double', { ringDifferenceMaxT: 16 }),
  part('frontDerailleur', 'Front derailleur, narrow double', { ringDifferenceMaxT: 10 }),
  ...SPEEDS.map((shifterSpeeds) =>
    part('shifter', `Shifter, ${shifterSpeeds} speed, cable`, { shifterSpeeds, shifting: 'cable' }),
  ),
  part('shifter', 'Shifter, 12 speed, electronic', { shifterSpeeds: 12, shifting: 'electronic' }),
  ...SPEEDS.map((chainSpeeds) => part('chain', `Chain, ${chainSpeeds} speed`, { chainSpeeds, chainLinks: 116 })),
  ...SPEEDS.map((chainSpeeds) => part('quickLink', `Quick link, ${chainSpeeds} speed`, { chainSpeeds })),
  ...FREEHUB_FAMILIES.map((family) =>
    part('freehub', `Freehub body: ${familyName(family)}`, {
      spline: family.spline,
      smallestCogT: family.smallestCogT,
      ...(family.bodyLengthMm !== undefined && { bodyLengthMm: family.bodyLengthMm }),
    }),
  ),
  part('extender', 'Hanger extender', { hangerExtenderMm: 15 }),
  part('guide', 'Chain guide for one ring'),
  ...[1, 1.85].map((spacerMm) => part('spacer', `Spacer ${spacerMm} mm`, { spacerMm })),
  part('wheel', 'Rear wheel, 622', { rimDiameterMm: 622, tyreWidthMm: 40 }),
  part('wheel', 'Rear wheel, 584', { rimDiameterMm: 584, tyreWidthMm: 50 }),
  part('wheel', 'Rear wheel, 406', { rimDiameterMm: 406, tyreWidthMm: 50 }),
  part('other', 'Inner cable'),
  part('other', 'Cable housing, a metre'),
];
