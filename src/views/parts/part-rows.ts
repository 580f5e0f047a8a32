import { STOCK_KINDS, fittedOn, freeCount, partKm, type StockKind, type Trip } from '../../core/parts';
import { hasWords } from '../../ui/search';
import { KIND_TEXT, partSummary } from '../../features/workshop/words';
import type { PartRecord } from '../../records';

/** A part as the list shows it. */
export interface StockLine {
  readonly part: PartRecord;
  readonly summary: string;
  readonly free: number;
  /** Names of the bikes that have one. */
  readonly on: readonly string[];
  readonly km: number;
}

export const STOCK_STATES = ['all', 'free', 'fitted', 'toBuy'] as const;
export type StockState = (typeof STOCK_STATES)[number];

export interface StockFilter {
  readonly text: string;
  readonly kinds: readonly StockKind[];
  readonly state: StockState;
}

export function stockLines(
  parts: Iterable<PartRecord>,
  bikeName: (id: string) => string,
  trips: readonly Trip[],
): StockLine[] {
  const byBike = new Map<string, Trip[]>();
  for (const trip of trips) {
    const list = byBike.get(trip.bikeId);
    if (list) list.push(trip);
    else byBike.set(trip.bikeId, [trip]);
  }
  const inOrder = [...parts].sort(
    (a, b) => STOCK_KINDS.indexOf(a.kind) - STOCK_KINDS.indexOf(b.kind) || a.name.localeCompare(b.name),
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

const inState: Readonly<Record<StockState, (line: StockLine) => boolean>> = {
  all: () => true,
  free: ({ free }) => free > 0,
  fitted: ({ on }) => on.length > 0,
  toBuy: ({ part }) => part.quantity === 0,
};

/** Lines that have every word that was typed somewhere, are of a chosen kind, and are in the chosen state. */
export function filteredLines(lines: readonly StockLine[], { text, kinds, state }: StockFilter): StockLine[] {
  return lines.filter((line) => {
    const { part, summary, on } = line;
    if (kinds.length > 0 && !kinds.includes(part.kind)) return false;
    if (!inState[state](line)) return false;
    return hasWords([part.name, KIND_TEXT[part.kind], summary, part.place, part.note, ...on].join(' '), text);
  });
}
