import { within, type Bounds } from '../numbers';
import type { Joint } from './torque';

/** What is measured in a step. */
export type ReadingId =
  | 'links'
  | 'speeds'
  | 'shifterSpeeds'
  | 'gapMm'
  | 'turns'
  | 'spacerMm'
  | 'cageHeightMm'
  | 'clearanceMm'
  | 'km'
  | 'wearPercent'
  | TorqueReadingId;
type TorqueReadingId = `torque.${Joint}`;

export type ReadingUnit = 'links' | 'speeds' | 'mm' | 'turns' | 'N·m' | 'km' | '%';

/** The origin of a target, for explanations. */
export type ReadingBasis =
  /** Big-big + 2 and the longest chain that stays taut. */
  | 'chainWindow'
  | 'bodyAndCassette'
  | 'gap.lastTime'
  | 'gap.derailleur'
  | 'gap.typical'
  | 'turns.lastTime'
  | 'torque.part'
  | 'torque.usual'
  | 'cageHeight'
  | 'clearance'
  | 'wearLimit';

/** A reading of a step, with this job's target. */
export interface StepReading {
  readonly id: ReadingId;
  readonly unit: ReadingUnit;
  /** What such a reading can be at all; one outside is kept as typed and doubted. */
  readonly possible: Bounds;
  readonly target?: number | undefined;
  /** As good as the target. */
  readonly window?: Partial<Bounds> | undefined;
  readonly basis?: ReadingBasis | undefined;
  /** Of links: whether a quick link counts among them. */
  readonly usesQuickLink?: boolean | undefined;
}

/** What is thought of a reading. */
export type ReadingJudgement =
  | { readonly kind: 'onTarget' | 'inWindow' | 'noTarget' }
  /** Off by so much, in the reading's unit, from the near end of the window. */
  | { readonly kind: 'below' | 'above'; readonly by: number }
  | { readonly kind: 'notPossible' }
  /** Links and speeds are whole. */
  | { readonly kind: 'notWhole' }
  /** Links: only an even count can be joined. */
  | { readonly kind: 'odd' }
  /** An odd count that becomes the target with the quick link. */
  | { readonly kind: 'withoutQuickLink'; readonly links: number }
  /** No count of links passes both ends: the planned one is slack in small-small as well. */
  | { readonly kind: 'slackAtPlanned' };

/** Spacers and cages are measured with a caliper to this, mm. */
const CALIPER_MM = 0.2;
/** A torque wrench is right to some four percent; a reading further off was not meant. */
const TORQUE_SHARE = 0.1;

export function judgeReading(reading: StepReading, value: number): ReadingJudgement {
  const { unit, possible, target, window } = reading;
  if (!Number.isFinite(value) || !within(value, possible)) return { kind: 'notPossible' };
  if (unit === 'links') return judgeLinks(reading, value);
  if (unit === 'speeds' && !Number.isInteger(value)) return { kind: 'notWhole' };
  if (window) {
    const { min = -Infinity, max = Infinity } = window;
    if (value < min) return { kind: 'below', by: min - value };
    if (value > max) return { kind: 'above', by: value - max };
    return { kind: value === target ? 'onTarget' : 'inWindow' };
  }
  if (target === undefined) return { kind: 'noTarget' };
  const allowed = unit === 'N·m' ? target * TORQUE_SHARE : CALIPER_MM;
  if (Math.abs(value - target) <= allowed) return { kind: 'onTarget' };
  return value < target ? { kind: 'below', by: target - value } : { kind: 'above', by: value - target };
}

function judgeLinks({ target, window, usesQuickLink }: StepReading, links: number): ReadingJudgement {
  if (!Number.isInteger(links)) return { kind: 'notWhole' };
  const { min = -Infinity, max = Infinity } = window ?? {};
  if (links % 2 !== 0) {
    const whole = links + 1;
    const isMeant = usesQuickLink === true && (whole === target || (whole >= min && whole <= max));
    return isMeant ? { kind: 'withoutQuickLink', links: whole } : { kind: 'odd' };
  }
  if (links < min) return { kind: 'below', by: min - links };
  if (links > max) {
    if (max < min && links <= Math.max(min, target ?? min)) return { kind: 'slackAtPlanned' };
    return { kind: 'above', by: links - Math.max(min, max) };
  }
  if (links === target) return { kind: 'onTarget' };
  return target === undefined && window === undefined ? { kind: 'noTarget' } : { kind: 'inWindow' };
}

/** Whether a bike must not be ridden with such a reading: a chain that does not reach big-big locks the drive. */
export function stopsRiding(reading: StepReading, value: number): boolean {
  if (reading.unit !== 'links' || reading.basis !== 'chainWindow') return false;
  return ['below', 'notPossible', 'notWhole', 'odd', 'withoutQuickLink'].includes(judgeReading(reading, value).kind);
}
