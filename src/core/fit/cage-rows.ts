import type { Setup } from '../gears';
import { cagePose, type CagePose, type DriveGeometry } from './cage';

/** The cage in one gear. */
export interface CageRow {
  readonly chainring: number;
  readonly cog: number;
  readonly pose: CagePose;
}

/** The cage in every gear with a chain of so many links: each ring, big first, with each cog, smallest first. */
export function cageRows({ chainrings, cogs }: Setup, links: number, geometry: DriveGeometry): CageRow[] {
  return chainrings.flatMap((chainring) =>
    cogs.map((cog) => ({ chainring, cog, pose: cagePose(chainring, cog, links, geometry) })),
  );
}
