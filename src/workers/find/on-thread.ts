import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import type { FindInput, FindResult } from '../../core/find';

/** How a search on the server ends. */
export type ThreadAnswer =
  | { readonly kind: 'found'; readonly result: FindResult }
  /** Too many at once, or longer than allowed. */
  | { readonly kind: 'busy' | 'late' };

/** Searches at one time: more would only slow each other down; those that wait, beyond which nobody is let in. */
const RUNNING_MAX = 2;
const WAITING_MAX = 16;
/** A search of the largest space takes a few seconds. */
const TIME_OUT_MS = 20_000;

let running = 0;
const waiting: (() => void)[] = [];

/** Gives the place to the next one that waits. */
function leave(): void {
  const next = waiting.shift();
  if (next) next();
  else running -= 1;
}

/** Searches on a thread of its own, so that the server goes on answering. Ends the thread in every case. */
export async function findOnThread(input: FindInput, timeOutMs = TIME_OUT_MS): Promise<ThreadAnswer> {
  if (running >= RUNNING_MAX) {
    if (waiting.length >= WAITING_MAX) return { kind: 'busy' };
    await new Promise<void>((letIn) => waiting.push(letIn));
  } else running += 1;
  try {
    return await run(new Worker(new URL('./thread.ts', import.meta.url)), input, timeOutMs).catch((error: unknown) => {
      if ((error as { code?: string }).code !== 'ERR_UNKNOWN_FILE_EXTENSION') throw error;
      return run(sourceThread(), input, timeOutMs);
    });
  } finally {
    leave();
  }
}

/** Where nothing is built, as in a test or a script: the source runs by the loader that runs those. */
function sourceThread(): Worker {
  const source = join(dirname(fileURLToPath(import.meta.url)), 'thread.ts');
  return new Worker(`require('tsx/cjs'); require(${JSON.stringify(source)});`, { eval: true });
}

function run(thread: Worker, input: FindInput, timeOutMs: number): Promise<ThreadAnswer> {
  let late: NodeJS.Timeout | undefined;
  return new Promise<ThreadAnswer>((resolve, reject) => {
    late = setTimeout(() => resolve({ kind: 'late' }), timeOutMs);
    thread.once('message', (result: FindResult) => resolve({ kind: 'found', result }));
    thread.once('error', reject);
    thread.once('exit', () => reject(new Error('the thread of a search ended without an answer')));
    thread.postMessage(input);
  }).finally(() => {
    clearTimeout(late);
    void thread.terminate();
  });
}
