import { isCrossChained, type Gear, type Setup } from '../gears';
import { fitModel } from './fit-model';
import { GearModel, UNKNOWN_GEAR } from './gear-model';
import { RATIO, UNREAD, readingsOf, type Readings } from './readings';
import { durationsS, STANDING_MS, usualStepS, type Recording } from './recording';
import { GearWindow } from './gear-window';

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
  /** Of the driving time, that in gears which the shifting system recorded, and that in which it recorded teeth that the setup lacks. */
  readonly recordedS: number;
  readonly otherTeethS: number;
  /** ln(observed ÷ identified ratio): its median, and the half-width that contains two thirds. */
  readonly residual: { readonly median: number; readonly spread: number };
  /** Place of the gear at each sample; {@link COASTING} or {@link STANDING} where none drives. */
  readonly sequence: Int8Array;
}

export const COASTING = -1;
export const STANDING = -2;

/** Samples that are worked out at once, so that memory does not grow with the ride, and those looked at beyond them. */
const WINDOW = 8192;
const LEAD = 512;

/**
 * The likeliest gear at every sample, by a hidden Markov model over gear × (driving, freewheeling) whose scatter and chances
 * are fitted to the ride: forward–backward gives the chance of each, which is the confidence. Duplicate gears are distinguished
 * by the samples around them alone.
 * @param rules `gears` are all of the setup
 * @param onProgress from 0 to 1
 */
export function gearUse(recording: Recording, rules: GearUseRules, onProgress?: (done: number) => void): GearUse {
  const { gears, rolloutMm, setup } = rules;
  const n = recording.timeS.length;
  if (gears.length !== setup.chainrings.length * setup.cogs.length * setup.hubStages.length)
    throw new RangeError('every gear of the setup is needed');
  const readings = readingsOf(recording, rolloutMm);
  const recorded = recordedPlaces(recording, rules);
  const { model } = fitModel(gears, setup, readings, usualStepS(recording.timeS), recorded);
  const chain = new GearModel(gears, setup, readings, model, recorded);
  // Within the model gears are in the order of their positions.
  const gearAt = new Int32Array(chain.count);
  chain.changes.positions.forEach((position, gear) => (gearAt[position] = gear));
  const sequence = new Int8Array(n);
  const sureness = new Float32Array(n);
  const certainRow = new Uint8Array(n);
  const window = new GearWindow(chain, Math.min(n, WINDOW + LEAD));
  const hasRatio = readings.kind.includes(RATIO);
  for (let start = 0; start < n; start += WINDOW) {
    const end = Math.min(n, start + WINDOW);
    window.decode(start, end, Math.min(n, end + LEAD), (i, position, drives, confidence, rowChance) => {
      sureness[i] = confidence;
      certainRow[i] = Number(rowChance > CERTAIN_ROW);
      const rolls = recording.speedMs[i]! > STANDING_MS;
      const turns = hasRatio && drives && (rolls || readings.kind[i] === UNREAD);
      sequence[i] = turns ? gearAt[position]! : rolls ? COASTING : STANDING;
    });
    onProgress?.(end / n);
  }
  return summary(recording, rules, { sequence, sureness, certainRow }, readings, recorded);
}

/** Places of the gears that were recorded; undefined where none was, or several stages of a hub go with the same teeth. */
function recordedPlaces({ recordedGear }: Recording, { gears, setup }: GearUseRules): Int16Array | undefined {
  if (!recordedGear || setup.hubStages.length > 1) return undefined;
  const { chainringT, cogT } = recordedGear;
  const places = new Map(gears.map(({ chainring, cog }, place) => [`${chainring}/${cog}`, place]));
  return Int16Array.from(cogT, (cog, i) => places.get(`${chainringT[i]!}/${cog}`) ?? UNKNOWN_GEAR);
}

/**
 * Chance from which a row (ring and hub stage) counts as changed. The same ratio on another ring explains a gap in the readings
 * as well as it explains a change of ring, so the fitted chance of a change is up to thirty times what riders do; a visit of
 * another row takes two, and is counted where it is likely with a chance as low as theirs: 1 − 30⁻².
 */
const CERTAIN_ROW = 0.999;

/** What was worked out of each sample. */
interface Decoded {
  readonly sequence: Int8Array;
  /** Confidence, 0 to 1. */
  readonly sureness: Float32Array;
  /** 1 where the row of the gear is certain. */
  readonly certainRow: Uint8Array;
}

/** A gear left and taken again within this time, seconds: the rider hesitated. */
const HESITATION_S = 12;

function summary(
  recording: Recording,
  rules: GearUseRules,
  { sequence, sureness, certainRow }: Decoded,
  { kind, logRatio }: Readings,
  recorded: Int16Array | undefined,
): GearUse {
  const { gears, setup, rolloutMm, crossedCogs, lowRpm, highRpm } = rules;
  const lasts = durationsS(recording.timeS);
  const crossed = gears.map((gear) => isCrossChained(setup, gear, crossedCogs));
  const seconds = new Float64Array(gears.length);
  const metres = new Float64Array(gears.length);
  const turns = new Float64Array(gears.length);
  const sure = new Float64Array(gears.length);
  const errors: number[] = [];
  const hesitated = new Map<string, number>();
  const totals = {
    recordedS: 0,
    otherTeethS: 0,
    coastingS: 0,
    standingS: 0,
    belowS: 0,
    aboveS: 0,
    crossedS: 0,
    rearShifts: 0,
    frontShifts: 0,
  };
  let last: { readonly gear: number; readonly before: number; readonly atS: number } | undefined;
  sequence.forEach((gear, i) => {
    const duration = lasts[i]!;
    if (gear === COASTING) totals.coastingS += duration;
    if (gear === STANDING) totals.standingS += duration;
    if (gear < 0) return;
    // What a sensor left out for a moment follows from the other and the gear.
    const developmentM = (gears[gear]!.ratio * rolloutMm) / 1000;
    const [speedRead, cadenceRead] = [recording.speedMs[i]!, recording.cadenceRpm[i]!];
    const cadence = speedRead > STANDING_MS && kind[i] !== RATIO ? (60 * speedRead) / developmentM : cadenceRead;
    const speed = speedRead > STANDING_MS ? speedRead : (cadence / 60) * developmentM;
    seconds[gear]! += duration;
    metres[gear]! += duration * speed;
    turns[gear]! += (duration * cadence) / 60;
    sure[gear]! += duration * sureness[i]!;
    if (recorded?.[i] === gear) totals.recordedS += duration;
    if (recorded?.[i] === UNKNOWN_GEAR && recording.recordedGear!.cogT[i]! > 0) totals.otherTeethS += duration;
    if (cadence < lowRpm) totals.belowS += duration;
    if (cadence > highRpm) totals.aboveS += duration;
    if (crossed[gear]) totals.crossedS += duration;
    if (kind[i] === RATIO) errors.push(logRatio[i]! - Math.log(gears[gear]!.ratio));
    const atS = recording.timeS[i]!;
    if (last === undefined) last = { gear, before: -1, atS };
    else if (last.gear !== gear) {
      const [from, to] = [gears[last.gear]!, gears[gear]!];
      const sameRow = from.chainring === to.chainring && from.hubStage === to.hubStage;
      if (!sameRow && certainRow[i] === 0) return;
      if (sameRow) totals.rearShifts += 1;
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
