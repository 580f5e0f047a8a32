import { unitAfter } from '../../../messages/number-text';
import type { Answer, DrillKind, Given, Level, Mistake } from '../../../core/lesson';
import { fixed } from '../../../ui/format';
import { drillText } from '../../../messages/drills';
import { t } from './text';

export const KIND_TEXT: Readonly<Record<DrillKind, string>> = {
  harderOrEasier: t('learnWords.kindText.harderOrEasier'),
  howMuch: t('learnWords.kindText.howMuch'),
  ratio: t('learnWords.kindText.ratio'),
  wheelTurns: t('learnWords.kindText.wheelTurns'),
  duplicate: t('learnWords.kindText.duplicate'),
  order: t('learnWords.kindText.order'),
  cadenceAfterShift: t('learnWords.kindText.cadenceAfterShift'),
  ringClicks: t('learnWords.kindText.ringClicks'),
  gap: t('learnWords.kindText.gap'),
  capacity: t('learnWords.kindText.capacity'),
  takes: t('learnWords.kindText.takes'),
  links: t('learnWords.kindText.links'),
  plan: t('learnWords.kindText.plan'),
};

/** How to go about a kind of question, without its numbers. */
export const HINT_TEXT: Readonly<Record<DrillKind, string>> = {
  harderOrEasier: t('learnWords.hintText.harderOrEasier'),
  howMuch: t('learnWords.hintText.howMuch'),
  ratio: t('learnWords.hintText.ratio'),
  wheelTurns: t('learnWords.hintText.wheelTurns'),
  duplicate: t('learnWords.hintText.duplicate'),
  order: t('learnWords.hintText.order'),
  cadenceAfterShift: t('learnWords.hintText.cadenceAfterShift'),
  ringClicks: t('learnWords.hintText.ringClicks'),
  gap: t('learnWords.hintText.gap'),
  capacity: t('learnWords.hintText.capacity'),
  takes: t('learnWords.hintText.takes'),
  links: t('learnWords.hintText.links'),
  plan: t('learnWords.hintText.plan'),
};

/** A mistake as text, about several answers. */
export const MISTAKE_TEXT: Readonly<Record<Mistake, string>> = {
  wrongBase: t('learnWords.mistakeText.wrongBase'),
  teethForPercent: t('learnWords.mistakeText.teethForPercent'),
  upsideDown: t('learnWords.mistakeText.upsideDown'),
  otherWay: t('learnWords.mistakeText.otherWay'),
  forgotRings: t('learnWords.mistakeText.forgotRings'),
  forgotCogs: t('learnWords.mistakeText.forgotCogs'),
  forgotAvoided: t('learnWords.mistakeText.forgotAvoided'),
  oddLinks: t('learnWords.mistakeText.oddLinks'),
  notRoundedUp: t('learnWords.mistakeText.notRoundedUp'),
  differenceForRatio: t('learnWords.mistakeText.differenceForRatio'),
  countedAll: t('learnWords.mistakeText.countedAll'),
};

export const LEVEL_TEXT: Readonly<Record<Level, string>> = {
  1: t('learnWords.levelText.1'),
  2: t('learnWords.levelText.2'),
  3: t('learnWords.levelText.3'),
};

const NBSP = '\u00a0';

/** An answer as text. */
export function answerText(answer: Answer, given: Given): string {
  if (answer.kind === 'order') return (given as readonly number[]).map((place) => answer.items[place]).join(', ');
  if (answer.kind === 'choice') return drillText(answer.options[given as number] ?? '');
  return `${fixed(given as number, answer.decimals)}${unitAfter(answer.unit).replace(' ', NBSP)}`;
}

/** The right one. */
export function rightText(answer: Answer): string {
  return answerText(answer, answer.kind === 'number' ? answer.value : answer.right);
}

/** When a question is due again, as text: now, in minutes, hours or days. */
export function dueText(dueMs: number, nowMs: number): string {
  const minutes = Math.ceil((dueMs - nowMs) / 60_000);
  if (minutes <= 0) return t('learnWords.dueText.now');
  if (minutes < 60) return t('learnWords.dueText.inMinutes', { minutes });
  if (minutes < 24 * 60) return t('learnWords.dueText.inHours', { hours: Math.round(minutes / 60) });
  const days = Math.round(minutes / (24 * 60));
  return days === 1 ? t('learnWords.dueText.tomorrow') : t('learnWords.dueText.inDays', { days });
}
