import PQueue from 'p-queue';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import type { FindInput, FindResult } from '../../core/find';

/** Outcome of a search on the server. */
export type ThreadAnswer =
  | { readonly kind: 'found'; readonly result: FindResult }
  /** The queue is full, or the request waited too long. */
  | { readonly kind: 'busy' }
  /** The search exceeded its time limit. */
  | { readonly kind: 'late' }
  /** The client has disconnected. */
  | { readonly kind: 'left' };

/** Searches up to this many setups are small and have their own queue. */
const SMALL_SETUPS = 20_000;
/** Time limit; the largest search takes some ten seconds. */
const TIME_OUT_MS = 30_000;
/** Maximum time in the queue; then the client is told to retry. */
const WAIT_MS = 15_000;

/** A queue bounded in running and waiting searches; more are rejected. */
interface Lane {
  readonly queue: PQueue;
  readonly waitingMax: number;
  /** Waiting requests that have not been cancelled; the queue drops cancelled ones at their turn. */
  waiting: number;
}

/** One core stays free, so that rejections and small requests are answered in time. */
export const LARGE_AT_ONCE = Math.max(1, availableParallelism() - 1);

/** With more, the last one would exceed the maximum waiting time. */
export const LARGE_WAITING = 2 * LARGE_AT_ONCE;

/** Small searches take milliseconds; more at once would only slow each other down. */
const LANES = {
  small: { queue: new PQueue({ concurrency: 2 }), waitingMax: 32, waiting: 0 },
  large: { queue: new PQueue({ concurrency: LARGE_AT_ONCE }), waitingMax: LARGE_WAITING, waiting: 0 },
} satisfies Record<string, Lane>;

export interface ThreadOptions {
  readonly timeOutMs?: number;
  readonly waitMs?: number;
  /** Of the request: when it aborts, the thread is terminated. */
  readonly signal?: AbortSignal | undefined;
}

/** Runs a search on a thread of its own, so that the server stays responsive. Always terminates the thread. */
export async function findOnThread(
  input: FindInput,
  { timeOutMs = TIME_OUT_MS, waitMs = WAIT_MS, signal }: ThreadOptions = {},
): Promise<ThreadAnswer> {
  const setups = input.ringChoices.length * input.cassettes.length;
  const lane: Lane = setups <= SMALL_SETUPS ? LANES.small : LANES.large;
  if (signal?.aborted) return { kind: 'left' };
  // Requests that start at once do not count as waiting.
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

/** In tests and scripts nothing is built: the thread runs the source with the same loader. */
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
