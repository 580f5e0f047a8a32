import { freeCount } from '../../core/parts';
import type { PartsById, SetupRecord } from '../../records';
import { isUnused, isWornOut } from '../../records/selectors/worn-out';

/** A setup with another chain than the one it names: one of its width that lies free and was never ridden, else one that is to be bought. */
export function withNewChain(setup: SetupRecord, parts: PartsById): SetupRecord {
  const { chain: old, ...partIds } = setup.partIds ?? {};
  const speeds = setup.cogs.length;
  const free = [...parts.values()].find(
    (part) =>
      part.kind === 'chain' &&
      part.id !== old &&
      freeCount(part) > 0 &&
      isUnused(part) &&
      !isWornOut(part) &&
      (part.data.chainSpeeds ?? speeds) === speeds,
  );
  return { ...setup, partIds: free ? { ...partIds, chain: free.id } : partIds };
}
