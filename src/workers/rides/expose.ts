import { expose, releaseProxy, type Endpoint } from 'comlink';
import { READY } from '../ready';
import type { Progress, RideWork } from './protocol';

/** Exposes the work on an endpoint. The progress channel of a job closes with the job. */
export function exposeWork(work: RideWork, endpoint: Endpoint): void {
  const released = async <T>(job: Promise<T>, onProgress: Progress): Promise<T> => {
    try {
      return await job;
    } finally {
      (onProgress as Progress & { readonly [releaseProxy]?: () => void })[releaseProxy]?.();
    }
  };
  expose(
    {
      ...work,
      readFile: (file, onProgress) => released(work.readFile(file, onProgress), onProgress),
      gearUsage: (rides, onProgress) => released(work.gearUsage(rides, onProgress), onProgress),
    } satisfies RideWork,
    endpoint,
  );
  endpoint.postMessage(READY);
}
