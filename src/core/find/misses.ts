import type { FoundFacts } from './found';
import type { FindNeeds, MissedNeed } from './needs';

/** A setup that misses needs. */
export interface Miss {
  readonly facts: FoundFacts;
  /** At least one. */
  readonly missed: readonly MissedNeed[];
  /** Together, on a log scale: 0.1 is about 10% in one need, or 5% in each of two. */
  readonly distance: number;
  /** Whether each need is missed by less than it may itself be off. */
  readonly justAbout: boolean;
}

export function missOf(facts: FoundFacts, missed: readonly MissedNeed[], { uncertainty = {} }: FindNeeds): Miss {
  return {
    facts,
    missed,
    distance: missed.reduce((sum, { shortfall }) => sum + shortfall, 0),
    justAbout: missed.every(({ need, shortfall }) => shortfall <= Math.log1p(uncertainty[need] ?? 0)),
  };
}

/**
 * The closest misses of a search: for each set of needs that are missed together the setup that
 * misses them by least, because five neighbouring rings that miss the same add nothing.
 */
export class ClosestMisses {
  private readonly byNeeds = new Map<string, Miss>();

  constructor(private readonly needs: FindNeeds) {}

  add(facts: FoundFacts, missed: readonly MissedNeed[]): void {
    const key = missed.map(({ need }) => need).join();
    const miss = missOf(facts, missed, this.needs);
    const known = this.byNeeds.get(key);
    if (!known || miss.distance < known.distance) this.byNeeds.set(key, miss);
  }

  /** The closest first. */
  ranked(): readonly Miss[] {
    return [...this.byNeeds.values()].sort((a, b) => a.distance - b.distance);
  }
}
