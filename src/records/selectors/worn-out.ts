import { wearLimitPercent } from '../../core/job';
import type { PartRecord } from '../part';

/** Whether a part is not to be fitted again without asking: spent, or a chain that is worn or was measured at its limit. */
export function isWornOut({ kind, condition, data, wear }: PartRecord): boolean {
  if (condition === 'spent') return true;
  if (kind !== 'chain') return false;
  const last = [...wear].sort((a, b) => a.atMs - b.atMs).at(-1);
  return condition === 'worn' || (last !== undefined && last.wearPercent >= wearLimitPercent(data.chainSpeeds));
}

/** Whether a part has never been on a bike. */
export const isUnused = ({ condition, mounts, kmBefore }: PartRecord): boolean =>
  condition === 'new' || (condition === 'good' && mounts.length === 0 && kmBefore === 0);
