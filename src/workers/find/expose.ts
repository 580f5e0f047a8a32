import { expose, releaseProxy, type Endpoint } from 'comlink';
import { READY } from '../ready';
import type { FindWork } from './protocol';

/** Exposes the work on an endpoint. The progress channel of a search closes with the search. */
export function exposeWork(work: FindWork, endpoint: Endpoint): void {
  expose(
    {
      ...work,
      find: async (asked, onStep) => {
        try {
          return await work.find(asked, onStep);
        } finally {
          (onStep as typeof onStep & { readonly [releaseProxy]?: () => void })[releaseProxy]?.();
        }
      },
    } satisfies FindWork,
    endpoint,
  );
  endpoint.postMessage(READY);
}
