import { demoDataset } from '../../store/demo';
import { beforeAfterRows, beforeAfterSentence } from './before-after-words';
import { EVENT_KINDS, filteredEvents, timelineOf } from './timeline';
import type { Side } from './useBeforeAfter';
import { METRIC } from '../../features/units/measures';

const { jobs, rides, notes, parts, setups } = demoDataset();
const history = { bikeId: 'estuary-tourer', jobs, rides, notes, parts };
const events = timelineOf(history, METRIC);

test('one line of everything, newest first, each entry once, of this bike alone', () => {
  expect(events.map(({ atMs }) => atMs)).toEqual([...events.map(({ atMs }) => atMs)].sort((a, b) => b - a));
  expect(new Set(events.map(({ id }) => id)).size).toBe(events.length);
  expect(new Set(events.map(({ kind }) => kind))).toEqual(new Set(EVENT_KINDS));
  const own = rides.filter(({ bikeId }) => bikeId === 'estuary-tourer').length;
  expect(events.filter(({ kind }) => kind === 'ride')).toHaveLength(own);
  expect(events.some(({ title }) => title.includes('pine ridge'))).toBe(false);
  expect(timelineOf({ ...history, bikeId: 'nobody' }, METRIC)).toEqual([]);
});

test('a failed trial stands with its reason; readings with their unit and job', () => {
  const failed = events.find(({ isReverted }) => isReverted)!;
  expect(failed.title).toBe('Trial: 50T big ring for the tailwind week: put back');
  expect(failed.text).toContain('48/32 x 11-36 → 50/32 x 11-36. Front cage touches');
  expect(events.find(({ id }) => id === 'job-wider spacer')!.text).toBe('1.85 mm (Wider cassette for the summer)');
  expect(events.find(({ id }) => id === 'job-big-ring smallSmall')!.text).toContain('rubbing, put back');
  expect(events.find(({ title, text }) => title === 'Chain wear' && text.includes('0.38'))!.text).toContain(
    'at 2540 km',
  );
});

test('filtered by kind and by words, in any order and case', () => {
  expect(filteredEvents(events, { text: 'CASSETTE summer', kinds: ['job'] }).map(({ id }) => id)).toEqual([
    'job-wider-recheck',
    'job-wider',
  ]);
  expect(filteredEvents(events, { text: '', kinds: [] })).toHaveLength(events.length);
  expect(filteredEvents(events, { text: 'no such thing', kinds: [] })).toEqual([]);
});

const side = (more: Partial<NonNullable<Side['usage']>> | undefined, gaps: number): Side => ({
  setup: setups[0]!,
  rides: rides.slice(0, 1),
  gaps,
  usage: more && {
    shares: [],
    drivingS: 3600,
    coastingS: 0,
    standingS: 0,
    belowS: 900,
    aboveS: 180,
    crossedS: 36,
    rearShifts: 120,
    frontShifts: 4,
    hesitations: [],
    sure: 1,
    recordedS: 0,
    otherTeethS: 0,
    residual: { median: 0, spread: 0 },
    sequence: new Int8Array(),
    ...more,
  },
});

test('before and after, in a sentence and in rows', () => {
  expect(beforeAfterSentence(side({}, 1), side({ belowS: 360 }, 0))).toBe(
    '15% of the time outside cadence range, 30% before; no gap, 1 before.',
  );
  expect(beforeAfterSentence(side({}, 2), side({}, 2))).toBe(
    '30% of the time outside cadence range, as before; 2 gaps, as before.',
  );
  expect(beforeAfterSentence(side(undefined, 0), side({}, 0))).toContain('Working out the gears');
  const rows = new Map(
    beforeAfterRows(side({}, 1), side({ drivingS: 7200, rearShifts: 180 }, 0)).map(([title, ...cells]) => [
      title,
      cells,
    ]),
  );
  expect(rows.get('rear shifts per hour')).toEqual(['120', '90']);
  expect(rows.get('gaps in cadence range')).toEqual(['1', '0']);
  expect(rows.get('based on')).toEqual(['1 ride', '1 ride']);
  expect(
    new Map(
      beforeAfterRows(side(undefined, 0), side({ drivingS: 0 }, 0)).map(([title, ...cells]) => [title, cells]),
    ).get('cross-chained'),
  ).toEqual(['', '0%']);
});
