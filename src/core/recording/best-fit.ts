import { gearsOf, type Setup } from '../gears';
import { fitModel } from './fit-model';
import { TURNING_RPM, readingsOf } from './readings';
import { STANDING_MS, usualStepS, type Recording } from './recording';
import { firstOf, itemAt } from '../items';
import { clamp } from '../numbers';

/** Bins of ln(metres a crank turn), and what they span. */
const BIN = 0.004;
const LOWEST = Math.log(0.5);
const HIGHEST = Math.log(16);
const BINS = Math.ceil((HIGHEST - LOWEST) / BIN);
/** Rollouts are tried this far to both sides, as ln; with another cassette less far, for two changes at once explain anything. */
const SHIFT_MAX = 0.07;
const SHIFT_MAX_WITH_CASSETTE = 0.02;
/** A difference smaller than this is within what sensors scatter. */
const ROLLOUT_WORTH = 0.008;
/** Nats a sample that another rollout must explain better by. */
const SHIFT_GAIN = 0.03;
/** Nats a sample that a cassette may explain worse by without regard to order, to be looked at in order; and how many are. */
const LIKELY_LOSS = -0.02;
const LIKELY_MAX = 4;
/** Nats by which a ride in its order must be likelier with another cassette: as good as e to that power to one. */
const CASSETTE_GAIN = 12;
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
function developmentHistogram(recording: Recording): Float64Array {
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
 * Whether another rollout, or another cassette, explains the rides better. A mixture over the ridden developments, with the time
 * in each gear, the scatter and the rollout fitted for each cassette alike, leaves a few cassettes; among them and that of the
 * workspace the likelihood of the longest ride in its order decides, for in a gear that is held readings even out.
 * @param recordings at least one
 * @param cassettes those that it could be instead, smallest cog first
 */
export function likelier(
  recordings: readonly Recording[],
  setup: Setup,
  rolloutMm: number,
  cassettes: readonly (readonly number[])[],
): BestFit {
  const histograms = recordings.map(developmentHistogram);
  const counts = firstOf(histograms).map((_, bin) => histograms.reduce((sum, one) => sum + itemAt(one, bin), 0));
  const data = samplesOf(counts);
  const samples = data.total;
  if (samples < SAMPLES_MIN) return { rolloutMm: undefined, cogs: undefined, samples };
  const gears = centresOf(setup, rolloutMm);
  const own = fitMixture(data, gears, SHIFT_MAX);
  const likely = cassettes
    // Cogs that were hardly ridden cannot be distinguished from none, so another number of cogs is not inferred.
    .filter((cogs) => cogs.length === setup.cogs.length && cogs.join() !== setup.cogs.join())
    .map((cogs) => ({ cogs, fit: fitMixture(data, centresOf({ ...setup, cogs }, rolloutMm), SHIFT_MAX_WITH_CASSETTE) }))
    .filter(({ fit }) => fit.logLikelihood - own.logLikelihood > LIKELY_LOSS)
    .sort((a, b) => b.fit.logLikelihood - a.fit.logLikelihood)
    .slice(0, LIKELY_MAX);
  const longest = recordings.reduce((most, one) => (one.timeS.length > most.timeS.length ? one : most));
  const inOrder = (cogs: readonly number[], shift: number) => {
    const candidate = { ...setup, cogs };
    const readings = readingsOf(longest, rolloutMm * Math.exp(shift));
    return fitModel(gearsOf(candidate), candidate, readings, usualStepS(longest.timeS)).logLikelihood;
  };
  const least =
    likely.length > 0 ? Math.max(inOrder(setup.cogs, 0), inOrder(setup.cogs, own.shift)) + CASSETTE_GAIN : Infinity;
  const best = likely
    .map(({ cogs, fit }) => ({ cogs, logLikelihood: inOrder(cogs, fit.shift) }))
    .reduce<{ cogs: readonly number[] | undefined; logLikelihood: number }>(
      (most, one) => (one.logLikelihood > most.logLikelihood ? one : most),
      { cogs: undefined, logLikelihood: least },
    );
  if (best.cogs) return { rolloutMm: undefined, cogs: best.cogs, samples };
  const off =
    Math.abs(own.shift) > ROLLOUT_WORTH && own.logLikelihood - fitMixture(data, gears, 0).logLikelihood > SHIFT_GAIN;
  return { rolloutMm: off ? rolloutMm * Math.exp(own.shift) : undefined, cogs: undefined, samples };
}

/** ln of the developments of a setup, each once, rising. */
function centresOf(setup: Setup, rolloutMm: number): Float64Array {
  const ratios = new Set(gearsOf(setup).map(({ ratio }) => ratio));
  return Float64Array.from(ratios, (ratio) => Math.log((ratio * rolloutMm) / 1000)).sort();
}

/** Ridden developments: ln of each, and how often. */
interface Developments {
  readonly value: Float64Array;
  readonly count: Float64Array;
  readonly total: number;
}

function samplesOf(counts: Float64Array): Developments {
  const bins = [...counts.keys()].filter((bin) => itemAt(counts, bin) > 0);
  const count = Float64Array.from(bins, (bin) => itemAt(counts, bin));
  return {
    value: Float64Array.from(bins, (bin) => LOWEST + (bin + 0.5) * BIN),
    count,
    total: count.reduce((sum, one) => sum + one, 0),
  };
}

interface MixtureFit {
  /** By which ridden developments differ from those of the gears, as ln. */
  readonly shift: number;
  readonly scatter: number;
  /** Mean of a sample. */
  readonly logLikelihood: number;
}

const SCATTER_MIN = 0.008;
const SCATTER_MAX = 0.05;
/** Share of samples that fit no gear, and their density. */
const OUTLIERS = 0.03;
const OUTLIER_DENSITY = OUTLIERS / (HIGHEST - LOWEST);
const ROUNDS = 60;
/** Rounds end where they gain less than this, nats a sample. */
const ROUND_GAIN = 1e-5;
/** Gears farther away than this, in multiples of the scatter, add nothing to a density. */
const REACH = 5;

/** Fits a mixture of bells at the gears by expectation–maximization, from several rollouts, for it finds the nearest best only. */
function fitMixture(data: Developments, centres: Float64Array, shiftMax: number): MixtureFit {
  const starts = shiftMax > 0.03 ? [-0.05, -0.025, 0, 0.025, 0.05] : [0];
  return starts
    .map((start) => fitFrom(data, centres, shiftMax, start))
    .reduce((best, one) => (one.logLikelihood > best.logLikelihood ? one : best));
}

function fitFrom(
  { value, count, total }: Developments,
  centres: Float64Array,
  shiftMax: number,
  start: number,
): MixtureFit {
  const gears = centres.length;
  const weight = new Float64Array(gears).fill(1 / gears);
  const mass = new Float64Array(gears);
  let [shift, scatter, logLikelihood] = [start, 0.025, -Infinity];
  for (let round = 0; round < ROUNDS; round += 1) {
    mass.fill(0);
    let [fitting, errors, squares, sum] = [0, 0, 0, 0];
    const height = (1 - OUTLIERS) / (scatter * Math.sqrt(2 * Math.PI));
    const reach = REACH * scatter;
    let first = 0;
    for (let s = 0; s < value.length; s += 1) {
      const at = itemAt(value, s) - shift;
      while (first < gears && itemAt(centres, first) < at - reach) first += 1;
      let density = OUTLIER_DENSITY;
      for (let g = first; g < gears && itemAt(centres, g) <= at + reach; g += 1) {
        const error = (at - itemAt(centres, g)) / scatter;
        density += itemAt(weight, g) * height * Math.exp(-0.5 * error * error);
      }
      const samples = itemAt(count, s);
      sum += samples * Math.log(density);
      for (let g = first; g < gears && itemAt(centres, g) <= at + reach; g += 1) {
        const off = at - itemAt(centres, g);
        const error = off / scatter;
        const part = (samples * itemAt(weight, g) * height * Math.exp(-0.5 * error * error)) / density;
        mass[g] = itemAt(mass, g) + part;
        fitting += part;
        errors += part * off;
        squares += part * off * off;
      }
    }
    const gain = sum / total - logLikelihood;
    logLikelihood = sum / total;
    if (gain < ROUND_GAIN || fitting === 0) break;
    for (let g = 0; g < gears; g += 1) weight[g] = (itemAt(mass, g) + 0.5) / (fitting + 0.5 * gears);
    const mean = errors / fitting;
    const moved = clamp(shift + mean, -shiftMax, shiftMax);
    const left = shift + mean - moved;
    shift = moved;
    scatter = clamp(Math.sqrt(Math.max(0, squares / fitting - mean * mean + left * left)), SCATTER_MIN, SCATTER_MAX);
  }
  return { shift, scatter, logLikelihood };
}
