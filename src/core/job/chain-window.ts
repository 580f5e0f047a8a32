import {
  PITCH_MM,
  allowedGears,
  chainLinks,
  directPitches,
  geometryOf,
  tautLengthMm,
  type DriveGeometry,
} from '../fit';
import { evenDown } from '../numbers';
import type { Build } from './build';
import { itemAt } from '../items';

/** The frame, as far as the length of a chain depends on it, mm. */
export interface Frame {
  /** At rest, or at sag with suspension. */
  readonly chainstayMm: number;
  /** At the longest that rear suspension makes it. */
  readonly longestChainstayMm: number;
  readonly bbDropMm: number;
}

/** The even counts of links that a setup takes. */
export interface ChainWindow {
  /** Big-big + 2: with fewer a shift into big-big can lock the drive. */
  readonly minLinks: number;
  /** The longest that stays taut in every gear in use; undefined without a cage length. */
  readonly maxLinks: number | undefined;
  /** Straight round the largest ring and cog, pitches: below it the chain does not reach at all. */
  readonly directPitches: number;
}

export function chainWindow(
  { setup, rearDerailleur, leftOut = [] }: Pick<Build, 'setup' | 'rearDerailleur' | 'leftOut'>,
  { chainstayMm, longestChainstayMm, bbDropMm }: Frame,
): ChainWindow {
  const { chainrings, cogs } = setup;
  const geometry = geometryOf({ chainstayMm, bbDropMm, rearDerailleur });
  return {
    minLinks: chainLinks({ chainrings, cogs, chainstayMm: longestChainstayMm, geometry: undefined }).bigBigPlusTwo,
    maxLinks: geometry && mostLinks(setup, leftOut, geometry),
    directPitches: directPitches(Math.max(...chainrings), Math.max(...cogs), longestChainstayMm),
  };
}

/** Undefined where the drawing has no path for one of the gears. */
function mostLinks(
  setup: Build['setup'],
  leftOut: NonNullable<Build['leftOut']>,
  geometry: DriveGeometry,
): number | undefined {
  const tautMm = allowedGears(setup, leftOut).map(({ ring, cog }) =>
    tautLengthMm(itemAt(setup.chainrings, ring), itemAt(setup.cogs, cog), geometry),
  );
  if (tautMm.some((length) => length === undefined)) return undefined;
  return evenDown(Math.min(...(tautMm as number[])) / PITCH_MM);
}

/** A chain's length relative to one end of its range. */
type EndCheck = 'passes' | 'fails' | 'notKnown';

export interface EndChecks {
  readonly bigBig: EndCheck;
  readonly smallSmall: EndCheck;
}

/** A count of links against both ends of a window. */
export function endChecks(links: number, { minLinks, maxLinks }: ChainWindow): EndChecks {
  return {
    bigBig: links >= minLinks ? 'passes' : 'fails',
    smallSmall: maxLinks === undefined ? 'notKnown' : links <= maxLinks ? 'passes' : 'fails',
  };
}

/** The counts that two setups take alike; empty (max below min) where no one chain suits both. */
export function sharedWindow(a: ChainWindow, b: ChainWindow): ChainWindow {
  const most = [a.maxLinks, b.maxLinks].filter((links) => links !== undefined);
  return {
    minLinks: Math.max(a.minLinks, b.minLinks),
    maxLinks: most.length > 0 ? Math.min(...most) : undefined,
    directPitches: Math.max(a.directPitches, b.directPitches),
  };
}
