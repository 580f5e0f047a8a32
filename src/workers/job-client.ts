import { wrap, type Endpoint, type Remote } from 'comlink';
import { READY } from './ready';

/** A worker, or what a test puts in its place. */
export interface WorkerLike extends Endpoint {
  readonly terminate: () => void;
}

export class Cancelled extends Error {
  constructor() {
    super('cancelled');
  }
}

/** No honest job takes as long. */
const TIME_OUT_MS = 180_000;

/**
 * Calls the work in a worker, one job at a time. What is cancelled or takes too long is ended with its
 * worker, for a computation cannot be asked to stop; the next call begins with a fresh one.
 */
export class JobClient<Work> {
  private worker: WorkerLike | undefined;
  private remote: Promise<Remote<Work>> | undefined;
  private queue: Promise<unknown> = Promise.resolve();

  /** @param lateAdvice what to do where a job took too long */
  constructor(
    private readonly start: () => WorkerLike,
    private readonly lateAdvice: string,
  ) {}

  stop(): void {
    this.worker?.terminate();
    this.worker = undefined;
    this.remote = undefined;
  }

  protected run<T>(job: (work: Remote<Work>) => Promise<T>, signal?: AbortSignal): Promise<T> {
    const next = this.queue.then(() => this.attempt(job, signal));
    this.queue = next.catch(() => undefined);
    return next;
  }

  private attempt<T>(job: (work: Remote<Work>) => Promise<T>, signal?: AbortSignal): Promise<T> {
    if (signal?.aborted) return Promise.reject(new Cancelled());
    if (!this.worker) {
      this.worker = this.start();
      this.remote = listening<Work>(this.worker);
    }
    const remote = this.remote!;
    return new Promise<T>((resolve, reject) => {
      const end = (settle: () => void) => {
        clearTimeout(late);
        signal?.removeEventListener('abort', cancel);
        settle();
      };
      const giveUp = (error: Error) =>
        end(() => {
          this.stop();
          reject(error);
        });
      const cancel = () => giveUp(new Cancelled());
      const late = setTimeout(
        () => giveUp(new Error(`no answer after ${TIME_OUT_MS / 1000} s: ${this.lateAdvice}`)),
        TIME_OUT_MS,
      );
      signal?.addEventListener('abort', cancel, { once: true });
      const fail = (error: unknown) => end(() => reject(error instanceof Error ? error : new Error(String(error))));
      remote.then(
        (work) => job(work).then((value) => end(() => resolve(value)), fail),
        (error: unknown) => {
          // A worker that did not start never will: the next call begins with another. One that was ended before it
          // listened says so late, when another is at work already.
          if (this.remote === remote) this.stop();
          fail(error);
        },
      );
    });
  }
}

/** Progress goes by a channel of its own, and the last of it may come after the answer: then nobody hears of it. */
export function untilOver<A extends readonly unknown[]>(
  onProgress: (...args: A) => void,
): { readonly progress: (...args: A) => void; readonly over: () => void } {
  let isOver = false;
  return {
    progress: (...args) => {
      if (!isOver) onProgress(...args);
    },
    over: () => {
      isOver = true;
    },
  };
}

/** The far end, once it listens; refused where the worker cannot start. */
function listening<Work>(worker: WorkerLike): Promise<Remote<Work>> {
  return new Promise((resolve, reject) => {
    worker.addEventListener('message', function ready(event) {
      if ((event as MessageEvent).data !== READY) return;
      worker.removeEventListener('message', ready);
      resolve(wrap<Work>(worker));
    });
    worker.addEventListener('error', () =>
      reject(new Error('the worker could not start: try again, or reload the page')),
    );
  });
}
