import { nanoid } from 'nanoid';
import type { CheckId } from '../core/fit';
import { SLOT_KIND, fittedOn, type PartData, type Slot } from '../core/parts';
import { stopped, type Outcome, type StepId, type StepProgress, type SwapKind } from '../core/job';
import {
  JOB_DEFAULTS,
  PART_DEFAULTS,
  RECHECK_AFTER_KM,
  SETUPS_MAX,
  type JobRecord,
  type JobWork,
  type PartsById,
  type PhotoRecord,
  type SetupRecord,
} from '../records';
import type { FinishedSwap } from '../records/selectors/finished-swap';
import { change, type Draft, type EditStep } from './change';
import type { RontelDatabase } from './db';
import { openGate } from './gate';
import { exchangeParts, readParts } from './parts';
import { t } from './words';
import { firstOf, itemAt, definite } from '../core/items';

export type JobContent = Omit<JobRecord, 'id' | 'createdAtMs' | 'pairId' | keyof typeof JOB_DEFAULTS> &
  Partial<Pick<JobRecord, 'state'>>;

/** Adds jobs as one undo step; a pair refers to each other. Returns their ids. */
export async function addJobs(db: RontelDatabase, contents: readonly JobContent[], now: number): Promise<string[]> {
  const ids = contents.map(() => nanoid());
  await change(db, { label: t('undo.job', { name: firstOf(contents).name }), now }, async (draft) => {
    for (const [i, content] of contents.entries()) {
      const pairId = contents.length === 2 ? ids[1 - i] : undefined;
      await draft.put('jobs', {
        ...JOB_DEFAULTS,
        ...content,
        id: itemAt(ids, i),
        createdAtMs: now,
        ...(pairId !== undefined && { pairId }),
      });
    }
  });
  return ids;
}

/** Edits the stored job, so that what another tab wrote meanwhile is preserved. */
export async function editJob(
  db: RontelDatabase,
  id: string,
  { label, key }: EditStep,
  edit: (job: JobRecord) => JobRecord,
  now: number,
): Promise<void> {
  await change(db, { label, mergeKey: `${key} ${id}`, now }, (draft) => draft.update('jobs', id, edit));
}

/** Thrown where another tab has written the same step since this tab read it. */
export class StepChangedError extends Error {
  constructor(readonly now: StepProgress | undefined) {
    super(t('job.stepChanged'));
  }
}

export interface StepEdit {
  readonly jobId: string;
  readonly stepId: StepId;
  /** The step as this tab last read or wrote it. */
  readonly known: readonly (StepProgress | undefined)[];
  readonly edit: (step: StepProgress) => StepProgress;
  /** Changes of the job that follow from the step, in the same transaction. */
  readonly andThen?: (job: JobRecord) => JobRecord;
  readonly step: EditStep;
  readonly now: number;
}

/** Writes one step of a job unless another tab has written it since. Returns the stored job. */
export async function editStep(
  db: RontelDatabase,
  { jobId, stepId, known, edit, andThen = (job) => job, step: { label, key }, now }: StepEdit,
): Promise<StepProgress> {
  let next: StepProgress = {};
  await change(db, { label, mergeKey: `${key} ${jobId} ${stepId}`, now }, (draft) =>
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

/** Stores which step is on screen; not undoable. */
export async function showStep(db: RontelDatabase, jobId: string, at: StepId): Promise<void> {
  await openGate();
  await db.jobs.update(jobId, { at });
}

/** A part that was removed from the bike, as it goes into stock. */
interface OldPart {
  readonly slot: Slot;
  readonly name: string;
  readonly data: PartData;
  readonly note: string;
}

export interface SignOff {
  readonly outcome: Outcome;
  readonly note?: string | undefined;
  readonly passed: readonly { readonly id: CheckId; readonly overT: number }[];
  /** For a swap that is kept: its results. */
  readonly swap?:
    (Omit<FinishedSwap, 'takenOff'> & { readonly kind: SwapKind; readonly oldParts: readonly OldPart[] }) | undefined;
  readonly recheckName: string;
  readonly now: number;
}

/**
 * Finishes a job as one undo step. If the swap is kept, its setup becomes A, parts are mounted and unmounted, and a re-check
 * is scheduled; if it was put back, only the log changes.
 */
export async function signOffJob(db: RontelDatabase, id: string, signOff: SignOff): Promise<void> {
  const { outcome, note, passed, swap, now } = signOff;
  await change(db, { label: t('undo.signOff'), now }, async (draft) => {
    const job = await db.jobs.get(id);
    if (!job) throw new Error(t('job.deleted'));
    if (job.state === 'done') throw new Error(t('job.signedOff'));
    await draft.put('jobs', {
      ...job,
      ...(job.work.kind === 'swap' && swap && { work: { ...job.work, from: swap.from } }),
      state: 'done',
      outcome,
      ...(note !== undefined && { outcomeNote: note }),
      ...(swap && { swapKind: swap.kind }),
      finishedAtMs: now,
      passed,
      runs: stopped(job.runs, now),
      progress: { ...job.progress, signOff: { ...job.progress.signOff, doneAtMs: now } },
    });
    if (job.work.kind === 'recheck') return keepWear(db, draft, job, now);
    if (outcome === 'reverted' || !swap) return;
    const parts = await readParts(db);
    await fitSetup(db, draft, swap.fitted);
    for (const { slot, data } of swap.readOff) await learn(draft, parts, swap.from.setup.partIds?.[slot], data);
    await exchangeParts(draft, await readParts(db), swap.from.setup, swap.fitted, now);
    await keepLinks(draft, parts, swap.fitted);
    if (swap.wornChainId !== undefined && isSingle(parts, swap.wornChainId)) {
      await draft.update('parts', swap.wornChainId, (part) => ({ ...part, condition: 'worn' }));
    }
    await keepOldParts(db, draft, job, swap.from.setup.id, swap.oldParts, now);
    await draft.put('jobs', {
      ...JOB_DEFAULTS,
      id: nanoid(),
      bikeId: job.bikeId,
      name: signOff.recheckName,
      state: 'ready',
      createdAtMs: now,
      work: { kind: 'recheck', ofJobId: job.id, afterKm: RECHECK_AFTER_KM },
    });
  });
}

/** Adds what was found out of a part in stock to its data; no effect where there is none. */
async function learn(draft: Draft, parts: PartsById, partId: string | undefined, data: PartData): Promise<void> {
  if (partId === undefined || !parts.has(partId)) return;
  await draft.update('parts', partId, (part) => ({ ...part, data: { ...part.data, ...data } }));
}

/** Whether a part in stock is the only one of its record: one of several alike says nothing of the others. */
const isSingle = (parts: PartsById, id: string) => parts.get(id)?.quantity === 1;

/** Gives the chain in stock that is on the bike the links that it has there. */
async function keepLinks(draft: Draft, parts: PartsById, { partIds, chainLinks }: SetupRecord): Promise<void> {
  const id = partIds?.chain;
  if (chainLinks === undefined || id === undefined || !isSingle(parts, id)) return;
  await learn(draft, parts, id, { chainLinks });
}

type TrialContent = Pick<JobRecord, 'bikeId' | 'name' | 'outcomeNote' | 'passed'> & {
  readonly work: Extract<JobWork, { kind: 'trial' }>;
  readonly outcome: Outcome;
  readonly atMs: number;
};

/** Records a trial without a job card: a bike that has long run past a limit, or an experiment. */
export async function addTrial(db: RontelDatabase, { atMs, ...content }: TrialContent, now: number): Promise<void> {
  await change(db, { label: content.name, now }, (draft) =>
    draft.put('jobs', {
      ...JOB_DEFAULTS,
      ...content,
      id: nanoid(),
      state: 'done',
      createdAtMs: atMs,
      finishedAtMs: atMs,
    }),
  );
}

/** Adds the gauge reading of a re-check to the chain on the bike. */
async function keepWear(db: RontelDatabase, draft: Draft, { bikeId, progress }: JobRecord, now: number) {
  const wearPercent = progress.recheck?.values?.wearPercent;
  if (wearPercent === undefined) return;
  const chains = await db.parts.where('kind').equals('chain').toArray();
  const fitted = chains.find((part) => fittedOn(part).includes(bikeId));
  if (!fitted) return;
  await draft.update('parts', fitted.id, (part) => ({ ...part, wear: [...part.wear, { atMs: now, wearPercent }] }));
}

/** Makes a setup the first one, A; adds it again if it was deleted. */
async function fitSetup(db: RontelDatabase, draft: Draft, fitted: SetupRecord) {
  const setups = await db.setups.where('bikeId').equals(fitted.bikeId).sortBy('rank');
  const others = setups.filter(({ id }) => id !== fitted.id);
  if (others.length >= SETUPS_MAX) {
    throw new Error(t('job.noRoom', { most: SETUPS_MAX }));
  }
  // The planned wheelset may have been removed from the bike.
  const bike = await db.bikes.get(fitted.bikeId);
  const hasWheels = bike?.wheelsets.some(({ id }) => id === fitted.wheelsetId) ?? true;
  const ridden = hasWheels ? fitted : { ...fitted, wheelsetId: firstOf(definite(bike).wheelsets).id };
  await draft.put('setups', { ...ridden, rank: 0 });
  const before = setups[0];
  for (const [i, setup] of others.entries()) {
    // The chain stays on the bike: the old setup, and those that were copied with its count, have none that was counted.
    const { chainLinks, ...rest } = setup;
    const hasCopy = setup.id === before?.id || chainLinks === before?.chainLinks;
    await draft.put('setups', { ...(hasCopy || chainLinks === undefined ? rest : setup), rank: i + 1 });
  }
}

/** Puts removed parts in stock and references them in the setup and job that use them again. */
async function keepOldParts(
  db: RontelDatabase,
  draft: Draft,
  job: JobRecord,
  oldSetupId: string,
  oldParts: readonly OldPart[],
  now: number,
) {
  if (oldParts.length === 0) return;
  const ids: Partial<Record<Slot, string>> = {};
  for (const { slot, name, data, note } of oldParts) {
    const id = nanoid();
    ids[slot] = id;
    await draft.put('parts', {
      ...PART_DEFAULTS,
      id,
      kind: SLOT_KIND[slot],
      name,
      data,
      note,
      // It was on the bike when the job was added; the start of the mount is unknown.
      mounts: [{ bikeId: job.bikeId, fromMs: Math.min(job.createdAtMs, now), toMs: now }],
    });
  }
  const withParts = (setup: SetupRecord): SetupRecord => ({ ...setup, partIds: { ...setup.partIds, ...ids } });
  const old = await db.setups.get(oldSetupId);
  if (old) await draft.put('setups', withParts(old));
  const pair = job.pairId === undefined ? undefined : await db.jobs.get(job.pairId);
  if (!pair || pair.state === 'done' || pair.work.kind !== 'swap' || !pair.work.isReturn) return;
  const { work } = pair;
  await draft.put('jobs', { ...pair, work: { ...work, to: { ...work.to, setup: withParts(work.to.setup) } } });
}

export async function removeJob(db: RontelDatabase, job: JobRecord, now: number): Promise<void> {
  await change(db, { label: t('undo.remove', { name: job.name }), now }, async (draft) => {
    for (const { id } of await db.photos.where('jobId').equals(job.id).toArray()) await draft.remove('photos', id);
    await draft.remove('jobs', job.id);
  });
}

/** Reads the photos of a job, oldest first. */
export function readPhotos(db: RontelDatabase, jobId: string): Promise<PhotoRecord[]> {
  return db.photos.where('jobId').equals(jobId).sortBy('takenAtMs');
}

/** Saves a photo of a step, last. */
export async function addPhoto(db: RontelDatabase, photo: Omit<PhotoRecord, 'id'>): Promise<void> {
  await change(db, { label: t('undo.photo'), now: photo.takenAtMs }, (draft) =>
    draft.put('photos', { ...photo, id: nanoid() }),
  );
}

export async function removePhoto(db: RontelDatabase, id: string, now: number): Promise<void> {
  await change(db, { label: t('undo.removePhoto'), now }, (draft) => draft.remove('photos', id));
}
