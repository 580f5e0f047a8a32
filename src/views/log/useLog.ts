'use client';

import { useMemo, useState } from 'react';
import { derailleurMark } from '../../core/fit';
import { outcomeRows, type OutcomeRow } from '../../core/log';
import { kmByBike } from '../../core/parts';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useAllRecords, type AllRecords } from '../../features/workshop/RecordsProvider';
import type { PartRecord } from '../../records';
import { filteredEvents, timelineOf, type LogEvent, type LogFilter } from './timeline';

interface PartLife {
  readonly part: PartRecord;
  /** On this bike. */
  readonly km: number;
  readonly isOn: boolean;
}

export interface Log {
  readonly shop: AllRecords | undefined;
  readonly events: readonly LogEvent[];
  readonly shown: readonly LogEvent[];
  readonly filter: LogFilter;
  readonly setFilter: (filter: LogFilter) => void;
  readonly outcomes: readonly OutcomeRow[];
  readonly lives: readonly PartLife[];
}

/** The history of the bike in the workspace, and what the whole workshop learned. */
export function useLog(): Log {
  const { workspace, workshop } = useReadyWorkspace();
  const { bike, setup } = workspace;
  const { parts, experience } = workshop;
  const shop = useAllRecords();
  const units = useUnits();
  const [filter, setFilter] = useState<LogFilter>({ text: '', kinds: [] });
  const events = useMemo(
    () => (shop ? timelineOf({ ...shop, bikeId: bike.id, parts: [...parts.values()] }, units) : []),
    [shop, bike.id, parts, units],
  );
  const shown = useMemo(() => filteredEvents(events, filter), [events, filter]);
  const lives = useMemo(
    () =>
      [...parts.values()]
        .flatMap((part): PartLife[] => {
          const mounts = part.mounts.filter(({ bikeId }) => bikeId === bike.id);
          if (mounts.length === 0) return [];
          const [life] = kmByBike(mounts, shop?.trips ?? []);
          return [{ part, km: life?.km ?? 0, isOn: mounts.some(({ toMs }) => toMs === undefined) }];
        })
        .sort((a, b) => Number(b.isOn) - Number(a.isOn) || b.km - a.km),
    [parts, bike.id, shop?.trips],
  );
  return {
    shop,
    events,
    shown,
    filter,
    setFilter,
    outcomes: useMemo(
      () => outcomeRows(experience, derailleurMark(setup.rearDerailleur, setup.parts, setup.partIds)),
      [experience, setup],
    ),
    lives,
  };
}
