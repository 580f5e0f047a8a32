import type { Gear, Setup } from '../gears';

/** Chances of a change from one sample to the next. */
export interface ChangeChances {
  readonly oneClick: number;
  readonly rowChange: number;
}

/** Each click more is rarer by this factor. */
export const MORE_CLICKS = 0.35;

/**
 * Chances of changing gear, over rows (ring and hub stage) of the same cogs. From cog to cog of a row they are
 * `oneClick × MORE_CLICKS^(clicks − 1)`; to the same or another cog of another row `rowChange^rows × MORE_CLICKS^clicks`, since a change of
 * ring goes with a click or two as a matter of course. They depend on the number of clicks alone, so sums over all gears are
 * running sums over neighbouring cogs: of the order of rows × gears instead of gears².
 */
export class GearChanges {
  readonly size: number;
  /** Position of each gear: row × cogs + cog. */
  readonly positions: Int32Array;
  readonly cogs: number;
  private readonly rows: number;
  /** Chance to stay in each gear. */
  private readonly stay: Float64Array;
  /** `rowChange^rows` of each row after each row; 0 to itself. */
  private readonly rowChance: Float64Array;
  /** Sum over the other cogs of a row, each weighted by `MORE_CLICKS^clicks`. */
  private readonly sides: Float64Array;
  /** Sum over all cogs of a row. */
  private readonly around: Float64Array;
  /** First click of a change within a row, on top of the factor of each click. */
  private readonly click: number;

  constructor(gears: readonly Gear[], { chainrings, cogs, hubStages }: Setup, { oneClick, rowChange }: ChangeChances) {
    this.click = oneClick / MORE_CLICKS;
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
        this.rowChance[a * this.rows + b] = a === b ? 0 : rowChange ** (rings + stages);
      }
    }
    this.sides = new Float64Array(this.size);
    this.around = new Float64Array(this.size);
    this.stay = new Float64Array(this.size);
    const leaving = new Float64Array(this.size);
    // With a chance to stay of 0, the sum over all gears of 1 each is the chance to leave.
    this.sum(new Float64Array(this.size).fill(1), leaving);
    for (let p = 0; p < this.size; p += 1) this.stay[p] = 1 - leaving[p]!;
  }

  /** Sums over all gears: `to[b] = Σ from[a] × chance(a → b)`. The chances are symmetrical, so it serves both directions. */
  sum(from: Float64Array, to: Float64Array): void {
    const { cogs, rows, size, sides, around, stay, rowChance, click } = this;
    this.sumSides(from);
    for (let p = 0; p < size; p += 1) {
      const own = from[p]!;
      const beside = sides[p]!;
      around[p] = own + beside;
      to[p] = own * stay[p]! + click * beside;
    }
    for (let r = 0; r < rows; r += 1) {
      for (let other = 0; other < rows; other += 1) {
        if (other === r) continue;
        const chance = rowChance[other * rows + r]!;
        const offset = (other - r) * cogs;
        for (let p = r * cogs; p < (r + 1) * cogs; p += 1) to[p] = to[p]! + chance * around[p + offset]!;
      }
    }
  }

  /** Splits `Σ from[a] × chance(a → b) × to[b]` into staying, clicks within a row, and changes of row. */
  split(
    from: Float64Array,
    to: Float64Array,
  ): { readonly stay: number; readonly clicks: number; readonly rows: number } {
    const { cogs, rows, sides, stay, rowChance, click, size } = this;
    this.sumSides(from);
    const mass = { stay: 0, clicks: 0, rows: 0 };
    for (let p = 0; p < size; p += 1) {
      mass.stay += from[p]! * stay[p]! * to[p]!;
      mass.clicks += click * sides[p]! * to[p]!;
      const r = Math.floor(p / cogs);
      for (let other = 0; other < rows; other += 1) {
        const q = other * cogs + (p % cogs);
        mass.rows += rowChance[other * rows + r]! * (from[q]! + sides[q]!) * to[p]!;
      }
    }
    return mass;
  }

  private sumSides(from: Float64Array): void {
    const { cogs, sides, size } = this;
    for (let row = 0; row < size; row += cogs) {
      let run = 0;
      for (let p = row; p < row + cogs; p += 1) {
        sides[p] = run;
        run = MORE_CLICKS * (run + from[p]!);
      }
      run = 0;
      for (let p = row + cogs - 1; p >= row; p -= 1) {
        sides[p]! += run;
        run = MORE_CLICKS * (run + from[p]!);
      }
    }
  }
}
