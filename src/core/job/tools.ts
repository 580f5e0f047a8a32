import { isElectronic, type Build } from './build';
import type { SwapDifference } from './difference';

const TOOLS = [
  'workStand',
  'keys',
  'smallTorqueWrench',
  'chainWhip',
  'lockringTool',
  'largeTorqueWrench',
  'caliper',
  'crankTool',
  'chainTool',
  'eyeProtection',
  'quickLinkPliers',
  'hangerGauge',
  'cableCutter',
  'gapGauge',
  'scale',
  'charger',
] as const;
export type Tool = (typeof TOOLS)[number];

const CONSUMABLES = [
  'rag',
  'grease',
  'threadlocker',
  'ringBolts',
  'quickLink',
  'connectingPin',
  'lube',
  'rearCable',
  'frontCable',
  'frontMount',
  'crankSpacers',
  'tape',
  'hubCable',
] as const;
export type Consumable = (typeof CONSUMABLES)[number];

/** Tools and consumables of a card. */
export interface Gathered {
  readonly tools: readonly Tool[];
  readonly consumables: readonly Consumable[];
}

/** Tools and consumables that a swap needs; what every job needs first. */
export function gatheredFor(
  difference: SwapDifference,
  to: Build,
  options: { readonly weighs: boolean; readonly usesQuickLink: boolean; readonly checksHanger: boolean },
): Gathered {
  const { cassette, freehub, crank, ringsOn, ringsOff, front, rearDerailleur, shifter, chain, extender, guide } =
    difference;
  const rings = ringsOn.length + ringsOff.length > 0 || crank;
  const cutsChain = chain.action === 'newChain' || chain.action === 'shorten';
  const opensChain = cutsChain || chain.action === 'ask' || rearDerailleur;
  const rear = cassette !== undefined || freehub || rearDerailleur || shifter !== 'stays' || extender !== 'stays';
  const isCable = !isElectronic(to);
  const needed: Readonly<Record<Tool, boolean>> = {
    workStand: true,
    keys: true,
    smallTorqueWrench: true,
    chainWhip: cassette !== undefined || freehub,
    lockringTool: cassette !== undefined || freehub,
    largeTorqueWrench: cassette !== undefined || freehub,
    caliper: cassette !== undefined,
    crankTool: crank,
    chainTool: cutsChain || chain.action === 'ask',
    eyeProtection: cutsChain || chain.action === 'ask',
    quickLinkPliers: opensChain && options.usesQuickLink,
    hangerGauge: options.checksHanger || rearDerailleur || extender === 'on',
    cableCutter: isCable && (shifter !== 'stays' || rearDerailleur || front.kind === 'on' || front.kind === 'other'),
    gapGauge: rear,
    scale: options.weighs,
    charger: !isCable && rear,
  };
  const used: Readonly<Record<Consumable, boolean>> = {
    rag: true,
    grease: cassette !== undefined || freehub || crank,
    threadlocker: rings || guide === 'on',
    // Bolts for one ring are shorter than those for two.
    ringBolts: ringsOn.length !== ringsOff.length,
    quickLink: (cutsChain || chain.action === 'ask') && options.usesQuickLink,
    connectingPin: (cutsChain || chain.action === 'ask') && !options.usesQuickLink,
    lube: cutsChain || chain.action === 'ask',
    rearCable: isCable && (shifter !== 'stays' || rearDerailleur),
    frontCable: isCable && (front.kind === 'on' || front.kind === 'other'),
    frontMount: front.kind === 'on',
    crankSpacers: crank,
    tape: front.kind === 'move',
    hubCable: difference.hub === 'on',
  };
  return { tools: TOOLS.filter((tool) => needed[tool]), consumables: CONSUMABLES.filter((one) => used[one]) };
}
