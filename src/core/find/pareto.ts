/** Values of the aims of one setup, in one order; less is better in every one. Equal ones are equal to the last bit. */
type AimValues = readonly number[];

/** Whether `a` beats `b`: in no aim worse, and better in one at least. */
export function beats(a: AimValues, b: AimValues): boolean {
  let better = false;
  for (let i = 0; i < a.length; i += 1) {
    if (a[i]! > b[i]!) return false;
    if (a[i]! < b[i]!) better = true;
  }
  return better;
}

/**
 * Those of some setups that none of the others beats; equals stay together. Values lie one after the
 * other, for there are many to compare.
 */
export class ParetoFront<T extends { readonly values: AimValues }> {
  private readonly kept: T[] = [];
  private values: Float64Array;

  /** @param aims how many values each has */
  constructor(private readonly aims: number) {
    this.values = new Float64Array(64 * aims);
  }

  /** In no order. */
  get members(): readonly T[] {
    return this.kept;
  }

  /** Whether one with such values, or better ones, would be beaten by a member. */
  isBeaten(values: AimValues): boolean {
    for (let place = 0; place < this.kept.length; place += 1) {
      if (this.compare(place, values) === 'beats') return true;
    }
    return false;
  }

  /**
   * The most that one with such values may have in one aim, all others being as they are: with more, a
   * member beats it. Infinity where none does, whatever it has there.
   */
  limit(values: AimValues, aim: number): number {
    const { aims, values: all } = this;
    let least = Infinity;
    for (let place = 0; place < this.kept.length; place += 1) {
      const at = place * aims;
      if (all[at + aim]! >= least) continue;
      let asGood = true;
      for (let i = 0; i < aims && asGood; i += 1) if (i !== aim && all[at + i]! > values[i]!) asGood = false;
      if (asGood) least = all[at + aim]!;
    }
    return least;
  }

  /** Takes one in, and drops those that it beats; answers whether it is kept. */
  add(one: T): boolean {
    const { aims, kept } = this;
    let end = 0;
    for (let place = 0; place < kept.length; place += 1) {
      const relation = this.compare(place, one.values);
      // Nothing that it dominates was dropped before, so dominance is transitive here.
      if (relation === 'beats') return false;
      if (relation === 'isBeaten') continue;
      if (end < place) {
        kept[end] = kept[place]!;
        this.values.copyWithin(end * aims, place * aims, (place + 1) * aims);
      }
      end += 1;
    }
    kept.length = end;
    if ((end + 1) * aims > this.values.length) {
      const larger = new Float64Array(2 * this.values.length);
      larger.set(this.values);
      this.values = larger;
    }
    this.values.set(one.values, end * aims);
    kept.push(one);
    return true;
  }

  private compare(place: number, values: AimValues): 'beats' | 'isBeaten' | 'neither' {
    const { aims, values: all } = this;
    let better = false;
    let worse = false;
    for (let i = 0, at = place * aims; i < aims; i += 1, at += 1) {
      const own = all[at]!;
      const other = values[i]!;
      if (own < other) better = true;
      else if (own > other) worse = true;
      if (better && worse) return 'neither';
    }
    if (better) return 'beats';
    return worse ? 'isBeaten' : 'neither';
  }
}
