import { message, type Message } from '../message';

/** A generic kind of crank by its chainline, mm from the frame's centre plane. */
interface ChainlineFamily {
  readonly name: Message;
  readonly frontChainlineMm: number;
}

type FamilyName = 'road2x' | 'road2xDisc' | 'road1x' | 'wide1x' | 'mountain2x' | 'trail1x' | 'trail1xWidest';

const family = (name: FamilyName, frontChainlineMm: number): ChainlineFamily => ({
  name: message(`parts.chainline.${name}`, { about: frontChainlineMm }),
  frontChainlineMm,
});

/** Typical values: cranks of a kind differ by a millimetre or two, so the crank's own figure takes precedence. */
export const CHAINLINE_FAMILIES: readonly ChainlineFamily[] = [
  family('road2x', 43.5),
  family('road2xDisc', 45),
  family('road1x', 44.5),
  family('wide1x', 47.5),
  family('mountain2x', 48.8),
  family('trail1x', 52),
  family('trail1xWidest', 55),
];
