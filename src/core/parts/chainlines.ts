/** A kind of crank by where its ring or rings stand from the frame's centre plane, mm, in generic terms. */
export interface ChainlineFamily {
  readonly name: string;
  readonly frontChainlineMm: number;
}

/** Typical values: cranks of a kind differ by a millimetre or two, so the crank's own figure takes precedence. */
export const CHAINLINE_FAMILIES: readonly ChainlineFamily[] = [
  { name: '2x road, about 43.5 mm', frontChainlineMm: 43.5 },
  { name: '2x road, disc hub, about 45 mm', frontChainlineMm: 45 },
  { name: '1x road, about 44.5 mm', frontChainlineMm: 44.5 },
  { name: '1x, all road and wide hubs, about 47.5 mm', frontChainlineMm: 47.5 },
  { name: '2x mountain, about 48.8 mm', frontChainlineMm: 48.8 },
  { name: '1x trail, about 52 mm', frontChainlineMm: 52 },
  { name: '1x trail, widest hubs, about 55 mm', frontChainlineMm: 55 },
];
