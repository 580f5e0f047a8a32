import type { Answer, DrillKind, Given, Level, Mistake } from '../../../core/lesson';
import { fixed } from '../../../kit/format';

export const KIND_TEXT: Readonly<Record<DrillKind, string>> = {
  harderOrEasier: 'Harder or easier',
  howMuch: 'By how much',
  ratio: 'Estimate the ratio',
  wheelTurns: 'Turns of the wheel',
  twin: 'Find the twin',
  order: 'Put in order',
  cadenceAfterShift: 'Cadence after a shift',
  ringClicks: 'Clicks with a ring change',
  hole: 'Where is the hole',
  capacity: 'Capacity needed',
  takes: 'Does the derailleur take it',
  links: 'How many links',
  plan: 'What is wrong with the plan',
};

/** How to go about a kind of question, without its numbers. */
export const HINT_TEXT: Readonly<Record<DrillKind, string>> = {
  harderOrEasier:
    'Divide ring by cog for both. The larger quotient is harder. A larger ring makes harder, a larger cog easier.',
  howMuch:
    'On one ring the ratio of the speeds is cog ÷ cog, the easier one’s on top. What it is above 1, times 100, is the percent.',
  ratio: 'Ring ÷ cog. First to the nearest half: how often does the cog go into the ring?',
  wheelTurns:
    'Bring ring/cog to lowest terms: that many turns of the wheel for that many of the crank. Then count how often.',
  twin: 'Bring ring/cog to lowest terms. The twin has the same.',
  order: 'Work out ring ÷ cog to one decimal; where two are close, to two. The smallest quotient is easiest.',
  cadenceAfterShift:
    'The speed stays, so cadence × ratio stays. To a harder gear the cadence falls, to an easier one it rises.',
  ringClicks:
    'Ring ÷ ring is how far the change goes. Click back over cogs until the gear is just below the one you left.',
  hole: 'Highest ÷ lowest cadence is the largest step that the band bridges. Look for the neighbours whose cog ÷ cog is above it by the most.',
  capacity:
    'Difference of the rings plus difference of the cogs; in general most ring + cog less least ring + cog of the gears that are used.',
  takes: 'Work out what is needed, rings and cogs, and take it from what the sheet says.',
  links: 'Two links more than straight round, then up to an even count. The equation goes up to a whole inch.',
  plan: 'Go through the three: largest cog against its maximum, capacity against the sheet, links against what is needed.',
};

/** What went wrong, as one would say it of several answers. */
export const MISTAKE_TEXT: Readonly<Record<Mistake, string>> = {
  wrongBase: 'percent of the wrong base',
  teethForPercent: 'teeth taken for percent',
  upsideDown: 'the ratio upside down',
  otherWay: 'the wrong direction',
  forgotRings: 'the rings forgotten',
  forgotCogs: 'the cogs forgotten',
  forgotAvoided: 'gears counted that are never used',
  oddLinks: 'an odd count of links',
  notRoundedUp: 'rounded down instead of up',
  differenceForRatio: 'subtracted instead of divided',
  countedAll: 'ways of driving counted for sizes',
};

export const LEVEL_TEXT: Readonly<Record<Level, string>> = { 1: 'first steps', 2: 'surer', 3: 'as in the workshop' };

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
