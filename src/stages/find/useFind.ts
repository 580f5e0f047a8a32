'use client';

import { nanoid } from 'nanoid';
import { useCallback, useMemo } from 'react';
import { SetupBuilder, type FindSettings, type FoundFacts } from '../../core/find';
import { sameJobs, setupFigures, type SameJob, type SetupFigures } from '../../core/compare';
import { fitAnswer, fitReport, frontControlOf, type FitAnswer } from '../../core/fit';
import type { Move } from '../../core/job';
import { gearReport, type Riding, type Wheel } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { withOptional } from '../../kit/fields/with-optional';
import { useSearch, type Search } from '../../kit/finding/useSearch';
import { foundSetup, moveTo, wheelOf, wheelsetOf } from '../../records';
import { addSetup } from '../../store';
import { t } from './words/text';

export interface Find extends Search {
  /** Changes what is said of the search; `undefined` leaves a thing open again. */
  readonly say: <K extends keyof FindSettings>(what: string, field: K, value: FindSettings[K]) => void;
  /** What Gears, Compare and Fit will say of a setup, once it is on the bench. */
  readonly closeUp: (found: FoundFacts) => CloseUp;
  /** Lays a setup on the bench, with the parts it would be built with; answers with its place, or that there is no room. */
  readonly layOnBench: (found: FoundFacts) => Promise<number | undefined>;
}

/** What of a search is asked; it stands still while the answer comes. */
export type Question = Pick<Find, 'settings' | 'say' | 'inUse'>;

/** One of the setups found, looked into. */
interface CloseUp {
  readonly fit: FitAnswer;
  readonly figures: SetupFigures;
  /** For each usual gear of A, the gear that does its job. */
  readonly usual: readonly SameJob[];
  /** What moves and is bought, as the job card will say. */
  readonly move: Move;
  /** Chainstay at its longest, mm. */
  readonly longestChainstayMm: number;
  readonly wheel: Wheel;
  /** At the highest comfortable cadence: that of the top speed. */
  readonly riding: Riding;
}

/** The search of the bike on the bench, with what can be done with its answers. */
export function useFind(): Find {
  const search = useSearch();
  const { bench, edits, workshop } = useReadyBench();
  const { bike, setups } = bench;
  const { parts, db } = workshop;
  const { settings, inUse, context, question } = search;
  const { brief } = inUse;
  const present = setups[0]!;
  const builder = useMemo(
    () => new SetupBuilder((question.ok && question.input.bike) || { ...context.bike, keep: settings.keep }),
    [question, context, settings.keep],
  );
  const recordOf = useCallback((found: FoundFacts) => foundSetup(present, found, builder, nanoid), [builder, present]);
  const closeUp = useCallback(
    (found: FoundFacts): CloseUp => {
      const built = builder.fitInput(found.chainrings, found.cassette.cogs, found.build);
      const candidate = {
        id: '',
        setup: built.setup,
        rolloutMm: context.rolloutMm,
        crankLengthMm: bike.crankLengthMm,
        rearDerailleur: built.rearDerailleur,
        avoided: built.avoided,
        clicksPerPush: present.clicksPerPush,
        frontControl: frontControlOf(built.parts ?? {}),
        massG: undefined,
        cost: undefined,
      };
      const riding = {
        ...bike,
        rolloutMm: context.rolloutMm,
        cadenceRpm: brief.highRpm,
        crankLengthMm: bike.crankLengthMm,
      };
      const figures = setupFigures(candidate, brief, bike);
      const now = gearReport(present, riding);
      return {
        usual: sameJobs(now, figures.report, inUse.used).filter(({ use }) => use === 'usual'),
        fit: fitAnswer(fitReport(built), context.bike.school),
        figures,
        move: moveTo({ ...recordOf(found), id: '', rank: 0 }, present, bike, parts),
        longestChainstayMm: built.chainstayMm + built.suspensionGrowthMm,
        wheel: wheelOf(wheelsetOf(bike, present)),
        riding,
      };
    },
    [builder, context, bike, present, brief, inUse.used, parts, recordOf],
  );
  const { editBike } = edits;
  const say = useCallback<Find['say']>(
    (what, field, value) =>
      editBike(what, (record) => ({ ...record, find: withOptional(record.find ?? {}, field, value) })),
    [editBike],
  );
  return {
    ...search,
    say,
    closeUp,
    layOnBench: async (found) => {
      const id = await addSetup(db, recordOf(found), t('useFind.foundSetupOnName', { name: bike.name }), Date.now());
      return id === undefined ? undefined : setups.length;
    },
  };
}
