'use client';

import { useMemo, useState } from 'react';
import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useAllRecords, type AllRecords } from '../../features/workshop/RecordsProvider';
import type { JobRecord, PartRecord } from '../../records';
import { addParts, editParts, removeParts, type PartContent } from '../../store';
import { filteredLines, stockLines, type StockFilter, type StockLine } from './part-rows';
import { t } from './text';
import { firstOf } from '../../core/items';
import { type EditName, editKey, editText } from '../../messages/edit-name';

export interface Stock {
  readonly shop: AllRecords | undefined;
  readonly lines: readonly StockLine[];
  readonly shown: readonly StockLine[];
  readonly filter: StockFilter;
  readonly setFilter: (filter: StockFilter) => void;
  readonly opened: StockLine | undefined;
  readonly open: (id: string | undefined) => void;
  readonly bikeName: (id: string) => string;
  readonly add: (content: PartContent) => void;
  readonly edit: (ids: readonly string[], what: EditName, edit: (part: PartRecord) => PartRecord) => void;
  readonly remove: (ids: readonly string[]) => void;
  /** Open jobs whose card names one of these parts. */
  readonly jobsWith: (ids: readonly string[]) => readonly JobRecord[];
}

const NO_FILTER: StockFilter = { text: '', kinds: [], state: 'all' };

/** The parts with filter and selection; undefined until the workshop is open. */
export function useStock(): Stock | undefined {
  const state = useWorkspace();
  const shop = useAllRecords();
  const [filter, setFilter] = useState(NO_FILTER);
  const [openedId, open] = useState<string>();
  const workshop = state.kind === 'ready' ? state.workshop : undefined;
  const edits = state.kind === 'ready' ? state.edits : undefined;
  const lines = useMemo(
    () => (workshop && shop ? stockLines(workshop.parts.values(), (id) => nameOf(workshop.bikes, id), shop.trips) : []),
    [workshop, shop],
  );
  const shown = useMemo(() => filteredLines(lines, filter), [lines, filter]);
  if (!workshop || !edits) return undefined;
  const { db, bikes, parts } = workshop;
  const named = (ids: readonly string[]) =>
    (ids.length === 1 ? parts.get(firstOf(ids))?.name : undefined) ?? t('useStock.countParts', { count: ids.length });
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
      edits.write(() =>
        editParts(
          db,
          ids,
          { label: t('useStock.whatOfNamed', { what: editText(what), named: named(ids) }), key: editKey(what) },
          edit,
          Date.now(),
        ),
      ),
    remove: (ids) => edits.write(() => removeParts(db, ids, t('useStock.delete', { named: named(ids) }), Date.now())),
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
  return bikes.find((bike) => bike.id === id)?.name ?? t('useStock.deletedBike');
}
