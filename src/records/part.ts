import type { Mount, PartData, ShelfKind } from '../core/shelf';
import type { Migration } from './migration';

export const CONDITIONS = ['new', 'good', 'worn', 'spent'] as const;

export type Condition = (typeof CONDITIONS)[number];

/** A chain under the gauge. */
interface WearMark {
  readonly atMs: number;
  /** Longer than new by, percent. */
  readonly wearPercent: number;
  /** Kilometres of the chain then, where its rider knows better than the log. */
  readonly km?: number | undefined;
}

/** An entry of the shelf: a part, or several that are alike. */
export interface PartRecord {
  readonly id: string;
  readonly kind: ShelfKind;
  readonly name: string;
  /** What Fit and Find reckon with. */
  readonly data: PartData;
  /** How many there are, fitted ones among them; 0 for one that is to be bought. */
  readonly quantity: number;
  readonly condition: Condition;
  /** Kilometres that it had when it came. */
  readonly kmBefore: number;
  /** g, each. */
  readonly massG?: number | undefined;
  /** Of the scale that it was weighed on; absent where the weight is from a sheet. */
  readonly massResolutionG?: number | undefined;
  /** Each, in `currency`. */
  readonly price?: number | undefined;
  readonly currency?: string | undefined;
  /** Where it lies. */
  readonly place?: string | undefined;
  readonly note?: string | undefined;
  /** When it was on which bike. */
  readonly mounts: readonly Mount[];
  readonly wear: readonly WearMark[];
}

export const PART_DEFAULTS = {
  data: {},
  quantity: 1,
  condition: 'good',
  kmBefore: 0,
  mounts: [],
  wear: [],
} as const satisfies Partial<PartRecord>;

export const PART_MIGRATIONS: readonly Migration[] = [
  { toVersion: 7, name: 'parts, jobs, photos and notes are kept', table: 'parts', up: (part) => part },
];
