import type { Setup } from '../gears';
import { cagePose, DRIVE_DEFAULTS, type CagePose, type DriveGeometry } from './cage';
import { chainLinks, directPitches, type ChainLinks } from './chain-length';
import { checkCapacity, checkRingDifference } from './capacity';
import type { RearDerailleur } from './rear-derailleur';
import type { Check } from './verdict';

export interface FitInput {
  readonly setup: Setup;
  readonly chainstayMm: number;
  /** How much longer it becomes as a rear suspension moves, mm; 0 without one. */
  readonly suspensionGrowthMm: number;
  readonly bbDropMm: number;
  /** Links of the chain on the bike; undefined where it is not known or is to be bought. */
  readonly chainLinks: number | undefined;
  readonly rearDerailleur: RearDerailleur;
}

/** The cage in one gear. */
export interface CageRow {
  readonly chainring: number;
  readonly cog: number;
  readonly pose: CagePose;
}

export interface FitReport {
  readonly checks: readonly Check[];
  /** Round the largest ring and cog, without the derailleur. */
  readonly directPitches: number;
  readonly links: ChainLinks;
  /** The chain that the cage is worked out with: the one on the bike, else big-big + 2. */
  readonly linksUsed: number;
  /** Undefined without a cage length. */
  readonly geometry: DriveGeometry | undefined;
  /** Each ring, big first, with each cog, smallest first; empty without a cage length. */
  readonly cage: readonly CageRow[];
}

/** The drive's geometry as far as it is known, typical values for the rest; undefined without a cage length. */
export function geometryOf({ chainstayMm, bbDropMm, rearDerailleur }: FitInput): DriveGeometry | undefined {
  const { cageLengthMm } = rearDerailleur;
  if (cageLengthMm === undefined) return undefined;
  return {
    chainstayMm,
    bbDropMm,
    cageLengthMm,
    pulleyTeeth: rearDerailleur.pulleyTeeth ?? DRIVE_DEFAULTS.pulleyTeeth,
    pitchLineGapMm: rearDerailleur.pitchLineGapMm ?? DRIVE_DEFAULTS.pitchLineGapMm,
    guidePulleyAngleDeg: rearDerailleur.guidePulleyAngleDeg ?? DRIVE_DEFAULTS.guidePulleyAngleDeg,
    guidePulleyOffsetMm: rearDerailleur.guidePulleyOffsetMm ?? DRIVE_DEFAULTS.guidePulleyOffsetMm,
    foldBackLimitDeg: rearDerailleur.foldBackLimitDeg ?? DRIVE_DEFAULTS.foldBackLimitDeg,
  };
}

/** Whether the drive goes together, how long its chain is, and how the cage hangs in every gear. */
export function fitReport(input: FitInput): FitReport {
  const { setup, chainstayMm, suspensionGrowthMm, rearDerailleur } = input;
  const { chainrings, cogs } = setup;
  const geometry = geometryOf(input);
  // A chain must reach when the suspension has made the stay longest.
  const longestMm = chainstayMm + suspensionGrowthMm;
  const links = chainLinks({ chainrings, cogs, chainstayMm: longestMm, geometry });
  const direct = directPitches(Math.max(...chainrings), Math.max(...cogs), longestMm);
  const linksUsed = input.chainLinks ?? links.bigBigPlusTwo;
  const cage = geometry
    ? chainrings.flatMap((chainring) =>
        cogs.map((cog) => ({ chainring, cog, pose: cagePose(chainring, cog, linksUsed, geometry) })),
      )
    : [];
  return {
    checks: [
      ...checkCapacity(setup, rearDerailleur),
      checkRingDifference(setup, rearDerailleur),
      checkChainLength(input, direct, links, cage),
    ],
    directPitches: direct,
    links,
    linksUsed,
    geometry,
    cage,
  };
}

function checkChainLength(
  { setup, chainLinks: fitted }: FitInput,
  direct: number,
  { bigBigPlusTwo }: ChainLinks,
  cage: readonly CageRow[],
): Check {
  const common = { id: 'chainLength', required: bigBigPlusTwo, limit: fitted, unit: 'links' } as const;
  if (fitted === undefined) {
    return {
      ...common,
      verdict: 'notKnown',
      margin: undefined,
      missing: 'how many links the chain has',
      message: `${bigBigPlusTwo} links by big-big + 2; not known: how many links the chain has.`,
      fixes: [],
    };
  }
  const bigRing = Math.max(...setup.chainrings);
  const largest = Math.max(...setup.cogs);
  const margin = fitted - bigBigPlusTwo;
  const pose = (chainring: number, cog: number) =>
    cage.find((row) => row.chainring === chainring && row.cog === cog)?.pose;
  const known = { ...common, margin, missing: undefined };
  if (fitted < direct || pose(bigRing, largest)?.state === 'tooShort') {
    return {
      ...known,
      verdict: 'cannotWork',
      message: `${fitted} links do not reach round ${bigRing}/${largest}: a mis-shift into it locks the drive and can tear the derailleur off. ${-margin} more are needed.`,
      fixes: [`a chain of ${bigBigPlusTwo} links`],
    };
  }
  if (margin < 0) {
    return {
      ...known,
      verdict: 'outside',
      message: `${fitted} links, ${-margin} short of big-big + 2 (${bigBigPlusTwo}).`,
      fixes: [`a chain of ${bigBigPlusTwo} links`],
    };
  }
  const smallSmall = pose(Math.min(...setup.chainrings), Math.min(...setup.cogs));
  if (smallSmall?.state === 'slack') {
    const angle = smallSmall.angleDeg === undefined ? 'past any angle' : `at ${smallSmall.angleDeg.toFixed(0)}°`;
    return {
      ...known,
      verdict: 'outside',
      message: `${fitted} links: in small-small the cage is folded back ${angle} and the chain is slack.`,
      fixes: margin >= 2 ? [`${margin} links fewer`] : ['a longer cage', 'a larger small ring'],
    };
  }
  return {
    ...known,
    verdict: margin === 0 ? 'at' : 'inside',
    message: `${fitted} links, ${bigBigPlusTwo} by big-big + 2${margin === 0 ? ': just that' : `: ${margin} to spare`}.`,
    fixes: [],
  };
}
