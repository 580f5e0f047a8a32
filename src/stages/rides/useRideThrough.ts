'use client';

import { useEffect, useMemo, useState } from 'react';
import { SURFACE_CRR, resistanceOf, rideRulesOf, type Surface } from '../../core/brief';
import { rolloutMm, type Gear } from '../../core/gears';
import {
  DEFAULT_WALKING_RPM,
  climbsOf,
  developmentForM,
  kmhOf,
  msOf,
  speedForPower,
  type ElevationProfile,
  type ProfileClimb,
  type RideRules,
  type RideThrough,
} from '../../core/ride';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { useBrief } from '../../kit/bench/useBrief';
import { wheelOf, wheelsetOf, type RouteRecord } from '../../records';
import { Cancelled } from '../../workers/job-client';
import { rideClient } from '../../workers/rides/client';
import { t } from './words/text';

/** How the way is ridden, beside what the brief says; not kept. */
interface RoadToday {
  readonly surface: Surface;
  readonly headwindKmh: number;
  readonly walkingRpm: number;
}

/** A climb with the gear that it asks for on its steepest 100 m. */
interface ClimbNeed {
  readonly climb: ProfileClimb;
  readonly speedKmh: number;
  readonly wantedDevelopmentM: number;
  /** On each setup of the bench the hardest gear that does; undefined where none is easy enough. */
  readonly gears: readonly (Gear | undefined)[];
}

export interface RidesThrough {
  readonly profile: ElevationProfile | undefined;
  /** On each setup of the bench; undefined while it is worked out. */
  readonly rides: readonly RideThrough[] | undefined;
  readonly rules: readonly RideRules[];
  readonly rollouts: readonly number[];
  readonly climbs: readonly ClimbNeed[];
  readonly problem: string | undefined;
  readonly road: RoadToday;
  readonly setRoad: (change: Partial<RoadToday>) => void;
}

/** A route ridden by the bike's rider on every setup of the bench, in the worker. */
export function useRideThrough(route: RouteRecord | undefined): RidesThrough {
  const { bench } = useReadyBench();
  const { brief, contradictions } = useBrief();
  const { bike, setups } = bench;
  const [own, setOwn] = useState<Partial<RoadToday>>({});
  const road = useMemo(
    (): RoadToday => ({ surface: brief.surface, headwindKmh: 0, walkingRpm: DEFAULT_WALKING_RPM, ...own }),
    [brief.surface, own],
  );
  const asked = useMemo(() => {
    const profile = route && { stepM: route.stepM, elevationM: Float64Array.from(route.elevationM) };
    const resistance = { ...resistanceOf(brief), crr: SURFACE_CRR[road.surface], headwindMs: msOf(road.headwindKmh) };
    const rollouts = setups.map((setup) => rolloutMm(wheelOf(wheelsetOf(bike, setup))));
    const rules = setups.map((setup, i) => rideRulesOf(brief, setup, rollouts[i]!, bike.crossedCogs, road.walkingRpm));
    const climbs = (profile ? climbsOf(profile) : []).map((climb): ClimbNeed => {
      const speedKmh = kmhOf(speedForPower(brief.powerW, climb.steepestFraction, resistance));
      const wantedDevelopmentM = developmentForM(speedKmh, brief.climbingRpm);
      const gears = rules.map(({ gears: all }) =>
        all.filter(({ developmentM: own }) => own <= wantedDevelopmentM).at(-1),
      );
      return { climb, speedKmh, wantedDevelopmentM, gears };
    });
    return { profile, resistance, rollouts, rules, climbs };
  }, [route, brief, road, setups, bike]);

  const [answer, setAnswer] = useState<{
    readonly asked: unknown;
    readonly rides?: readonly RideThrough[];
    readonly problem?: string;
  }>();
  const impossible = contradictions.length > 0;
  useEffect(() => {
    if (!asked.profile || impossible) return;
    const control = new AbortController();
    rideClient()
      .rideThrough(
        { profile: asked.profile, setups: asked.rules.map((rules) => ({ rules, resistance: asked.resistance })) },
        control.signal,
      )
      .then(
        (rides) => !control.signal.aborted && setAnswer({ asked, rides }),
        (error: unknown) => {
          if (error instanceof Cancelled || control.signal.aborted) return;
          setAnswer({ asked, problem: error instanceof Error ? error.message : String(error) });
        },
      );
    return () => control.abort();
  }, [asked, impossible]);

  const current = answer?.asked === asked ? answer : undefined;
  return {
    profile: asked.profile,
    rides: current?.rides,
    rules: asked.rules,
    rollouts: asked.rollouts,
    climbs: asked.climbs,
    problem: impossible ? t('useRideThrough.theBriefContradictsItselfMend') : current?.problem,
    road,
    setRoad: (change) => setOwn((before) => ({ ...before, ...change })),
  };
}
