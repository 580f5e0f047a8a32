'use client';

import { useMemo } from 'react';
import type { FilledBrief } from '../../core/brief';
import {
  cogChanges,
  difference,
  needAnswers,
  sameJobs,
  schoolChoices,
  setupFigures,
  type DifferenceRow,
  type NeedAnswer,
  type SameJob,
  type SchoolChoice,
  type SetupFigures,
} from '../../core/compare';
import { cadenceRuns, rolloutMm, type CadenceRun } from '../../core/gears';
import { useReadyBench, type Bench } from '../../kit/bench/BenchProvider';
import { bandInUse, useBrief, type BriefInUse } from '../../kit/bench/useBrief';
import type { LaneAsked } from '../../kit/ladder/asked';
import { formatShorthand } from '../../formats/shorthand';
import {
  leftOutOf,
  weightAndCost,
  wheelOf,
  wheelsetOf,
  type BikeRecord,
  type PartsById,
  type SetupRecord,
} from '../../records';

/** One setup of the comparison. */
export interface Compared {
  readonly place: number;
  readonly title: string;
  readonly figures: SetupFigures;
  readonly answers: readonly NeedAnswer[];
  /** Against the one fitted now; empty for that one itself. */
  readonly rows: readonly DifferenceRow[];
  readonly cogs: ReturnType<typeof cogChanges>;
  /** For each gear of the path of the one fitted now, the gear here that does its job. */
  readonly jobs: readonly SameJob[];
  /** Cadence over speed along its shift path. */
  readonly runs: readonly CadenceRun[];
}

export interface Comparison {
  readonly all: readonly Compared[];
  readonly schools: readonly SchoolChoice[];
  readonly inUse: BriefInUse;
}

/** Everything that core says of the setups of the bench together. */
export function useCompare(): Comparison {
  const { bench, workshop } = useReadyBench();
  const inUse = useBrief();
  const { bike, setups } = bench;
  const { parts } = workshop;
  return useMemo(() => {
    const { brief } = inUse;
    const figures = setups.map((setup) => figuresOf(setup, setups[0]!, bike, parts, brief));
    const all = figures.map((own, place): Compared => ({
      place,
      title: titleOf(setups[place]!),
      figures: own,
      answers: needAnswers(own, brief, figures[0]!),
      rows: place === 0 ? [] : difference(own, figures[0]!, brief),
      cogs: cogChanges(own, figures[0]!),
      jobs: sameJobs(figures[0]!.report, own.report),
      runs: cadenceRuns(own.report.pathGears, brief.preferredRpm, own.coverage.lowestSteadyKmh, own.coverage.topKmh),
    }));
    return { all, schools: schoolChoices(figures, brief), inUse };
  }, [bike, setups, parts, inUse]);
}

/** What the lanes of the setups are worked out from: on a bench that was just typed, ahead of all else said of them. */
export function lanesAsked({ bike, setups }: Pick<Bench, 'bike' | 'setups'>, inUse: BriefInUse): LaneAsked[] {
  const { brief } = inUse;
  const { crankLengthMm, closenessPercent, crossedCogs } = bike;
  return setups.map((setup, place) => ({
    place,
    title: titleOf(setup),
    setup: { chainrings: setup.chainrings, cogs: setup.cogs, hubStages: setup.hubStages },
    riding: {
      rolloutMm: rolloutMm(wheelOf(wheelsetOf(bike, setup))),
      cadenceRpm: brief.preferredRpm,
      crankLengthMm,
      closenessPercent,
      crossedCogs,
    },
    band: bandInUse(inUse),
  }));
}

const titleOf = (setup: SetupRecord) => setup.name ?? formatShorthand(setup);

function figuresOf(
  setup: SetupRecord,
  fitted: SetupRecord,
  bike: BikeRecord,
  parts: PartsById,
  brief: FilledBrief,
): SetupFigures {
  return setupFigures(
    {
      id: setup.id,
      setup,
      rolloutMm: rolloutMm(wheelOf(wheelsetOf(bike, setup))),
      crankLengthMm: bike.crankLengthMm,
      rearDerailleur: setup.rearDerailleur,
      avoided: leftOutOf(setup),
      clicksPerPush: setup.clicksPerPush,
      ...weightAndCost(setup, fitted, bike, parts),
    },
    brief,
    { closenessPercent: bike.closenessPercent, crossedCogs: bike.crossedCogs },
  );
}
