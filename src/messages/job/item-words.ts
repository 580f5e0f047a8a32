import type { CardItem, CardSlot, Consumable, DescribedSlot, Tool } from '../../core/job';
import type { Slot } from '../../core/shelf';
import { short } from '../../core/number-text';
import { count } from './list';

export const SLOT_TEXT: Readonly<Record<Slot, string>> = {
  bigRing: 'big ring',
  smallRing: 'small ring',
  crank: 'crank',
  cassette: 'cassette',
  rearDerailleur: 'rear derailleur',
  frontDerailleur: 'front derailleur',
  shifter: 'shifter',
  chain: 'chain',
  quickLink: 'quick link',
  guide: 'chain guide',
  extender: 'hanger extender',
  spacer: 'spacer',
};

export const CARD_SLOT_TEXT: Readonly<Record<CardSlot, string>> = {
  ...SLOT_TEXT,
  freehub: 'freehub body',
  wheels: 'wheels',
  hub: 'wheel with a two-speed hub',
  hubShifter: 'shifter for the two-speed hub',
  frontShifter: 'front shifter',
};

export const KEEP_TEXT: Readonly<Record<DescribedSlot, string>> = {
  rearDerailleur: 'keep the rear derailleur that is on the bike',
  frontDerailleur: 'keep the front derailleur that is on the bike',
  shifter: 'keep the shifter that is on the bike',
  crank: 'the crank on the bike takes these rings: keep it',
};

/** A part by its own name, or by what tells it from others of its kind. */
export function itemName({ what, label }: Pick<CardItem, 'what' | 'label'>): string {
  const { partName, teeth, cogs, links, isPartOfChain, spacerMm, rings } = label;
  if (partName !== undefined) return partName;
  if (teeth !== undefined) return `${teeth}T chainring`;
  if (cogs) return `cassette ${cogs[0]}-${cogs.at(-1)}, ${cogs.length}-speed`;
  if (spacerMm !== undefined) return `${short(spacerMm, 2)} mm of spacers`;
  if (isPartOfChain && links !== undefined) return `${count(links, 'link')} of the chain`;
  if (what === 'chain') return links === undefined ? 'chain' : `chain, ${count(links, 'link')}`;
  if (rings !== undefined) return `crank for ${rings === 1 ? 'one ring' : 'two rings'}`;
  return CARD_SLOT_TEXT[what];
}

export const TOOL_TEXT: Readonly<Record<Tool, string>> = {
  workStand: 'work stand',
  keys: 'hex and star (T25) keys',
  smallTorqueWrench: 'torque wrench, 2 to 15 N·m',
  chainWhip: 'chain whip',
  lockringTool: 'lockring tool',
  largeTorqueWrench: 'torque wrench to 60 N·m',
  caliper: 'caliper',
  crankTool: 'crank puller or crank tool',
  chainTool: 'chain tool',
  eyeProtection: 'eye protection',
  quickLinkPliers: 'quick link pliers',
  hangerGauge: 'derailleur hanger alignment gauge',
  cableCutter: 'cable cutter',
  gapGauge: 'B-gap gauge or caliper',
  scale: 'scale',
  charger: 'charger for the shifting system',
};

export const CONSUMABLE_TEXT: Readonly<Record<Consumable, string>> = {
  rag: 'rag and gloves',
  grease: 'grease',
  threadlocker: 'threadlocker, where specified',
  ringBolts: 'chainring bolts of the right length for the new number of rings',
  quickLink: 'quick link to match the chain',
  connectingPin: 'connecting pin for this chain',
  lube: 'chain lube',
  rearCable: 'inner cable, housing and ferrules',
  frontCable: 'front inner cable and housing',
  frontMount: 'front derailleur mount or clamp for this frame',
  crankSpacers: 'bottom bracket spacers for the crank',
  tape: 'tape to mark the old height',
  hubCable: 'cable for the two-speed hub',
};
