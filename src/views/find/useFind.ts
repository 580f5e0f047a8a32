'use client';

import { nanoid } from 'nanoid';
import { useCallback, useMemo } from 'react';
import { SetupBuilder, type FindSettings, type FoundFacts } from '../../core/find';
import { sameJobs, setupFigures, type SameJob, type SetupFigures } from '../../core/compare';
import { fitAnswer, fitReport, frontControlOf, type FitAnswer } from '../../core/fit';
import type { Move } from '../../core/job';
import { gearReport, type Riding, type Wheel } from '../../core/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { withOptional } from '../../ui/fields/with-optional';
import { useSearch, type Search } from '../../features/search/useSearch';
import { wheelOf, wheelsetOf } from '../../records';
import { moveTo } from '../../records/selectors/job-card';
import { foundSetup } from '../../records/selectors/found-setup';
import { addSetup } from '../../store';
import { t } from './text';
import { firstOf } from '../../core/items';

export interface Find extends Search {
  /** Changes the settings of the search; `undefined` clears a field. */
  /** Sets one field of the search. */
  readonly set: <K extends keyof FindSettings>(field: K, value: FindSettings[K]) => void;
  /** The figures of Gears, Compare and Compatibility for a setup found. */
  readonly closeUp: (found: FoundFacts) => CloseUp;
  /** Adds a setup to the bike with its parts; returns its index, or that there are too many setups. */
  readonly addToWorkspace: (found: FoundFacts) => Promise<number | undefined>;
}

/** The settings of a search, which do not change as results arrive. */
export type Question = Pick<Find, 'settings' | 'set' | 'inUse'>;

/** One of the setups found, looked into. */
interface CloseUp {
  readonly fit: FitAnswer;
  readonly figures: SetupFigures;
  /** For each usual gear of A, the gear that does its job. */
  readonly usual: readonly SameJob[];
  /** Changes and purchases, as on the job card. */
  readonly move: Move;
  /** Chainstay at its longest, mm. */
  readonly longestChainstayMm: number;
  readonly wheel: Wheel;
  /** At the highest comfortable cadence: that of the top speed. */
  readonly riding: Riding;
}

/** The search of the bike in the workspace, with what can be done with its answers. */
export function useFind(): Find {
  const search = useSearch();
  const { workspace, edits, workshop } = useReadyWorkspace();
  const { bike, setups } = workspace;
  const { parts, db } = workshop;
  const { settings, inUse, context, question } = search;
  const { brief } = inUse;
  const present = firstOf(setups);
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
  const set = useCallback<Find['set']>(
    (field, value) =>
      editBike(`find.${field}`, (record) => ({ ...record, find: withOptional(record.find ?? {}, field, value) })),
    [editBike],
  );
  return {
    ...search,
    set,
    closeUp,
    addToWorkspace: async (found) => {
      const id = await addSetup(db, recordOf(found), t('useFind.foundSetupOnName', { name: bike.name }), Date.now());
      return id === undefined ? undefined : setups.length;
    },
  };
}
