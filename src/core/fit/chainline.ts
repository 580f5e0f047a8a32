import type { Setup } from '../gears';
import type { Bounds } from '../numbers';
import { degrees } from '../units';
import { message } from '../message';
import { answered, type Check } from './verdict';
import { definite } from '../items';

/** Lateral positions of rings and cogs from the frame's mid-plane. */
export interface ChainlineGeometry {
  readonly chainstayMm: number;
  /** Middle of the ring or rings from the mid-plane, mm. */
  readonly frontChainlineMm: number;
  /** From ring to ring, mm. */
  readonly ringSpacingMm: number;
  /** Middle of the cassette from the mid-plane, mm. */
  readonly rearChainlineMm: number;
  /** Cog to cog, centre to centre, mm. */
  readonly cogPitchMm: number;
}

/** What a crank, hub and cassette are taken to be until they are measured; they vary by several millimetres. */
export const CHAINLINE_DEFAULTS = {
  frontChainlineMm: 46,
  ringSpacingMm: 7.5,
  rearChainlineMm: 45,
} as const satisfies Partial<ChainlineGeometry>;

export const CHAINLINE_MM: Bounds = { min: 30, max: 70 };
export const RING_SPACING_MM: Bounds = { min: 4, max: 12 };
export const COG_PITCH_MM: Bounds = { min: 3, max: 6 };
/** Angle past which a chain is called steep, degrees. */
export const STEEP_ANGLE_DEG: Bounds = { min: 0.5, max: 6 };
export const DEFAULT_STEEP_ANGLE_DEG = 3;

/** Typical cog pitch by speeds, mm. */
const TYPICAL_COG_PITCH_MM: Readonly<Record<number, number>> = {
  6: 5.5,
  7: 5,
  8: 4.8,
  9: 4.35,
  10: 3.95,
  11: 3.75,
  12: 3.6,
  13: 3.5,
};

/** The typical pitch of a cassette of so many cogs; that of the nearest count where it has none of its own. */
export function typicalCogPitchMm(cogCount: number): number {
  return definite(TYPICAL_COG_PITCH_MM[Math.min(13, Math.max(6, cogCount))]);
}

/** A gear with the sideways angle of its chain. */
export interface ChainAngle {
  readonly chainring: number;
  readonly cog: number;
  readonly ringOffsetMm: number;
  readonly cogOffsetMm: number;
  /** Positive where the cog is farther out than the ring. */
  readonly angleDeg: number;
}

/**
 * Angles of every gear: cog i of n at rear chainline + ((n−1)/2 − i) × pitch, the smallest outermost;
 * rings at the front chainline ± half their spacing, the big one outermost; atan(difference / chainstay).
 * @returns big ring first, smallest cog first
 */
export function chainAngles({ chainrings, cogs }: Setup, geometry: ChainlineGeometry): ChainAngle[] {
  const { chainstayMm, frontChainlineMm, ringSpacingMm, rearChainlineMm, cogPitchMm } = geometry;
  return chainrings.flatMap((chainring, r) => {
    const ringOffsetMm = frontChainlineMm + ((chainrings.length - 1) / 2 - r) * ringSpacingMm;
    return cogs.map((cog, i) => {
      const cogOffsetMm = rearChainlineMm + ((cogs.length - 1) / 2 - i) * cogPitchMm;
      const angleDeg = degrees(Math.atan((cogOffsetMm - ringOffsetMm) / chainstayMm));
      return { chainring, cog, ringOffsetMm, cogOffsetMm, angleDeg };
    });
  });
}

/** The gear of a ring in which the chain runs straightest; undefined where no gear of that ring is among them. */
export function straightest(angles: readonly ChainAngle[], chainring: number): ChainAngle | undefined {
  const [first, ...rest] = angles.filter((angle) => angle.chainring === chainring);
  return (
    first && rest.reduce((best, angle) => (Math.abs(angle.angleDeg) < Math.abs(best.angleDeg) ? angle : best), first)
  );
}

/** Of a cassette's largest cogs so many can lose the chain when the cranks turn backwards, share and least count. */
const BACK_PEDAL_SHARE = 1 / 3;
const BACK_PEDAL_LEAST = 3;
/** The largest cog tolerates this share of the steep angle, each smaller one more: a rule of thumb. */
const LARGEST_FORGIVES = 0.8;
const EACH_SMALLER_FORGIVES = 0.15;

/**
 * The sideways angle up to which a cog is expected to hold the chain when the cranks turn backwards, degrees.
 * The larger the cog, the less it forgives. Undefined for the smaller two thirds, which do not lose it.
 */
function backPedalLimitDeg({ cogs }: Pick<Setup, 'cogs'>, cog: number, steepDeg: number): number | undefined {
  const fromLargest = cogs.length - 1 - cogs.indexOf(cog);
  const count = Math.max(BACK_PEDAL_LEAST, Math.ceil(cogs.length * BACK_PEDAL_SHARE));
  if (fromLargest >= count) return undefined;
  return steepDeg * (LARGEST_FORGIVES + EACH_SMALLER_FORGIVES * fromLargest);
}

/** Whether back-pedalling may drop the chain: on one of the largest cogs, at more than that cog's own angle inwards. */
export function backPedalRisk(setup: Setup, { cog, angleDeg }: ChainAngle, steepDeg: number): boolean {
  const limitDeg = backPedalLimitDeg(setup, cog, steepDeg);
  return limitDeg !== undefined && angleDeg < -limitDeg;
}

/** The gears for the back-pedal check, the largest cog first: the largest third of the cassette on the big ring. */
export function backPedalGears(setup: Setup, angles: readonly ChainAngle[], steepDeg: number): readonly ChainAngle[] {
  const ring = Math.max(...setup.chainrings);
  return angles
    .filter(({ chainring, cog }) => chainring === ring && backPedalLimitDeg(setup, cog, steepDeg) !== undefined)
    .sort((a, b) => b.cog - a.cog);
}

/** Checks that no gear in use needs a steeper chain than the rider allows. */
export function checkChainline(ridden: readonly ChainAngle[], setup: Setup, steepDeg: number): Check {
  const steepest = ridden.reduce((worst, one) => (Math.abs(one.angleDeg) > Math.abs(worst.angleDeg) ? one : worst));
  const required = Math.abs(steepest.angleDeg);
  const margin = steepDeg - required;
  const risky = ridden.filter((angle) => backPedalRisk(setup, angle, steepDeg));
  const straight = setup.chainrings
    .map((ring) => straightest(ridden, ring))
    .filter((angle) => angle !== undefined)
    .map(nameOf);
  const what = message('fit.chainline.what', { angle: required, gear: nameOf(steepest), limit: steepDeg });
  const numbers = { required, limit: steepDeg, margin, unit: '°' } as const;
  if (margin >= 0) {
    const [bigRing, smallRing] = straight;
    const text =
      smallRing === undefined
        ? message('fit.chainline.insideOneRing', { what, gear: definite(bigRing) })
        : message('fit.chainline.insideTwoRings', { what, bigRing: definite(bigRing), smallRing });
    return answered('chainline', margin > 0 ? 'inside' : 'at', text, numbers);
  }
  const text =
    risky.length === 0
      ? message('fit.chainline.outside', { what })
      : message('fit.chainline.outsideMayDrop', { what, gears: risky.map(nameOf) });
  return answered('chainline', 'outside', text, {
    ...numbers,
    fixes: [{ text: message(steepest.angleDeg < 0 ? 'fit.chainline.fixInboard' : 'fit.chainline.fixOutboard') }],
  });
}

const nameOf = ({ chainring, cog }: ChainAngle) => `${chainring}/${cog}`;
