import type { Check, FitAnswer, LimitsPolicy } from '../../core/fit';
import { textOf } from '../../messages/core';
import { GROUP_TEXT, groupOf, marginText } from './check-words';
import { t } from './text';
import { lastOf } from '../../core/items';

export const SCHOOL_TEXT: Readonly<Record<LimitsPolicy, string>> = {
  sheet: t('answerWords.schoolText.sheet'),
  workshopTested: t('answerWords.schoolText.workshopTested'),
};

/** What a school does with a limit that is passed. */
export const SCHOOL_NOTE: Readonly<Record<LimitsPolicy, string>> = {
  sheet: t('answerWords.schoolNote.sheet'),
  workshopTested: t('answerWords.schoolNote.workshopTested'),
};

/** The verdict over all checks, and what decides it. */
export function answerText({ kind, deciding, unknown, cautions, counts }: FitAnswer, school: LimitsPolicy): string {
  const why = deciding.map(shortly).join('; ');
  const look =
    cautions.length > 0 ? t('answerWords.answerText.check', { cautions: cautions.map(shortly).join('; ') }) : '';
  const open =
    unknown.length > 0 ? t('answerWords.answerText.unknownCount1NoData', { unknownCount: unknown.length }) : '';
  switch (kind) {
    case 'goes':
      return t('answerWords.answerText.goes', { school: SCHOOL_TEXT[school], look });
    case 'open':
      return t('answerWords.answerText.open', {
        known: counts.known,
        all: counts.all,
        unknown: firstMissing(unknown),
        look,
      });
    case 'goesWithChecks':
      return t('answerWords.answerText.goesWithChecks', { why, open, look });
    case 'doesNot':
      return t('answerWords.answerText.doesNot', { why, open, look });
    case 'cannotWork':
      return t('answerWords.answerText.cannotWork', { why, open, look });
  }
}

/** Maximum number of missing figures in one sentence. */
const ASKED_AT_ONCE = 3;

/** The data that would decide most, in words. */
function firstMissing(unknown: readonly Check[]): string {
  const missing = [...new Set(unknown.flatMap(({ missing }) => (missing ? [textOf(missing)] : [])))].slice(
    0,
    ASKED_AT_ONCE,
  );
  return missing.length <= 1
    ? missing.join('')
    : t('answerWords.firstMissing.and', { missing: missing.slice(0, -1).join('; '), missing2: lastOf(missing) });
}

/** A check in two words: what it is about, and by how much. */
function shortly(check: Check): string {
  // A chain can be long enough and still hang slack.
  const margin =
    check.id === 'chainLength' && (check.margin ?? -1) >= 0 ? t('answerWords.shortly.slack') : marginText(check);
  return `${GROUP_TEXT[groupOf(check.id)].toLowerCase()}${margin === '' ? '' : ` ${margin}`}`;
}
