import { Cancelled, JobClient } from './job-client';
import { READY } from './ready';

class StandIn extends EventTarget {
  isEnded = false;
  postMessage(): void {}
  terminate(): void {
    this.isEnded = true;
  }
  listens(): void {
    this.dispatchEvent(Object.assign(new Event('message'), { data: READY }));
  }
  fails(): void {
    this.dispatchEvent(new Event('error'));
  }
}

class Client extends JobClient<unknown> {
  ask<T>(job: () => Promise<T>, signal?: AbortSignal): Promise<T> {
    return this.run(job, signal);
  }
}

function standing() {
  const workers: StandIn[] = [];
  const client = new Client(() => {
    const worker = new StandIn();
    workers.push(worker);
    return worker;
  }, 'try less');
  return { client, workers };
}

/** Lets all that waits for nothing happen. */
const settled = () => new Promise((resolve) => setImmediate(resolve));

test('a worker that was ended before it listened and fails late does not take the next one with it', async () => {
  const { client, workers } = standing();
  const control = new AbortController();
  const first = client.ask(() => Promise.resolve('first'), control.signal);
  await settled();
  control.abort();
  await expect(first).rejects.toBeInstanceOf(Cancelled);
  const second = client.ask(() => Promise.resolve('second'));
  await settled();
  workers[0]!.fails();
  await settled();
  expect(workers.map(({ isEnded }) => isEnded)).toEqual([true, false]);
  workers[1]!.listens();
  expect(await second).toBe('second');
});

test('a worker that does not start is said, and the next call begins with another', async () => {
  const { client, workers } = standing();
  const first = client.ask(() => Promise.resolve('first'));
  await settled();
  workers[0]!.fails();
  await expect(first).rejects.toThrow('the worker could not start');
  const second = client.ask(() => Promise.resolve('second'));
  await settled();
  workers[1]!.listens();
  expect(await second).toBe('second');
});
