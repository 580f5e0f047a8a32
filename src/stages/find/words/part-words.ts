import type { FoundFacts, PartKind } from '../../../core/find';
import type { FitKind } from '../../../core/fit';
import { formatShorthand } from '../../../formats/shorthand';

export const PART_NAME: Readonly<Record<PartKind, string>> = {
  ring: 'ring',
  crank: 'crank with rings',
  frontDerailleur: 'front derailleur with shifter',
  cassette: 'cassette',
  shifter: 'shifter',
  freehub: 'freehub body',
  chain: 'chain',
  rearDerailleur: 'rear derailleur',
};

export const KIND_TEXT: Readonly<Record<FitKind, string>> = {
  goes: 'goes together',
  open: 'goes, as far as is known',
  goesWithChecks: 'past a limit: worth a trial',
  doesNot: 'does not go together',
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

/** "ring, cassette and chain"; a kind that is bought twice is counted. */
export function partsText(parts: readonly PartKind[]): string {
  const names = [...new Set(parts)].map((part) => {
    const count = parts.filter((one) => one === part).length;
    return count > 1 ? `${count} ${PART_NAME[part]}s` : PART_NAME[part];
  });
  return names.length === 0 ? 'nothing' : joined(names);
}

/** "a, b and c". */
export function joined(names: readonly string[]): string {
  if (names.length < 2) return names.join('');
  return `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}
