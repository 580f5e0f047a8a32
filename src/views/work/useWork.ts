'use client';

import { useMemo, useRef, useState } from 'react';
import {
  isBehind,
  nextStep,
  openFinding,
  started,
  stopped,
  workSteps,
  type JobCard,
  type JobStep,
  type StepId,
  type StepProgress,
} from '../../core/job';
import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { allDigits } from '../../ui/format';
import { jobFactsOf, stepsOf } from '../../features/workshop/job-facts';
import { useAllRecords } from '../../features/workshop/RecordsProvider';
import { stepTitle } from '../../messages/job';
import type { BikeRecord, JobRecord } from '../../records';
import { isSwap, jobWithCard, type JobFacts } from '../../records/selectors/job-card';
import { StepChangedError, editJob, editStep, showStep, type EditStep, type StepEdit, useLive } from '../../store';
import { WriteQueue } from './write-queue';
import { t } from './text';
import { lastOf } from '../../core/items';
import { type EditName, editKey, editText } from '../../messages/edit-name';

export interface Work {
  readonly job: JobRecord;
  readonly bike: BikeRecord;
  readonly card: JobCard | undefined;
  readonly facts: JobFacts;
  readonly steps: readonly JobStep[];
  readonly step: JobStep;
  /** What a step is called on this bike: on 1x there is no big or small ring. */
  /** Chainrings of the setup that goes on. */
  readonly rings: number;
  readonly titleOf: (id: StepId) => string;
  readonly place: number;
  readonly behind: number;
  readonly goTo: (id: StepId) => void;
  /** Writes the current step; a change by another tab meanwhile is kept and reported. */
  readonly editStepOf: (id: StepId, what: EditName, edit: (step: StepProgress) => StepProgress) => void;
  readonly edit: (what: EditName, edit: (job: JobRecord) => JobRecord) => void;
  /** Ticks the step off, or leaves it out, and goes on to the next one that is open. */
  readonly finish: (how: 'done' | 'skipped') => void;
  /** Puts the bike of the job in the workspace, for the pages that show one bike. */
  readonly toItsBike: () => void;
  readonly runClock: (on: boolean) => void;
  readonly isRunning: boolean;
  /** Whether everything that was typed is in the database. */
  readonly isKept: boolean;
  /** What another tab wrote to a step that was edited here. */
  readonly conflict: string | undefined;
  readonly forgetConflict: () => void;
}

interface OfPair {
  readonly job: JobRecord;
  readonly first: JobRecord;
  readonly toItsBike: () => void;
}

type WorkState =
  | { readonly kind: 'opening' }
  | { readonly kind: 'gone'; readonly why: 'noJob' | 'noBike' }
  /** The job before it in the pair is still open, or was put back. */
  | ({ readonly kind: 'waits' } & OfPair)
  | ({ readonly kind: 'notNeeded' } & OfPair)
  | { readonly kind: 'done'; readonly job: JobRecord; readonly bike: BikeRecord; readonly toItsBike: () => void }
  | ({ readonly kind: 'working' } & Work);

/** A job in progress: its current step is stored with it, so that a reload continues there. */
export function useWork(jobId: string): WorkState {
  const state = useWorkspace();
  const workshop = state.kind === 'ready' ? state.workshop : undefined;
  const db = workshop?.db;
  const found = useLive(db, async (from) => ({ job: await from.jobs.get(jobId) }), { deps: [jobId] });
  const job = found?.job;
  const bike = workshop?.bikes.find(({ id }) => id === job?.bikeId);
  const shop = useAllRecords();
  const { parts, experience } = workshop ?? {};
  const facts = useMemo(
    () => bike && shop && parts && experience && jobFactsOf(bike, shop, { parts, experience }),
    [bike, shop, parts, experience],
  );
  const worked = useMemo(() => (job && isSwap(job) && facts ? jobWithCard(job, facts) : undefined), [job, facts]);
  // What this tab wrote since it last drew: no surprise to it.
  const own = useRef(new Map<StepId, StepProgress[]>());
  const [open, setOpen] = useState(0);
  const [queue] = useState(() => new WriteQueue(setOpen));
  const [conflict, setConflict] = useState<string>();

  if (!workshop || !db || !found || state.kind !== 'ready') return { kind: 'opening' };
  if (!job) return { kind: 'gone', why: 'noJob' };
  if (!bike) return { kind: 'gone', why: 'noBike' };
  if (!facts) return { kind: 'opening' };
  const { edits } = state;
  const toItsBike = () => edits.editPreferences({ currentBikeId: bike.id });
  if (job.state === 'done') return { kind: 'done', job, bike, toItsBike };
  const first = worked?.waitsFor ?? worked?.notNeeded;
  if (first) {
    return worked?.waitsFor ? { kind: 'waits', job, first, toItsBike } : { kind: 'notNeeded', job, first, toItsBike };
  }
  const card = worked?.card;
  const { steps: all } = stepsOf(job, card, facts.setups[0]?.cogs.length);
  const steps = workSteps(all);
  const rings = card?.to.setup.chainrings.length ?? 2;
  const step = steps.find(({ id }) => id === job.at) ?? nextStep(steps, job.progress) ?? lastOf(steps);

  const stepOf = (what: EditName): EditStep => ({
    label: t('useWork.whatOfName', { what: editText(what), name: job.name }),
    key: editKey(what),
  });
  const edit: Work['edit'] = (what, change) => edits.write(() => editJob(db, job.id, stepOf(what), change, Date.now()));
  const goTo = (id: StepId) => edits.write(() => showStep(db, job.id, id));
  // It counts as open from the key press on, although it is written after the next paint.
  const writeStep = (what: EditName, write: Pick<StepEdit, 'stepId' | 'edit' | 'andThen'>) =>
    void queue.add(
      `${write.stepId} ${editKey(what)}`,
      () => new Promise<void>((end) => edits.write(() => writeNow(what, write).finally(end))),
    );
  const writeNow = async (what: EditName, write: Pick<StepEdit, 'stepId' | 'edit' | 'andThen'>) => {
    const id = write.stepId;
    const mine = own.current.get(id) ?? [];
    const known = [job.progress[id], ...mine];
    try {
      const next = await editStep(db, { ...write, jobId: job.id, known, step: stepOf(what), now: Date.now() });
      own.current.set(id, [...mine.slice(-20), next]);
    } catch (error) {
      if (!(error instanceof StepChangedError)) throw error;
      own.current.delete(id);
      setConflict(conflictText(error.now));
    }
  };
  return {
    kind: 'working',
    job,
    bike,
    card,
    facts,
    steps,
    step,
    rings,
    titleOf: (id) => stepTitle(id, rings),
    place: steps.indexOf(step),
    behind: steps.filter(({ id }) => isBehind(job.progress, id)).length,
    goTo,
    edit,
    editStepOf: (stepId, what, change) => writeStep(what, { stepId, edit: change }),
    finish: (how) => {
      const now = Date.now();
      writeStep(how === 'done' ? 'step.done' : 'step.skipped', {
        stepId: step.id,
        edit: (before) => (how === 'done' ? { ...withoutSkip(before), doneAtMs: now } : { ...before, skipped: true }),
        andThen: (after) => {
          const later = steps.slice(steps.indexOf(step) + 1).find(({ id }) => !isBehind(after.progress, id));
          const next = later ?? nextStep(steps, after.progress);
          return { ...after, state: after.state === 'done' ? 'done' : 'inHand', at: next?.id ?? step.id };
        },
      });
    },
    toItsBike,
    runClock: (on) =>
      edit('job.runs', (before) => ({
        ...before,
        state: before.state === 'done' ? 'done' : 'inHand',
        runs: on ? started(before.runs, Date.now()) : stopped(before.runs, Date.now()),
      })),
    isKept: open === 0,
    isRunning: job.runs.some(({ toMs }) => toMs === undefined),
    conflict,
    forgetConflict: () => setConflict(undefined),
  };
}

function withoutSkip({ skipped: _skipped, ...step }: StepProgress): StepProgress {
  return step;
}

function conflictText(now: StepProgress | undefined): string {
  const said = [
    ...Object.values(now?.values ?? {}).map((value) => t('useWork.readingValue', { value: allDigits(value) })),
    now?.note === undefined ? undefined : t('useWork.note', { note: now.note }),
    now?.doneAtMs === undefined ? undefined : t('useWork.tickedOff'),
    openFinding(now) === undefined ? undefined : t('useWork.aFinding'),
  ].filter((one) => one !== undefined);
  return t('useWork.anotherTabChangedThisStep', {
    said: said.length > 0 ? said.join(', ') : t('useWork.itIsOpenAgain'),
  });
}
