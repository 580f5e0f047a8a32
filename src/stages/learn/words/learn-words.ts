import type { Answer, DrillKind, Given, Level, Mistake } from '../../../core/lesson';
import { fixed } from '../../../kit/format';

export const KIND_TEXT: Readonly<Record<DrillKind, string>> = {
  harderOrEasier: 'Harder or easier',
  howMuch: 'By how much',
  ratio: 'Estimate the ratio',
  wheelTurns: 'Wheel turns',
  twin: 'Find the duplicate gear',
  order: 'Put in order',
  cadenceAfterShift: 'Cadence after a shift',
  ringClicks: 'Clicks when you change ring',
  hole: 'Find the gap',
  capacity: 'Capacity needed',
  takes: 'Is the derailleur compatible?',
  links: 'How many links?',
  plan: 'What is wrong with this plan?',
};

/** How to go about a kind of question, without its numbers. */
export const HINT_TEXT: Readonly<Record<DrillKind, string>> = {
  harderOrEasier:
    'Divide chainring by cog for both gears. The higher ratio is harder. A larger chainring makes it harder, a larger cog easier.',
  howMuch:
    'On one ring the ratio of the speeds is cog ÷ cog, with the easier gear’s cog on top. Subtract 1 and multiply by 100 to get percent.',
  ratio: 'Chainring ÷ cog. Start with the nearest half: how many times does the cog go into the ring?',
  wheelTurns:
    'Reduce ring/cog to lowest terms: the top number is wheel turns, the bottom number crank turns. Then multiply up.',
  twin: 'Reduce ring/cog to lowest terms. The duplicate gear has the same fraction.',
  order: 'Work out ring ÷ cog to one decimal place, or two where gears are close. The lowest ratio is the easiest.',
  cadenceAfterShift:
    'The speed stays the same, so cadence × ratio stays the same. In a harder gear the cadence is lower, in an easier gear higher.',
  ringClicks:
    'Ring ÷ ring is the size of the change. Click back across the cogs until the gear is just below the one you left.',
  hole: 'Highest ÷ lowest cadence is the largest step that the cadence range covers. Look for the neighbouring cogs whose cog ÷ cog exceeds it the most.',
  capacity:
    'Ring difference + cog difference. More generally: the largest ring + cog minus the smallest ring + cog of the gears you use.',
  takes: 'Work out the capacity needed, from rings and cogs, and compare it with the published limit.',
  links:
    'Big-big: two links more than the chain needs to go straight round, rounded up to an even number. The equation is rounded up to a whole inch.',
  plan: 'Check three things: the largest cog and the capacity against their published limits, and the number of links against what is needed.',
};

/** What went wrong, as one would say it of several answers. */
export const MISTAKE_TEXT: Readonly<Record<Mistake, string>> = {
  wrongBase: 'percent of the wrong gear',
  teethForPercent: 'mistook teeth for percent',
  upsideDown: 'turned the ratio upside down',
  otherWay: 'went the wrong way',
  forgotRings: 'ignored the chainrings',
  forgotCogs: 'ignored the cogs',
  forgotAvoided: 'counted gears that are never used',
  oddLinks: 'gave an odd number of links',
  notRoundedUp: 'rounded down instead of up',
  differenceForRatio: 'subtracted instead of divided',
  countedAll: 'counted combinations, not different gears',
};

export const LEVEL_TEXT: Readonly<Record<Level, string>> = { 1: 'beginner', 2: 'intermediate', 3: 'workshop' };

const NBSP = '\u00a0';

/** An answer as it is said: the right one, or one that was given. */
export function answerText(answer: Answer, given: Given): string {
  if (answer.kind === 'order') return (given as readonly number[]).map((place) => answer.items[place]).join(', ');
  if (answer.kind === 'choice') return answer.options[given as number] ?? '';
  return `${fixed(given as number, answer.decimals)}${NBSP}${answer.unit}`;
}

/** The right one. */
export function rightText(answer: Answer): string {
  return answerText(answer, answer.kind === 'number' ? answer.value : answer.right);
}

/** When something is asked again: now, in minutes, hours or days. */
export function dueText(dueMs: number, nowMs: number): string {
  const minutes = Math.ceil((dueMs - nowMs) / 60_000);
  if (minutes <= 0) return 'now';
  if (minutes < 60) return `in ${minutes} min`;
  if (minutes < 24 * 60) return `in ${Math.round(minutes / 60)} h`;
  const days = Math.round(minutes / (24 * 60));
  return days === 1 ? 'tomorrow' : `in ${days} days`;
}
