import PQueue from 'p-queue';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import type { FindInput, FindResult } from '../../core/find';

/** How a search on the server ends. */
export type ThreadAnswer =
  | { readonly kind: 'found'; readonly result: FindResult }
  /** Too many wait, or it has waited too long. */
  | { readonly kind: 'busy' }
  /** It took longer than allowed. */
  | { readonly kind: 'late' }
  /** Whoever asked has gone. */
  | { readonly kind: 'left' };

/** Setups up to which a search is small, and need not wait behind large ones. */
const SMALL_SETUPS = 20_000;
/** A search of the largest space takes some ten seconds. */
const TIME_OUT_MS = 30_000;
/** Whoever has waited so long is asked to come back. */
const WAIT_MS = 15_000;

/** Searches at one time, and those that wait; beyond these nobody is let in. */
interface Lane {
  readonly queue: PQueue;
  readonly waitingMax: number;
  /** Those that wait and have not given up; the queue drops the others when their turn comes. */
  waiting: number;
}

/** One core stays free for everybody else: with all of them taken, refusals and small requests come late. */
export const LARGE_AT_ONCE = Math.max(1, availableParallelism() - 1);

/** With more, the last would wait for longer than it may. */
export const LARGE_WAITING = 2 * LARGE_AT_ONCE;

/** More searches at once would only slow each other down; small ones take a moment. */
const LANES = {
  small: { queue: new PQueue({ concurrency: 2 }), waitingMax: 32, waiting: 0 },
  large: { queue: new PQueue({ concurrency: LARGE_AT_ONCE }), waitingMax: LARGE_WAITING, waiting: 0 },
} satisfies Record<string, Lane>;

export interface ThreadOptions {
  readonly timeOutMs?: number;
  readonly waitMs?: number;
  /** Of whoever asked: once it is gone the thread is ended. */
  readonly signal?: AbortSignal | undefined;
}

/** Searches on a thread of its own, so that the server goes on answering. Ends the thread in every case. */
export async function findOnThread(
  input: FindInput,
  { timeOutMs = TIME_OUT_MS, waitMs = WAIT_MS, signal }: ThreadOptions = {},
): Promise<ThreadAnswer> {
  const setups = input.ringChoices.length * input.cassettes.length;
  const lane: Lane = setups <= SMALL_SETUPS ? LANES.small : LANES.large;
  if (signal?.aborted) return { kind: 'left' };
  // Those that are let in at once do not wait.
  const isFree = lane.queue.pending < lane.queue.concurrency;
  if (!isFree && lane.waiting >= lane.waitingMax) return { kind: 'busy' };
  lane.waiting += 1;
  let waits = true;
  const endWaiting = () => {
    if (waits) lane.waiting -= 1;
    waits = false;
  };
  let givenUp: ThreadAnswer | undefined;
  const gone = new Promise<ThreadAnswer>((resolve) => {
    const giveUp = (answer: ThreadAnswer) => {
      endWaiting();
      givenUp = answer;
      resolve(answer);
    };
    signal?.addEventListener('abort', () => giveUp({ kind: 'left' }), { once: true });
    setTimeout(() => waits && giveUp({ kind: 'busy' }), waitMs).unref();
  });
  const searched = lane.queue.add(async (): Promise<ThreadAnswer> => {
    if (givenUp) return givenUp;
    endWaiting();
    return searchIn(input, timeOutMs, signal);
  }) as Promise<ThreadAnswer>;
  return Promise.race([searched, gone]);
}

function searchIn(input: FindInput, timeOutMs: number, signal: AbortSignal | undefined): Promise<ThreadAnswer> {
  const built = new Worker(new URL('./thread.ts', import.meta.url));
  return run(built, input, timeOutMs, signal).catch((error: unknown) => {
    if ((error as { code?: string }).code !== 'ERR_UNKNOWN_FILE_EXTENSION') throw error;
    return run(sourceThread(), input, timeOutMs, signal);
  });
}

/** Where nothing is built, as in a test or a script: the source runs by the loader that runs those. */
function sourceThread(): Worker {
  const source = join(dirname(fileURLToPath(import.meta.url)), 'thread.ts');
  return new Worker(`require('tsx/cjs'); require(${JSON.stringify(source)});`, { eval: true });
}

function run(
  thread: Worker,
  input: FindInput,
  timeOutMs: number,
  signal: AbortSignal | undefined,
): Promise<ThreadAnswer> {
  let late: NodeJS.Timeout | undefined;
  let leave: (() => void) | undefined;
  return new Promise<ThreadAnswer>((resolve, reject) => {
    late = setTimeout(() => resolve({ kind: 'late' }), timeOutMs);
    leave = () => resolve({ kind: 'left' });
    signal?.addEventListener('abort', leave, { once: true });
    thread.once('message', (result: FindResult) => resolve({ kind: 'found', result }));
    thread.once('error', reject);
    thread.once('exit', () => reject(new Error('the thread of a search ended without an answer')));
    thread.postMessage(input);
  }).finally(() => {
    clearTimeout(late);
    if (leave) signal?.removeEventListener('abort', leave);
    void thread.terminate();
  });
}
