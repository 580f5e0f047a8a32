'use client';

import { useMemo, useState } from 'react';
import { SURFACE_CRR, resistanceOf, rideRulesOf, staminaOf, type Surface } from '../../core/needs';
import type { HabitFromRides } from '../../core/ridden';
import { rolloutMm, type Gear } from '../../core/gears';
import {
  DEFAULT_WALKING_RPM,
  climbsOf,
  developmentForM,
  kmhOf,
  msOf,
  pacingOf,
  speedForPower,
  type ElevationProfile,
  type ProfileClimb,
  type RideRules,
  type RideThrough,
} from '../../core/ride';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useWorkerQuery } from '../../features/worker-query/useWorkerQuery';
import { useBrief } from '../../features/workspace/useBrief';
import { wheelOf, wheelsetOf, type RouteRecord } from '../../records';
import { rideClient } from '../../workers/rides/client';
import { t } from './text';
import { itemAt } from '../../core/items';

/** Conditions of the route simulation beside Needs; not stored. */
interface RoadToday {
  readonly surface: Surface;
  readonly headwindKmh: number;
  readonly walkingRpm: number;
  /** At a steady power, or paced by what the rider can hold for each climb. */
  readonly power: 'steady' | 'paced';
  /** Shifts at the ends of the cadence range, or as the rider does. */
  readonly shifts: 'range' | 'habit';
}

/** A climb with the gear that its steepest 100 m needs. */
interface ClimbNeed {
  readonly climb: ProfileClimb;
  readonly speedKmh: number;
  readonly wantedDevelopmentM: number;
  /** On each setup of the workspace the hardest gear that does; undefined where none is easy enough. */
  readonly gears: readonly (Gear | undefined)[];
}

export interface RidesThrough {
  readonly profile: ElevationProfile | undefined;
  /** On each setup of the workspace; undefined while it is worked out. */
  readonly rides: readonly RideThrough[] | undefined;
  readonly rules: readonly RideRules[];
  readonly rollouts: readonly number[];
  readonly climbs: readonly ClimbNeed[];
  readonly problem: string | undefined;
  readonly road: RoadToday;
  readonly setRoad: (change: Partial<RoadToday>) => void;
  readonly habit: HabitFromRides | undefined;
}

/**
 * A route ridden by the bike's rider on every setup of the workspace, in the worker.
 * @param habit of shifting, where rides tell it
 * @param isHabitComing whether it is still being worked out: the ride waits for it
 */
export function useRideThrough(
  route: RouteRecord | undefined,
  habit: HabitFromRides | undefined,
  isHabitComing: boolean,
): RidesThrough {
  const { workspace } = useReadyWorkspace();
  const { brief, contradictions } = useBrief();
  const { bike, setups } = workspace;
  const [own, setOwn] = useState<Partial<RoadToday>>({});
  const road = useMemo(
    (): RoadToday => ({
      surface: brief.surface,
      headwindKmh: 0,
      walkingRpm: DEFAULT_WALKING_RPM,
      power: 'steady',
      ...own,
      shifts: habit ? (own.shifts ?? 'habit') : 'range',
    }),
    [brief.surface, own, habit],
  );
  const asked = useMemo(() => {
    const profile = route && { stepM: route.stepM, elevationM: Float64Array.from(route.elevationM) };
    const known = resistanceOf(brief);
    const resistance = {
      ...known,
      crr: road.surface === brief.surface ? known.crr : SURFACE_CRR[road.surface],
      headwindMs: msOf(road.headwindKmh),
    };
    const pacing = profile && road.power === 'paced' ? pacingOf(profile, staminaOf(brief), resistance) : undefined;
    const rollouts = setups.map((setup) => rolloutMm(wheelOf(wheelsetOf(bike, setup))));
    const rules = setups.map((setup, i) => ({
      ...rideRulesOf(brief, setup, itemAt(rollouts, i), bike.crossedCogs, road.walkingRpm),
      pacing,
      habit: road.shifts === 'habit' ? habit : undefined,
    }));
    const climbs = (profile ? climbsOf(profile) : []).map((climb): ClimbNeed => {
      const speedKmh = kmhOf(speedForPower(brief.powerW, climb.steepestFraction, resistance));
      const wantedDevelopmentM = developmentForM(speedKmh, brief.climbingRpm);
      const gears = rules.map(({ gears: all }) =>
        all.filter(({ developmentM: own }) => own <= wantedDevelopmentM).at(-1),
      );
      return { climb, speedKmh, wantedDevelopmentM, gears };
    });
    return { profile, resistance, rollouts, rules, climbs };
  }, [route, brief, road, setups, bike, habit]);

  const impossible = contradictions.length > 0;
  const { profile, rules, resistance } = asked;
  const request = useMemo(
    () =>
      profile && !impossible && !isHabitComing
        ? { profile, setups: rules.map((own) => ({ rules: own, resistance })) }
        : undefined,
    [profile, rules, resistance, impossible, isHabitComing],
  );
  const { state } = useWorkerQuery(request, (sent, _onProgress, signal) => rideClient().rideThrough(sent, signal));

  return {
    profile: asked.profile,
    rides: state.kind === 'answered' ? state.answer : undefined,
    rules: asked.rules,
    rollouts: asked.rollouts,
    climbs: asked.climbs,
    problem: impossible
      ? t('useRideThrough.riderDetailsConflictFix')
      : state.kind === 'failed'
        ? state.message
        : undefined,
    road,
    habit,
    setRoad: (change) => setOwn((before) => ({ ...before, ...change })),
  };
}
