import { MessageChannel } from 'node:worker_threads';
import nodeEndpoint from 'comlink/dist/umd/node-adapter';
import { TOURER_BIKE, TOURER_RIDING } from '../../../tests/support/find';
import { TOURER, TOURER_ROLLOUT_MM, LADEN } from '../../../tests/support/setups';
import { simulateRide } from '../../../tests/support/rides';
import { fillBrief } from '../../core/needs';
import { findSetups, ringChoices } from '../../core/find';
import { GENERIC_CASSETTES } from '../../core/catalog/cassettes';
import { packRecording } from '../../formats/ride/pack';
import { Cancelled } from '../job-client';
import { FindClient } from './client';
import { exposeWork } from './expose';
import type { SearchRequest, FindStep, FindWork } from './protocol';
import { findWork } from './work';

const asked = (more: Partial<SearchRequest> = {}): SearchRequest => ({
  input: {
    ringChoices: ringChoices({ layouts: ['1x', '2x'], minT: 42, maxT: 48, ringDifferenceMaxT: 16, anyTeeth: true }),
    cassettes: GENERIC_CASSETTES.filter(({ cogs }) => cogs.length === 12),
    riding: TOURER_RIDING,
    needs: {},
    aims: ['largestStep', 'newParts', 'frontShifts'],
    bike: TOURER_BIKE,
  },
  road: undefined,
  layouts: ['1x', '2x'],
  ...more,
});

/** A worker on a channel of this process. */
function channels(own: Partial<FindWork> = {}) {
  const work: FindWork = { ...findWork, ...own };
  const seen = { started: 0, ended: 0 };
  const open: { close: () => void }[] = [];
  const client = new FindClient(() => {
    const { port1, port2 } = new MessageChannel();
    seen.started += 1;
    open.push(port1, port2);
    exposeWork(work, nodeEndpoint(port2));
    const terminate = () => {
      seen.ended += 1;
      port1.close();
    };
    return Object.assign(nodeEndpoint(port1), { terminate });
  }, 'try less');
  return { client, seen, close: () => open.forEach((port) => port.close()) };
}

test('through the client the answer is that of core, with a reason for each', async () => {
  const { client, close } = channels();
  const response = await client.find(asked(), () => undefined);
  close();
  const { front, met } = findSetups(asked().input);
  expect(response.result.met).toBe(met);
  expect(response.result.front).toEqual(front);
  // Setups with the same figures are one row.
  expect(new Set(response.rows.flatMap(({ all }) => all))).toEqual(new Set(front));
  expect(response.reasons).toHaveLength(response.rows.length);
  expect(response.rows.length).toBeLessThan(front.length);
  expect(response.present).toMatchObject({
    chainrings: TOURER.chainrings,
    build: { newParts: [] },
    outOfBandS: undefined,
  });
  expect(response.advice.kind).toBe('both');
  expect(response.least.presentMiss).toBeUndefined();
});

test('results stream in while the work goes on', async () => {
  const { client, close } = channels({
    find: async (question, onStep) => {
      const { result } = await findWork.find(question, () => undefined);
      const step = {
        phase: 'weighing',
        done: 1,
        total: 2,
        met: 2,
        front: result.front.slice(0, 1),
        frontCount: 1,
      } as const;
      // Through the channel a call answers when it has arrived.
      const report: (found: typeof step) => unknown = onStep;
      await report(step);
      return findWork.find(question, () => undefined);
    },
  });
  const steps: FindStep[] = [];
  await client.find(asked(), (step) => steps.push(step));
  close();
  expect(steps.map(({ phase, front }) => [phase, front.length])).toEqual([['weighing', 1]]);
});

test('a cancelled search answers at once, its worker is ended, and the next has a fresh one', async () => {
  let endJob = () => undefined as unknown;
  let arrive = () => undefined as unknown;
  const arrived = new Promise<void>((resolve) => (arrive = resolve));
  let isFirst = true;
  const { client, seen, close } = channels({
    find: (question, onStep) => {
      if (!isFirst) return findWork.find(question, onStep);
      isFirst = false;
      arrive();
      return new Promise((_, reject) => (endJob = () => reject(new Error('ended with the test'))));
    },
  });
  const abort = new AbortController();
  const never = client.find(asked(), () => undefined, abort.signal);
  await arrived;
  abort.abort();
  await expect(never).rejects.toBeInstanceOf(Cancelled);
  await expect(client.find(asked(), () => undefined)).resolves.toMatchObject({ advice: { kind: 'both' } });
  expect(seen).toEqual({ started: 2, ended: 1 });
  endJob();
  client.stop();
  close();
});

test('the cogs that rides asked for come back through the client; damaged samples are told', async () => {
  const { client, close } = channels();
  const { recording } = simulateRide({ setup: TOURER, rolloutMm: TOURER_ROLLOUT_MM, seconds: 300, seed: 4 });
  const wanted = await client.wantedCogs({
    packed: [packRecording(recording)],
    chainring: 44,
    rolloutMm: TOURER_ROLLOUT_MM,
  });
  const damaged = client.wantedCogs({ packed: [Uint8Array.of(0, 0, 0)], chainring: 44, rolloutMm: TOURER_ROLLOUT_MM });
  await expect(damaged).rejects.toThrow('damaged');
  close();
  const driving = wanted.reduce((sum, { seconds }) => sum + seconds, 0);
  expect(driving).toBeGreaterThan(200);
  expect(wanted.every(({ teeth }, i) => i === 0 || teeth > wanted[i - 1]!.teeth)).toBe(true);
});

test('a route or a ride counts the time out of the band, of the setup fitted now as well', async () => {
  const { input } = asked();
  const aims = ['outOfBand', 'newParts'] as const;
  const few = {
    ...input,
    aims,
    ringChoices: [
      [48, 32],
      [46, 30],
    ],
    cassettes: input.cassettes.slice(0, 4),
  };
  const { recording } = simulateRide({ setup: TOURER, rolloutMm: TOURER_ROLLOUT_MM, seconds: 400, seed: 4 });
  const ride = await findWork.find(
    { ...asked(), input: few, road: { kind: 'ride', packed: packRecording(recording) } },
    () => undefined,
  );
  expect(ride.present.outOfBandS).toBeGreaterThan(0);
  expect(ride.result.ridden).toBeGreaterThan(0);
  const profile = { stepM: 20, elevationM: Float64Array.from({ length: 100 }, (_, i) => 20 * Math.sin(i / 9)) };
  const route = { kind: 'route', profile, resistance: LADEN, brief: fillBrief({ preferredRpm: 88 }) } as const;
  const ridden = await findWork.find({ ...asked(), input: few, road: route }, () => undefined);
  expect(ridden.present.values[0]).toBe(ridden.present.outOfBandS);
  const damaged = { ...asked(), input: few, road: { kind: 'ride', packed: Uint8Array.of(0, 0, 0) } as const };
  await expect(findWork.find(damaged, () => undefined)).rejects.toThrow('damaged');
});
