import { isCrossChained, type Gear, type Setup } from '../gears';
import { GearChanges } from './gear-changes';
import { durationsS, STANDING_MS, type Recording } from './recording';

/** Slower cranks do not drive, rpm. */
export const TURNING_RPM = 20;

/** Data by which gears are identified, and the rider's cadence range. */
export interface GearUseRules {
  readonly setup: Setup;
  /** Easiest first. */
  readonly gears: readonly Gear[];
  readonly rolloutMm: number;
  readonly crossedCogs: number;
  readonly lowRpm: number;
  readonly highRpm: number;
}

/** Time and distance in one gear. */
interface GearShare {
  readonly gear: Gear;
  readonly seconds: number;
  readonly metres: number;
  /** Of the time in which the cranks drove. */
  readonly share: number;
  /** NaN for a gear that was never used. */
  readonly meanCadenceRpm: number;
  /** Confidence of the gear over its time, 0 to 1; NaN for a gear that was never used. */
  readonly sure: number;
}

/** A pair of gears between which the rider went back and forth. */
interface Hesitation {
  readonly from: Gear;
  readonly to: Gear;
  readonly count: number;
}

export interface GearUse {
  /** In the order of the gears. */
  readonly shares: readonly GearShare[];
  readonly drivingS: number;
  readonly coastingS: number;
  readonly standingS: number;
  /** Driving below and above the band. */
  readonly belowS: number;
  readonly aboveS: number;
  readonly crossedS: number;
  /** Changes that moved the chain at the back alone, and those that changed ring or hub stage. */
  readonly rearShifts: number;
  readonly frontShifts: number;
  readonly hesitations: readonly Hesitation[];
  /** Over all the time in which the cranks drove, 0 to 1. */
  readonly sure: number;
  /** ln(observed ÷ identified ratio): its median, and the half-width that contains two thirds. */
  readonly residual: { readonly median: number; readonly spread: number };
  /** Place of the gear at each sample; {@link COASTING} or {@link STANDING} where none drives. */
  readonly sequence: Int8Array;
}

export const COASTING = -1;
export const STANDING = -2;

/** Scatter of a ratio from two good readings, as a share (speed and cadence are not simultaneous). */
const BASE_SIGMA = 0.02;
/** Half a step of a cadence in whole rpm, and of a speed to 0.1 km/h, as scatter. */
const CADENCE_STEP_RPM = 0.6;
const SPEED_STEP_MS = 0.03;
/** Share of samples that fit no gear: caught in the middle of a shift, or a sensor's slip. */
const OUTLIER_SHARE = 0.03;
/** Width over which such samples and freewheeling ones are spread, in ln of ratio. */
const RATIO_SPAN = 3;

/** Chance to stop or begin driving from one sample to the next. */
const FREEWHEEL = 0.08;
const STAY = 1 - FREEWHEEL;
/** Where the squared error, in widths, is beyond this, a reading fits no gear to the last bit of a double. */
const FITS_MAX = 80;

/**
 * The likeliest gear at every sample, by a hidden Markov model over gear × (driving, freewheeling):
 * Viterbi for the sequence, forward–backward for the confidence of each sample. Emission: error of
 * ln(ratio), ratio = speed ÷ (cadence ÷ 60 × rollout). A rear click is likely, several clicks less,
 * a change of ring or hub stage least. Duplicate gears are distinguished by the sequence alone.
 * @param rules `gears` are all of the setup
 * @param onProgress from 0 to 1
 */
export function gearUse(recording: Recording, rules: GearUseRules, onProgress?: (done: number) => void): GearUse {
  const { gears, rolloutMm } = rules;
  const n = recording.timeS.length;
  const changes = new GearChanges(gears, rules.setup);
  const count = changes.size;
  if (gears.length !== count) throw new RangeError('every gear of the setup is needed');
  const logRatio = Float64Array.from(gears, ({ ratio }) => Math.log(ratio));
  // Within the model gears are in the order of their positions.
  const gearAt = new Int32Array(count);
  const logRatioAt = new Float64Array(count);
  changes.positions.forEach((position, gear) => {
    gearAt[position] = gear;
    logRatioAt[position] = logRatio[gear]!;
  });

  const observed = new Float64Array(n);
  const sigma = new Float64Array(n);
  for (let i = 0; i < n; i += 1) {
    const [speed, cadence] = [recording.speedMs[i]!, recording.cadenceRpm[i]!];
    const drives = speed > STANDING_MS && cadence > TURNING_RPM;
    observed[i] = drives ? Math.log(speed / ((cadence / 60) * (rolloutMm / 1000))) : NaN;
    sigma[i] = Math.hypot(BASE_SIGMA, CADENCE_STEP_RPM / cadence, SPEED_STEP_MS / speed);
  }

  // The first half of the states drives, the second freewheels. Scaled to a sum of 1 a sample, so that nothing runs down to 0.
  const states = 2 * count;
  const forward = new Float32Array(n * states);
  const cameFrom = new Int16Array(n * states);
  const best = new Float64Array(states);
  const next = new Float64Array(states);
  const mix = new Float64Array(states);
  const reached = new Float64Array(count);
  const origins = new Int32Array(count);
  const emission = new Float64Array(states);
  const emit = (i: number) => {
    const value = observed[i]!;
    if (Number.isNaN(value)) {
      // Cranks at rest: whatever the gear, it does not drive.
      emission.fill(1e-4, 0, count);
      emission.fill(1, count);
      return;
    }
    const width = sigma[i]!;
    const height = (1 - OUTLIER_SHARE) / (width * 2.5066);
    for (let p = 0; p < count; p += 1) {
      const error = (value - logRatioAt[p]!) / width;
      const squared = error * error;
      emission[p] = OUTLIER_SHARE / RATIO_SPAN + (squared < FITS_MAX ? height * Math.exp(-0.5 * squared) : 0);
      // Freewheeling, the wheel runs ahead of what the cranks would drive.
      emission[count + p] = error > 0 ? 0.5 / RATIO_SPAN : 0.01 / RATIO_SPAN;
    }
  };

  for (let i = 0; i < n; i += 1) {
    emit(i);
    const at = i * states;
    if (i === 0) {
      next.set(emission);
      forward.set(emission);
    } else {
      const before = at - states;
      for (let half = 0; half < 2; half += 1) {
        const [own, other] = [half * count, (1 - half) * count];
        for (let p = 0; p < count; p += 1) {
          mix[p] = forward[before + own + p]! * STAY + forward[before + other + p]! * FREEWHEEL;
          reached[p] = Math.max(best[own + p]! * STAY, best[other + p]! * FREEWHEEL);
        }
        changes.sum(mix, 0, forward, at + own);
        changes.max(reached, 0, next, own, origins);
        for (let p = 0; p < count; p += 1) {
          const chance = emission[own + p]!;
          forward[at + own + p]! *= chance;
          next[own + p]! *= chance;
          const origin = origins[p]!;
          const isOwn = best[own + origin]! * STAY >= best[other + origin]! * FREEWHEEL;
          cameFrom[at + own + p] = (isOwn ? own : other) + origin;
        }
      }
    }
    scale(forward, at, states);
    scale(next, 0, states);
    best.set(next);
    if (onProgress && i % 4096 === 0) onProgress((0.6 * i) / n);
  }

  // Backtracks the likeliest sequence, with the confidence of each step.
  const sequence = new Int8Array(n);
  const sureness = new Float32Array(n);
  let state = indexOfMost(best);
  const backward = new Float64Array(states).fill(1);
  for (let i = n - 1; i >= 0; i -= 1) {
    const at = i * states;
    const position = state % count;
    let total = 0;
    for (let s = 0; s < states; s += 1) total += forward[at + s]! * backward[s]!;
    const own =
      forward[at + position]! * backward[position]! + forward[at + count + position]! * backward[count + position]!;
    sureness[i] = total > 0 ? own / total : 0;
    const stands = !(recording.speedMs[i]! > STANDING_MS);
    const drives = state < count && !Number.isNaN(observed[i]!);
    sequence[i] = drives ? gearAt[position]! : stands ? STANDING : COASTING;
    if (i > 0) {
      emit(i);
      for (let s = 0; s < states; s += 1) mix[s] = emission[s]! * backward[s]!;
      changes.sum(mix, 0, backward, 0);
      changes.sum(mix, count, backward, count);
      for (let p = 0; p < count; p += 1) {
        const [driven, free] = [backward[p]!, backward[count + p]!];
        backward[p] = driven * STAY + free * FREEWHEEL;
        backward[count + p] = free * STAY + driven * FREEWHEEL;
      }
      scale(backward, 0, states);
      state = cameFrom[at + state]!;
    }
    if (onProgress && i % 4096 === 0) onProgress(0.6 + 0.4 * (1 - i / n));
  }
  return summary(recording, rules, sequence, sureness, observed, logRatio);
}

function scale(values: Float32Array | Float64Array, start: number, length: number): void {
  let sum = 0;
  for (let i = start; i < start + length; i += 1) sum += values[i]!;
  if (sum === 0) values.fill(1 / length, start, start + length);
  else for (let i = start; i < start + length; i += 1) values[i] = values[i]! / sum;
}

function indexOfMost(values: Float64Array): number {
  return values.reduce((most, value, i) => (value > values[most]! ? i : most), 0);
}

/** A gear left and taken again within this time, seconds: the rider hesitated. */
const HESITATION_S = 12;

function summary(
  recording: Recording,
  rules: GearUseRules,
  sequence: Int8Array,
  sureness: Float32Array,
  observed: Float64Array,
  logRatio: Float64Array,
): GearUse {
  const { gears, setup, crossedCogs, lowRpm, highRpm } = rules;
  const lasts = durationsS(recording.timeS);
  const crossed = gears.map((gear) => isCrossChained(setup, gear, crossedCogs));
  const seconds = new Float64Array(gears.length);
  const metres = new Float64Array(gears.length);
  const turns = new Float64Array(gears.length);
  const sure = new Float64Array(gears.length);
  const errors: number[] = [];
  const hesitated = new Map<string, number>();
  const totals = { coastingS: 0, standingS: 0, belowS: 0, aboveS: 0, crossedS: 0, rearShifts: 0, frontShifts: 0 };
  let last: { readonly gear: number; readonly before: number; readonly atS: number } | undefined;
  sequence.forEach((gear, i) => {
    const duration = lasts[i]!;
    if (gear === COASTING) totals.coastingS += duration;
    if (gear === STANDING) totals.standingS += duration;
    if (gear < 0) return;
    const cadence = recording.cadenceRpm[i]!;
    seconds[gear]! += duration;
    metres[gear]! += duration * recording.speedMs[i]!;
    turns[gear]! += (duration * cadence) / 60;
    sure[gear]! += duration * sureness[i]!;
    if (cadence < lowRpm) totals.belowS += duration;
    if (cadence > highRpm) totals.aboveS += duration;
    if (crossed[gear]) totals.crossedS += duration;
    errors.push(observed[i]! - logRatio[gear]!);
    const atS = recording.timeS[i]!;
    if (last === undefined) last = { gear, before: -1, atS };
    else if (last.gear !== gear) {
      const [from, to] = [gears[last.gear]!, gears[gear]!];
      if (from.chainring === to.chainring && from.hubStage === to.hubStage) totals.rearShifts += 1;
      else totals.frontShifts += 1;
      if (last.before === gear && atS - last.atS <= HESITATION_S) {
        const key = `${Math.min(gear, last.gear)} ${Math.max(gear, last.gear)}`;
        hesitated.set(key, (hesitated.get(key) ?? 0) + 1);
      }
      last = { gear, before: last.gear, atS };
    }
  });
  const drivingS = seconds.reduce((sum, one) => sum + one, 0);
  return {
    shares: gears.map((gear, g) => ({
      gear,
      seconds: seconds[g]!,
      metres: metres[g]!,
      share: drivingS > 0 ? seconds[g]! / drivingS : 0,
      meanCadenceRpm: (turns[g]! / seconds[g]!) * 60,
      sure: sure[g]! / seconds[g]!,
    })),
    drivingS,
    ...totals,
    hesitations: [...hesitated]
      .map(([key, times]) => {
        const [a, b] = key.split(' ').map(Number);
        return { from: gears[a!]!, to: gears[b!]!, count: times };
      })
      .sort((a, b) => b.count - a.count),
    sure: drivingS > 0 ? sure.reduce((sum, one) => sum + one, 0) / drivingS : 0,
    residual: residualOf(errors),
    sequence,
  };
}

function residualOf(errors: number[]): GearUse['residual'] {
  if (errors.length === 0) return { median: 0, spread: 0 };
  const sorted = Float64Array.from(errors).sort();
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
  return { median: at(0.5), spread: (at(5 / 6) - at(1 / 6)) / 2 };
}
