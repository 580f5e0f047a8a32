import { demoDataset } from '../../store/demo';
import { datasetSchema } from '../schemas';
import { handedOver } from './handed-over';

const DEMO = demoDataset();
const tourer = 'estuary-tourer';

test('a bike goes with its setups, jobs, notes and parts, without those of others', () => {
  const handed = handedOver(DEMO, { kind: 'bike', bikeId: tourer });
  expect(handed.bikes.map(({ id }) => id)).toEqual([tourer]);
  expect(handed.setups).toEqual(DEMO.setups.filter(({ bikeId }) => bikeId === tourer));
  expect(handed.jobs).toEqual(DEMO.jobs.filter(({ bikeId }) => bikeId === tourer));
  expect(handed.parts.length).toBeGreaterThan(0);
  expect(handed.parts.length).toBeLessThan(DEMO.parts.length);
  expect(handed.rides).toEqual([]);
  expect(() => datasetSchema.parse({ ...handed, preferences: DEMO.preferences })).not.toThrow();
});

test('a job goes with its bike, open jobs of the bike, and parts', () => {
  const job = DEMO.jobs.find(({ state, work }) => state !== 'done' && work.kind === 'swap')!;
  const handed = handedOver(DEMO, { kind: 'job', jobId: job.id });
  expect(handed.bikes.map(({ id }) => id)).toEqual([job.bikeId]);
  expect(handed.jobs.map(({ id }) => id)).toContain(job.id);
  expect(handed.jobs.every(({ id, state }) => id === job.id || state !== 'done')).toBe(true);
  expect(handed.notes).toEqual([]);
  expect(() => datasetSchema.parse({ ...handed, preferences: DEMO.preferences })).not.toThrow();
});

test('everything goes but the settings of the browser', () => {
  expect(handedOver(DEMO, { kind: 'everything' })).toEqual({ ...DEMO, preferences: [] });
});
