import type { Migration } from './migration';
import type { PartRecord } from './part.schema';

export type { PartRecord };

export const CONDITIONS = ['new', 'good', 'worn', 'spent'] as const;

export type Condition = (typeof CONDITIONS)[number];

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
