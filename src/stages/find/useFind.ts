'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { resistanceOf, type FilledBrief } from '../../core/brief';
import {
  SetupBuilder,
  fillFind,
  findQuestion,
  type CassetteOption,
  type FilledFind,
  type FindContext,
  type FindProblem,
  type FindSettings,
  type FoundFacts,
  type RoadChoice,
} from '../../core/find';
import { setupFigures, type SetupFigures } from '../../core/compare';
import { fitAnswer, fitReport, type FitAnswer } from '../../core/fit';
import type { Move } from '../../core/job';
import { rolloutMm, type Riding, type Wheel } from '../../core/gears';
import { isAtHand } from '../../core/shelf';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { fitInputOf } from '../../kit/bench/fit-input';
import { useBrief, type BriefInUse } from '../../kit/bench/useBrief';
import { withOptional } from '../../kit/fields/with-optional';
import { moveTo, wheelOf, wheelsetOf, type PartsById, type SetupRecord } from '../../records';
import { addSetup, readPacked, readRoute, type RontelDatabase } from '../../store';
import { findClient } from '../../workers/find/client';
import type { FindAsked, FindStep, FindTold, RoadAsked } from '../../workers/find/protocol';
import { Cancelled } from '../../workers/job-client';
import { WORDS } from './words/text';

export type FindState =
  /** Not asked, for something is wrong with the question. */
  | { readonly kind: 'cannot'; readonly problems: readonly FindProblem[] }
  | { readonly kind: 'searching'; readonly step: FindStep | undefined }
  | { readonly kind: 'cancelled' }
  | { readonly kind: 'failed'; readonly message: string }
  /** `serial` tells one answer from the next. */
  | { readonly kind: 'found'; readonly told: FindTold; readonly serial: number };

export interface Find {
  readonly settings: FilledFind;
  readonly inUse: BriefInUse;
  readonly state: FindState;
  readonly cancel: () => void;
  readonly again: () => void;
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
export interface CloseUp {
  readonly fit: FitAnswer;
  readonly figures: SetupFigures;
  /** What moves and is bought, as the job card will say. */
  readonly move: Move;
  /** Chainstay at its longest, mm. */
  readonly longestChainstayMm: number;
  readonly wheel: Wheel;
  /** At the highest comfortable cadence: that of the top speed. */
  readonly riding: Riding;
}

/** The whole of a question, as it is told from another. */
type Asked = Omit<FindAsked, 'road'> & { readonly road: RoadChoice | undefined; readonly brief: FilledBrief };

/** What is being answered: with another question, or asked again, the old answer does not hold. */
interface Answer {
  readonly asked: string | undefined;
  readonly state: FindState;
}

/** The search of the bike on the bench: asked anew with each change, in the worker. */
export function useFind(): Find {
  const { bench, edits, workshop } = useReadyBench();
  const inUse = useBrief();
  const { bike, setups } = bench;
  const { parts, experience } = workshop;
  const { brief, contradictions, needs } = inUse;
  const present = setups[0]!;
  const settings = useMemo(() => fillFind(bike.find ?? {}, brief.aims), [bike.find, brief.aims]);
  const context = useMemo(
    (): FindContext => ({
      bike: { present: fitInputOf(bike, present, setups, { parts, experience }), school: bike.limitsSchool ?? 'sheet' },
      rolloutMm: rolloutMm(wheelOf(wheelsetOf(bike, present))),
      crossedCogs: bike.crossedCogs,
      brief,
      briefNeeds: needs,
      shelf: shelfCassettes(parts, bike.id),
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
        message: WORDS.useFind.timeOutOfTheBand,
      });
    }
    return found;
  }, [question, settings.aims, road, workshop.routes, workshop.rides]);

  const [round, setRound] = useState(0);
  const control = useRef<AbortController>(undefined);
  const answers = useRef(0);
  const [answer, setAnswer] = useState<Answer>();
  // As text, so that a question that says the same is the same one: every write draws the records anew.
  const asked = useMemo(() => {
    if (!question.ok || problems.length > 0) return undefined;
    const ridden = settings.aims.includes('outOfBand') ? road : undefined;
    const sent: Asked = { input: question.input, layouts: settings.layouts, road: ridden, brief };
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
      const sent: FindAsked = { input, layouts, road: ridden && (await roadOf(db, ridden, by)) };
      const told = await findClient().find(sent, (step) => give({ kind: 'searching', step }), abort.signal);
      answers.current += 1;
      give({ kind: 'found', told, serial: answers.current });
    };
    begin().catch((error: unknown) => {
      if (error instanceof Cancelled) return;
      give({ kind: 'failed', message: error instanceof Error ? error.message : String(error) });
    });
    return () => abort.abort();
  }, [asked, impossible, db]);

  const current = answer && answer.asked === asked ? answer.state : undefined;
  const state: FindState = asked ? (current ?? { kind: 'searching', step: undefined }) : { kind: 'cannot', problems };
  const builder = useMemo(
    () => new SetupBuilder((question.ok && question.input.bike) || { ...context.bike, keep: settings.keep }),
    [question, context, settings.keep],
  );
  const recordOf = useCallback(
    (found: FoundFacts) => {
      const { chainrings, cassette, build } = found;
      const derailleurId = question.ok
        ? question.input.bike?.present.others?.[build.derailleur - 1]?.partId
        : undefined;
      return candidateOf(present, found, builder.toLay(chainrings, cassette.cogs, build), derailleurId);
    },
    [question, builder, present],
  );
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
        massG: undefined,
        cost: undefined,
      };
      return {
        fit: fitAnswer(fitReport(built), context.bike.school),
        figures: setupFigures(candidate, brief, bike),
        move: moveTo({ ...recordOf(found), id: '', rank: 0 }, present, bike, parts),
        longestChainstayMm: built.chainstayMm + built.suspensionGrowthMm,
        wheel: wheelOf(wheelsetOf(bike, present)),
        riding: { ...bike, rolloutMm: context.rolloutMm, cadenceRpm: brief.highRpm, crankLengthMm: bike.crankLengthMm },
      };
    },
    [builder, context, bike, present, brief, parts, recordOf],
  );
  const { editBike } = edits;
  const say = useCallback<Find['say']>(
    (what, field, value) =>
      editBike(what, (record) => ({ ...record, find: withOptional(record.find ?? {}, field, value) })),
    [editBike],
  );
  return {
    settings,
    inUse,
    state,
    cancel: () => {
      control.current?.abort();
      setAnswer({ asked, state: { kind: 'cancelled' } });
    },
    again: () => setRound((count) => count + 1),
    say,
    closeUp,
    layOnBench: async (found) => {
      const id = await addSetup(db, recordOf(found), WORDS.useFind.foundSetupOnName(bike.name), Date.now());
      return id === undefined ? undefined : setups.length;
    },
  };
}

/** Cassettes of the shelf: at hand for nothing, or at their price. */
function shelfCassettes(parts: PartsById, bikeId: string): CassetteOption[] {
  return [...parts.values()].flatMap((part): CassetteOption[] => {
    const { cogs } = part.data;
    if (part.kind !== 'cassette' || !cogs) return [];
    return [{ cogs, name: part.name, massG: part.massG, cost: isAtHand(part, bikeId) ? 0 : part.price }];
  });
}

/** A candidate of the bench: the setup fitted now, with what is replaced. Weights and costs are for scale and shop to say. */
function candidateOf(
  present: SetupRecord,
  { chainrings, cassette }: FoundFacts,
  built: Pick<SetupRecord, 'rearDerailleur' | 'parts' | 'chainLinks'>,
  derailleurId: string | undefined,
): Omit<SetupRecord, 'id' | 'rank'> {
  const {
    id: _id,
    rank: _rank,
    name: _name,
    massG: _massG,
    cost: _cost,
    cogPitchMm,
    shelf: _shelf,
    leftOut: _leftOut,
    ...kept
  } = present;
  return {
    ...kept,
    // A part in stock is shared only where the person chose it: here the derailleur that was found.
    ...(derailleurId !== undefined && { shelf: { rearDerailleur: derailleurId } }),
    ...built,
    // A cassette of another count has another pitch.
    ...(cassette.cogs.length === present.cogs.length && { cogPitchMm }),
    chainrings,
    cogs: cassette.cogs,
    ...(cassette.name && { name: cassette.name }),
  };
}

async function roadOf(db: RontelDatabase, { kind, id }: RoadChoice, brief: FilledBrief): Promise<RoadAsked> {
  if (kind === 'route') {
    const route = await readRoute(db, id);
    if (!route) throw new Error(WORDS.useFind.theRouteHasGoneMeanwhile);
    const profile = { stepM: route.stepM, elevationM: Float64Array.from(route.elevationM) };
    return { kind, profile, resistance: resistanceOf(brief), brief };
  }
  const [packed] = await readPacked(db, [id]);
  if (packed === undefined) throw new Error(WORDS.useFind.theRideHasGoneMeanwhile);
  return { kind, packed };
}
