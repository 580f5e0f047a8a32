import type { GearModel } from './gear-model';

/**
 * A sample worked out: the position of the likeliest gear, whether it drives, the confidence in both, and the chance of its row,
 * 0 to 1.
 */
type OnSample = (i: number, position: number, drives: boolean, confidence: number, rowChance: number) => void;

/**
 * Works a ride out stretch by stretch, so that memory depends on the stretch and not on the ride: forward–backward gives the
 * chance of each state at each sample (posterior decoding). The end of a stretch is settled by the samples after it; the next
 * goes on from the chances before it.
 */
export class GearWindow {
  private readonly forwardD: Float32Array;
  private readonly forwardF: Float32Array;
  private readonly emissionD: Float32Array;
  private readonly emissionF: Float32Array;
  /** Of the sample before the stretch; all 0 before the first. */
  private readonly before: { readonly d: Float64Array; readonly f: Float64Array };

  /** @param length samples of the longest stretch, with those that are looked at beyond it */
  constructor(
    private readonly chain: GearModel,
    length: number,
  ) {
    const { count } = chain;
    this.forwardD = new Float32Array(length * count);
    this.forwardF = new Float32Array(length * count);
    this.emissionD = new Float32Array(length * count);
    this.emissionF = new Float32Array(length * count);
    this.before = { d: new Float64Array(count), f: new Float64Array(count) };
  }

  /**
   * Works out samples `from` to before `end`, the last first.
   * @param lead the one after the last sample that is looked at
   */
  decode(from: number, end: number, lead: number, onSample: OnSample): void {
    this.forwards(from, lead);
    this.backwards(from, end, lead, onSample);
  }

  private forwards(from: number, lead: number): void {
    const { chain, forwardD, forwardF, emissionD, emissionF, before } = this;
    const { count, changes, model } = chain;
    const { stops, starts } = model;
    const [goesOn, rests] = [1 - stops, 1 - starts];
    const vector = () => new Float64Array(count);
    const [driving, free, mixD, mixF] = [vector(), vector(), vector(), vector()];
    const [forD, forF] = [before.d.slice(), before.f.slice()];
    for (let i = from; i < lead; i += 1) {
      chain.emit(i, driving, free);
      const at = (i - from) * count;
      if (i === 0) {
        forD.fill(1);
        forF.fill(1);
      } else {
        for (let p = 0; p < count; p += 1) {
          const d = forD[p]!;
          const f = forF[p]!;
          mixD[p] = d * goesOn + f * starts;
          mixF[p] = f * rests + d * stops;
        }
        changes.sum(mixD, forD);
        changes.sum(mixF, forF);
      }
      let sum = 0;
      for (let p = 0; p < count; p += 1) {
        const d = driving[p]!;
        const f = free[p]!;
        emissionD[at + p] = d;
        emissionF[at + p] = f;
        const forwardDriving = forD[p]! * d;
        const forwardFree = forF[p]! * f;
        forD[p] = forwardDriving;
        forF[p] = forwardFree;
        sum += forwardDriving + forwardFree;
      }
      const factor = 1 / sum;
      for (let p = 0; p < count; p += 1) {
        const d = forD[p]! * factor;
        const f = forF[p]! * factor;
        forD[p] = d;
        forF[p] = f;
        forwardD[at + p] = d;
        forwardF[at + p] = f;
      }
    }
  }

  private backwards(from: number, end: number, lead: number, onSample: OnSample): void {
    const { chain, forwardD, forwardF, emissionD, emissionF, before } = this;
    const { count, changes } = chain;
    const { cogs } = changes;
    const vector = () => new Float64Array(count);
    const [backD, backF] = [vector().fill(1), vector().fill(1)];
    const [mixD, mixF, nextD, nextF] = [vector(), vector(), vector(), vector()];
    for (let i = lead - 1; i >= from; i -= 1) {
      const at = (i - from) * count;
      if (i < end) {
        let [driven, free, mostD, mostF, gearD, gearF] = [0, 0, -1, -1, 0, 0];
        for (let p = 0; p < count; p += 1) {
          const d = forwardD[at + p]! * backD[p]!;
          const f = forwardF[at + p]! * backF[p]!;
          driven += d;
          free += f;
          if (d > mostD) [mostD, gearD] = [d, p];
          if (f > mostF) [mostF, gearF] = [f, p];
        }
        const drives = driven >= free;
        const gear = drives ? gearD : gearF;
        const rowStart = gear - (gear % cogs);
        let row = 0;
        for (let p = rowStart; p < rowStart + cogs; p += 1)
          row += forwardD[at + p]! * backD[p]! + forwardF[at + p]! * backF[p]!;
        const total = driven + free;
        onSample(i, gear, drives, (drives ? mostD : mostF) / total, row / total);
      }
      if (i === from) break;
      for (let p = 0; p < count; p += 1) {
        mixD[p] = emissionD[at + p]! * backD[p]!;
        mixF[p] = emissionF[at + p]! * backF[p]!;
      }
      changes.sum(mixD, nextD);
      changes.sum(mixF, nextF);
      chain.goBack(nextD, nextF, backD, backF);
    }
    const last = (end - 1 - from) * count;
    before.d.set(forwardD.subarray(last, last + count));
    before.f.set(forwardF.subarray(last, last + count));
  }
}
