import { wrap, type Endpoint, type Remote } from 'comlink';
import { READY } from './ready';
import { t } from './words';
import { definite } from '../core/items';

/** A worker, or a test double. */
interface WorkerLike extends Endpoint {
  readonly terminate: () => void;
}

export class Cancelled extends Error {
  constructor() {
    super('cancelled');
  }
}

/** Time limit, far above any legitimate job. */
const TIME_OUT_MS = 180_000;

/**
 * Runs jobs in a worker, one at a time. Cancelling or timing out terminates the worker, since a computation cannot be
 * interrupted; the next call starts a new one.
 */
export class JobClient<Work> {
  private worker: WorkerLike | undefined;
  private remote: Promise<Remote<Work>> | undefined;
  private queue: Promise<unknown> = Promise.resolve();

  /** @param lateAdvice advice to the user after a timeout */
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
    const remote = definite(this.remote);
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
        () => giveUp(new Error(t('noAnswer', { seconds: TIME_OUT_MS / 1000, advice: this.lateAdvice }))),
        TIME_OUT_MS,
      );
      signal?.addEventListener('abort', cancel, { once: true });
      const fail = (error: unknown) => end(() => reject(error instanceof Error ? error : new Error(String(error))));
      remote.then(
        (work) => job(work).then((value) => end(() => resolve(value)), fail),
        (error: unknown) => {
          // A worker that failed to start never will, so the next call starts another. A terminated worker may report its
          // failure late, when another is already running.
          if (this.remote === remote) this.stop();
          fail(error);
        },
      );
    });
  }
}

/** Progress has its own channel; messages that arrive after the result are ignored. */
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

/** Resolves with the remote end once it is ready; rejects if the worker cannot start. */
function listening<Work>(worker: WorkerLike): Promise<Remote<Work>> {
  return new Promise((resolve, reject) => {
    worker.addEventListener('message', function ready(event) {
      if ((event as MessageEvent).data !== READY) return;
      worker.removeEventListener('message', ready);
      resolve(wrap<Work>(worker));
    });
    worker.addEventListener('error', () => reject(new Error(t('notStarted'))));
  });
}
