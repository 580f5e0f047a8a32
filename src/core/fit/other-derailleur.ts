import type { DriveParts } from './drive-parts';
import { sameName } from './indexing';
import type { RearDerailleur } from './rear-derailleur';

/** A rear derailleur as described. */
interface DescribedDerailleur {
  readonly rearDerailleur: RearDerailleur;
  readonly parts?: Pick<DriveParts, 'derailleurFamily'> | undefined;
}

/** Whether two values are known and differ: what is known on one side only is no difference. */
export function contradicts(a: unknown, b: unknown): boolean {
  if (a === undefined || b === undefined) return false;
  return typeof a === 'string' && typeof b === 'string' ? !sameName(a, b) : a !== b;
}

/** Figures that identify a rear derailleur; pulleys and angles are measured too roughly. */
const DERAILLEUR_FIELDS: readonly (keyof RearDerailleur)[] = [
  'totalCapacityT',
  'largestCogMaxT',
  'largestCogMinT',
  'smallestCogMinT',
  'cageLengthMm',
  'pullRatio',
  'speeds',
];

/** Whether two sides describe different rear derailleurs: a datum known of both differs. */
export function isOtherDerailleur(a: DescribedDerailleur, b: DescribedDerailleur): boolean {
  return (
    DERAILLEUR_FIELDS.some((field) => contradicts(a.rearDerailleur[field], b.rearDerailleur[field])) ||
    contradicts(a.parts?.derailleurFamily, b.parts?.derailleurFamily)
  );
}
