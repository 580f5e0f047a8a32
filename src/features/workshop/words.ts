import type { StockKind } from '../../core/parts';
import type { Outcome, SwapKind } from '../../core/job';
import type { Condition, JobState, PartRecord } from '../../records';
import { firstOf, lastOf } from '../../core/items';
import { durationText, short } from '../../ui/format';
import { t } from './text';

export const KIND_TEXT: Readonly<Record<StockKind, string>> = {
  cassette: t('words.kindText.cassette'),
  chainring: t('words.kindText.chainring'),
  crank: t('words.kindText.crank'),
  rearDerailleur: t('words.kindText.rearDerailleur'),
  frontDerailleur: t('words.kindText.frontDerailleur'),
  shifter: t('words.kindText.shifter'),
  chain: t('words.kindText.chain'),
  freehub: t('words.kindText.freehub'),
  extender: t('words.kindText.extender'),
  guide: t('words.kindText.guide'),
  quickLink: t('words.kindText.quickLink'),
  spacer: t('words.kindText.spacer'),
  wheel: t('words.kindText.wheel'),
  other: t('words.kindText.other'),
};

export const CONDITION_TEXT: Readonly<Record<Condition, string>> = {
  new: t('words.conditionText.new'),
  good: t('words.conditionText.good'),
  worn: t('words.conditionText.worn'),
  spent: t('words.conditionText.spent'),
};

export const STATE_TEXT: Readonly<Record<JobState, string>> = {
  asked: t('words.stateText.asked'),
  waiting: t('words.stateText.waiting'),
  ready: t('words.stateText.ready'),
  inHand: t('words.stateText.inHand'),
  done: t('words.stateText.done'),
};

export const OUTCOME_TEXT: Readonly<Record<Outcome, string>> = {
  works: t('words.outcomeText.works'),
  worksWithNotes: t('words.outcomeText.worksWithNotes'),
  reverted: t('words.outcomeText.reverted'),
  noEffect: t('words.outcomeText.noEffect'),
};

export const SWAP_KIND_TEXT: Readonly<Record<SwapKind, string>> = {
  nothing: t('words.swapKindText.nothing'),
  cassette: t('words.swapKindText.cassette'),
  rings: t('words.swapKindText.rings'),
  cassetteAndRings: t('words.swapKindText.cassetteAndRings'),
  twoToOne: t('words.swapKindText.twoToOne'),
  oneToTwo: t('words.swapKindText.oneToTwo'),
  derailleur: t('words.swapKindText.derailleur'),
  chain: t('words.swapKindText.chain'),
  hub: t('words.swapKindText.hub'),
  wheels: t('words.swapKindText.wheels'),
  shifter: t('words.swapKindText.shifter'),
};

/** A figure of a part that its summary names. */
type Figure =
  | 'ring'
  | 'capacity'
  | 'largestCog'
  | 'cage'
  | 'ringDifference'
  | 'speeds'
  | 'links'
  | 'boltCircle'
  | 'smallestRing'
  | 'rim'
  | 'tyre'
  | 'body'
  | 'extender'
  | 'spacer';

/** A part's data in a few words: "11-36, 12-speed · nine wide splines". */
export function partSummary({ kind, data }: Pick<PartRecord, 'kind' | 'data'>): string {
  const figure = (value: number | undefined, role: Figure, isShown = true) =>
    value === undefined || !isShown ? undefined : t(`words.partSummary.${role}`, { value: short(value, 2) });
  const words = [
    data.cogs &&
      t('words.partSummary.cassette', {
        smallest: firstOf(data.cogs),
        largest: lastOf(data.cogs),
        speeds: data.cogs.length,
      }),
    figure(data.ringT, 'ring'),
    figure(data.totalCapacityT, 'capacity'),
    figure(data.largestCogMaxT, 'largestCog'),
    figure(data.cageLengthMm, 'cage'),
    figure(data.ringDifferenceMaxT, 'ringDifference'),
    figure(data.shifterSpeeds, 'speeds'),
    figure(data.chainSpeeds, 'speeds'),
    figure(data.chainLinks, 'links'),
    figure(data.boltCircleMm, 'boltCircle'),
    figure(data.smallestRingT, 'smallestRing'),
    figure(data.rimDiameterMm, 'rim', kind === 'wheel'),
    figure(data.tyreWidthMm, 'tyre', kind === 'wheel'),
    figure(data.bodyLengthMm, 'body'),
    figure(data.hangerExtenderMm, 'extender'),
    figure(data.spacerMm, 'spacer', kind === 'spacer'),
    data.narrowWide ? t('words.partSummary.narrowWide') : undefined,
    data.clutch ? t('words.partSummary.clutch') : undefined,
    data.withRings ? t('words.partSummary.weightIncludesItsRings') : undefined,
    data.shifting,
    data.cassetteSpline ?? data.spline,
  ];
  return words.filter((one) => one !== undefined).join(' · ');
}

/** Whole minutes, or hours and minutes. */
export const minutesText = (minutes: number) => (minutes < 0.5 ? '0 min' : durationText(Math.round(minutes) * 60));
