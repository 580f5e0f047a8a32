'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import type { FilledBrief } from '../../core/brief';
import { resistanceOf } from '../../core/brief';
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
import { findStockOf, wheelOf, wheelsetOf, type PartsById } from '../../records';
import { readPacked, readRoute, type RontelDatabase } from '../../store';
import { findClient } from '../../workers/find/client';
import type { SearchRequest, FindStep, SearchResponse, RoadRequest } from '../../workers/find/protocol';
import { Cancelled } from '../../workers/job-client';
import { useReadyBench } from '../bench/BenchProvider';
import { fitInputOf } from '../bench/fit-input';
import { useBrief, type BriefInUse } from '../bench/useBrief';
import { message } from '../../core/message';
import { t } from './text';

type FindState =
  /** Not asked, for something is wrong with the question. */
  | { readonly kind: 'cannot'; readonly problems: readonly FindProblem[] }
  | { readonly kind: 'searching'; readonly step: FindStep | undefined }
  | { readonly kind: 'cancelled' }
  | { readonly kind: 'failed'; readonly message: string }
  /** `serial` tells one answer from the next. */
  | { readonly kind: 'found'; readonly told: SearchResponse; readonly serial: number };

/** The search of the bike on the bench, and how far it is. */
export interface Search {
  readonly settings: FilledFind;
  readonly inUse: BriefInUse;
  readonly context: FindContext;
  readonly question: FindQuestionResult;
  readonly state: FindState;
  readonly cancel: () => void;
  readonly again: () => void;
}

/** The whole of a question, as it is told from another. */
type Asked = Omit<SearchRequest, 'road'> & { readonly road: RoadChoice | undefined; readonly brief: FilledBrief };

/** What is being answered: with another question, or asked again, the old answer does not hold. */
interface Answer {
  readonly asked: string | undefined;
  readonly state: FindState;
}

/** A question that follows another is asked once nothing has changed for so long: a search takes a whole core. */
const SETTLED_MS = 400;

/** The search of the bike on the bench: asked anew with each change, in the worker. */
export function useSearch(): Search {
  const { bench, workshop } = useReadyBench();
  const inUse = useBrief();
  const { bike, setups } = bench;
  const { parts, experience } = workshop;
  const { brief, contradictions, needs } = inUse;
  const present = setups[0]!;
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
      shelf: shelfCassettes(parts),
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
  const control = useRef<AbortController>(undefined);
  const answers = useRef(0);
  const hasAsked = useRef(false);
  const [answer, setAnswer] = useState<Answer>();
  // As text, so that a question that says the same is the same one: every write draws the records anew.
  const asked = useMemo(() => {
    if (!question.ok || problems.length > 0) return undefined;
    const ridden = settings.aims.includes('outOfBand') ? road : undefined;
    const sent: Asked = { input: question.input, layouts: question.layouts, road: ridden, brief };
    return JSON.stringify({ round, sent });
  }, [question, problems, round, road, settings, brief]);
  const impossible = contradictions.length > 0;
  const { db } = workshop;
  useEffect(() => {
    if (!asked || impossible) return;
    const abort = new AbortController();
    control.current = abort;
    const give = (state: FindState) => !abort.signal.aborted && setAnswer({ asked, state });
    const begin = async () => {
      const { input, layouts, road: ridden, brief: by } = (JSON.parse(asked) as { readonly sent: Asked }).sent;
      const sent: SearchRequest = { input, layouts, road: ridden && (await roadOf(db, ridden, by)) };
      const told = await findClient().find(sent, (step) => give({ kind: 'searching', step }), abort.signal);
      answers.current += 1;
      give({ kind: 'found', told, serial: answers.current });
    };
    const timer = setTimeout(
      () => {
        if (abort.signal.aborted) return;
        begin().catch((error: unknown) => {
          if (error instanceof Cancelled) return;
          give({ kind: 'failed', message: error instanceof Error ? error.message : String(error) });
        });
      },
      hasAsked.current ? SETTLED_MS : 0,
    );
    hasAsked.current = true;
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [asked, impossible, db]);

  const current = answer && answer.asked === asked ? answer.state : undefined;
  const state: FindState = asked ? (current ?? { kind: 'searching', step: undefined }) : { kind: 'cannot', problems };
  return {
    settings,
    inUse,
    context,
    question,
    state,
    cancel: () => {
      control.current?.abort();
      setAnswer({ asked, state: { kind: 'cancelled' } });
    },
    again: () => setRound((count) => count + 1),
  };
}

/** Cassettes in stock, and those on the list to be bought. */
function shelfCassettes(parts: PartsById): CassetteOption[] {
  return [...parts.values()].flatMap(({ kind, name, data: { cogs } }): CassetteOption[] =>
    kind === 'cassette' && cogs ? [{ cogs, name }] : [],
  );
}

async function roadOf(db: RontelDatabase, { kind, id }: RoadChoice, brief: FilledBrief): Promise<RoadRequest> {
  if (kind === 'route') {
    const route = await readRoute(db, id);
    if (!route) throw new Error(t('useSearch.theRouteHasGoneMeanwhile'));
    const profile = { stepM: route.stepM, elevationM: Float64Array.from(route.elevationM) };
    return { kind, profile, resistance: resistanceOf(brief), brief };
  }
  const [packed] = await readPacked(db, [id]);
  if (packed === undefined) throw new Error(t('useSearch.theRideHasGoneMeanwhile'));
  return { kind, packed };
}
