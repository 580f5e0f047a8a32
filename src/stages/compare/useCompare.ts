'use client';

import { useMemo } from 'react';
import type { FilledBrief } from '../../core/brief';
import type { BriefInUse } from '../../kit/bench/useBrief';
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
import { useReadyBench, wheelsetOf, type Bench } from '../../kit/bench/BenchProvider';
import { useBrief } from '../../kit/bench/useBrief';
import { formatShorthand } from '../../formats/shorthand';
import { wheelOf, type BikeRecord, type SetupRecord } from '../../records';

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
  const { bench } = useReadyBench();
  const inUse = useBrief();
  const { bike, setups } = bench;
  return useMemo(() => {
    const { brief } = inUse;
    const figures = setups.map((setup) => figuresOf(setup, bike, brief));
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
  }, [bike, setups, inUse]);
}

/** A setup on the ladder. */
export type ComparedGears = Pick<Compared, 'place' | 'title'> & Pick<SetupFigures, 'report' | 'coverage'>;

/**
 * The gears of the comparison on a bench that was just typed, ahead of everything else that is said of them.
 * @param kept the setups that the comparison is of
 */
export function typedGearsOf(
  { all, inUse }: Comparison,
  kept: readonly SetupRecord[],
  { bike, setups }: Pick<Bench, 'bike' | 'setups'>,
): readonly ComparedGears[] {
  return setups.map((setup, place): ComparedGears => {
    const known = setup === kept[place] ? all[place]?.figures : undefined;
    const { report, coverage } = known ?? figuresOf(setup, bike, inUse.brief);
    return { place, title: titleOf(setup), report, coverage };
  });
}

const titleOf = (setup: SetupRecord) => setup.name ?? formatShorthand(setup);

function figuresOf(setup: SetupRecord, bike: BikeRecord, brief: FilledBrief): SetupFigures {
  return setupFigures(
    {
      id: setup.id,
      setup,
      rolloutMm: rolloutMm(wheelOf(wheelsetOf(bike, setup))),
      crankLengthMm: bike.crankLengthMm,
      rearDerailleur: setup.rearDerailleur,
      avoided: setup.avoidedGears,
      clicksPerPush: setup.clicksPerPush,
      massG: setup.massG,
      cost: setup.cost,
    },
    brief,
    { closenessPercent: bike.closenessPercent, crossedCogs: bike.crossedCogs },
  );
}
