import type { Gear, Setup } from '../gears';

/** Chances of a change from one sample to the next. */
const CHANCE = {
  oneClick: 0.012,
  /** Each click more is rarer by this factor. */
  moreClicks: 0.35,
  rowChange: 0.002,
} as const;

/** First click of a change within a row, on top of the factor of each click. */
const CLICK = CHANCE.oneClick / CHANCE.moreClicks;
const MORE = CHANCE.moreClicks;

/**
 * Chances of changing gear, over rows (ring and hub stage) of the same cogs. From cog to cog of a row they are
 * `CLICK × MORE^clicks`; to the same or another cog of another row `rowChange^rows × MORE^clicks`, since a change of
 * ring goes with a click or two as a matter of course. They depend on the number of clicks alone, so sums and maxima over all
 * gears are running sums and maxima over neighbouring cogs: of the order of rows × gears instead of gears².
 */
export class GearChanges {
  readonly size: number;
  /** Position of each gear: row × cogs + cog. */
  readonly positions: Int32Array;
  private readonly cogs: number;
  private readonly rows: number;
  /** Chance to stay in each gear. */
  private readonly stay: Float64Array;
  /** `rowChange^rows` of each row after each row; 0 to itself. */
  private readonly rowChance: Float64Array;
  /** Sum, or maximum, over the other cogs of a row, each weighted by `MORE^clicks`. */
  private readonly sides: Float64Array;
  private readonly sidesFrom: Int32Array;

  constructor(gears: readonly Gear[], { chainrings, cogs, hubStages }: Setup) {
    this.cogs = cogs.length;
    this.rows = chainrings.length * hubStages.length;
    this.size = this.rows * this.cogs;
    this.positions = Int32Array.from(
      gears,
      ({ chainring, cog, hubStage }) =>
        (chainrings.indexOf(chainring) * hubStages.length + hubStages.indexOf(hubStage)) * this.cogs +
        cogs.indexOf(cog),
    );
    this.rowChance = new Float64Array(this.rows ** 2);
    for (let a = 0; a < this.rows; a += 1) {
      for (let b = 0; b < this.rows; b += 1) {
        const rings = Math.abs(Math.floor(a / hubStages.length) - Math.floor(b / hubStages.length));
        const stages = Math.abs((a % hubStages.length) - (b % hubStages.length));
        this.rowChance[a * this.rows + b] = a === b ? 0 : CHANCE.rowChange ** (rings + stages);
      }
    }
    this.sides = new Float64Array(this.size);
    this.sidesFrom = new Int32Array(this.size);
    this.stay = new Float64Array(this.size);
    const leaving = new Float64Array(this.size);
    // With a chance to stay of 0, the sum over all gears of 1 each is the chance to leave.
    this.sum(new Float64Array(this.size).fill(1), 0, leaving, 0);
    for (let p = 0; p < this.size; p += 1) this.stay[p] = 1 - leaving[p]!;
  }

  /**
   * Sums over all gears: `to[b] = Σ from[a] × chance(a → b)`. The chances are symmetrical, so it serves both directions.
   * @param fromAt offset of the first gear in `from`, `toAt` in `to`
   */
  sum(from: Float64Array, fromAt: number, to: Float64Array | Float32Array, toAt: number): void {
    const { cogs, rows, sides, stay, rowChance, size } = this;
    for (let row = 0; row < size; row += cogs) {
      let run = 0;
      for (let p = row; p < row + cogs; p += 1) {
        sides[p] = run;
        run = MORE * (run + from[fromAt + p]!);
      }
      run = 0;
      for (let p = row + cogs - 1; p >= row; p -= 1) {
        sides[p]! += run;
        run = MORE * (run + from[fromAt + p]!);
      }
    }
    for (let r = 0; r < rows; r += 1) {
      for (let c = 0; c < cogs; c += 1) {
        const p = r * cogs + c;
        let total = from[fromAt + p]! * stay[p]! + CLICK * sides[p]!;
        for (let other = 0; other < rows; other += 1) {
          if (other === r) continue;
          const q = other * cogs + c;
          total += rowChance[other * rows + r]! * (from[fromAt + q]! + sides[q]!);
        }
        to[toAt + p] = total;
      }
    }
  }

  /**
   * Maximizes over all gears: `to[b] = max from[a] × chance(a → b)`.
   * @param origins is given the position `a` of each maximum
   */
  max(from: Float64Array, fromAt: number, to: Float64Array, toAt: number, origins: Int32Array): void {
    const { cogs, rows, sides, sidesFrom, stay, rowChance, size } = this;
    for (let row = 0; row < size; row += cogs) {
      let run = 0;
      let at = row;
      for (let p = row; p < row + cogs; p += 1) {
        sides[p] = run;
        sidesFrom[p] = at;
        const own = from[fromAt + p]!;
        if (own > run) at = p;
        run = MORE * Math.max(run, own);
      }
      run = 0;
      at = row + cogs - 1;
      for (let p = row + cogs - 1; p >= row; p -= 1) {
        if (run > sides[p]!) {
          sides[p] = run;
          sidesFrom[p] = at;
        }
        const own = from[fromAt + p]!;
        if (own > run) at = p;
        run = MORE * Math.max(run, own);
      }
    }
    for (let r = 0; r < rows; r += 1) {
      for (let c = 0; c < cogs; c += 1) {
        const p = r * cogs + c;
        let most = from[fromAt + p]! * stay[p]!;
        let origin = p;
        if (CLICK * sides[p]! > most) {
          most = CLICK * sides[p]!;
          origin = sidesFrom[p]!;
        }
        for (let other = 0; other < rows; other += 1) {
          if (other === r) continue;
          const q = other * cogs + c;
          const straight = from[fromAt + q]! >= sides[q]!;
          const value = rowChance[other * rows + r]! * (straight ? from[fromAt + q]! : sides[q]!);
          if (value > most) {
            most = value;
            origin = straight ? q : sidesFrom[q]!;
          }
        }
        to[toAt + p] = most;
        origins[p] = origin;
      }
    }
  }
}
