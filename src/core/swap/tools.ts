import type { SwapDifference } from './difference';

/** What is laid out before the bike is taken apart. */
export interface Gathered {
  readonly tools: readonly string[];
  readonly consumables: readonly string[];
}

/** Tools and consumables that a swap needs; what every job needs first. */
export function gatheredFor(
  difference: SwapDifference,
  { weighs, usesQuickLink }: { readonly weighs: boolean; readonly usesQuickLink: boolean },
): Gathered {
  const { cassette, freehub, crank, ringsOn, ringsOff, front, rearDerailleur, shifter, chain, extender, guide } =
    difference;
  const rings = ringsOn.length + ringsOff.length > 0;
  const cutsChain = chain.kind !== 'keep';
  const rear = cassette !== undefined || freehub || rearDerailleur || shifter || extender !== 'stays';
  const tool = (needed: boolean, ...names: string[]) => (needed ? names : []);
  return {
    tools: [
      'work stand',
      'hex and star keys',
      'torque wrench, 2 to 15 N·m',
      ...tool(cassette !== undefined || freehub, 'chain whip', 'lockring tool', 'torque wrench to 60 N·m'),
      ...tool(cassette !== undefined, 'caliper'),
      ...tool(crank, 'crank tool'),
      ...tool(cutsChain, 'chain tool', 'eye protection'),
      ...tool(cutsChain && usesQuickLink, 'quick-link pliers'),
      ...tool(rearDerailleur || extender !== 'stays', 'hanger gauge'),
      ...tool(shifter || front.kind === 'on' || front.kind === 'off', 'cable cutter'),
      ...tool(rear, 'B-gap gauge or caliper'),
      ...tool(weighs, 'scale'),
    ],
    consumables: [
      'rag and gloves',
      ...tool(cassette !== undefined || freehub || crank, 'grease'),
      ...tool(rings || guide === 'on', 'thread lock, where the sheet asks for it'),
      ...tool(
        cutsChain,
        usesQuickLink ? 'quick link of the chain’s width' : 'joining pin of the chain’s make',
        'chain lube',
      ),
      ...tool(shifter, 'inner cable, housing and ferrules'),
      ...tool(front.kind === 'on', 'front inner cable and housing'),
      ...tool(front.kind === 'move', 'a mark of tape for the old height'),
    ],
  };
}
