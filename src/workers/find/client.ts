import { proxy } from 'comlink';
import type { CogWanted } from '../../core/find';
import { JobClient, untilOver } from '../job-client';
import type { CassetteRequest, SearchRequest, SearchResponse, FindWork, OnStep } from './protocol';
import { t } from '../words';

/** Runs searches in a worker. */
export class FindClient extends JobClient<FindWork> {
  find(asked: SearchRequest, onStep: OnStep, signal?: AbortSignal): Promise<SearchResponse> {
    return this.run((work) => {
      const { progress, over } = untilOver(onStep);
      return work.find(asked, proxy(progress)).finally(over);
    }, signal);
  }

  wantedCogs(asked: CassetteRequest, signal?: AbortSignal): Promise<readonly CogWanted[]> {
    return this.run((work) => work.wantedCogs(asked), signal);
  }
}

const start = () =>
  new FindClient(() => new Worker(new URL('./find.worker.ts', import.meta.url), { type: 'module' }), t('lateSearch'));
let forSearches: FindClient | undefined;
let forCogs: FindClient | undefined;

/** The page's single client for searches; its worker starts with the first call. */
export function findClient(): FindClient {
  forSearches ??= start();
  return forSearches;
}

/** A separate client for cassettes, so that a long search neither delays them nor is cancelled with them. */
export function cogsClient(): FindClient {
  forCogs ??= start();
  return forCogs;
}
