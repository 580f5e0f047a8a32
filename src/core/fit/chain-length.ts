import { ceilNearly, clampedAsin, evenDown, evenUp } from '../numbers';
import { MM_PER_INCH } from '../units';
import { chainPath, tautLengthMm, type DriveGeometry } from './cage';
import { PITCH_MM } from './chain';
import { pitchRadiusMm } from './sprocket';

/**
 * Chain straight round a ring and a cog, in pitches, without the rear derailleur:
 * [2·√(C² − (a−b)²) + a(π + 2α) + b(π − 2α)] / p, α = asin((a − b) / C), a ≥ b pitch radii.
 */
export function directPitches(chainring: number, cog: number, chainstayMm: number): number {
  const [a, b] = [pitchRadiusMm(Math.max(chainring, cog)), pitchRadiusMm(Math.min(chainring, cog))];
  const alpha = clampedAsin((a - b) / chainstayMm);
  const straight = 2 * Math.sqrt(chainstayMm ** 2 - (a - b) ** 2);
  return (straight + a * (Math.PI + 2 * alpha) + b * (Math.PI - 2 * alpha)) / PITCH_MM;
}

/** Largest cog up to which the school of upright pulleys holds, teeth. */
const UPRIGHT_LARGEST_COG_T = 28;

/** Links by each method; undefined where it has no result. */
export interface ChainLinks {
  /** Straight round the largest ring and cog, two links more, even: the default. */
  readonly bigBigPlusTwo: number;
  /** 2C + ring/4 + cog/4 + 1, all in inches, up to a whole inch: two links each. */
  readonly equation: number;
  /** The longest that stays taut in small-small. Needs the cage length. */
  readonly smallSmall: number | undefined;
  /** Pulleys plumb on big ring and smallest cog; for largest cogs to 28. Needs the cage's length. */
  readonly pulleysUpright: number | undefined;
}

interface ChainLengthInput {
  readonly chainrings: readonly number[];
  readonly cogs: readonly number[];
  /** The longest that it becomes, with rear suspension. */
  readonly chainstayMm: number;
  /** Undefined where the cage is not known. */
  readonly geometry: DriveGeometry | undefined;
}

export function chainLinks({ chainrings, cogs, chainstayMm, geometry }: ChainLengthInput): ChainLinks {
  const bigRing = Math.max(...chainrings);
  const smallRing = Math.min(...chainrings);
  const largest = Math.max(...cogs);
  const smallest = Math.min(...cogs);
  const inches = (2 * chainstayMm) / MM_PER_INCH + bigRing / 4 + largest / 4 + 1;
  const taut = geometry && tautLengthMm(smallRing, smallest, geometry);
  const upright = geometry && largest <= UPRIGHT_LARGEST_COG_T ? chainPath(bigRing, smallest, 0, geometry) : undefined;
  return {
    bigBigPlusTwo: evenUp(directPitches(bigRing, largest, chainstayMm)) + 2,
    equation: 2 * ceilNearly(inches),
    smallSmall: taut === undefined ? undefined : evenDown(taut / PITCH_MM),
    // The nearest even count: one link more or less leaves the pulleys practically vertical.
    pulleysUpright: upright?.ok ? 2 * Math.round(upright.belt.lengthMm / PITCH_MM / 2) : undefined,
  };
}
