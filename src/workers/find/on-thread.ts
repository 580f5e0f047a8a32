import PQueue from 'p-queue';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import Piscina from 'piscina';
import type { FindInput, FindResult } from '../../core/find';

/** Outcome of a search on the server. */
type ThreadAnswer =
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
/** Maximum time in the queue; then the client has to retry. */
const WAIT_MS = 15_000;

/** An idle thread ends after this. */
const IDLE_MS = 60_000;
/** Where the build puts the scripts of threads. */
const THREADS = process.env.RONTEL_THREADS ?? join(process.cwd(), '.next', 'threads');

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

interface ThreadOptions {
  readonly timeOutMs?: number;
  readonly waitMs?: number;
  /** Of the request: when it aborts, the thread ends. */
  readonly signal?: AbortSignal | undefined;
}

/** Runs a search on a thread of the pool, so that the server stays responsive. */
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

/** Aborting a search ends its thread, because a running computation cannot be interrupted. */
async function searchIn(input: FindInput, timeOutMs: number, signal: AbortSignal | undefined): Promise<ThreadAnswer> {
  const late = AbortSignal.timeout(timeOutMs);
  try {
    const result = await pool().run(input, { signal: signal ? AbortSignal.any([late, signal]) : late });
    return { kind: 'found', result };
  } catch (error) {
    if (signal?.aborted) return { kind: 'left' };
    if (late.aborted) return { kind: 'late' };
    throw error;
  }
}

let made: Piscina<FindInput, FindResult> | undefined;

/** Threads for as many searches as run at once; they end when they have been idle for a while. */
function pool(): Piscina<FindInput, FindResult> {
  made ??= new Piscina({
    filename: join(THREADS, 'find.mjs'),
    minThreads: 0,
    maxThreads: LANES.small.queue.concurrency + LANES.large.queue.concurrency,
    idleTimeout: IDLE_MS,
  });
  return made;
}
