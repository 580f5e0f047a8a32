import { useMemo } from 'react';
import { developedGears, rolloutMm } from '../../core/gears';
import { resistanceOf } from '../../core/needs';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useWorkerQuery, type WorkerQuery } from '../../features/worker-query/useWorkerQuery';
import { useBrief } from '../../features/workspace/useBrief';
import { wheelOf, wheelsetOf } from '../../records';
import { readPacked } from '../../store';
import { rideClient } from '../../workers/rides/client';
import type { RiddenResponse } from '../../workers/rides/protocol';
import type { RidesUse } from './useGearUsage';

/** Links of a chain where the setup does not say: about those of a road bike. */
const USUAL_LINKS = 110;

/** What the rides tell of their rider, and what they would cost on every setup; asked when their gears are known. */
export function useRidden({ state, rides }: RidesUse): WorkerQuery<never, RiddenResponse> {
  const { workspace, workshop } = useReadyWorkspace();
  const { brief } = useBrief();
  const { bike, setups } = workspace;
  const { db } = workshop;
  const habit = state.kind === 'answered' ? state.answer.habit : undefined;
  const isKnown = state.kind === 'answered';
  const request = useMemo(() => {
    if (!isKnown || rides.length === 0) return undefined;
    const { massKg, airDensityKgM3, efficiency, crr, cdaM2, assist } = resistanceOf(brief);
    const { riderMassKg, lowRpm, highRpm, preferredRpm } = brief;
    const links = setups.find(({ chainLinks }) => chainLinks !== undefined)?.chainLinks ?? USUAL_LINKS;
    return {
      rider: { massKg, airDensityKgM3, efficiency, crr, cdaM2, riderMassKg, hasMotor: assist !== undefined },
      on: setups.map((setup) => {
        const { chainrings, cogs, hubStages, chainLinks } = setup;
        const gears = developedGears(setup, rolloutMm(wheelOf(wheelsetOf(bike, setup))));
        return {
          rules: {
            setup: { chainrings, cogs, hubStages },
            gears,
            crossedCogs: bike.crossedCogs,
            ...{ lowRpm, highRpm, preferredRpm, habit },
          },
          chainLinks: chainLinks ?? links,
        };
      }),
    };
  }, [isKnown, rides, habit, brief, bike, setups]);
  const { state: answer } = useWorkerQuery(request, async (sent, _onProgress, signal) => {
    const packed = await readPacked(
      db,
      rides.map(({ id }) => id),
    );
    return rideClient().ridden({ ...sent, packed }, signal);
  });
  return answer;
}
