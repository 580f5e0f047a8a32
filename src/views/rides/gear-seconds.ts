import type { Bytes } from '../../records/bytes';
import type { FilledBrief } from '../../core/needs';
import { rolloutMm } from '../../core/gears';
import type { Workspace } from '../../features/workspace/WorkspaceProvider';
import { wheelOf } from '../../records';
import { Cancelled } from '../../workers/job-client';
import { rideClient } from '../../workers/rides/client';

/**
 * Returns the time in each gear of the selected setup, by which the usual gears are known, s; undefined where it cannot be
 * worked out, for a ride is worth keeping without it.
 * @param packed the samples of the ride
 * @throws {Cancelled} if the user cancels
 */
export async function gearSeconds(
  packed: Bytes,
  { bike, setup, wheelset }: Pick<Workspace, 'bike' | 'setup' | 'wheelset'>,
  { lowRpm, highRpm }: Pick<FilledBrief, 'lowRpm' | 'highRpm'>,
  signal?: AbortSignal,
): Promise<readonly number[] | undefined> {
  const { chainrings, cogs, hubStages } = setup;
  const rules = { setup: { chainrings, cogs, hubStages }, rolloutMm: rolloutMm(wheelOf(wheelset)), lowRpm, highRpm };
  const asked = { ...rules, crossedCogs: bike.crossedCogs, packed: [packed], cassettes: [], replayOn: [] };
  try {
    const { use } = await rideClient().gearUsage(asked, () => undefined, signal);
    return use.shares.map(({ seconds }) => seconds);
  } catch (error) {
    if (error instanceof Cancelled) throw error;
    return undefined;
  }
}
