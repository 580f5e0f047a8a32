import type { Doubt, FoundFacts } from '../../core/find';
import type { FitKind } from '../../core/fit';
import { inCardOrder, type Purchase } from '../../core/job';
import type { PartKind } from '../../core/catalog/price-list';
import { formatShorthand } from '../../formats/shorthand';
import { CARD_SLOT_TEXT, listed } from '../../messages/job';
import { t } from './text';

export const PART_NAME: Readonly<Record<PartKind, string>> = {
  ring: t('partWords.partName.ring'),
  crank: t('partWords.partName.crank'),
  frontDerailleur: t('partWords.partName.frontDerailleur'),
  guide: t('partWords.partName.guide'),
  cassette: t('partWords.partName.cassette'),
  shifter: t('partWords.partName.shifter'),
  freehub: t('partWords.partName.freehub'),
  chain: t('partWords.partName.chain'),
  rearDerailleur: t('partWords.partName.rearDerailleur'),
};

const DOUBT_TEXT: Readonly<Record<Doubt, string>> = {
  derailleurLimits: t('partWords.doubtText.derailleurLimits'),
  frontRoom: t('partWords.doubtText.frontRoom'),
};

/** Returns why a setup is only possibly compatible, as text. */
export const doubtText = (doubts: readonly Doubt[]): string =>
  t('partWords.doubtText.mayBeCompatible', { doubts: doubts.map((doubt) => DOUBT_TEXT[doubt]).join('; ') });

export const KIND_TEXT: Readonly<Record<FitKind, string>> = {
  goes: t('partWords.kindText.goes'),
  open: t('partWords.kindText.open'),
  goesWithChecks: t('partWords.kindText.goesWithChecks'),
  doesNot: t('partWords.kindText.doesNot'),
  cannotWork: t('partWords.kindText.cannotWork'),
};

export function setupName({ chainrings, cassette }: Pick<FoundFacts, 'chainrings' | 'cassette'>): string {
  return formatShorthand({ chainrings, cogs: cassette.cogs });
}

/** Short names for lists of checkboxes. */
export const PART_SHORT: Readonly<Record<PartKind, string>> = {
  ...PART_NAME,
  ring: t('partWords.partShort.ring'),
  crank: t('partWords.partShort.crank'),
  frontDerailleur: t('partWords.partShort.frontDerailleur'),
};

/** "cassette, 2 rings and chain": what is bought, in short; what comes with something else is not named. */
export function partsText(buy: readonly Purchase[]): string {
  const kinds = inCardOrder(buy)
    .filter(({ comesWith }) => !comesWith)
    .map(({ what }) => (what === 'bigRing' || what === 'smallRing' ? 'ring' : what));
  const names = [...new Set(kinds)].map((kind) =>
    kind === 'ring'
      ? t('partWords.partsText.rings', { count: kinds.filter((one) => one === kind).length })
      : shortName(kind),
  );
  return names.length === 0 ? t('partWords.partsText.nothing') : listed(names);
}

const shortName = (what: Purchase['what']) => (what in PART_NAME ? PART_NAME[what as PartKind] : CARD_SLOT_TEXT[what]);
