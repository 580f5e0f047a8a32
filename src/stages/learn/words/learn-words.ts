import type { Answer, DrillKind, Given, Level, Mistake } from '../../../core/lesson';
import { fixed } from '../../../kit/format';
import { drillText } from '../../../messages/drills';
import { t } from './text';

export const KIND_TEXT: Readonly<Record<DrillKind, string>> = {
  harderOrEasier: t('learnWords.kindText.harderOrEasier'),
  howMuch: t('learnWords.kindText.howMuch'),
  ratio: t('learnWords.kindText.ratio'),
  wheelTurns: t('learnWords.kindText.wheelTurns'),
  twin: t('learnWords.kindText.twin'),
  order: t('learnWords.kindText.order'),
  cadenceAfterShift: t('learnWords.kindText.cadenceAfterShift'),
  ringClicks: t('learnWords.kindText.ringClicks'),
  hole: t('learnWords.kindText.hole'),
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
  twin: t('learnWords.hintText.twin'),
  order: t('learnWords.hintText.order'),
  cadenceAfterShift: t('learnWords.hintText.cadenceAfterShift'),
  ringClicks: t('learnWords.hintText.ringClicks'),
  hole: t('learnWords.hintText.hole'),
  capacity: t('learnWords.hintText.capacity'),
  takes: t('learnWords.hintText.takes'),
  links: t('learnWords.hintText.links'),
  plan: t('learnWords.hintText.plan'),
};

/** What went wrong, as one would say it of several answers. */
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

/** An answer as it is said: the right one, or one that was given. */
export function answerText(answer: Answer, given: Given): string {
  if (answer.kind === 'order') return (given as readonly number[]).map((place) => answer.items[place]).join(', ');
  if (answer.kind === 'choice') return drillText(answer.options[given as number] ?? '');
  return `${fixed(given as number, answer.decimals)}${NBSP}${answer.unit}`;
}

/** The right one. */
export function rightText(answer: Answer): string {
  return answerText(answer, answer.kind === 'number' ? answer.value : answer.right);
}

/** When something is asked again: now, in minutes, hours or days. */
export function dueText(dueMs: number, nowMs: number): string {
  const minutes = Math.ceil((dueMs - nowMs) / 60_000);
  if (minutes <= 0) return t('learnWords.dueText.now');
  if (minutes < 60) return `in ${minutes} min`;
  if (minutes < 24 * 60) return `in ${Math.round(minutes / 60)} h`;
  const days = Math.round(minutes / (24 * 60));
  return days === 1 ? t('learnWords.dueText.tomorrow') : t('learnWords.dueText.inDays', { days });
}
