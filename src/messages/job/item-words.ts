import type { CardItem, CardSlot, Consumable, DescribedSlot, Tool } from '../../core/job';
import type { Slot } from '../../core/parts';
import { short } from '../number-text';
import { linksText } from './list';
import { t } from './text';
import { firstOf, lastOf } from '../../core/items';

export const SLOT_TEXT: Readonly<Record<Slot, string>> = {
  bigRing: t('itemWords.slotText.bigRing'),
  smallRing: t('itemWords.slotText.smallRing'),
  crank: t('itemWords.slotText.crank'),
  cassette: t('itemWords.slotText.cassette'),
  rearDerailleur: t('itemWords.slotText.rearDerailleur'),
  frontDerailleur: t('itemWords.slotText.frontDerailleur'),
  shifter: t('itemWords.slotText.shifter'),
  chain: t('itemWords.slotText.chain'),
  quickLink: t('itemWords.slotText.quickLink'),
  guide: t('itemWords.slotText.guide'),
  extender: t('itemWords.slotText.extender'),
  spacer: t('itemWords.slotText.spacer'),
};

export const CARD_SLOT_TEXT: Readonly<Record<CardSlot, string>> = {
  ...SLOT_TEXT,
  freehub: t('itemWords.cardSlotText.freehub'),
  wheels: t('itemWords.cardSlotText.wheels'),
  hub: t('itemWords.cardSlotText.hub'),
  hubShifter: t('itemWords.cardSlotText.hubShifter'),
  frontShifter: t('itemWords.cardSlotText.frontShifter'),
};

export const KEEP_TEXT: Readonly<Record<DescribedSlot, string>> = {
  rearDerailleur: t('itemWords.keepText.rearDerailleur'),
  frontDerailleur: t('itemWords.keepText.frontDerailleur'),
  shifter: t('itemWords.keepText.shifter'),
  crank: t('itemWords.keepText.crank'),
};

/** Returns the name of a part, or what distinguishes it from others of its kind. */
export function itemName({ what, label }: Pick<CardItem, 'what' | 'label'>): string {
  const { partName, teeth, cogs, links, isPartOfChain, spacerMm, rings } = label;
  if (partName !== undefined) return partName;
  if (teeth !== undefined) return t('itemWords.itemName.tChainring', { teeth });
  if (cogs)
    return t('itemWords.itemName.cassetteSpeed', { cogs: firstOf(cogs), cogs2: lastOf(cogs), cogsCount: cogs.length });
  if (spacerMm !== undefined) return t('itemWords.itemName.mmOfSpacers', { spacerMm: short(spacerMm, 2) });
  if (isPartOfChain && links !== undefined) return t('itemWords.itemName.ofTheChain', { links: linksText(links) });
  if (what === 'chain')
    return links === undefined
      ? t('itemWords.itemName.chain')
      : t('itemWords.itemName.chain2', { links: linksText(links) });
  if (rings !== undefined) return t('itemWords.itemName.crankForRings1', { rings });
  return CARD_SLOT_TEXT[what];
}

export const TOOL_TEXT: Readonly<Record<Tool, string>> = {
  workStand: t('itemWords.toolText.workStand'),
  keys: t('itemWords.toolText.keys'),
  smallTorqueWrench: t('itemWords.toolText.smallTorqueWrench'),
  chainWhip: t('itemWords.toolText.chainWhip'),
  lockringTool: t('itemWords.toolText.lockringTool'),
  largeTorqueWrench: t('itemWords.toolText.largeTorqueWrench'),
  caliper: t('itemWords.toolText.caliper'),
  crankTool: t('itemWords.toolText.crankTool'),
  chainTool: t('itemWords.toolText.chainTool'),
  eyeProtection: t('itemWords.toolText.eyeProtection'),
  quickLinkPliers: t('itemWords.toolText.quickLinkPliers'),
  hangerGauge: t('itemWords.toolText.hangerGauge'),
  cableCutter: t('itemWords.toolText.cableCutter'),
  gapGauge: t('itemWords.toolText.gapGauge'),
  scale: t('itemWords.toolText.scale'),
  charger: t('itemWords.toolText.charger'),
};

export const CONSUMABLE_TEXT: Readonly<Record<Consumable, string>> = {
  rag: t('itemWords.consumableText.rag'),
  grease: t('itemWords.consumableText.grease'),
  threadlocker: t('itemWords.consumableText.threadlocker'),
  ringBolts: t('itemWords.consumableText.ringBolts'),
  quickLink: t('itemWords.consumableText.quickLink'),
  connectingPin: t('itemWords.consumableText.connectingPin'),
  lube: t('itemWords.consumableText.lube'),
  rearCable: t('itemWords.consumableText.rearCable'),
  frontCable: t('itemWords.consumableText.frontCable'),
  frontMount: t('itemWords.consumableText.frontMount'),
  crankSpacers: t('itemWords.consumableText.crankSpacers'),
  tape: t('itemWords.consumableText.tape'),
  hubCable: t('itemWords.consumableText.hubCable'),
};
