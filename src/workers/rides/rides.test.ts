import { MessageChannel } from 'node:worker_threads';
import nodeEndpoint from 'comlink/dist/umd/node-adapter';
import { ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { simulateRide } from '../../../tests/support/rides';
import { developedGears, type Setup } from '../../core/gears';
import { packRecording, unpackRecording, digestOf } from '../../formats/ride/pack';
import { writeRideCsv } from '../../formats/ride/ride-csv';
import { Cancelled, untilOver } from '../job-client';
import { RideClient } from './client';
import { exposeWork } from './expose';
import type { RideWork, GearUsageRequest } from './protocol';
import { rideWork } from './work';

const { recording } = simulateRide({ setup: TOURER, rolloutMm: TOURER_ROLLOUT_MM, seconds: 900, seed: 2 });
const developed = (setup: Setup) => developedGears(setup, TOURER_ROLLOUT_MM);

/** A worker on a channel of this process; counts those that were started and ended. */
function channels(work: Partial<RideWork> = {}) {
  const seen = { started: 0, ended: 0 };
  const open: { close: () => void }[] = [];
  const client = new RideClient(() => {
    const { port1, port2 } = new MessageChannel();
    seen.started += 1;
    open.push(port1, port2);
    exposeWork({ ...rideWork, ...work }, nodeEndpoint(port2));
    const end = () => {
      seen.ended += 1;
      port1.close();
    };
    return Object.assign(nodeEndpoint(port1), { terminate: end });
  }, 'try less');
  return { client, seen, close: () => open.forEach((port) => port.close()) };
}

const USE: GearUsageRequest = {
  setup: TOURER,
  rolloutMm: TOURER_ROLLOUT_MM,
  crossedCogs: 2,
  lowRpm: 80,
  highRpm: 95,
  packed: [packRecording(recording), packRecording(recording)],
  cassettes: [],
  replayOn: [{ setup: ONE_RING, gears: developed(ONE_RING), crossedCogs: 2, lowRpm: 80, highRpm: 95 }],
};

test('a file is read, packed and told by its content', async () => {
  const bytes = new TextEncoder().encode(writeRideCsv(recording));
  const { result, packed, digest } = await rideWork.readFile(
    { name: 'r.csv', bytes, mappings: {}, keepPositions: false },
    () => undefined,
  );
  expect(result.kind).toBe('ride');
  expect(unpackRecording(packed!)!.timeS.length).toBe(recording.timeS.length);
  expect(digest).toBe(digestOf(0, recording));
});

test('through the client, with progress', async () => {
  const { client, close } = channels({
    gearUsage: async (rides, onProgress) => {
      // Through the channel a call answers when it has arrived.
      const report: (share: number) => unknown = onProgress;
      await report(0.25);
      return rideWork.gearUsage(rides, () => undefined);
    },
  });
  const seen: number[] = [];
  const { use } = await client.gearUsage(USE, (done) => seen.push(done));
  close();
  expect(use.drivingS).toBeGreaterThan(1500);
  expect(seen).toEqual([0.25]);
});

test('progress that comes after the answer is not heard: it would put a finished job back to work', () => {
  const seen: number[] = [];
  const { progress, over } = untilOver((done: number) => seen.push(done));
  progress(0.5);
  over();
  progress(0.9);
  expect(seen).toEqual([0.5]);
});

test('what is cancelled is ended with its worker, at once, and the next call has a fresh one', async () => {
  let endJob = () => undefined as unknown;
  const { client, seen, close } = channels({
    gearUsage: () => new Promise((_, reject) => (endJob = () => reject(new Error('ended with the test')))),
  });
  const abort = new AbortController();
  const never = client.gearUsage(USE, () => undefined, abort.signal);
  // Let the call reach the worker first.
  await new Promise((resolve) => setImmediate(resolve));
  abort.abort();
  await expect(never).rejects.toBeInstanceOf(Cancelled);
  const bytes = new TextEncoder().encode(writeRideCsv(recording));
  await expect(
    client.readFile({ name: 'r.csv', bytes, mappings: {}, keepPositions: false }, () => undefined),
  ).resolves.toMatchObject({
    result: { kind: 'ride' },
  });
  expect(seen).toEqual({ started: 2, ended: 1 });
  endJob();
  client.stop();
  close();
});
