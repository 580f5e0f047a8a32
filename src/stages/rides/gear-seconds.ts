import type { FilledBrief } from '../../core/brief';
import { rolloutMm } from '../../core/gears';
import type { Bench } from '../../kit/bench/BenchProvider';
import { wheelOf } from '../../records';
import { Cancelled } from '../../workers/job-client';
import { rideClient } from '../../workers/rides/client';

/**
 * Returns the time in each gear of the selected setup, by which the usual gears are known, s; undefined where it cannot be
 * worked out, for a ride is worth keeping without it.
 * @param packed the samples of the ride
 * @throws {Cancelled} where the person stops it
 */
export async function gearSeconds(
  packed: string,
  { bike, setup, wheelset }: Pick<Bench, 'bike' | 'setup' | 'wheelset'>,
  { lowRpm, highRpm }: Pick<FilledBrief, 'lowRpm' | 'highRpm'>,
  signal?: AbortSignal,
): Promise<readonly number[] | undefined> {
  const { chainrings, cogs, hubStages } = setup;
  const rules = { setup: { chainrings, cogs, hubStages }, rolloutMm: rolloutMm(wheelOf(wheelset)), lowRpm, highRpm };
  const asked = { ...rules, crossedCogs: bike.crossedCogs, packed: [packed], cassettes: [], replayOn: [] };
  try {
    const { use } = await rideClient().tellUse(asked, () => undefined, signal);
    return use.shares.map(({ seconds }) => seconds);
  } catch (error) {
    if (error instanceof Cancelled) throw error;
    return undefined;
  }
}
