import { SHELF_KINDS, fittedOn, freeCount, partKm, type ShelfKind, type Trip } from '../../core/shelf';
import { hasWords } from '../../kit/search';
import { KIND_TEXT, partSummary } from '../../kit/shop/words';
import type { PartRecord } from '../../records';

/** A part as the list shows it. */
export interface ShelfLine {
  readonly part: PartRecord;
  readonly summary: string;
  readonly free: number;
  /** Names of the bikes that have one. */
  readonly on: readonly string[];
  readonly km: number;
}

export const SHELF_STATES = ['all', 'free', 'fitted', 'toBuy'] as const;
export type ShelfState = (typeof SHELF_STATES)[number];

export interface ShelfFilter {
  readonly text: string;
  readonly kinds: readonly ShelfKind[];
  readonly state: ShelfState;
}

export function shelfLines(
  parts: Iterable<PartRecord>,
  bikeName: (id: string) => string,
  trips: readonly Trip[],
): ShelfLine[] {
  const byBike = new Map<string, Trip[]>();
  for (const trip of trips) {
    const list = byBike.get(trip.bikeId);
    if (list) list.push(trip);
    else byBike.set(trip.bikeId, [trip]);
  }
  const inOrder = [...parts].sort(
    (a, b) => SHELF_KINDS.indexOf(a.kind) - SHELF_KINDS.indexOf(b.kind) || a.name.localeCompare(b.name),
  );
  return inOrder.map((part) => {
    const own = [...new Set(part.mounts.map(({ bikeId }) => bikeId))].flatMap((id) => byBike.get(id) ?? []);
    return {
      part,
      summary: partSummary(part),
      free: freeCount(part),
      on: fittedOn(part).map(bikeName),
      km: partKm(part, own),
    };
  });
}

const inState: Readonly<Record<ShelfState, (line: ShelfLine) => boolean>> = {
  all: () => true,
  free: ({ free }) => free > 0,
  fitted: ({ on }) => on.length > 0,
  toBuy: ({ part }) => part.quantity === 0,
};

/** Lines that have every word that was typed somewhere, are of a chosen kind, and are in the chosen state. */
export function filteredLines(lines: readonly ShelfLine[], { text, kinds, state }: ShelfFilter): ShelfLine[] {
  return lines.filter((line) => {
    const { part, summary, on } = line;
    if (kinds.length > 0 && !kinds.includes(part.kind)) return false;
    if (!inState[state](line)) return false;
    return hasWords([part.name, KIND_TEXT[part.kind], summary, part.place, part.note, ...on].join(' '), text);
  });
}
