import { itemAt } from '../items';
/**
 * Random numbers that are the same for the same seed: a question can be asked again, and checked.
 * Mulberry32 (T. Ettinger, public domain): 32 bits of state, a full period.
 */
export class Seeded {
  private state: number;

  constructor(seed: number) {
    this.state = seed >>> 0;
  }

  /** From 0 to below 1. */
  next(): number {
    this.state = (this.state + 0x6d2b79f5) >>> 0;
    let bits = this.state;
    bits = Math.imul(bits ^ (bits >>> 15), bits | 1);
    bits ^= bits + Math.imul(bits ^ (bits >>> 7), bits | 61);
    return ((bits ^ (bits >>> 14)) >>> 0) / 4294967296;
  }

  /** A whole number from `min` to `max`, both among them. */
  whole(min: number, max: number): number {
    return min + Math.floor(this.next() * (max - min + 1));
  }

  /** One of a list that is not empty. */
  pick<T>(list: readonly T[]): T {
    return itemAt(list, this.whole(0, list.length - 1));
  }

  /** The list in another order (Fisher and Yates). */
  shuffled<T>(list: readonly T[]): T[] {
    const order = [...list];
    for (let i = order.length - 1; i > 0; i -= 1) {
      const j = this.whole(0, i);
      [order[i], order[j]] = [itemAt(order, j), itemAt(order, i)];
    }
    return order;
  }
}
