'use client';

import { useMemo, useState } from 'react';
import { useBench } from '../../kit/bench/BenchProvider';
import { useShop, type Shop } from '../../kit/shop/ShopProvider';
import type { JobRecord, PartRecord } from '../../records';
import { addParts, editParts, removeParts, type PartContent } from '../../store';
import { filteredLines, shelfLines, type ShelfFilter, type ShelfLine } from './shelf-rows';
import { t } from './words/text';

export interface Shelf {
  readonly shop: Shop | undefined;
  readonly lines: readonly ShelfLine[];
  readonly shown: readonly ShelfLine[];
  readonly filter: ShelfFilter;
  readonly setFilter: (filter: ShelfFilter) => void;
  readonly opened: ShelfLine | undefined;
  readonly open: (id: string | undefined) => void;
  readonly bikeName: (id: string) => string;
  readonly add: (content: PartContent) => void;
  readonly edit: (ids: readonly string[], what: string, edit: (part: PartRecord) => PartRecord) => void;
  readonly remove: (ids: readonly string[]) => void;
  /** Open jobs whose card names one of these parts. */
  readonly jobsWith: (ids: readonly string[]) => readonly JobRecord[];
}

const NO_FILTER: ShelfFilter = { text: '', kinds: [], state: 'all' };

/** The shelf with its filter and the part that is looked at; undefined until the workshop is open. */
export function useShelf(): Shelf | undefined {
  const state = useBench();
  const shop = useShop();
  const [filter, setFilter] = useState(NO_FILTER);
  const [openedId, open] = useState<string>();
  const workshop = state.kind === 'ready' ? state.workshop : undefined;
  const edits = state.kind === 'ready' ? state.edits : undefined;
  const lines = useMemo(
    () => (workshop && shop ? shelfLines(workshop.parts.values(), (id) => nameOf(workshop.bikes, id), shop.trips) : []),
    [workshop, shop],
  );
  const shown = useMemo(() => filteredLines(lines, filter), [lines, filter]);
  if (!workshop || !edits) return undefined;
  const { db, bikes, parts } = workshop;
  const named = (ids: readonly string[]) =>
    (ids.length === 1 ? parts.get(ids[0]!)?.name : undefined) ?? t('useShelf.countParts', { count: ids.length });
  return {
    shop,
    lines,
    shown,
    filter,
    setFilter,
    opened: lines.find(({ part }) => part.id === openedId),
    open,
    bikeName: (id) => nameOf(bikes, id),
    add: (content) =>
      edits.write(async () => {
        const [id] = await addParts(db, [content], Date.now());
        setFilter(NO_FILTER);
        open(id);
      }),
    edit: (ids, what, edit) =>
      edits.write(() => editParts(db, ids, t('useShelf.whatOfNamed', { what, named: named(ids) }), edit, Date.now())),
    remove: (ids) =>
      edits.write(() => removeParts(db, ids, t('useShelf.namedOffTheShelf', { named: named(ids) }), Date.now())),
    jobsWith: (ids) =>
      (shop?.jobs ?? []).filter(
        ({ state: jobState, work }) =>
          jobState !== 'done' &&
          work.kind === 'swap' &&
          [...Object.values(work.from.parts), ...Object.values(work.to.parts)].some(({ id }) => ids.includes(id)),
      ),
  };
}

function nameOf(bikes: readonly { readonly id: string; readonly name: string }[], id: string): string {
  return bikes.find((bike) => bike.id === id)?.name ?? t('useShelf.aBikeThatIsGone');
}
