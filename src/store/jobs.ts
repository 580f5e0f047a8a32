import { nanoid } from 'nanoid';
import type { CheckId } from '../core/fit';
import { sameTeeth } from '../core/parts/cassettes';
import { fittedOn } from '../core/shelf';
import { stopped, type Outcome, type StepId, type StepProgress } from '../core/swap';
import {
  JOB_DEFAULTS,
  PART_DEFAULTS,
  RECHECK_AFTER_KM,
  SETUPS_MAX,
  type JobRecord,
  type PhotoRecord,
  type SetupRecord,
} from '../records';
import { change, type Draft } from './change';
import type { RontelDatabase } from './db';
import { exchangeParts, readParts } from './parts';

export type JobContent = Omit<JobRecord, 'id' | 'createdAtMs' | 'pairId' | keyof typeof JOB_DEFAULTS> &
  Partial<Pick<JobRecord, 'state'>>;

/** Puts jobs in the book as one step; two that belong together name each other. Answers with their ids. */
export async function addJobs(db: RontelDatabase, contents: readonly JobContent[], now: number): Promise<string[]> {
  const ids = contents.map(() => nanoid());
  await change(db, { label: `job ${contents[0]!.name}`, now }, async (draft) => {
    for (const [i, content] of contents.entries()) {
      const pairId = contents.length === 2 ? ids[1 - i] : undefined;
      await draft.put('jobs', {
        ...JOB_DEFAULTS,
        ...content,
        id: ids[i]!,
        createdAtMs: now,
        ...(pairId !== undefined && { pairId }),
      });
    }
  });
  return ids;
}

/** Edits a job as it is kept now, so that what another tab wrote meanwhile stays. */
export async function editJob(
  db: RontelDatabase,
  id: string,
  label: string,
  edit: (job: JobRecord) => JobRecord,
  now: number,
): Promise<void> {
  await change(db, { label, mergeKey: `${label} ${id}`, now }, (draft) => draft.update('jobs', id, edit));
}

/** Another tab has written to the same step since this one read it. */
export class StepChangedError extends Error {
  constructor(readonly now: StepProgress | undefined) {
    super('this step was changed in another tab meanwhile; its entry stands, and yours is still in the field');
  }
}

export interface StepEdit {
  readonly jobId: string;
  readonly stepId: StepId;
  /** How this tab knows the step: as it is on screen, and as this tab wrote it since. */
  readonly known: readonly (StepProgress | undefined)[];
  readonly edit: (step: StepProgress) => StepProgress;
  /** What the edited step means for the job, in the same write. */
  readonly andThen?: (job: JobRecord) => JobRecord;
  readonly label: string;
  readonly now: number;
}

/** Writes one step of a job, unless another tab has written it since. Answers with what is kept now. */
export async function editStep(
  db: RontelDatabase,
  { jobId, stepId, known, edit, andThen = (job) => job, label, now }: StepEdit,
): Promise<StepProgress> {
  let next: StepProgress = {};
  await change(db, { label, mergeKey: `${label} ${jobId} ${stepId}`, now }, (draft) =>
    draft.update('jobs', jobId, (job) => {
      const kept = job.progress[stepId];
      const text = JSON.stringify(kept);
      if (!known.some((one) => JSON.stringify(one) === text)) throw new StepChangedError(kept);
      next = edit(kept ?? {});
      return andThen({ ...job, progress: { ...job.progress, [stepId]: next } });
    }),
  );
  return next;
}

/** Looks at another step; where one stands is kept with the job, and is no step of undo. */
export async function showStep(db: RontelDatabase, jobId: string, at: StepId): Promise<void> {
  await db.jobs.update(jobId, { at });
}

export interface SignOff {
  readonly outcome: Outcome;
  readonly note?: string | undefined;
  readonly passed: readonly { readonly id: CheckId; readonly overT: number }[];
  readonly now: number;
}

/**
 * Ends a job. Where the swap stays, its setup becomes A, its parts change places on the shelf, and a re-check is
 * put in the book; where it was reverted, all stays as it was but the log. One step of undo.
 */
export async function signOffJob(db: RontelDatabase, id: string, signOff: SignOff): Promise<void> {
  const { outcome, note, passed, now } = signOff;
  await change(db, { label: 'sign-off', now }, async (draft) => {
    const job = await db.jobs.get(id);
    if (!job) throw new Error('this job has been removed meanwhile');
    if (job.state === 'done') throw new Error('this job was signed off in another tab already');
    await draft.put('jobs', {
      ...job,
      state: 'done',
      outcome,
      ...(note !== undefined && { outcomeNote: note }),
      finishedAtMs: now,
      passed,
      runs: stopped(job.runs, now),
      progress: { ...job.progress, signOff: { ...job.progress.signOff, doneAtMs: now } },
    });
    if (job.work.kind === 'recheck') return keepWear(db, draft, job, now);
    if (outcome === 'reverted') return;
    await fitSetup(db, draft, job.work.to.setup, job.progress.chainLength?.value);
    await exchangeParts(draft, await readParts(db), job.work.from.setup, job.work.to.setup, now);
    await keepOldParts(db, draft, job, now);
    await draft.put('jobs', {
      ...JOB_DEFAULTS,
      id: nanoid(),
      bikeId: job.bikeId,
      name: `Re-check: ${job.name}`.slice(0, 80),
      state: 'ready',
      createdAtMs: now,
      work: { kind: 'recheck', ofJobId: job.id, afterKm: RECHECK_AFTER_KM },
    });
  });
}

/** What the gauge said at a re-check is a reading of the chain that is on the bike. */
async function keepWear(db: RontelDatabase, draft: Draft, { bikeId, progress }: JobRecord, now: number) {
  const wearPercent = progress.recheck?.value;
  if (wearPercent === undefined) return;
  const chains = await db.parts.where('kind').equals('chain').toArray();
  const fitted = chains.find((part) => fittedOn(part).includes(bikeId));
  if (!fitted) return;
  await draft.update('parts', fitted.id, (part) => ({ ...part, wear: [...part.wear, { atMs: now, wearPercent }] }));
}

/** Makes a setup the one fitted, A; lays it on the bench anew where it is gone. */
async function fitSetup(db: RontelDatabase, draft: Draft, planned: SetupRecord, links: number | undefined) {
  const setups = await db.setups.where('bikeId').equals(planned.bikeId).sortBy('rank');
  const there = setups.find(({ id }) => id === planned.id);
  if (!there && setups.length >= SETUPS_MAX) {
    throw new Error('the bench is full and the setup of this job is not on it: take a candidate off, then sign off');
  }
  // It has the teeth and is made of the parts that the job put on, whatever was tried with it on the bench meanwhile.
  const { chainrings, cogs, hubStages } = planned;
  const fitted = {
    ...(there ?? planned),
    chainrings,
    cogs,
    hubStages,
    ...(planned.shelf && { shelf: planned.shelf }),
    ...(links !== undefined && { chainLinks: links }),
  };
  // The wheels that were planned may have left the bike.
  const bike = await db.bikes.get(planned.bikeId);
  const hasWheels = bike?.wheelsets.some(({ id }) => id === fitted.wheelsetId) ?? true;
  const ridden = hasWheels ? fitted : { ...fitted, wheelsetId: bike!.wheelsets[0]!.id };
  const order = [ridden, ...setups.filter(({ id }) => id !== planned.id)];
  for (const [rank, setup] of order.entries()) await draft.put('setups', { ...setup, rank });
}

/** What came off and is no part of the shelf yet is laid there: a cassette with its teeth can be found again. */
async function keepOldParts(db: RontelDatabase, draft: Draft, job: JobRecord, now: number) {
  if (job.work.kind !== 'swap') return;
  const { from, to } = job.work;
  if (from.setup.shelf?.cassette !== undefined || sameTeeth(from.setup.cogs, to.setup.cogs)) return;
  const bike = await db.bikes.get(job.bikeId);
  await draft.put('parts', {
    ...PART_DEFAULTS,
    id: nanoid(),
    kind: 'cassette',
    name: `Cassette ${from.setup.cogs[0]}-${from.setup.cogs.at(-1)}, off ${bike?.name ?? 'a bike'}`.slice(0, 80),
    data: { cogs: from.setup.cogs },
    note: `came off at “${job.name}”`,
    // It was on the bike when the job was put in the book; since when, nobody has said.
    mounts: [{ bikeId: job.bikeId, fromMs: Math.min(job.createdAtMs, now), toMs: now }],
  });
}

export async function removeJob(db: RontelDatabase, job: JobRecord, now: number): Promise<void> {
  await change(db, { label: `remove ${job.name}`, now }, async (draft) => {
    for (const { id } of await db.photos.where('jobId').equals(job.id).toArray()) await draft.remove('photos', id);
    await draft.remove('jobs', job.id);
  });
}

/** Keeps a photo with its step, at the end. */
export async function addPhoto(db: RontelDatabase, photo: Omit<PhotoRecord, 'id'>): Promise<void> {
  await change(db, { label: 'photo', now: photo.takenAtMs }, (draft) =>
    draft.put('photos', { ...photo, id: nanoid() }),
  );
}

export async function removePhoto(db: RontelDatabase, id: string, now: number): Promise<void> {
  await change(db, { label: 'remove photo', now }, (draft) => draft.remove('photos', id));
}
