import type { Recording } from '../recording';
import { BRIEF_BOUNDS } from '../needs';
import { medianOf, within } from '../numbers';
import { itemAt } from '../items';
import type { RiddenEnergy } from './energy';

/** A figure with one standard deviation to each side. */
export interface Estimate {
  readonly value: number;
  readonly spread: number;
  /** Whether the rides say it, rather than what was taken before. */
  readonly isFromRides: boolean;
}

/** Rolling resistance and drag area that explain rides, with what the two have in common. */
export interface ResistanceFit {
  readonly crr: Estimate;
  readonly cdaM2: Estimate;
  /** Covariance of the two, of crr and of cdaM2. */
  readonly covariance: { readonly both: number; readonly crr: number; readonly cda: number };
  /** Stretches by which it was worked out. */
  readonly stretches: number;
}

/** A stretch in which all that was given is known, per metre: force against, N, and what each unit of both figures would take. */
export interface Stretch {
  readonly forceN: number;
  readonly rollingN: number;
  readonly airN: number;
  /** Stretches of the same few minutes share wind and errors of height. */
  readonly block: number;
}

/** Length of a stretch, s: long enough for heights to differ by more than their noise, short enough to freewheel. */
const STRETCH_S = 15;
/** Slower, wheels follow no road load that matters, m/s. */
const STRETCH_MS_MIN = 2.5;
/** Stretches of so many seconds are a block. */
const BLOCK_S = 300;

/** Stretches of freewheeling, and of measured power where there is a power meter. */
export function stretchesOf(
  { timeS, speedMs, powerW }: Recording,
  energy: RiddenEnergy,
  firstBlock: number,
): Stretch[] {
  const { gainedJ, rollingJ, airJ, givenJ, drives, follows } = energy;
  const stretches: Stretch[] = [];
  const isKnown = (i: number) => (givenJ ? !Number.isNaN(powerW?.[i] ?? NaN) : itemAt(drives, i) === 0);
  const serves = (i: number) => itemAt(follows, i) === 1 && itemAt(speedMs, i) >= STRETCH_MS_MIN && isKnown(i);
  let from = 0;
  for (let i = 0; i < timeS.length - 1; i += 1) {
    if (!serves(i)) {
      from = i + 1;
      continue;
    }
    if (itemAt(timeS, i + 1) - itemAt(timeS, from) < STRETCH_S) continue;
    const change = (column: Float64Array) => itemAt(column, i + 1) - itemAt(column, from);
    // By the metre, so that a fast stretch and a slow one count alike.
    const metres = (itemAt(speedMs, from) + itemAt(speedMs, i)) * 0.5 * (itemAt(timeS, i + 1) - itemAt(timeS, from));
    stretches.push({
      forceN: ((givenJ ? change(givenJ) : 0) - change(gainedJ)) / metres,
      rollingN: change(rollingJ) / metres,
      airN: change(airJ) / metres,
      block: firstBlock + Math.floor(itemAt(timeS, i) / BLOCK_S),
    });
    from = i + 1;
  }
  return stretches;
}

/** What was taken for both before the rides were looked at, and how far it may be off as a share. */
interface Prior {
  readonly crr: number;
  readonly cdaM2: number;
}
const PRIOR_SPREAD = { crr: 0.5, cda: 0.35 } as const;
/** The rides say a figure where they leave less than this share of the spread it had before. */
const SAID_BELOW = 0.6;
/** What no number of stretches takes away, as a share: weight, air and wind are not quite what was taken. */
const MODEL_SPREAD = { crr: 0.15, cda: 0.06 } as const;
const STRETCHES_MIN = 12;
/** Where more than this share of the force is left unexplained, something else was at work. */
const MISFIT_SHARE = 0.5;
const ROUNDS = 12;
/** Beyond so many standard deviations a stretch counts less, and one that lost more than that was braked. */
const HUBER = 1.5;
const BRAKED = 2.5;

/** What was taken before, with how far it may be off: where rides do not tell. */
export function resistanceBefore({ crr, cdaM2 }: Prior, stretches: number): ResistanceFit {
  const [ofCrr, ofCda] = [PRIOR_SPREAD.crr * crr, PRIOR_SPREAD.cda * cdaM2];
  return {
    crr: { value: crr, spread: ofCrr, isFromRides: false },
    cdaM2: { value: cdaM2, spread: ofCda, isFromRides: false },
    covariance: { crr: ofCrr ** 2, both: 0, cda: ofCda ** 2 },
    stretches,
  };
}

/**
 * Least squares of force = crr × weight + CdA × ½ρv² over stretches, held to what was taken before as far as the rides leave it
 * open (normal priors). Stretches that lost far more than the others were braked and are left out; others that stand out count
 * less (Huber, Ann. Math. Statist. 1964). The spread lets stretches of a block err together (sandwich estimator).
 * @returns undefined with too few stretches, and where the two do not explain them or come out as none of a bicycle
 */
export function fitResistance(stretches: readonly Stretch[], prior: Prior): ResistanceFit | undefined {
  if (stretches.length < STRETCHES_MIN) return undefined;
  const prec = { crr: (PRIOR_SPREAD.crr * prior.crr) ** -2, cda: (PRIOR_SPREAD.cda * prior.cdaM2) ** -2 };
  let [crr, cda] = [prior.crr, prior.cdaM2];
  const residual = ({ forceN, rollingN, airN }: Stretch) => forceN - crr * rollingN - cda * airN;
  let weights = stretches.map(() => 1);
  let variance = 1;
  let normal = { a: 1, b: 0, c: 1 };
  for (let round = 0; round < ROUNDS; round += 1) {
    const residuals = stretches.map(residual);
    // Braking only adds: the spread is taken from the side on which it does not lie.
    const below = residuals.filter((r) => r <= 0).map((r) => -r);
    const scale = 1.4826 * Math.max(0.05, medianOf(below.length > 0 ? below : residuals.map(Math.abs)));
    weights = residuals.map((r) =>
      r > BRAKED * scale ? 0 : Math.abs(r) > HUBER * scale ? (HUBER * scale) / Math.abs(r) : 1,
    );
    variance = scale ** 2;
    let [a, b, c, p, q] = [prec.crr, 0, prec.cda, prec.crr * prior.crr, prec.cda * prior.cdaM2];
    stretches.forEach(({ forceN, rollingN, airN }, i) => {
      const weight = itemAt(weights, i) / variance;
      a += weight * rollingN * rollingN;
      b += weight * rollingN * airN;
      c += weight * airN * airN;
      p += weight * rollingN * forceN;
      q += weight * airN * forceN;
    });
    const determinant = a * c - b * b;
    normal = { a, b, c };
    [crr, cda] = [(c * p - b * q) / determinant, (a * q - b * p) / determinant];
  }
  const size = (of: (stretch: Stretch) => number) => medianOf(stretches.map((stretch) => Math.abs(of(stretch))));
  if (size(residual) > MISFIT_SHARE * size(({ forceN }) => forceN)) return undefined;
  if (!within(crr, BRIEF_BOUNDS.crr) || !within(cda, BRIEF_BOUNDS.cdaM2)) return undefined;
  const scatter = sandwich(stretches, stretches.map(residual), weights, variance, normal, prec);
  const covariance = {
    ...scatter,
    crr: scatter.crr + (MODEL_SPREAD.crr * crr) ** 2,
    cda: scatter.cda + (MODEL_SPREAD.cda * cda) ** 2,
  };
  const estimate = (value: number, spread: number, before: number): Estimate => ({
    value,
    spread,
    isFromRides: spread < SAID_BELOW * before,
  });
  return {
    crr: estimate(crr, Math.sqrt(covariance.crr), PRIOR_SPREAD.crr * prior.crr),
    cdaM2: estimate(cda, Math.sqrt(covariance.cda), PRIOR_SPREAD.cda * prior.cdaM2),
    covariance,
    stretches: stretches.length,
  };
}

/** Covariance of both figures: A⁻¹ (Σ over blocks of g·gᵀ + prior) A⁻¹, with A of the normal equations and g the gradient of a block. */
function sandwich(
  stretches: readonly Stretch[],
  residuals: readonly number[],
  weights: readonly number[],
  variance: number,
  { a, b, c }: { readonly a: number; readonly b: number; readonly c: number },
  prec: { readonly crr: number; readonly cda: number },
): ResistanceFit['covariance'] {
  const blocks = new Map<number, [number, number]>();
  stretches.forEach(({ rollingN, airN, block }, i) => {
    const pull = (itemAt(weights, i) * itemAt(residuals, i)) / variance;
    const [g, h] = blocks.get(block) ?? [0, 0];
    blocks.set(block, [g + pull * rollingN, h + pull * airN]);
  });
  let [gg, gh, hh] = [prec.crr, 0, prec.cda];
  for (const [g, h] of blocks.values()) {
    gg += g * g;
    gh += g * h;
    hh += h * h;
  }
  const determinant = a * c - b * b;
  const [i, j, k] = [c / determinant, -b / determinant, a / determinant];
  return {
    crr: i * i * gg + 2 * i * j * gh + j * j * hh,
    both: i * j * gg + (i * k + j * j) * gh + j * k * hh,
    cda: j * j * gg + 2 * j * k * gh + k * k * hh,
  };
}
