import type { ShelfKind } from '../../core/shelf';
import type { Outcome, SwapKind } from '../../core/job';
import type { Condition, JobState, PartRecord } from '../../records';
import { formatCassette } from '../../formats/shorthand';
import { durationText, short } from '../format';

export const KIND_TEXT: Readonly<Record<ShelfKind, string>> = {
  cassette: 'cassette',
  chainring: 'chainring',
  crank: 'crank',
  rearDerailleur: 'rear derailleur',
  frontDerailleur: 'front derailleur',
  shifter: 'shifter',
  chain: 'chain',
  freehub: 'freehub body',
  extender: 'hanger extender',
  guide: 'chain guide',
  quickLink: 'quick link',
  spacer: 'spacer',
  wheel: 'wheel',
  other: 'other',
};

export const CONDITION_TEXT: Readonly<Record<Condition, string>> = {
  new: 'new',
  good: 'good',
  worn: 'worn',
  spent: 'spent',
};

export const STATE_TEXT: Readonly<Record<JobState, string>> = {
  asked: 'requested',
  waiting: 'waiting for parts',
  ready: 'ready',
  inHand: 'in progress',
  done: 'done',
};

export const OUTCOME_TEXT: Readonly<Record<Outcome, string>> = {
  works: 'works',
  worksWithNotes: 'works, with notes',
  reverted: 'put back',
  noEffect: 'no effect',
};

export const SWAP_KIND_TEXT: Readonly<Record<SwapKind, string>> = {
  nothing: 'nothing to do',
  cassette: 'cassette swap',
  rings: 'ring swap',
  cassetteAndRings: 'cassette and rings',
  twoToOne: '2x to 1x',
  oneToTwo: '1x to 2x',
  derailleur: 'derailleur change',
  chain: 'chain only',
  hub: 'two-speed hub',
  wheels: 'wheel swap',
  shifter: 'shifter change',
};

/** What is known of a part in a few words: "11-36, 12 speed · nine wide splines". */
export function partSummary({ kind, data }: Pick<PartRecord, 'kind' | 'data'>): string {
  const words: (string | undefined)[] = [];
  const number = (value: number | undefined, unit: string, before = '') =>
    value === undefined ? undefined : `${before}${short(value, 2)}${unit}`;
  if (data.cogs) words.push(`${formatCassette(data.cogs)}, ${data.cogs.length} speed`);
  words.push(
    number(data.ringT, 'T'),
    number(data.totalCapacityT, 'T capacity'),
    number(data.largestCogMaxT, 'T', 'largest cog '),
    number(data.cageLengthMm, ' mm cage'),
    number(data.ringDifferenceMaxT, 'T between rings'),
    number(data.shifterSpeeds, ' speed'),
    number(data.chainSpeeds, ' speed'),
    number(data.chainLinks, ' links'),
    number(data.boltCircleMm, ' mm bolt circle'),
    number(data.smallestRingT, 'T', 'smallest ring '),
    kind === 'wheel' ? number(data.rimDiameterMm, ' mm rim') : undefined,
    kind === 'wheel' ? number(data.tyreWidthMm, ' mm tyre') : undefined,
    number(data.bodyLengthMm, ' mm body'),
    number(data.hangerExtenderMm, ' mm lower'),
    kind === 'spacer' ? number(data.spacerMm, ' mm') : undefined,
    data.narrowWide ? 'narrow-wide' : undefined,
    data.clutch ? 'clutch' : undefined,
    data.withRings ? 'weight includes its rings' : undefined,
    data.shifting,
    data.cassetteSpline ?? data.spline,
  );
  return words.filter((one) => one !== undefined).join(' · ');
}

/** Whole minutes, or hours and minutes: nobody plans a job by seconds. */
export const minutesText = (minutes: number) => (minutes < 0.5 ? '0 min' : durationText(Math.round(minutes) * 60));
