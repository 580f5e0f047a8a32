import dayjs from 'dayjs';
import type { CalendarJob } from '../../formats/shop/calendar';
import type { RecheckDue } from '../../features/workshop/due';
import { TOOL_TEXT } from '../../messages/job';
import { isSwap } from '../../records/selectors/job-card';
import type { BoardJob } from './board';
import { t } from './text';

/** Days after a swap on which a re-check is put in the calendar, where nothing else says when the first ride is. */
const RECHECK_AFTER_DAYS = 7;

/**
 * What goes into a calendar: jobs with a day, and a reminder for each re-check without one: today where it is due, else a week
 * after its swap; for a swap that is still to be done, its re-check to come.
 */
export function calendarEntries(
  jobs: readonly BoardJob[],
  due: readonly RecheckDue[],
  today: string,
): readonly CalendarJob[] {
  const open = jobs.filter(({ job }) => job.state !== 'done');
  const weekAfter = (day: string | number) => dayjs(day).add(RECHECK_AFTER_DAYS, 'day').format('YYYY-MM-DD');
  const dated = open.flatMap(({ job, card, minutes, bikeName }): CalendarJob[] => {
    if (job.dueOn === undefined) return [];
    const { id, name, dueOn } = job;
    const description = card
      ? t('calendarEntries.tools', { tools: card.gathered.tools.map((tool) => TOOL_TEXT[tool]).join(', ') })
      : t('calendarEntries.afterTheFirstRides');
    const own = { id, name, bikeName, dueOn, minutes, description };
    if (!isSwap(job)) return [own];
    return [
      own,
      {
        id: `${id}-recheck`,
        name: t('calendarEntries.recheckOf', { name }),
        bikeName,
        dueOn: weekAfter(dueOn),
        description: t('calendarEntries.recheckLater'),
      },
    ];
  });
  const rechecks = due.flatMap(({ job, afterKm, isDue, km }): CalendarJob[] => {
    const own = open.find((one) => one.job.id === job.id);
    if (!own || job.dueOn !== undefined) return [];
    const after = weekAfter(job.createdAtMs);
    return [
      {
        id: job.id,
        name: job.name,
        bikeName: own.bikeName,
        dueOn: isDue || after < today ? today : after,
        description: isDue ? t('calendarEntries.recheckNow', { km }) : t('calendarEntries.recheckAfter', { afterKm }),
      },
    ];
  });
  return [...dated, ...rechecks];
}
