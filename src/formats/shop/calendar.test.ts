import ICAL from 'ical.js';
import { writeCalendar, type CalendarJob } from './calendar';

const job = (id: string, dueOn: string, minutes: number, more: Partial<CalendarJob> = {}): CalendarJob => ({
  id,
  name: `Job ${id}`,
  bikeName: 'Estuary tourer',
  dueOn,
  minutes,
  description: 'Chain whip; lockring tool,\nand a rag',
  ...more,
});

function parsed(jobs: readonly CalendarJob[]) {
  const result = writeCalendar(jobs, Date.UTC(2026, 10, 25, 9));
  if (!result.ok) throw new Error(result.message);
  const calendar = new ICAL.Component(ICAL.parse(result.text) as unknown[]);
  return calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
}

test('the calendar is read by a common parser: jobs follow each other on their day', () => {
  const events = parsed([job('b', '2026-12-04', 50), job('a', '2026-12-03', 95), job('c', '2026-12-03', 30)]);
  expect(events.map(({ summary }) => summary)).toEqual([
    'Job a (Estuary tourer)',
    'Job c (Estuary tourer)',
    'Job b (Estuary tourer)',
  ]);
  expect(events.map(({ startDate }) => startDate.toString())).toEqual([
    '2026-12-03T09:00:00',
    '2026-12-03T10:35:00',
    '2026-12-04T09:00:00',
  ]);
  expect(events.map(({ duration }) => duration.toSeconds() / 60)).toEqual([95, 30, 50]);
  expect(events[0]!.description).toBe('Chain whip; lockring tool,\nand a rag');
  expect(new Set(events.map(({ uid }) => uid)).size).toBe(3);
});

test('a day too full goes on to the next, and names keep their commas, semicolons and letters', () => {
  const many = Array.from({ length: 12 }, (_, i) => job(`x${i}`, '2026-12-31', 100));
  expect(parsed(many).at(-1)!.startDate.toString()).toBe('2027-01-01T03:20:00');
  expect(parsed([job('å', '2026-12-03', 10, { name: 'Räder; 48/32, “schräg”\\' })])[0]!.summary).toBe(
    'Räder; 48/32, “schräg”\\ (Estuary tourer)',
  );
});

test('lines are folded at 75 octets between characters, and end as the format demands', () => {
  const name = 'Rä – “48/32” '.repeat(6).trim();
  const result = writeCalendar([job('a', '2026-12-03', 30, { name, description: 'ß'.repeat(300) })], 0);
  const text = result.ok ? result.text : '';
  expect(text.endsWith('END:VCALENDAR\r\n')).toBe(true);
  const lines = text.split('\r\n');
  expect(lines.some((line) => line.includes('\n'))).toBe(false);
  const octets = lines.map((line) => Buffer.byteLength(line));
  expect(Math.max(...octets)).toBeGreaterThan(70);
  expect(Math.max(...octets)).toBeLessThanOrEqual(75);
  expect(text).not.toContain('\ufffd');
  const [event] = parsed([job('a', '2026-12-03', 30, { name, description: 'ß'.repeat(300) })]);
  expect([event!.summary, event!.description]).toEqual([`${name} (Estuary tourer)`, 'ß'.repeat(300)]);
});

test('a calendar without a job is not made, and it says why', () => {
  expect(writeCalendar([], 0)).toMatchObject({
    ok: false,
    message: expect.stringContaining('no job has a day') as string,
  });
});

test('an entry without minutes takes its whole day, and none of the time of the jobs on it', () => {
  const [reminder, own] = parsed([job('r', '2026-12-03', 0, { minutes: undefined }), job('a', '2026-12-03', 30)]);
  expect([reminder!.startDate.isDate, reminder!.startDate.toString()]).toEqual([true, '2026-12-03']);
  expect(reminder!.endDate.toString()).toBe('2026-12-04');
  expect(own!.startDate.toString()).toBe('2026-12-03T09:00:00');
});
