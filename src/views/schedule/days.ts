import dayjs from 'dayjs';

/** Days of the week that holds `iso`, Monday first. */
export function weekOf(iso: string): string[] {
  const day = dayjs(iso);
  const monday = day.subtract((day.day() + 6) % 7, 'day');
  return Array.from({ length: 7 }, (_, i) => monday.add(i, 'day').format('YYYY-MM-DD'));
}

export const todayIso = (nowMs: number): string => dayjs(nowMs).format('YYYY-MM-DD');
export const weeksFrom = (iso: string, weeks: number): string =>
  dayjs(iso)
    .add(7 * weeks, 'day')
    .format('YYYY-MM-DD');

/** Thu 3 Dec */
export function dayText(iso: string): string {
  return dayjs(iso).toDate().toLocaleDateString(undefined, { weekday: 'short', day: 'numeric', month: 'short' });
}
