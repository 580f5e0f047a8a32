import { isCrossChained, type Gear, type Setup } from '../gears';
import { durationsS, STANDING_MS, type Recording } from './recording';

/** Slower cranks do not drive, rpm. */
export const TURNING_RPM = 20;

/** What gears are told by, and what the rider calls comfortable. */
export interface GearUseRules {
  readonly setup: Setup;
  /** Easiest first. */
  readonly gears: readonly Gear[];
  readonly rolloutMm: number;
  readonly crossedCogs: number;
  readonly lowRpm: number;
  readonly highRpm: number;
}

/** Time and way in one gear. */
interface GearShare {
  readonly gear: Gear;
  readonly seconds: number;
  readonly metres: number;
  /** Of the time in which the cranks drove. */
  readonly share: number;
  /** NaN for a gear that was never used. */
  readonly meanCadenceRpm: number;
  /** How sure the gear was told, 0 to 1, over its time; NaN for a gear that was never used. */
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
  /** ln(observed ÷ told ratio): its median, and the half-width that holds two thirds. */
  readonly residual: { readonly median: number; readonly spread: number };
  /** Place of the gear at each sample; {@link COASTING} or {@link STANDING} where none drives. */
  readonly sequence: Int8Array;
}

export const COASTING = -1;
export const STANDING = -2;

/** Scatter of a ratio that both sensors tell well, as a share (speed and cadence come a moment apart). */
const BASE_SIGMA = 0.02;
/** Half a step of a cadence told in whole rpm, and of a speed told to 0.1 km/h, as scatter. */
const CADENCE_STEP_RPM = 0.6;
const SPEED_STEP_MS = 0.03;
/** Share of samples that fit no gear: caught in the middle of a shift, or a sensor's slip. */
const OUTLIER_SHARE = 0.03;
/** Width over which such samples and freewheeling ones are spread, in ln of ratio. */
const RATIO_SPAN = 3;

/** Chances of a change from one sample to the next. */
const CHANCE = {
  oneClick: 0.012,
  /** Each click more is rarer by this factor. */
  moreClicks: 0.35,
  rowChange: 0.002,
  /** To stop or begin driving. */
  freewheel: 0.08,
} as const;

/**
 * The likeliest gear at every sample, by a hidden Markov model over gear × (driving, freewheeling):
 * Viterbi for the sequence, forward–backward for how sure each sample is. Emission: error of
 * ln(ratio), ratio = speed ÷ (cadence ÷ 60 × rollout). A rear click is likely, several clicks less,
 * a change of ring or hub stage least. Gears of one size are told apart by the sequence alone.
 * @param onProgress from 0 to 1
 */
export function gearUse(recording: Recording, rules: GearUseRules, onProgress?: (done: number) => void): GearUse {
  const { gears, rolloutMm } = rules;
  const n = recording.timeS.length;
  const count = gears.length;
  const change = changeChances(gears, rules.setup);
  const logRatio = Float64Array.from(gears, ({ ratio }) => Math.log(ratio));

  const observed = new Float64Array(n);
  const sigma = new Float64Array(n);
  for (let i = 0; i < n; i += 1) {
    const [speed, cadence] = [recording.speedMs[i]!, recording.cadenceRpm[i]!];
    const drives = speed > STANDING_MS && cadence > TURNING_RPM;
    observed[i] = drives ? Math.log(speed / ((cadence / 60) * (rolloutMm / 1000))) : NaN;
    sigma[i] = Math.hypot(BASE_SIGMA, CADENCE_STEP_RPM / cadence, SPEED_STEP_MS / speed);
  }

  // Row 0 drives, row 1 freewheels. Scaled to a sum of 1 a sample, so that nothing runs down to 0.
  const forward = new Float32Array(n * 2 * count);
  const best = new Float64Array(2 * count);
  const next = new Float64Array(2 * count);
  const cameFrom = new Int16Array(n * 2 * count);
  const emission = new Float64Array(2 * count);
  const emit = (i: number) => {
    const value = observed[i]!;
    if (Number.isNaN(value)) {
      // Cranks at rest: whatever the gear, it does not drive.
      emission.fill(1e-4, 0, count);
      emission.fill(1, count);
      return;
    }
    const width = sigma[i]!;
    for (let g = 0; g < count; g += 1) {
      const error = (value - logRatio[g]!) / width;
      const fits = Math.exp(-0.5 * error * error) / (width * 2.5066);
      emission[g] = (1 - OUTLIER_SHARE) * fits + OUTLIER_SHARE / RATIO_SPAN;
      // Freewheeling, the wheel runs ahead of what the cranks would drive.
      emission[count + g] = value > logRatio[g]! ? 0.5 / RATIO_SPAN : 0.01 / RATIO_SPAN;
    }
  };

  const stay = 1 - CHANCE.freewheel;
  const mix = new Float64Array(2 * count);
  for (let i = 0; i < n; i += 1) {
    emit(i);
    const row = i * 2 * count;
    if (i === 0) {
      for (let s = 0; s < 2 * count; s += 1) next[s] = emission[s]!;
      for (let s = 0; s < 2 * count; s += 1) forward[s] = emission[s]!;
    } else {
      for (let s = 0; s < 2; s += 1) {
        const [own, other] = [s * count, (1 - s) * count];
        for (let g = 0; g < count; g += 1) {
          mix[own + g] =
            forward[row - 2 * count + own + g]! * stay + forward[row - 2 * count + other + g]! * CHANCE.freewheel;
        }
        for (let to = 0; to < count; to += 1) {
          let sum = 0;
          let most = -1;
          let from = 0;
          for (let g = 0; g < count; g += 1) {
            const chance = change[g * count + to]!;
            sum += mix[own + g]! * chance;
            const alone = Math.max(best[own + g]! * stay, best[other + g]! * CHANCE.freewheel) * chance;
            if (alone > most) {
              most = alone;
              from = best[own + g]! * stay >= best[other + g]! * CHANCE.freewheel ? own + g : other + g;
            }
          }
          forward[row + own + to] = sum * emission[own + to]!;
          next[own + to] = most * emission[own + to]!;
          cameFrom[row + own + to] = from;
        }
      }
    }
    scale(forward, row, 2 * count);
    scale(next, 0, 2 * count);
    best.set(next);
    if (onProgress && i % 4096 === 0) onProgress((0.6 * i) / n);
  }

  // The likeliest way back, and beside it how sure each of its steps is.
  const sequence = new Int8Array(n);
  const sureness = new Float32Array(n);
  let state = indexOfMost(best);
  const backward = new Float64Array(2 * count).fill(1);
  for (let i = n - 1; i >= 0; i -= 1) {
    const row = i * 2 * count;
    const gear = state % count;
    let total = 0;
    let own = 0;
    for (let s = 0; s < 2 * count; s += 1) {
      const weight = forward[row + s]! * backward[s]!;
      total += weight;
      if (s % count === gear) own += weight;
    }
    sureness[i] = total > 0 ? own / total : 0;
    const stands = !(recording.speedMs[i]! > STANDING_MS);
    sequence[i] = state < count && !Number.isNaN(observed[i]!) ? gear : stands ? STANDING : COASTING;
    if (i > 0) {
      emit(i);
      for (let s = 0; s < 2 * count; s += 1) mix[s] = emission[s]! * backward[s]!;
      for (let from = 0; from < count; from += 1) {
        let driven = 0;
        let free = 0;
        for (let to = 0; to < count; to += 1) {
          const chance = change[from * count + to]!;
          driven += chance * mix[to]!;
          free += chance * mix[count + to]!;
        }
        backward[from] = driven * stay + free * CHANCE.freewheel;
        backward[count + from] = free * stay + driven * CHANCE.freewheel;
      }
      scale(backward, 0, 2 * count);
      state = cameFrom[row + state]!;
    }
    if (onProgress && i % 4096 === 0) onProgress(0.6 + 0.4 * (1 - i / n));
  }
  return summary(recording, rules, sequence, sureness, observed, logRatio);
}

/** Row-stochastic chances of each gear after each gear. */
function changeChances(gears: readonly Gear[], { chainrings, cogs, hubStages }: Setup): Float64Array {
  const count = gears.length;
  const chances = new Float64Array(count * count);
  gears.forEach((from, a) => {
    let sum = 0;
    gears.forEach((to, b) => {
      const clicks = Math.abs(cogs.indexOf(from.cog) - cogs.indexOf(to.cog));
      const rows =
        Math.abs(chainrings.indexOf(from.chainring) - chainrings.indexOf(to.chainring)) +
        Math.abs(hubStages.indexOf(from.hubStage) - hubStages.indexOf(to.hubStage));
      if (a === b) return;
      // A change of ring goes with a click or two as a matter of course.
      const rear =
        clicks === 0 ? 1 : rows > 0 ? CHANCE.moreClicks ** clicks : CHANCE.oneClick * CHANCE.moreClicks ** (clicks - 1);
      const chance = rows > 0 ? CHANCE.rowChange ** rows * rear : rear;
      chances[a * count + b] = chance;
      sum += chance;
    });
    chances[a * count + a] = 1 - sum;
  });
  return chances;
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
