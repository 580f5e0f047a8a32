import { proxy, transfer, wrap, type Endpoint, type Remote } from 'comlink';
import { READY } from './protocol';
import type { FileRead, FileToRead, Progress, RideWork, UseToTell, UseTold, WayToRide } from './protocol';
import type { RideThrough } from '../../core/ride';

/** A worker, or what a test puts in its place. */
export interface WorkerLike extends Endpoint {
  readonly terminate: () => void;
}

export class Cancelled extends Error {
  constructor() {
    super('cancelled');
  }
}

/** No honest file or season of rides takes as long. */
const TIME_OUT_MS = 180_000;

/**
 * Calls the work in a worker, one job at a time. What is cancelled or takes too long is ended with its
 * worker, for a computation cannot be asked to stop; the next call begins with a fresh one.
 */
export class RideClient {
  private worker: WorkerLike | undefined;
  private remote: Promise<Remote<RideWork>> | undefined;
  private queue: Promise<unknown> = Promise.resolve();

  constructor(private readonly start: () => WorkerLike) {}

  readFile(file: FileToRead, onProgress: Progress, signal?: AbortSignal): Promise<FileRead> {
    return this.run((work) => {
      const { progress, over } = untilOver(onProgress);
      return work.readFile(transfer(file, [file.bytes.buffer]), proxy(progress)).finally(over);
    }, signal);
  }

  tellUse(rides: UseToTell, onProgress: Progress, signal?: AbortSignal): Promise<UseTold> {
    return this.run((work) => {
      const { progress, over } = untilOver(onProgress);
      return work.tellUse(rides, proxy(progress)).finally(over);
    }, signal);
  }

  rideThrough(way: WayToRide, signal?: AbortSignal): Promise<readonly RideThrough[]> {
    return this.run((work) => work.rideThrough(way), signal);
  }

  stop(): void {
    this.worker?.terminate();
    this.worker = undefined;
    this.remote = undefined;
  }

  private run<T>(job: (work: Remote<RideWork>) => Promise<T>, signal?: AbortSignal): Promise<T> {
    const next = this.queue.then(() => this.attempt(job, signal));
    this.queue = next.catch(() => undefined);
    return next;
  }

  private attempt<T>(job: (work: Remote<RideWork>) => Promise<T>, signal?: AbortSignal): Promise<T> {
    if (signal?.aborted) return Promise.reject(new Cancelled());
    if (!this.worker) {
      this.worker = this.start();
      this.remote = listening(this.worker);
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
        () => giveUp(new Error(`no answer after ${TIME_OUT_MS / 1000} s: try fewer or shorter rides`)),
        TIME_OUT_MS,
      );
      signal?.addEventListener('abort', cancel, { once: true });
      remote.then(job).then(
        (value) => end(() => resolve(value)),
        (error: unknown) => end(() => reject(error instanceof Error ? error : new Error(String(error)))),
      );
    });
  }
}

/** Progress goes by a channel of its own, and the last of it may come after the answer: then nobody hears of it. */
export function untilOver(onProgress: Progress): { readonly progress: Progress; readonly over: () => void } {
  let isOver = false;
  return {
    progress: (done) => {
      if (!isOver) onProgress(done);
    },
    over: () => {
      isOver = true;
    },
  };
}

/** The far end, once it listens; refused where the worker cannot start. */
function listening(worker: WorkerLike): Promise<Remote<RideWork>> {
  return new Promise((resolve, reject) => {
    worker.addEventListener('message', function ready(event) {
      if ((event as MessageEvent).data !== READY) return;
      worker.removeEventListener('message', ready);
      resolve(wrap<RideWork>(worker));
    });
    worker.addEventListener('error', () => reject(new Error('the worker could not start: reload the page')));
  });
}

let shared: RideClient | undefined;

/** The one client of this page; its worker starts with the first call. */
export function rideClient(): RideClient {
  shared ??= new RideClient(() => new Worker(new URL('./rides.worker.ts', import.meta.url), { type: 'module' }));
  return shared;
}
