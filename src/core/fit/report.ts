import { DEFAULT_CROSSED_COGS, isCrossChained, type Setup } from '../gears';
import { allowedGears, type GearIndex } from './allowed';
import { DRIVE_DEFAULTS, type DriveGeometry } from './cage';
import { cageForMm } from './cage-for';
import { cageRows, type CageRow } from './cage-rows';
import { checkCapacity, type OtherDerailleur } from './capacity';
import { checkChainLength, checkChainSpeeds } from './chain-fit';
import { chainLinks, directPitches, type ChainLinks } from './chain-length';
import {
  CHAINLINE_DEFAULTS,
  DEFAULT_STEEP_ANGLE_DEG,
  chainAngles,
  checkChainline,
  typicalCogPitchMm,
  type ChainAngle,
  type ChainlineGeometry,
} from './chainline';
import type { DriveParts } from './drive-parts';
import { derailleurMark, type Experience } from './experience';
import { checkExtender } from './extender';
import { checkFreehub, checkFreehubLength, checkHubRatio, type Freehub } from './freehub';
import { checkFrontCage, checkRingDifference } from './front';
import { checkIndexing, checkShifterSpeeds, indexingOf, type IndexingError } from './indexing';
import type { RearDerailleur } from './rear-derailleur';
import { checkRetention, checkRingRoom, checkSmallestRing, type RingRoom } from './rings';
import { trialOf, type Trial } from './trial';
import type { Check, CheckId } from './verdict';
import type { Optional } from '../optional';
import { firstOf, itemAt } from '../items';

export interface FitInput {
  readonly setup: Setup;
  readonly chainstayMm: number;
  /** How much longer it becomes as a rear suspension moves, mm; 0 without one. */
  readonly suspensionGrowthMm: number;
  readonly bbDropMm: number;
  /** Links of the chain on the bike; undefined where it is not known or is to be bought. */
  readonly chainLinks: number | undefined;
  readonly rearDerailleur: RearDerailleur;
  readonly parts?: DriveParts | undefined;
  readonly freehub?: Freehub | undefined;
  readonly ringRoom?: RingRoom | undefined;
  /** Places of the gears that the rider never uses. */
  readonly avoided?: readonly GearIndex[] | undefined;
  /** What is measured of it; typical for the rest. */
  readonly chainline?: Optional<Omit<ChainlineGeometry, 'chainstayMm'>> | undefined;
  readonly steepDeg?: number | undefined;
  /** Cogs at each end that count as cross-chained on two rings. */
  readonly crossedCogs?: number | undefined;
  /** Big ring of the setup on the bike now. */
  readonly fittedBigRing?: number | undefined;
  /** What came of limits that were passed before, for the workshop-tested approach. */
  readonly experience?: readonly Experience[] | undefined;
  /** Ids of the derailleurs in stock, by which the log identifies them. */
  readonly derailleurPartIds?: Parameters<typeof derailleurMark>[2];
  /** Available derailleurs. */
  readonly others?: readonly OtherDerailleur[] | undefined;
}

/** Checks with the experience about exceeded limits. */
export interface CheckedFit {
  readonly checks: readonly Check[];
  readonly trials: Readonly<Partial<Record<CheckId, Trial>>>;
}

export interface FitReport extends CheckedFit {
  /** Round the largest ring and cog, without the derailleur. */
  readonly directPitches: number;
  readonly links: ChainLinks;
  /** The chain that the cage is worked out with: the one on the bike, else big-big + 2. */
  readonly linksUsed: number;
  /** Undefined without a cage length. */
  readonly geometry: DriveGeometry | undefined;
  /** Each ring, big first, with each cog, smallest first; empty without a cage length. */
  readonly cage: readonly CageRow[];
  readonly chainline: ChainlineGeometry;
  readonly angles: readonly ChainAngle[];
  /** Of a cable shifter that is known well enough. */
  readonly indexing: IndexingError | undefined;
}

/** The drive's geometry as far as it is known, typical values for the rest; undefined without a cage length. */
export function geometryOf({
  chainstayMm,
  bbDropMm,
  rearDerailleur,
}: Pick<FitInput, 'chainstayMm' | 'bbDropMm' | 'rearDerailleur'>): DriveGeometry | undefined {
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

/** Offsets as measured, typical ones for the rest. */
export function chainlineOf({
  setup,
  chainstayMm,
  chainline = {},
}: Pick<FitInput, 'setup' | 'chainstayMm' | 'chainline'>): ChainlineGeometry {
  return {
    chainstayMm,
    frontChainlineMm: chainline.frontChainlineMm ?? CHAINLINE_DEFAULTS.frontChainlineMm,
    ringSpacingMm: chainline.ringSpacingMm ?? CHAINLINE_DEFAULTS.ringSpacingMm,
    rearChainlineMm: chainline.rearChainlineMm ?? CHAINLINE_DEFAULTS.rearChainlineMm,
    cogPitchMm: chainline.cogPitchMm ?? typicalCogPitchMm(setup.cogs.length),
  };
}

/** Reports compatibility, chain length and the cage pose in every gear. */
export function fitReport(input: FitInput): FitReport {
  const { setup, chainstayMm, suspensionGrowthMm, rearDerailleur, parts = {}, freehub = {}, avoided = [] } = input;
  const { chainrings, cogs } = setup;
  const geometry = geometryOf(input);
  // A chain must reach when the suspension has made the stay longest.
  const longestMm = chainstayMm + suspensionGrowthMm;
  const links = chainLinks({ chainrings, cogs, chainstayMm: longestMm, geometry });
  const direct = directPitches(Math.max(...chainrings), Math.max(...cogs), longestMm);
  const linksUsed = input.chainLinks ?? links.bigBigPlusTwo;
  const cage = geometry ? cageRows(setup, linksUsed, geometry) : [];

  const allowed = allowedGears(setup, avoided);
  const rowAt = ({ ring, cog }: GearIndex) => cage[ring * cogs.length + cog];
  const used = allowed.flatMap((place) => rowAt(place) ?? []);
  const chainline = chainlineOf(input);
  const angles = chainAngles(setup, chainline);
  const ridden = allowed.filter(({ ring, cog }) => {
    const gear = { chainring: itemAt(chainrings, ring), cog: itemAt(cogs, cog) };
    return !isCrossChained(setup, gear, input.crossedCogs ?? DEFAULT_CROSSED_COGS);
  });
  const indexing = { cogCount: cogs.length, pitchMm: chainline.cogPitchMm, parts, rearDerailleur };
  const needed =
    geometry &&
    cageForMm(
      allowed.map(({ ring, cog }) => [itemAt(chainrings, ring), itemAt(cogs, cog)] as const),
      links.bigBigPlusTwo,
      geometry,
    );
  const checks = [
    ...checkCapacity({ setup, rearDerailleur, avoided, others: input.others, cageForMm: needed }),
    checkRingDifference(setup, rearDerailleur),
    checkFrontCage(setup, parts, input.fittedBigRing),
    checkIndexing(indexing),
    checkShifterSpeeds(cogs.length, parts, rearDerailleur),
    checkFreehub(firstOf(cogs), freehub, parts),
    checkFreehubLength(freehub, parts),
    ...checkHubRatio(setup, parts),
    checkChainLength({
      wanted: links.bigBigPlusTwo,
      directPitches: direct,
      fitted: input.chainLinks,
      bigBig: rowAt({ ring: 0, cog: cogs.length - 1 }),
      smallSmall: rowAt({ ring: chainrings.length - 1, cog: 0 }),
      slack: used.filter(({ pose }) => pose.state === 'slack').reverse(),
      chainrings,
      cogs,
    }),
    checkChainSpeeds(cogs.length, parts),
    checkSmallestRing(setup, parts),
    checkRingRoom(setup, input.ringRoom ?? {}),
    checkRetention(setup, parts),
    checkChainline(
      (ridden.length > 0 ? ridden : allowed).map(({ ring, cog }) => itemAt(angles, ring * cogs.length + cog)),
      setup,
      input.steepDeg ?? DEFAULT_STEEP_ANGLE_DEG,
    ),
    checkExtender(Math.max(...cogs), rearDerailleur, parts),
  ];
  const trials = Object.fromEntries(
    checks.flatMap((check): [CheckId, Trial][] => {
      const trial = trialOf(check, {
        ridden: used,
        experience: input.experience,
        derailleur: derailleurMark(rearDerailleur, parts, input.derailleurPartIds),
        hangerExtenderMm: parts.hangerExtenderMm,
      });
      return trial ? [[check.id, trial]] : [];
    }),
  );
  return {
    checks,
    trials,
    directPitches: direct,
    links,
    linksUsed,
    geometry,
    cage,
    chainline,
    angles,
    indexing: indexingOf(indexing),
  };
}
