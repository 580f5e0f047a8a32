import { dayFormatShown, readDay } from './read-day';

test.each([
  ['2026-12-03', '2026-12-03'],
  ['3 Dec 2026', '2026-12-03'],
  ['Dec 3, 2026', '2026-12-03'],
  [' 3.12.2026 ', '2026-12-03'],
  ['', ''],
])('%p is read as the day %p', (text, value) => {
  expect(readDay(text)).toEqual({ ok: true, value });
});

test.each([
  ['2026-02-30', '“2026-02-30” is no day'],
  ['12/03/2026', '“12/03/2026” is no day'],
  ['tomorrow', '“tomorrow” is no day'],
  ['1969-12-31', 'the day 1969-12-31: it runs from 1970-01-01 to 2199-12-31'],
  ['2200-01-01', 'the day 2200-01-01'],
])('%p is refused with what may be typed', (text, message) => {
  expect(readDay(text)).toMatchObject({ ok: false, message: expect.stringContaining(message) as string });
});

test('a field shows days as the page writes them, or in a form that can be typed', () => {
  expect(dayFormatShown(() => 'Sep 16, 2026')).toBe('MMM D, YYYY');
  expect(dayFormatShown(() => '16 Sep 2026')).toBe('D MMM YYYY');
  expect(dayFormatShown(() => '16.9.2026')).toBe('D.M.YYYY');
  expect(dayFormatShown(() => '2026年9月16日')).toBe('YYYY-MM-DD');
});
