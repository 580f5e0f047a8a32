'use client';

import { useEffect, useRef, useState } from 'react';
import { errorText } from '../../core/error';
import { useStableCallback } from '../../ui/react/useStableCallback';
import { Cancelled } from '../../workers/job-client';

/** The state of a question to a worker. */
export type WorkerQuery<Progress, Answer> =
  /** There is nothing to ask. */
  | { readonly kind: 'idle' }
  /** Progress is undefined until the worker reports some. */
  | { readonly kind: 'working'; readonly progress: Progress | undefined }
  | { readonly kind: 'cancelled' }
  | { readonly kind: 'failed'; readonly message: string }
  /** `serial` counts the answers. */
  | { readonly kind: 'answered'; readonly answer: Answer; readonly serial: number };

/**
 * Asks a worker whenever the request changes, and cancels the question before.
 * @param request compared by identity; undefined where there is nothing to ask
 * @param ask sends the request; called with the newest closure
 * @param settleMs how long a request must stand before it is asked; the first is asked at once
 * @returns the state of this request, never that of an earlier one, and `cancel`
 */
export function useWorkerQuery<Request, Answer, Progress = never>(
  request: Request | undefined,
  ask: (request: Request, onProgress: (progress: Progress) => void, signal: AbortSignal) => Promise<Answer>,
  settleMs = 0,
): { readonly state: WorkerQuery<Progress, Answer>; readonly cancel: () => void } {
  const [latest, setLatest] = useState<{ readonly request: Request; readonly state: WorkerQuery<Progress, Answer> }>();
  const control = useRef<AbortController>(undefined);
  const answers = useRef(0);
  const hasAsked = useRef(false);
  const askNow = useStableCallback(ask);
  useEffect(() => {
    if (request === undefined) return;
    const abort = new AbortController();
    control.current = abort;
    const report = (state: WorkerQuery<Progress, Answer>) => {
      if (!abort.signal.aborted) setLatest({ request, state });
    };
    const begin = () => {
      askNow(request, (progress) => report({ kind: 'working', progress }), abort.signal).then(
        (answer) => {
          answers.current += 1;
          report({ kind: 'answered', answer, serial: answers.current });
        },
        (error: unknown) => {
          if (!(error instanceof Cancelled)) report({ kind: 'failed', message: errorText(error) });
        },
      );
    };
    const timer = hasAsked.current && settleMs > 0 ? setTimeout(begin, settleMs) : undefined;
    if (timer === undefined) begin();
    hasAsked.current = true;
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [request, askNow, settleMs]);

  const cancel = () => {
    control.current?.abort();
    if (request !== undefined) setLatest({ request, state: { kind: 'cancelled' } });
  };
  if (request === undefined) return { state: { kind: 'idle' }, cancel };
  const state: WorkerQuery<Progress, Answer> =
    latest && latest.request === request ? latest.state : { kind: 'working', progress: undefined };
  return { state, cancel };
}
