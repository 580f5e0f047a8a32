'use client';

import { useMemo } from 'react';
import type { FilledBrief } from '../../core/needs';
import {
  cogChanges,
  difference,
  forWhom,
  needAnswers,
  sameJobs,
  priorityChoices,
  setupFigures,
  type DifferenceRow,
  type NeedAnswer,
  type SameJob,
  type PriorityChoice,
  type SetupFigures,
  type Suit,
} from '../../core/compare';
import { frontControlOf } from '../../core/fit';
import { cadenceRuns, rolloutMm, type CadenceRun } from '../../core/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import type { BriefInUse } from '../../features/workspace/brief-in-use';
import { useBrief } from '../../features/workspace/useBrief';
import { titleOf } from '../../features/ladder/lanes';
import { wheelOf, wheelsetOf, type BikeRecord, type PartsById, type SetupRecord } from '../../records';
import { weightAndCost } from '../../records/selectors/job-card';
import { leftOutOf } from '../../records/selectors/fit-input';
import { firstOf, itemAt } from '../../core/items';

/** One setup of the comparison. */
interface Compared {
  readonly place: number;
  readonly title: string;
  readonly figures: SetupFigures;
  readonly answers: readonly NeedAnswer[];
  /** Against the one fitted now; empty for that one itself. */
  readonly rows: readonly DifferenceRow[];
  /** Who it suits beside the others; undefined where it is alone. */
  readonly suit: Suit | undefined;
  readonly cogs: ReturnType<typeof cogChanges>;
  /** For each gear of the path of the one fitted now, the gear here that does its job. */
  readonly jobs: readonly SameJob[];
  /** Cadence over speed along its shift path. */
  readonly runs: readonly CadenceRun[];
}

export interface Comparison {
  readonly all: readonly Compared[];
  readonly priorities: readonly PriorityChoice[];
  readonly inUse: BriefInUse;
}

/** All results of core for comparing the setups. */
export function useCompare(): Comparison {
  const { workspace, workshop } = useReadyWorkspace();
  const inUse = useBrief();
  const { bike, setups } = workspace;
  const { parts } = workshop;
  return useMemo(() => {
    const { brief } = inUse;
    const figures = setups.map((setup) => figuresOf(setup, firstOf(setups), bike, parts, brief));
    const all = figures.map((own, place): Compared => {
      const jobs = sameJobs(firstOf(figures).report, own.report, inUse.used);
      return {
        place,
        title: titleOf(itemAt(setups, place)),
        figures: own,
        answers: needAnswers(own, brief, firstOf(figures)),
        rows: place === 0 ? [] : difference(own, firstOf(figures), brief),
        suit:
          figures.length > 1
            ? forWhom(
                own,
                figures.filter((_, i) => i !== place),
                brief,
                place === 0 ? [] : jobs,
              )
            : undefined,
        cogs: cogChanges(own, firstOf(figures)),
        jobs,
        runs: cadenceRuns(own.report.pathGears, brief.preferredRpm, own.coverage.lowestSteadyKmh, own.coverage.topKmh),
      };
    });
    return { all, priorities: priorityChoices(figures, brief), inUse };
  }, [bike, setups, parts, inUse]);
}

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
      frontControl: frontControlOf(setup.parts),
      retention: setup.parts.retention,
      chainstayMm: bike.chainstayMm,
      chainline: setup,
      ...weightAndCost(setup, fitted, bike, parts),
    },
    brief,
    { closenessPercent: bike.closenessPercent, crossedCogs: bike.crossedCogs },
  );
}
