import { cardTo } from '../../../tests/support/job';
import { RIDE } from '../../../tests/support/ride-record';
import { ONE_RING } from '../../../tests/support/setups';
import type { JobRecord } from '../../records';
import { rechecksDue } from '../../features/workshop/due';
import { demoWithoutRides } from '../../store/demo';
import type { BoardJob } from './board';
import { calendarEntries } from './calendar-entries';

const { jobs, bikes } = demoWithoutRides();
const TODAY = '2026-11-30';
const board = (list: readonly JobRecord[]): BoardJob[] =>
  list.map((job) => ({
    job,
    card: undefined,
    minutes: 40,
    bikeName: bikes.find(({ id }) => id === job.bikeId)!.name,
  }));
const recheck = jobs.find(({ work, state }) => work.kind === 'recheck' && state !== 'done')!;
const swap = jobs.find(({ work, state }) => work.kind !== 'recheck' && work.kind !== 'trial' && state !== 'done')!;
const undated = ({ dueOn: _, ...job }: JobRecord): JobRecord => job;

test('a swap with a day brings the re-check a week after it', () => {
  const entries = calendarEntries(board([{ ...swap, dueOn: '2026-12-03' }]), [], TODAY);
  expect(entries.map(({ id, dueOn, minutes }) => [id, dueOn, minutes])).toEqual([
    [swap.id, '2026-12-03', 40],
    [`${swap.id}-recheck`, '2026-12-10', undefined],
  ]);
  expect(entries[1]!.name).toBe(`Re-check: ${swap.name}`);
  const card = cardTo({ setup: ONE_RING });
  const [withCard] = calendarEntries([{ ...board([{ ...swap, dueOn: TODAY }])[0]!, card }], [], TODAY);
  expect(withCard!.description).toContain('work stand, hex and star (T25) keys');
});

test('a re-check without a day is in it: today where it is due, else a week after it was made', () => {
  const createdAtMs = new Date(2026, 10, 28, 12).getTime();
  const job = { ...undated(recheck), createdAtMs };
  const ridden = { bikeId: job.bikeId, startedAtMs: createdAtMs + 1e7, distanceM: 42_400 };
  const rides = [{ ...RIDE, ...ridden }];
  // The swap that it follows is not in the list: it counts from when it was made itself.
  const entry = (own: typeof rides) => calendarEntries(board([job]), rechecksDue([job], own, []), TODAY);
  expect(entry(rides)).toMatchObject([{ dueOn: TODAY, description: 'Due now, after 42 km: bolts, indexing, cable.' }]);
  expect(entry([])).toMatchObject([{ id: job.id, dueOn: '2026-12-05' }]);
  expect(entry([])[0]!.minutes).toBeUndefined();
});
