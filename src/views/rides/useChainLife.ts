import { useMemo } from 'react';
import { chainWearOf } from '../../features/workshop/wear-of';
import { useAllRecords } from '../../features/workshop/RecordsProvider';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';

/** Kilometres of a chain to its limit where no gauge has said: between a dirty and a clean one. */
export const CHAIN_LIFE_KM = 3000;
export const CHAIN_LIFE_BOUNDS_KM = { min: 200, max: 30_000 };

/** Kilometres at which the chain on this bike comes to its limit, by the readings of the gauge; undefined without them. */
export function useChainLife(): number | undefined {
  const { workspace, workshop } = useReadyWorkspace();
  const shop = useAllRecords();
  const { parts } = workshop;
  const bikeId = workspace.bike.id;
  return useMemo(() => {
    if (!shop) return undefined;
    const chain = [...parts.values()].find(
      ({ kind, mounts }) =>
        kind === 'chain' && mounts.some((mount) => mount.bikeId === bikeId && mount.toMs === undefined),
    );
    // The line through the readings does not depend on the day.
    const answer = chain && chainWearOf(chain, shop.trips, shop.trips.at(-1)?.atMs ?? 0).answer;
    const forecast = answer?.kind === 'forecast' || answer?.kind === 'reached' ? answer.forecast : undefined;
    return forecast?.limitKm;
  }, [shop, parts, bikeId]);
}
