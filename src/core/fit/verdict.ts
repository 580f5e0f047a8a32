import { message, type Message } from '../message';
import type { RearDerailleur } from './rear-derailleur';
import type { DriveParts } from './drive-parts';

/** Relation of a figure to a published limit. */
export type Verdict = 'inside' | 'at' | 'outside' | 'cannotWork' | 'notKnown';

/** What a check is about, in the order in which a mechanic goes through them. */
export const CHECK_GROUPS = {
  capacity: ['totalCapacity'],
  cogs: ['largestCog', 'largestCogMinimum', 'smallestCog'],
  front: ['ringDifference', 'frontCage'],
  indexing: ['indexing', 'shifterSpeeds'],
  hub: ['freehub', 'freehubLength', 'hubRatio'],
  chain: ['chainLength', 'chainSpeeds'],
  rings: ['smallestRing', 'ringRoom', 'retention'],
  chainline: ['chainline'],
  extender: ['hangerExtender'],
} as const;

export type CheckGroup = keyof typeof CHECK_GROUPS;
export type CheckId = (typeof CHECK_GROUPS)[CheckGroup][number];

/** Parts of a setup that a fix puts in place of what is there. */
interface DriveChange {
  readonly chainrings?: readonly number[];
  readonly cogs?: readonly number[];
  readonly chainLinks?: number;
  readonly rearDerailleur?: RearDerailleur;
  /** The part in stock that the derailleur is. */
  readonly derailleurPartId?: string;
  readonly parts?: DriveParts;
}

/** A change that would make a check inside. */
export interface Fix {
  /** Such as "a 34T small ring". */
  readonly text: Message;
  /** Change of the setup that it makes; absent for a part without known data. */
  readonly change?: DriveChange;
}

/** One check of whether parts go together, with its margin. */
export interface Check {
  readonly id: CheckId;
  readonly verdict: Verdict;
  /** Figure required by the setup, in `unit`; undefined if it is unknown or no number. */
  readonly required: number | undefined;
  /** What is published or fitted, in `unit`; undefined where it is not known. */
  readonly limit: number | undefined;
  /** To spare, in `unit`; below 0 over, or too little. Undefined where the limit is not known. */
  readonly margin: number | undefined;
  readonly unit: 'T' | 'links' | 'mm' | '°' | 'speeds' | ': 1' | undefined;
  /** The datum that is not known. */
  readonly missing: Message | undefined;
  /** The verdict, with the margin. */
  readonly message: Message;
  /** What would make it inside, nearest first; empty unless outside. */
  readonly fixes: readonly Fix[];
}

/** The verdict on a margin, where a limit is known. */
function verdictOf(margin: number): 'inside' | 'at' | 'outside' {
  if (margin > 0) return 'inside';
  return margin === 0 ? 'at' : 'outside';
}

/** A check that is answered. */
export function answered(
  id: CheckId,
  verdict: Exclude<Verdict, 'notKnown'>,
  text: Message,
  more: Partial<Pick<Check, 'required' | 'limit' | 'margin' | 'unit' | 'fixes'>> = {},
): Check {
  return {
    required: undefined,
    limit: undefined,
    margin: undefined,
    unit: undefined,
    fixes: [],
    ...more,
    id,
    verdict,
    missing: undefined,
    message: text,
  };
}

/** A check that waits for a datum. */
export function notKnown(
  id: CheckId,
  what: Message,
  missing: Message,
  more: Partial<Pick<Check, 'required' | 'limit' | 'unit'>> = {},
): Check {
  return {
    required: undefined,
    limit: undefined,
    unit: undefined,
    ...more,
    id,
    verdict: 'notKnown',
    margin: undefined,
    missing,
    message: message('fit.noData', { what, missing }),
    fixes: [],
  };
}

/** How a count of teeth against a published one is worded. */
interface LimitWording {
  readonly what: Message;
  readonly published: (limit: number) => Message;
  readonly missing: Message;
  readonly fixes: (limit: number) => readonly Fix[];
}

/** Teeth against a published most or least. */
export function checkTeeth(
  id: CheckId,
  required: number,
  limit: number | undefined,
  sense: 'most' | 'least',
  { what, published, missing, fixes }: LimitWording,
): Check {
  if (limit === undefined) return notKnown(id, what, missing, { required, unit: 'T' });
  const margin = sense === 'most' ? limit - required : required - limit;
  const verdict = verdictOf(margin);
  const margins = {
    inside: message('fit.margin.inside', { teeth: margin }),
    at: message('fit.margin.at'),
    outside: message(sense === 'most' ? 'fit.margin.over' : 'fit.margin.below', { teeth: -margin }),
  };
  const text = message('fit.limit', { what, published: published(limit), margin: margins[verdict] });
  return answered(id, verdict, text, {
    required,
    limit,
    margin,
    unit: 'T',
    fixes: verdict === 'outside' ? fixes(limit) : [],
  });
}
