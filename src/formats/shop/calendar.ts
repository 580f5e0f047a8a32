import { createEvents, type EventAttributes } from 'ics';
import { t } from '../text';

/** A job as it stands in a calendar: on its day, for as long as it takes. */
export interface CalendarJob {
  readonly id: string;
  readonly name: string;
  readonly bikeName: string;
  /** 2026-12-03 */
  readonly dueOn: string;
  readonly minutes: number;
  readonly description: string;
}

export type CalendarResult =
  { readonly ok: true; readonly text: string } | { readonly ok: false; readonly message: string };

/** When a workshop day begins; jobs of a day follow each other. */
const OPENS_AT_MINUTE = 9 * 60;

/** Jobs as an iCalendar file (RFC 5545), one after the other on each day; local times. @param stampMs when it was made */
export function writeCalendar(jobs: readonly CalendarJob[], stampMs: number): CalendarResult {
  if (jobs.length === 0) return { ok: false, message: t('calendar.noDay') };
  const taken = new Map<string, number>();
  const events = [...jobs]
    .sort((a, b) => (a.dueOn === b.dueOn ? 0 : a.dueOn < b.dueOn ? -1 : 1))
    .map(({ id, name, bikeName, dueOn, minutes, description }): EventAttributes => {
      const [year, month, day] = dueOn.split('-').map(Number) as [number, number, number];
      const from = taken.get(dueOn) ?? OPENS_AT_MINUTE;
      const length = Math.max(5, Math.round(minutes));
      taken.set(dueOn, from + length);
      const days = Math.floor(from / 1440);
      const date = new Date(Date.UTC(year, month - 1, day + days));
      return {
        uid: `${id}@rontel`,
        productId: 'rontel',
        title: `${name} (${bikeName})`,
        description,
        start: [
          date.getUTCFullYear(),
          date.getUTCMonth() + 1,
          date.getUTCDate(),
          Math.floor((from % 1440) / 60),
          from % 60,
        ],
        startInputType: 'local',
        startOutputType: 'local',
        duration: { hours: Math.floor(length / 60), minutes: length % 60 },
        status: 'TENTATIVE',
        created: stampMs,
        lastModified: stampMs,
        calName: t('calendar.name'),
      };
    });
  const { error, value } = createEvents(events);
  if (error ?? typeof value !== 'string') {
    return { ok: false, message: error ? t('calendar.notMade', { cause: error.message }) : t('calendar.empty') };
  }
  return { ok: true, text: value };
}
