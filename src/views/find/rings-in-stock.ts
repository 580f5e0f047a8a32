import { isAtHand } from '../../core/parts';
import type { PartRecord } from '../../records';

/** Teeth of the rings that a bike can have without buying, smallest first. */
export function ringsInStock(parts: readonly PartRecord[], bikeId: string): readonly number[] {
  const teeth = parts.flatMap((part) =>
    part.kind === 'chainring' && part.data.ringT !== undefined && isAtHand(part, bikeId) ? [part.data.ringT] : [],
  );
  return [...new Set(teeth)].sort((a, b) => a - b);
}
