/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { Cancelled } from '../../workers/job-client';
import { useWorkerQuery } from './useWorkerQuery';

interface Call {
  readonly request: string;
  readonly signal: AbortSignal;
  readonly progress: (share: number) => void;
  readonly answer: (text: string) => void;
  readonly fail: (cause: unknown) => void;
}

/** A worker whose answers the test gives. */
function workerByHand(settleMs = 0) {
  const calls: Call[] = [];
  const { result, rerender, unmount } = renderHook(
    ({ request }: { readonly request: string | undefined }) =>
      useWorkerQuery<string, string, number>(
        request,
        (asked, progress, signal) =>
          new Promise((answer, fail) => calls.push({ request: asked, signal, progress, answer, fail })),
        settleMs,
      ),
    { initialProps: { request: undefined as string | undefined } },
  );
  return { calls, query: result, ask: (request: string | undefined) => rerender({ request }), unmount };
}

/** Lets React render what follows from an answer. */
const settled = (happen: () => void) =>
  act(() => {
    happen();
    return Promise.resolve();
  });

test('nothing is asked without a request', () => {
  const { calls, query } = workerByHand();
  expect(query.current.state).toEqual({ kind: 'idle' });
  expect(calls).toEqual([]);
});

test('a request reports progress and then its answer, and the next counts on', async () => {
  const { calls, query, ask } = workerByHand();
  ask('first');
  expect(query.current.state).toEqual({ kind: 'working', progress: undefined });
  act(() => calls[0]!.progress(0.5));
  expect(query.current.state).toEqual({ kind: 'working', progress: 0.5 });
  await settled(() => calls[0]!.answer('one'));
  expect(query.current.state).toEqual({ kind: 'answered', answer: 'one', serial: 1 });
  ask('second');
  await settled(() => calls[1]!.answer('two'));
  expect(query.current.state).toEqual({ kind: 'answered', answer: 'two', serial: 2 });
});

test('a new request aborts the former one, whose answer then counts for nothing', async () => {
  const { calls, query, ask } = workerByHand();
  ask('first');
  ask('second');
  expect([calls[0]!.signal.aborted, calls[1]!.signal.aborted]).toEqual([true, false]);
  await settled(() => calls[0]!.answer('late'));
  expect(query.current.state).toEqual({ kind: 'working', progress: undefined });
});

test('a failure is reported with its message, and cancelling is no failure', async () => {
  const { calls, query, ask } = workerByHand();
  ask('first');
  await settled(() => calls[0]!.fail(new Error('no memory')));
  expect(query.current.state).toEqual({ kind: 'failed', message: 'no memory' });
  ask('second');
  act(() => query.current.cancel());
  expect(calls[1]!.signal.aborted).toBe(true);
  await settled(() => calls[1]!.fail(new Cancelled()));
  expect(query.current.state).toEqual({ kind: 'cancelled' });
});

test('a request that follows another is sent once it has been unchanged for the settle time', () => {
  jest.useFakeTimers();
  const { calls, ask } = workerByHand(400);
  ask('first');
  expect(calls.map(({ request }) => request)).toEqual(['first']);
  ask('second');
  ask('third');
  jest.advanceTimersByTime(399);
  expect(calls).toHaveLength(1);
  jest.advanceTimersByTime(1);
  expect(calls.map(({ request }) => request)).toEqual(['first', 'third']);
  jest.useRealTimers();
});

test('leaving the page aborts what is being worked out', () => {
  const { calls, ask, unmount } = workerByHand();
  ask('first');
  unmount();
  expect(calls[0]!.signal.aborted).toBe(true);
});
