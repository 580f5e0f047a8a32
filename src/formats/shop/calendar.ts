import { t } from '../text';

/** A calendar entry of a job: its day and its duration. */
export interface CalendarJob {
  readonly id: string;
  readonly name: string;
  readonly bikeName: string;
  /** 2026-12-03 */
  readonly dueOn: string;
  /** How long it takes; absent where it is a reminder for the whole day. */
  readonly minutes?: number | undefined;
  readonly description: string;
}

type CalendarResult = { readonly ok: true; readonly text: string } | { readonly ok: false; readonly message: string };

/** When a workshop day begins; jobs of a day follow each other. */
const OPENS_AT_MINUTE = 9 * 60;
const MS_PER_MINUTE = 60_000;

/** Characters that text escapes (RFC 5545, section 3.3.11). */
const escaped = (text: string) => text.replace(/[\\;,]/g, '\\$&').replace(/\r?\n/g, '\\n');

/** Longest line without its end, octets of UTF-8 (RFC 5545, section 3.1). */
const LINE_OCTETS = 75;

/** Folds a line: what follows begins with a space, and no character is cut in two. */
function folded(line: string): string {
  const octets = (text: string) => new TextEncoder().encode(text).length;
  const lines: string[] = [];
  let current = '';
  for (const character of line) {
    if (octets(current) + octets(character) > LINE_OCTETS) {
      lines.push(current);
      current = ' ';
    }
    current += character;
  }
  return [...lines, current].join('\r\n');
}

/** A moment as a calendar writes it: 20261203T090000. */
const timestamp = (date: Date) => date.toISOString().slice(0, 19).replace(/[-:]/g, '');

/** An entry for a whole day, which takes up none of its time. */
const wholeDay = (day: string) => [
  `DTSTART;VALUE=DATE:${day.replaceAll('-', '')}`,
  'DURATION:P1D',
  'TRANSP:TRANSPARENT',
];

/** Writes jobs as an iCalendar file (RFC 5545), one after the other on each day; local times. @param stampMs when it is made */
export function writeCalendar(jobs: readonly CalendarJob[], stampMs: number): CalendarResult {
  if (jobs.length === 0) return { ok: false, message: t('calendar.noDay') };
  const stamp = `${timestamp(new Date(stampMs))}Z`;
  const taken = new Map<string, number>();
  // Jobs follow each other on their day. Local time without a zone, so UTC serves as a calendar without daylight saving.
  const atTime = (dueOn: string, minutes: number) => {
    const from = taken.get(dueOn) ?? OPENS_AT_MINUTE;
    const length = Math.max(5, Math.round(minutes));
    taken.set(dueOn, from + length);
    const start = new Date(Date.parse(dueOn) + from * MS_PER_MINUTE);
    return [`DTSTART:${timestamp(start)}`, `DURATION:PT${length}M`, 'STATUS:TENTATIVE'];
  };
  const events = [...jobs]
    .sort((a, b) => (a.dueOn === b.dueOn ? 0 : a.dueOn < b.dueOn ? -1 : 1))
    .flatMap(({ id, name, bikeName, dueOn, minutes, description }) => {
      const when: readonly string[] = minutes === undefined ? wholeDay(dueOn) : atTime(dueOn, minutes);
      return [
        'BEGIN:VEVENT',
        `UID:${escaped(id)}@rontel`,
        `SUMMARY:${escaped(`${name} (${bikeName})`)}`,
        `DESCRIPTION:${escaped(description)}`,
        `DTSTAMP:${stamp}`,
        ...when,
        `CREATED:${stamp}`,
        `LAST-MODIFIED:${stamp}`,
        'END:VEVENT',
      ];
    });
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'CALSCALE:GREGORIAN',
    'PRODID:rontel',
    'METHOD:PUBLISH',
    `X-WR-CALNAME:${escaped(t('calendar.name'))}`,
    ...events,
    'END:VCALENDAR',
  ];
  return { ok: true, text: lines.map((line) => `${folded(line)}\r\n`).join('') };
}
