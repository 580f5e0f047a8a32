import type { DriveParts } from './drive-parts';
import type { RearDerailleur } from './rear-derailleur';
import type { CheckId } from './verdict';

/** Which derailleurs a limit belongs to: their parts in stock, what is published of them, and an extender. */
export interface DerailleurMark {
  readonly rearPartId?: string | undefined;
  readonly frontPartId?: string | undefined;
  readonly largestCogMaxT?: number | undefined;
  readonly totalCapacityT?: number | undefined;
  readonly cageLengthMm?: number | undefined;
  readonly ringDifferenceMaxT?: number | undefined;
  readonly hasExtender: boolean;
}

/** Derives the mark from a setup's derailleur data. */
export function derailleurMark(
  rear: RearDerailleur,
  { hangerExtenderMm }: Pick<DriveParts, 'hangerExtenderMm'>,
  partIds: { readonly rearDerailleur?: string | undefined; readonly frontDerailleur?: string | undefined } = {},
): DerailleurMark {
  const { largestCogMaxT, totalCapacityT, cageLengthMm, ringDifferenceMaxT } = rear;
  return {
    rearPartId: partIds.rearDerailleur,
    frontPartId: partIds.frontDerailleur,
    largestCogMaxT,
    totalCapacityT,
    cageLengthMm,
    ringDifferenceMaxT,
    hasExtender: hangerExtenderMm !== undefined,
  };
}

const FRONT_CHECKS: readonly CheckId[] = ['ringDifference', 'frontCage'];

/**
 * Whether two marks are those of one derailleur, as far as a check is concerned: the same part in stock, or the same
 * body and cage by what is published of both. Data known of one only are ignored.
 */
export function isSameDerailleur(id: CheckId, a: DerailleurMark, b: DerailleurMark): boolean {
  if (FRONT_CHECKS.includes(id)) {
    if (a.frontPartId !== undefined && a.frontPartId === b.frontPartId) return true;
    return a.ringDifferenceMaxT !== undefined && a.ringDifferenceMaxT === b.ringDifferenceMaxT;
  }
  if (a.hasExtender !== b.hasExtender) return false;
  if (a.rearPartId !== undefined && a.rearPartId === b.rearPartId) return true;
  const same = (field: 'largestCogMaxT' | 'totalCapacityT' | 'cageLengthMm') =>
    a[field] === undefined || b[field] === undefined ? undefined : a[field] === b[field];
  const [body, capacity, cage] = [same('largestCogMaxT'), same('totalCapacityT'), same('cageLengthMm')];
  return body === true && capacity !== false && cage !== false && (capacity === true || cage === true);
}

/** What came of having passed a published limit once. */
export interface Experience {
  readonly id: CheckId;
  /** By how many teeth it was passed. */
  readonly overT: number;
  readonly worked: boolean;
  /** Undefined where the derailleur is unknown and counts among the others. */
  readonly derailleur?: DerailleurMark | undefined;
}

/** How often it worked, and how often the parts were put back because of it. */
export interface Count {
  /** Worked when passed by as much or more. */
  readonly worked: number;
  /** Put back when passed by as much or less. */
  readonly reverted: number;
}

/** Returns the logged outcomes of exceeding a limit by so much: with this derailleur, and with others. */
export interface Tally {
  readonly own: Count;
  readonly others: Count;
}

/** What speaks for and against passing a limit by `overT`: what worked further out speaks for it, what failed nearer speaks against. */
export function tallyOf(
  id: CheckId,
  overT: number,
  experience: readonly Experience[],
  derailleur: DerailleurMark | undefined,
): Tally {
  const like = experience.filter((one) => one.id === id);
  const isOwn = (one: Experience) =>
    derailleur !== undefined && one.derailleur !== undefined && isSameDerailleur(id, derailleur, one.derailleur);
  const count = (list: readonly Experience[]): Count => ({
    worked: list.filter((one) => one.worked && one.overT >= overT).length,
    reverted: list.filter((one) => !one.worked && one.overT <= overT).length,
  });
  return { own: count(like.filter(isOwn)), others: count(like.filter((one) => !isOwn(one))) };
}

export type TrialDecision = 'try' | 'doNot' | 'undecided';

/**
 * Combines a decision by geometry with the log: the log decides if the geometry is inconclusive; what the geometry forbids it
 * does not allow; and where this derailleur was put back more often than not, "try" is a question again. Other
 * derailleurs are shown only: another body has another geometry.
 */
export function decideByLog(decision: TrialDecision, { worked, reverted }: Count): TrialDecision {
  if (decision === 'doNot' || worked === reverted) return decision;
  if (decision === 'try') return worked > reverted ? 'try' : 'undecided';
  return worked > reverted ? 'try' : 'doNot';
}
