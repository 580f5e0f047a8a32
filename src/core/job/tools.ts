import type { SwapDifference } from './difference';
import type { StepId } from './step-ids';

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

/** What the tools and consumables of a step depend on, beside the step itself. */
interface StepNeeds {
  readonly difference: SwapDifference;
  readonly usesQuickLink: boolean;
}

/** Tools and consumables of a step. */
interface Needed {
  readonly tools?: readonly Tool[];
  readonly consumables?: readonly Consumable[];
}

const ALWAYS: Needed = { tools: ['workStand', 'keys', 'smallTorqueWrench'], consumables: ['rag'] };
const SCALE: Needed = { tools: ['scale'] };
const CALIPER: Needed = { tools: ['caliper'] };
const GAP: Needed = { tools: ['gapGauge'] };

/** What it takes to open a chain without cutting it. */
const openChain = (usesQuickLink: boolean): readonly Tool[] =>
  usesQuickLink ? ['quickLinkPliers'] : ['chainTool', 'eyeProtection'];

const NEEDED: Readonly<Partial<Record<StepId, Needed | ((needs: StepNeeds) => Needed)>>> = {
  hanger: { tools: ['hangerGauge'] },
  oldGap: GAP,
  weighBefore: SCALE,
  chainOff: ({ usesQuickLink }) => ({ tools: openChain(usesQuickLink) }),
  cassetteOff: { tools: ['chainWhip', 'lockringTool'] },
  ringsOff: ({ difference: { crank } }) => (crank ? { tools: ['crankTool'] } : {}),
  weigh: SCALE,
  spacer: CALIPER,
  cassetteOn: { tools: ['lockringTool', 'largeTorqueWrench'], consumables: ['grease'] },
  hubShifter: { tools: ['cableCutter'], consumables: ['hubCable'] },
  crank: ({ difference: { crank, ringsOn, ringsOff } }) => ({
    ...(crank && { tools: ['crankTool', 'largeTorqueWrench'] }),
    consumables: [
      'threadlocker',
      ...(crank ? (['grease', 'crankSpacers'] as const) : []),
      // Bolts for one ring are shorter than those for two.
      ...(ringsOn.length !== ringsOff.length ? (['ringBolts'] as const) : []),
    ],
  }),
  ringClearance: CALIPER,
  guide: { consumables: ['threadlocker'] },
  frontOn: ({ difference: { front } }) => (front.kind === 'on' ? { consumables: ['frontMount'] } : {}),
  // What marks where the clamp sat.
  frontHeight: ({ difference: { front } }) => ({ ...CALIPER, ...(front.kind === 'move' && { consumables: ['tape'] }) }),
  rearDerailleur: { consumables: ['grease'] },
  battery: { tools: ['charger'] },
  // A quick link that was opened is replaced, as many makers ask.
  chainLength: ({ usesQuickLink, difference: { chain } }) => ({
    tools: [
      ...(chain.action === 'leave' ? [] : (['chainTool', 'eyeProtection'] as const)),
      ...openChain(usesQuickLink),
    ],
    consumables: [usesQuickLink ? 'quickLink' : 'connectingPin', 'lube'],
  }),
  bGap: GAP,
  checkLargestCog: GAP,
  checkLargestCogMinimum: GAP,
  cable: { tools: ['cableCutter'], consumables: ['rearCable'] },
  frontCable: { tools: ['cableCutter'], consumables: ['frontCable'] },
  checkSmallestCog: CALIPER,
  checkFrontCage: CALIPER,
  checkRingDifference: CALIPER,
  checkCapacity: CALIPER,
  weighAfter: SCALE,
};

/** Gathers the tools and consumables that the steps of a swap need; what every job needs first. */
export function gatheredFor(steps: readonly StepId[], needs: StepNeeds): Gathered {
  const all = [ALWAYS, ...steps.map((id) => NEEDED[id] ?? {})].map((one) =>
    typeof one === 'function' ? one(needs) : one,
  );
  const tools = new Set(all.flatMap((one) => one.tools ?? []));
  const consumables = new Set(all.flatMap((one) => one.consumables ?? []));
  return {
    tools: TOOLS.filter((tool) => tools.has(tool)),
    consumables: CONSUMABLES.filter((one) => consumables.has(one)),
  };
}
