import type { GearModel } from './gear-model';

/** A sample worked out: the likeliest gear's position, whether it drives, and the confidence of the gear, 0 to 1. */
type OnSample = (i: number, position: number, drives: boolean, confidence: number) => void;

/**
 * Works a ride out stretch by stretch, so that memory depends on the stretch and not on the ride. The end of a stretch is settled
 * by the samples after it; the next goes on from the state that was settled.
 */
export class GearWindow {
  private readonly forwardD: Float32Array;
  private readonly forwardF: Float32Array;
  private readonly emissionD: Float32Array;
  private readonly emissionF: Float32Array;
  /** State before each state: position × 2, and 1 more where it freewheels. */
  private readonly cameFrom: Int16Array;
  /** Of the sample before the stretch; all 0 before the first. */
  private readonly before: { readonly d: Float64Array; readonly f: Float64Array };
  private settled = -1;

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
    this.cameFrom = new Int16Array(length * count * 2);
    this.before = { d: new Float64Array(count), f: new Float64Array(count) };
  }

  /**
   * Works out samples `from` to before `end`, the last first.
   * @param lead the one after the last sample that is looked at
   */
  decode(from: number, end: number, lead: number, onSample: OnSample): void {
    const best = this.forwards(from, lead);
    this.backwards(from, end, lead, best, onSample);
  }

  /** Goes forwards; gives the likeliest state at the last sample. */
  private forwards(from: number, lead: number): number {
    const { chain, forwardD, forwardF, emissionD, emissionF, cameFrom, before } = this;
    const { count, changes, model } = chain;
    const { stops, starts } = model;
    const [goesOn, rests] = [1 - stops, 1 - starts];
    const vector = () => new Float64Array(count);
    const [driving, free, mixD, mixF] = [vector(), vector(), vector(), vector()];
    const [forD, forF] = [before.d.slice(), before.f.slice()];
    const [bestD, bestF, reachedD, reachedF] = [vector(), vector(), vector(), vector()];
    const [originsD, originsF] = [new Int32Array(count), new Int32Array(count)];
    const [switchedD, switchedF] = [new Uint8Array(count), new Uint8Array(count)];
    if (this.settled >= 0) (this.settled % 2 === 0 ? bestD : bestF)[this.settled >> 1] = 1;
    for (let i = from; i < lead; i += 1) {
      chain.emit(i, driving, free);
      const at = (i - from) * count;
      if (i === 0) {
        forD.fill(1);
        forF.fill(1);
        bestD.fill(1);
        bestF.fill(1);
      } else {
        for (let p = 0; p < count; p += 1) {
          const d = forD[p]!;
          const f = forF[p]!;
          mixD[p] = d * goesOn + f * starts;
          mixF[p] = f * rests + d * stops;
          const bd = bestD[p]!;
          const bf = bestF[p]!;
          const stayD = bd * goesOn;
          const startD = bf * starts;
          switchedD[p] = startD > stayD ? 1 : 0;
          reachedD[p] = startD > stayD ? startD : stayD;
          const stayF = bf * rests;
          const stopF = bd * stops;
          switchedF[p] = stopF > stayF ? 1 : 0;
          reachedF[p] = stopF > stayF ? stopF : stayF;
        }
        changes.sum(mixD, forD);
        changes.sum(mixF, forF);
        changes.max(reachedD, bestD, originsD);
        changes.max(reachedF, bestF, originsF);
        for (let p = 0; p < count; p += 1) {
          const d = originsD[p]!;
          const f = originsF[p]!;
          cameFrom[2 * (at + p)] = 2 * d + switchedD[d]!;
          cameFrom[2 * (at + p) + 1] = 2 * f + 1 - switchedF[f]!;
        }
      }
      let sum = 0;
      let bestSum = 0;
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
        const bestDriving = bestD[p]! * d;
        const bestFree = bestF[p]! * f;
        bestD[p] = bestDriving;
        bestF[p] = bestFree;
        bestSum += bestDriving + bestFree;
      }
      const factor = 1 / sum;
      const bestFactor = 1 / bestSum;
      for (let p = 0; p < count; p += 1) {
        const d = forD[p]! * factor;
        const f = forF[p]! * factor;
        forD[p] = d;
        forF[p] = f;
        forwardD[at + p] = d;
        forwardF[at + p] = f;
        bestD[p] = bestD[p]! * bestFactor;
        bestF[p] = bestF[p]! * bestFactor;
      }
    }
    let state = 0;
    let most = -1;
    for (let p = 0; p < count; p += 1) {
      if (bestD[p]! > most) [most, state] = [bestD[p]!, 2 * p];
      if (bestF[p]! > most) [most, state] = [bestF[p]!, 2 * p + 1];
    }
    return state;
  }

  /** Goes back along the likeliest sequence. */
  private backwards(from: number, end: number, lead: number, best: number, onSample: OnSample): void {
    const { chain, forwardD, forwardF, emissionD, emissionF, cameFrom, before } = this;
    const { count, changes } = chain;
    const vector = () => new Float64Array(count);
    const [backD, backF] = [vector().fill(1), vector().fill(1)];
    const [mixD, mixF, nextD, nextF] = [vector(), vector(), vector(), vector()];
    let state = best;
    for (let i = lead - 1; i >= from; i -= 1) {
      const at = (i - from) * count;
      const position = state >> 1;
      if (i < end) {
        let total = 0;
        for (let p = 0; p < count; p += 1) total += forwardD[at + p]! * backD[p]! + forwardF[at + p]! * backF[p]!;
        const own = forwardD[at + position]! * backD[position]! + forwardF[at + position]! * backF[position]!;
        onSample(i, position, state % 2 === 0, total > 0 ? own / total : 0);
      }
      if (i === end - 1) this.settled = state;
      if (i === from) break;
      for (let p = 0; p < count; p += 1) {
        mixD[p] = emissionD[at + p]! * backD[p]!;
        mixF[p] = emissionF[at + p]! * backF[p]!;
      }
      changes.sum(mixD, nextD);
      changes.sum(mixF, nextF);
      chain.goBack(nextD, nextF, backD, backF);
      state = cameFrom[2 * at + state]!;
    }
    const last = (end - 1 - from) * count;
    before.d.set(forwardD.subarray(last, last + count));
    before.f.set(forwardF.subarray(last, last + count));
  }
}
