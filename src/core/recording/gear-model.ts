import type { Gear, Setup } from '../gears';
import { GearChanges, type ChangeChances } from './gear-changes';
import { RATIO, REST, type Readings } from './readings';

/** How a ride explains its readings: scatter of the sensors, and chances from one sample to the next. */
export interface RideModel extends ChangeChances {
  /** Of ln(ratio) beyond rounding: a share of the ratio. */
  readonly scatter: number;
  /** Share of driven samples that fit no gear: in the middle of a shift, or a sensor that holds an old value. */
  readonly outliers: number;
  /** Share of driven samples whose cadence is given as 0. */
  readonly dropped: number;
  /** Share of freewheeling samples with cranks at rest; with others they turn without driving. */
  readonly atRest: number;
  /** Chance that a driver stops driving, and that a freewheeler starts. */
  readonly stops: number;
  readonly starts: number;
}

/** Where no gear of the setup was recorded. */
export const UNKNOWN_GEAR = -1;

/** Width over which readings are spread that fit no gear, in ln of ratio. */
const RATIO_SPAN = 3;
/**
 * Freewheeling cranks that turn have mostly a third of the cadence that would drive, or more (ln 3.3 = 1.2): the wheel runs
 * ahead. The other way round it can be by a wrong reading only.
 */
const AHEAD_SPAN = 1.2;
const AHEAD = 0.85 / AHEAD_SPAN;
const ELSEWHERE = 0.15 / RATIO_SPAN;
/** Where the squared error, in widths, is beyond this, nothing of the bell is left beside the outliers. */
const FITS_MAX = 40;
const ROOT_TWO_PI = Math.sqrt(2 * Math.PI);

/** Sums over the samples of a stretch of a ride, by which a model is fitted. */
export interface ModelSums {
  samples: number;
  /** Expected samples that drive with a ratio, of them those that fit the gear, and the sum of their squared errors. */
  driven: number;
  fitting: number;
  squares: number;
  /** Expected samples with cranks at rest, driving and freewheeling, and freewheeling ones with cranks that turn. */
  droppedWhileDriving: number;
  restWhileFree: number;
  turningWhileFree: number;
  /** Expected changes between samples. */
  stops: number;
  staysDriving: number;
  starts: number;
  staysFree: number;
  clicks: number;
  rowChanges: number;
  /** Of the readings, natural. */
  logLikelihood: number;
}

/**
 * Hidden Markov model of a ride on one setup: each gear either drives or freewheels. The chance of a reading (emission) is
 * that of the error of ln(ratio); the chances of changing gear are those of {@link GearChanges}. Vectors have a place for each
 * gear by its position in `changes`, those of driving and freewheeling apart, and are scaled to a sum of 1, so that nothing
 * runs down to 0.
 */
export class GearModel {
  readonly changes: GearChanges;
  readonly count: number;
  /** ln of ratio by position. */
  private readonly gearLog: Float64Array;

  constructor(
    gears: readonly Gear[],
    setup: Setup,
    private readonly readings: Readings,
    readonly model: RideModel,
    /** Place of the gear that the shifting system recorded at each sample, {@link UNKNOWN_GEAR} where it did not. */
    private readonly recorded: Int16Array | undefined,
  ) {
    this.changes = new GearChanges(gears, setup, model);
    this.count = this.changes.size;
    this.gearLog = new Float64Array(this.count);
    this.changes.positions.forEach((position, gear) => {
      this.gearLog[position] = Math.log(gears[gear]!.ratio);
    });
  }

  /** Chances of a sample's reading: of each gear that drives, and of each that freewheels. */
  emit(i: number, driving: Float64Array, free: Float64Array): void {
    const { count, gearLog, model, readings } = this;
    const kind = readings.kind[i]!;
    if (kind === RATIO) {
      const value = readings.logRatio[i]!;
      const variance = model.scatter ** 2 + readings.rounding[i]!;
      const share = (1 - model.dropped) * (1 - model.outliers);
      const height = share / (Math.sqrt(variance) * ROOT_TWO_PI);
      const floor = ((1 - model.dropped) * model.outliers) / RATIO_SPAN;
      const [ahead, elsewhere] = [(1 - model.atRest) * AHEAD, (1 - model.atRest) * ELSEWHERE];
      const inverse = 1 / variance;
      for (let p = 0; p < count; p += 1) {
        const error = value - gearLog[p]!;
        const squared = error * error * inverse;
        driving[p] = squared < FITS_MAX ? floor + height * Math.exp(-0.5 * squared) : floor;
        free[p] = error > 0 && error < AHEAD_SPAN ? ahead : elsewhere;
      }
    } else if (kind === REST) {
      driving.fill(model.dropped);
      free.fill(model.atRest);
    } else {
      driving.fill(1);
      free.fill(1);
    }
    const known = this.changes.positions[this.recorded?.[i] ?? UNKNOWN_GEAR];
    if (known === undefined) return;
    for (let p = 0; p < count; p += 1) {
      if (p === known) continue;
      driving[p]! *= UNRECORDED;
      free[p]! *= UNRECORDED;
    }
  }

  /**
   * Fits the sums of one stretch by forward–backward.
   * @param from first sample, `to` the one after the last
   */
  addTo(sums: ModelSums, from: number, to: number): void {
    const { count, changes, model } = this;
    const n = to - from;
    const rows = () => new Float64Array(n * count);
    const [forwardD, forwardF] = [rows(), rows()];
    const vector = () => new Float64Array(count);
    const [driving, free, mixD, mixF, nextD, nextF] = [vector(), vector(), vector(), vector(), vector(), vector()];
    for (let i = 0; i < n; i += 1) {
      this.emit(from + i, driving, free);
      if (i === 0) {
        nextD.fill(0.5 / count);
        nextF.fill(0.5 / count);
      } else {
        this.mixModes(forwardD, forwardF, (i - 1) * count, mixD, mixF);
        changes.sum(mixD, nextD);
        changes.sum(mixF, nextF);
      }
      for (let p = 0; p < count; p += 1) {
        nextD[p]! *= driving[p]!;
        nextF[p]! *= free[p]!;
      }
      sums.logLikelihood += Math.log(scale(nextD, nextF));
      forwardD.set(nextD, i * count);
      forwardF.set(nextF, i * count);
    }
    const [backD, backF] = [vector().fill(1), vector().fill(1)];
    for (let i = n - 1; i >= 0; i -= 1) {
      const at = i * count;
      this.emit(from + i, driving, free);
      let total = 0;
      for (let p = 0; p < count; p += 1) total += forwardD[at + p]! * backD[p]! + forwardF[at + p]! * backF[p]!;
      this.addReading(
        sums,
        from + i,
        (p) => (forwardD[at + p]! * backD[p]!) / total,
        (p) => (forwardF[at + p]! * backF[p]!) / total,
      );
      if (i === 0) break;
      for (let p = 0; p < count; p += 1) {
        driving[p]! *= backD[p]!;
        free[p]! *= backF[p]!;
      }
      this.mixModes(forwardD, forwardF, at - count, mixD, mixF);
      const [splitD, splitF] = [changes.split(mixD, driving), changes.split(mixF, free)];
      const mass = splitD.stay + splitD.clicks + splitD.rows + splitF.stay + splitF.clicks + splitF.rows;
      sums.clicks += (splitD.clicks + splitF.clicks) / mass;
      sums.rowChanges += (splitD.rows + splitF.rows) / mass;
      changes.sum(driving, nextD);
      changes.sum(free, nextF);
      for (let p = 0; p < count; p += 1) {
        const d = forwardD[at - count + p]!;
        const f = forwardF[at - count + p]!;
        const gd = nextD[p]!;
        const gf = nextF[p]!;
        sums.stops += (d * model.stops * gf) / mass;
        sums.staysDriving += (d * (1 - model.stops) * gd) / mass;
        sums.starts += (f * model.starts * gd) / mass;
        sums.staysFree += (f * (1 - model.starts) * gf) / mass;
      }
      this.goBack(nextD, nextF, backD, backF);
    }
    sums.samples += n - 1;
  }

  /** Chances before a change of gear: of driving on or starting, and of freewheeling on or stopping. */
  private mixModes(fromD: Float64Array, fromF: Float64Array, at: number, mixD: Float64Array, mixF: Float64Array): void {
    const { count, model } = this;
    for (let p = 0; p < count; p += 1) {
      const d = fromD[at + p]!;
      const f = fromF[at + p]!;
      mixD[p] = d * (1 - model.stops) + f * model.starts;
      mixF[p] = f * (1 - model.starts) + d * model.stops;
    }
  }

  /** One step back: from the chances of what follows a change of gear to those of what follows the sample before, scaled. */
  goBack(nextD: Float64Array, nextF: Float64Array, backD: Float64Array, backF: Float64Array): void {
    const { count, model } = this;
    for (let p = 0; p < count; p += 1) {
      const d = nextD[p]!;
      const f = nextF[p]!;
      backD[p] = d * (1 - model.stops) + f * model.stops;
      backF[p] = f * (1 - model.starts) + d * model.starts;
    }
    scale(backD, backF);
  }

  private addReading(
    sums: ModelSums,
    i: number,
    drives: (p: number) => number,
    freewheels: (p: number) => number,
  ): void {
    const { count, gearLog, model, readings } = this;
    const kind = readings.kind[i]!;
    if (kind !== RATIO && kind !== REST) return;
    const variance = model.scatter ** 2 + readings.rounding[i]!;
    const height = (1 - model.outliers) / Math.sqrt(2 * Math.PI * variance);
    const floor = model.outliers / RATIO_SPAN;
    for (let p = 0; p < count; p += 1) {
      const driven = drives(p);
      const free = freewheels(p);
      if (kind === REST) {
        sums.droppedWhileDriving += driven;
        sums.restWhileFree += free;
        continue;
      }
      sums.driven += driven;
      sums.turningWhileFree += free;
      const error = readings.logRatio[i]! - gearLog[p]!;
      const bell = height * Math.exp((-0.5 * error * error) / variance);
      const fitting = (driven * bell) / (bell + floor);
      sums.fitting += fitting;
      sums.squares += fitting * (error * error - readings.rounding[i]!);
    }
  }
}

/** What a gear counts for that the bicycle did not record: no more than a fault of the record. */
const UNRECORDED = 1e-6;

/** Scales two vectors to a sum of 1 together, alike all over where nothing is left; gives the sum that they had. */
function scale(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let p = 0; p < a.length; p += 1) sum += a[p]! + b[p]!;
  if (sum > 0) {
    const factor = 1 / sum;
    for (let p = 0; p < a.length; p += 1) {
      a[p]! *= factor;
      b[p]! *= factor;
    }
    return sum;
  }
  a.fill(0.5 / a.length);
  b.fill(0.5 / b.length);
  return Number.MIN_VALUE;
}
