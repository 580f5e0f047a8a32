import type { Check } from '../../core/fit';
import type { Setup } from '../../core/gears';
import type { Explanation } from './explanation';

const SHEET = 'Limits are the part maker’s; their sheet, and a qualified mechanic, win over Rontel.';

export function explainCheck(check: Check, setup: Setup): Explanation {
  const { id, requiredT, limitT, message } = check;
  const limit = limitT === undefined ? 'published: not known' : `published: ${limitT}T`;
  if (id !== 'totalCapacity') {
    return {
      title: message,
      formula:
        id === 'largestCog'
          ? 'largest cog ≤ published maximum'
          : `${id === 'smallestCog' ? 'smallest' : 'largest'} cog ≥ published minimum`,
      worked: [`on this cassette: ${requiredT}T`, limit],
      source: SHEET,
      note: {
        largestCog: 'A longer cage does not raise it: the body’s geometry sets the largest cog.',
        largestCogMinimum: 'Below it the guide pulley hangs too far from the cogs to shift crisply.',
        smallestCog: undefined,
      }[id],
    };
  }
  const [big, small] = setup.chainrings;
  const rings = small === undefined ? '(one ring: 0)' : `(${big} − ${small})`;
  return {
    title: `Total capacity: ${requiredT}T needed`,
    formula: 'needed = (big ring − small ring) + (largest cog − smallest cog)',
    worked: [`${rings} + (${setup.cogs.at(-1)} − ${setup.cogs[0]}) = ${requiredT}T`, limit],
    source: SHEET,
    note: 'Teeth of chain that the cage takes up between big-big and small-small. Capacity to spare is no fault, only weight.',
  };
}
