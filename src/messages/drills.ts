import type { DrillLine } from '../core/lesson';
import en from './en/drills.json';
import { sayer } from './say';
import { translator } from './translator';

const textOf = sayer(translator('drills', en));

/** Formats a line of a drill; one of numbers and signs alone is unchanged. */
export const drillText = (line: DrillLine): string => (typeof line === 'string' ? line : textOf(line));
