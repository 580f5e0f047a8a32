import type { Check, FitAnswer, LimitsSchool } from '../../core/fit';
import { GROUP_TEXT, groupOf, marginText } from './check-words';

export const SCHOOL_TEXT: Readonly<Record<LimitsSchool, string>> = {
  sheet: 'within published limits',
  workshopTested: 'workshop-proven',
};

/** What a school does with a limit that is passed. */
export const SCHOOL_NOTE: Readonly<Record<LimitsSchool, string>> = {
  sheet:
    'Published limits decide. The part maker’s specification takes precedence over Rontel; have a qualified mechanic check anything you are unsure of.',
  workshopTested:
    'Published limits leave a margin. Past one, cage geometry, your own log and a test on the stand decide, each with its own extra check. It still counts as over the limit, and the maker may not stand behind it.',
};

/** The verdict over all checks, and what decides it. */
export function answerText({ kind, deciding, unknown, cautions, counts }: FitAnswer, school: LimitsSchool): string {
  const why = deciding.map(shortly).join('; ');
  const look = cautions.length > 0 ? ` Check: ${cautions.map(shortly).join('; ')}.` : '';
  const open =
    unknown.length > 0 ? ` ${unknown.length} ${unknown.length === 1 ? 'check has' : 'checks have'} no data.` : '';
  switch (kind) {
    case 'goes':
      return `Compatible, ${SCHOOL_TEXT[school]}.${look}`;
    case 'open':
      return `Not decided yet: ${counts.known} of ${counts.all} checks have data, and none of them fails. Most useful next: ${firstMissing(unknown)}.${look}`;
    case 'goesWithChecks':
      return `Over a published limit, to be tested: ${why}.${open}${look}`;
    case 'doesNot':
      return `Not compatible: ${why}.${open}${look}`;
    case 'cannotWork':
      return `Cannot work: ${why}.${open}${look}`;
  }
}

/** Data that are asked for at once: more are not looked up in one go. */
const ASKED_AT_ONCE = 3;

/** The data that would decide most, in words. */
function firstMissing(unknown: readonly Check[]): string {
  const missing = [...new Set(unknown.flatMap((check) => check.missing ?? []))].slice(0, ASKED_AT_ONCE);
  return missing.length <= 1 ? missing.join('') : `${missing.slice(0, -1).join('; ')}; and ${missing.at(-1)}`;
}

/** A check in two words: what it is about, and by how much. */
function shortly(check: Check): string {
  // A chain can be long enough and still hang slack.
  const margin = check.id === 'chainLength' && (check.margin ?? -1) >= 0 ? 'slack' : marginText(check);
  return `${GROUP_TEXT[groupOf(check.id)].toLowerCase()}${margin === '' ? '' : ` ${margin}`}`;
}
