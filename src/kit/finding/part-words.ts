import type { Doubt, FoundFacts } from '../../core/find';
import type { FitKind } from '../../core/fit';
import { inCardOrder, type Purchase } from '../../core/job';
import type { PartKind } from '../../core/parts/price-list';
import { formatShorthand } from '../../formats/shorthand';
import { CARD_SLOT_TEXT, listed } from '../../messages/job';

export const PART_NAME: Readonly<Record<PartKind, string>> = {
  ring: 'ring',
  crank: 'crank with rings',
  frontDerailleur: 'front derailleur with shifter',
  guide: 'chain guide',
  cassette: 'cassette',
  shifter: 'shifter',
  freehub: 'freehub body',
  chain: 'chain',
  rearDerailleur: 'rear derailleur',
};

const DOUBT_TEXT: Readonly<Record<Doubt, string>> = {
  derailleurLimits: 'the largest cog and capacity of its rear derailleur are not known',
  frontRoom: 'whether the frame takes a front derailleur is not known',
};

/** Says why a setup only may be compatible. */
export const doubtText = (doubts: readonly Doubt[]): string =>
  `May be compatible: ${doubts.map((doubt) => DOUBT_TEXT[doubt]).join('; ')}.`;

export const KIND_TEXT: Readonly<Record<FitKind, string>> = {
  goes: 'compatible',
  open: 'compatible as far as is known',
  goesWithChecks: 'past a published limit: worth a trial',
  doesNot: 'not compatible',
  cannotWork: 'cannot work',
};

export function setupName({ chainrings, cassette }: Pick<FoundFacts, 'chainrings' | 'cassette'>): string {
  return formatShorthand({ chainrings, cogs: cassette.cogs });
}

/** Where several parts stand in a list to be ticked. */
export const PART_SHORT: Readonly<Record<PartKind, string>> = {
  ...PART_NAME,
  ring: 'rings',
  crank: 'crank',
  frontDerailleur: 'front derailleur',
};

/** "cassette, 2 rings and chain": what is bought, in short; what comes with something else is not named. */
export function partsText(buy: readonly Purchase[]): string {
  const kinds = inCardOrder(buy)
    .filter(({ comesWith }) => !comesWith)
    .map(({ what }) => (what === 'bigRing' || what === 'smallRing' ? PART_NAME.ring : shortName(what)));
  const names = [...new Set(kinds)].map((name) => {
    const count = kinds.filter((one) => one === name).length;
    return count > 1 ? `${count} ${name}s` : name;
  });
  return names.length === 0 ? 'nothing' : listed(names);
}

const shortName = (what: Purchase['what']) => (what in PART_NAME ? PART_NAME[what as PartKind] : CARD_SLOT_TEXT[what]);
