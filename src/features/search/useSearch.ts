'use client';

import { useMemo, useState } from 'react';
import type { FilledBrief } from '../../core/needs';
import { resistanceOf } from '../../core/needs';
import {
  fillFind,
  findQuestion,
  type CassetteOption,
  type FilledFind,
  type FindContext,
  type FindProblem,
  type FindQuestionResult,
  type RoadChoice,
} from '../../core/find';
import { rolloutMm } from '../../core/gears';
import { wheelOf, wheelsetOf, type PartsById } from '../../records';
import { findStockOf } from '../../records/selectors/job-card';
import { readPacked, readRoute, type RontelDatabase } from '../../store';
import { findClient } from '../../workers/find/client';
import type { SearchRequest, FindStep, SearchResponse, RoadRequest } from '../../workers/find/protocol';
import { useWorkerQuery, type WorkerQuery } from '../worker-query/useWorkerQuery';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import { fitInputOf } from '../workspace/fit-input';
import type { BriefInUse } from '../workspace/brief-in-use';
import { useBrief } from '../workspace/useBrief';
import { message } from '../../core/message';
import { t } from './text';
import { firstOf } from '../../core/items';

type FindState =
  /** The question has a problem and is not asked. */
  | { readonly kind: 'cannot'; readonly problems: readonly FindProblem[] }
  | Exclude<WorkerQuery<FindStep, SearchResponse>, { readonly kind: 'idle' }>;

/** The search of the bike in the workspace, and how far it is. */
export interface Search {
  readonly settings: FilledFind;
  readonly inUse: BriefInUse;
  readonly context: FindContext;
  readonly question: FindQuestionResult;
  readonly state: FindState;
  readonly cancel: () => void;
  readonly again: () => void;
}

/** All that identifies a question. */
type Asked = Omit<SearchRequest, 'road'> & { readonly road: RoadChoice | undefined; readonly brief: FilledBrief };

/** How long a question must stand before it is searched, because a search takes a whole core. */
const SETTLED_MS = 400;

/** Searches for the open bike in a worker, again after each change. */
export function useSearch(): Search {
  const { workspace, workshop } = useReadyWorkspace();
  const inUse = useBrief();
  const { bike, setups } = workspace;
  const { parts, experience } = workshop;
  const { brief, contradictions, needs } = inUse;
  const present = firstOf(setups);
  const settings = useMemo(
    () => fillFind(bike.find ?? {}, brief, present.cogs.length),
    [bike.find, brief, present.cogs.length],
  );
  const context = useMemo(
    (): FindContext => ({
      bike: {
        present: fitInputOf(bike, present, setups, { parts, experience }),
        school: bike.limitsSchool ?? 'sheet',
        stock: findStockOf(bike, present, parts),
      },
      takesFrontDerailleur: bike.takesFrontDerailleur,
      rolloutMm: rolloutMm(wheelOf(wheelsetOf(bike, present))),
      crossedCogs: bike.crossedCogs,
      brief,
      briefNeeds: needs,
      stock: stockCassettes(parts),
      built: bike.builtCassettes ?? [],
    }),
    [bike, present, setups, parts, experience, brief, needs],
  );
  const question = useMemo(() => findQuestion(settings, context), [settings, context]);
  const { road } = settings;
  const problems = useMemo(() => {
    const found: FindProblem[] = question.ok ? [] : [...question.problems];
    const roads = { route: workshop.routes, ride: workshop.rides };
    const hasRoad = road !== undefined && roads[road.kind].some(({ id }) => id === road.id);
    if (settings.aims.includes('outOfBand') && !hasRoad) {
      found.push({
        field: 'aims',
        message: message('find.noRoad'),
      });
    }
    return found;
  }, [question, settings.aims, road, workshop.routes, workshop.rides]);

  const [round, setRound] = useState(0);
  // As text, because every write gives new records: an equal question is the same one, and is not asked again.
  const asked = useMemo(() => {
    if (!question.ok || problems.length > 0) return undefined;
    const ridden = settings.aims.includes('outOfBand') ? road : undefined;
    const sent: Asked = { input: question.input, layouts: question.layouts, road: ridden, brief };
    return JSON.stringify({ round, sent });
  }, [question, problems, round, road, settings, brief]);
  const impossible = contradictions.length > 0;
  const { db } = workshop;
  const { state: query, cancel } = useWorkerQuery(
    impossible ? undefined : asked,
    async (text, onProgress: (step: FindStep) => void, signal) => {
      const { input, layouts, road: ridden, brief: by } = (JSON.parse(text) as { readonly sent: Asked }).sent;
      const sent: SearchRequest = { input, layouts, road: ridden && (await roadOf(db, ridden, by)) };
      return findClient().find(sent, onProgress, signal);
    },
    SETTLED_MS,
  );
  const state: FindState =
    asked === undefined
      ? { kind: 'cannot', problems }
      : query.kind === 'idle'
        ? { kind: 'working', progress: undefined }
        : query;
  return {
    settings,
    inUse,
    context,
    question,
    state,
    cancel,
    again: () => setRound((count) => count + 1),
  };
}

/** Cassettes in stock, and those on the list to be bought. */
function stockCassettes(parts: PartsById): CassetteOption[] {
  return [...parts.values()].flatMap(({ kind, name, data: { cogs } }): CassetteOption[] =>
    kind === 'cassette' && cogs ? [{ cogs, name }] : [],
  );
}

async function roadOf(db: RontelDatabase, { kind, id }: RoadChoice, brief: FilledBrief): Promise<RoadRequest> {
  if (kind === 'route') {
    const route = await readRoute(db, id);
    if (!route) throw new Error(t('useSearch.routeHasBeenDeleted'));
    const profile = { stepM: route.stepM, elevationM: Float64Array.from(route.elevationM) };
    return { kind, profile, resistance: resistanceOf(brief), brief };
  }
  const [packed] = await readPacked(db, [id]);
  if (packed === undefined) throw new Error(t('useSearch.rideHasBeenDeleted'));
  return { kind, packed };
}
