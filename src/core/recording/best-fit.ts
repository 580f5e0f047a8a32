import { gearsOf, type Setup } from '../gears';
import { TURNING_RPM } from './gear-use';
import { STANDING_MS, type Recording } from './recording';
import { itemAt } from '../items';

/** Bins of ln(metres a crank turn), and what they span. */
const BIN = 0.004;
const LOWEST = Math.log(0.5);
const HIGHEST = Math.log(16);
const BINS = Math.ceil((HIGHEST - LOWEST) / BIN);
/** Scatter of a measured ratio. */
const SIGMA = 0.025;
/** Rollouts are tried this far to both sides, as ln. */
const SHIFT_MAX = 0.07;
const SHIFT_STEP = 0.002;
/** A difference smaller than this is within what sensors scatter. */
const ROLLOUT_WORTH = 0.008;
/** Nats a sample that another cassette must explain better by. */
const CASSETTE_WORTH = 0.06;
/** Minimum number of samples for a conclusion. */
const SAMPLES_MIN = 300;
/** What the recording would fit better than what is in the workspace. */
export interface BestFit {
  /** Where all ratios are off by one factor, the rollout that they fit, mm. */
  readonly rolloutMm: number | undefined;
  /** Another cassette that fits better, smallest cog first. */
  readonly cogs: readonly number[] | undefined;
  /** Driving samples that it is judged by. */
  readonly samples: number;
}

/** Histogram of ridden developments: the data by which gears are identified, without their order. */
export function developmentHistogram(recording: Recording): Float64Array {
  const counts = new Float64Array(BINS);
  recording.speedMs.forEach((speed, i) => {
    const cadence = itemAt(recording.cadenceRpm, i);
    if (!(speed > STANDING_MS && cadence > TURNING_RPM)) return;
    const bin = Math.floor((Math.log((speed * 60) / cadence) - LOWEST) / BIN);
    if (bin >= 0 && bin < BINS) counts[bin] = itemAt(counts, bin) + 1;
  });
  return counts;
}

/**
 * Whether another rollout, or another cassette, explains the ridden developments better: mean
 * log-likelihood of a mixture over the gears, with a floor for outliers.
 * @param cassettes those that it could be instead, smallest cog first
 */
export function likelier(
  counts: Float64Array,
  setup: Setup,
  rolloutMm: number,
  cassettes: readonly (readonly number[])[],
): BestFit {
  const samples = counts.reduce((sum, one) => sum + one, 0);
  if (samples < SAMPLES_MIN) return { rolloutMm: undefined, cogs: undefined, samples };
  const own = bestShift(counts, samples, setup, rolloutMm);
  const candidates = cassettes
    // Cogs that were hardly ridden cannot be distinguished from none, so another number of cogs is not inferred.
    .filter((cogs) => cogs.length === setup.cogs.length && cogs.join() !== setup.cogs.join())
    .map((cogs) => ({ cogs, fit: bestShift(counts, samples, { ...setup, cogs }, rolloutMm, 0.02) }));
  const best = candidates.reduce<(typeof candidates)[number] | undefined>(
    (most, one) => (!most || one.fit.logLikelihood > most.fit.logLikelihood ? one : most),
    undefined,
  );
  const gain = best ? best.fit.logLikelihood - own.logLikelihood : 0;
  if (best && gain > CASSETTE_WORTH) return { rolloutMm: undefined, cogs: best.cogs, samples };
  const off = Math.abs(own.shift) > ROLLOUT_WORTH && own.logLikelihood - own.unshifted > CASSETTE_WORTH / 2;
  return { rolloutMm: off ? rolloutMm * Math.exp(own.shift) : undefined, cogs: undefined, samples };
}

function bestShift(counts: Float64Array, samples: number, setup: Setup, rolloutMm: number, most = SHIFT_MAX) {
  const density = densities(setup, rolloutMm);
  const at = (shift: number) => {
    const offset = Math.round(shift / BIN);
    let sum = 0;
    counts.forEach((count, bin) => {
      if (count > 0) sum += count * Math.log(itemAt(density, Math.min(BINS - 1, Math.max(0, bin - offset))));
    });
    return sum / samples;
  };
  const unshifted = at(0);
  let best = { shift: 0, logLikelihood: unshifted };
  for (let shift = -most; shift <= most; shift += SHIFT_STEP) {
    const logLikelihood = at(shift);
    if (logLikelihood > best.logLikelihood) best = { shift, logLikelihood };
  }
  return { ...best, unshifted };
}

/** Density over the bins of a rider who uses every gear alike, with a floor. */
function densities(setup: Setup, rolloutMm: number): Float64Array {
  const gears = gearsOf(setup);
  const density = new Float64Array(BINS).fill(0.03 / (HIGHEST - LOWEST));
  for (const { ratio } of gears) {
    const centre = (Math.log((ratio * rolloutMm) / 1000) - LOWEST) / BIN;
    const reach = Math.ceil((4 * SIGMA) / BIN);
    for (let bin = Math.max(0, Math.floor(centre) - reach); bin <= Math.min(BINS - 1, centre + reach); bin += 1) {
      const error = ((bin + 0.5 - centre) * BIN) / SIGMA;
      density[bin] = itemAt(density, bin) + (0.97 / gears.length) * (Math.exp(-0.5 * error * error) / (SIGMA * 2.5066));
    }
  }
  return density;
}
