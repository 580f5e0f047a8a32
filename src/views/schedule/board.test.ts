import { demoWithoutRides } from '../../store/demo';
import type { JobRecord } from '../../records';
import { boardOf, columnOf, dropped, type BoardJob } from './board';
import { dayText, todayIso, weekOf, weeksFrom } from './days';

const { jobs } = demoWithoutRides();
const asBoard = (job: JobRecord): BoardJob => ({ job, card: undefined, minutes: 30, bikeName: 'bike' });
const open = jobs.find(({ id }) => id === 'job-mountain')!;
const done = jobs.find(({ state }) => state === 'done')!;

test('a week begins on Monday, over months and years', () => {
  expect(weekOf('2026-11-25')).toEqual([
    '2026-11-23',
    '2026-11-24',
    '2026-11-25',
    '2026-11-26',
    '2026-11-27',
    '2026-11-28',
    '2026-11-29',
  ]);
  expect(weekOf('2027-01-03')[0]).toBe('2026-12-28');
  expect(weekOf('2026-11-29')[0]).toBe('2026-11-23');
  expect(weeksFrom('2026-12-30', 1)).toBe('2027-01-06');
  expect(todayIso(Date.UTC(2026, 10, 25, 12))).toBe('2026-11-25');
  expect(dayText('2026-12-03')).toMatch(/3/);
});

test('where a job stands: its day, no day, late, or beyond the week', () => {
  const days = weekOf('2026-11-25');
  const on = (dueOn: string | undefined) => {
    const { dueOn: _day, ...rest } = open;
    return columnOf(dueOn === undefined ? rest : { ...rest, dueOn }, days, '2026-11-25');
  };
  expect([on(undefined), on('2026-11-26'), on('2026-11-20'), on('2026-12-20')]).toEqual([
    'none',
    '2026-11-26',
    'late',
    undefined,
  ]);
  expect(columnOf(done, days, '2026-11-25')).toBeUndefined();
  // In a week of the past nothing is late that is not.
  expect(columnOf({ ...open, dueOn: '2026-11-27' }, weekOf('2027-02-01'), '2026-11-25')).toBeUndefined();
});

test('the board has every state, each job once, and the time of each day without what is done', () => {
  const board = boardOf(jobs.map(asBoard), weekOf('2026-11-25'), '2026-11-25');
  expect(board.rows).toHaveLength(5);
  const shown = board.rows.flat().flatMap((cell) => cell.jobs.map(({ job }) => job.id));
  expect(new Set(shown).size).toBe(shown.length);
  expect(shown).toContain('job-hardtail-chain');
  expect(board.columns.find(({ column }) => column === '2026-11-25')!.minutes).toBe(30);
  expect(board.columns.some(({ column }) => column === 'late')).toBe(false);
  expect(boardOf([asBoard({ ...open, dueOn: '2026-01-01' })], weekOf('2026-11-25'), '2026-11-25').columns[0]).toEqual({
    column: 'late',
    minutes: 30,
  });
});

test('what dropping does, and what it does not', () => {
  expect(dropped(open, 'waiting', '2026-12-01')).toMatchObject({ state: 'waiting', dueOn: '2026-12-01' });
  expect(dropped(open, 'asked', 'none')).not.toHaveProperty('dueOn');
  expect(dropped(open, 'done', '2026-12-01')).toBeUndefined();
  expect(dropped(open, 'ready', 'late')).toBeUndefined();
  expect(dropped(done, 'ready', 'none')).toBeUndefined();
});
