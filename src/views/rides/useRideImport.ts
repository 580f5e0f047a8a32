'use client';

import type { Bytes } from '../../records/bytes';
import { useRef, useState } from 'react';
import { isArchive } from '../../formats/ride/is-archive';
import { mappingKey, type RideFileResult } from '../../formats/ride/ride-file';
import { RIDE_FILE_BYTES_MAX, sizeMessage } from '../../formats/ride/size';
import type { CsvHead } from '../../formats/ride/ride-csv';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useBrief } from '../../features/workspace/useBrief';
import { unitsOf } from '../../features/units/measures';
import { rideOf, type CsvMapping } from '../../records';
import { addRide, addRoute } from '../../store';
import { Cancelled } from '../../workers/job-client';
import { rideClient } from '../../workers/rides/client';
import { gearSeconds } from './gear-seconds';
import { baseName, sourcesOf, type ImportSource } from './import-source';
import { notesText, routeNotesText } from './ride-words';
import { t } from './text';
import { entryOf, definite } from '../../core/items';
import { errorText } from '../../core/error';

/** One file being imported. */
export interface ImportJob {
  readonly key: string;
  readonly fileName: string;
  readonly state: 'waiting' | 'reading' | 'kept' | 'known' | 'failed' | 'cancelled' | 'mapping' | 'opened';
  /** 0 to 1 while it is read. */
  readonly done: number;
  readonly message: string;
  /** The head of a table whose columns must be mapped first. */
  readonly head?: CsvHead;
}

interface RideImport {
  readonly jobs: readonly ImportJob[];
  readonly busy: boolean;
  readonly add: (files: readonly File[]) => void;
  readonly cancel: () => void;
  readonly clear: () => void;
  /** Reads the tables with this head again, their columns mapped, and remembers it. */
  readonly map: (head: CsvHead, mapping: CsvMapping) => void;
}

/**
 * Reads files one after the other in the worker, those of archives too; each is kept whole or not at all, and the others go on.
 * @param onKept hears of each ride that came in
 */
export function useRideImport(onKept: (rideId: string) => void): RideImport {
  const { workspace, workshop, preferences, edits } = useReadyWorkspace();
  const units = unitsOf(preferences);
  const { brief } = useBrief();
  const [jobs, setJobs] = useState<readonly ImportJob[]>([]);
  const [busy, setBusy] = useState(false);
  const sources = useRef(new Map<string, ImportSource>());
  const waiting = useRef<string[]>([]);
  const mapped = useRef<Readonly<Record<string, CsvMapping>>>({});
  const abort = useRef<AbortController>(undefined);
  const count = useRef(0);

  const update = (key: string, change: Partial<ImportJob>) =>
    setJobs((list) => list.map((job) => (job.key === key ? { ...job, ...change } : job)));

  /** Jobs for sources, after another job or at the end. */
  function enqueue(added: readonly ImportSource[], after?: string) {
    const fresh = added.map((source): ImportJob => {
      count.current += 1;
      const key = String(count.current);
      sources.current.set(key, source);
      return { key, fileName: source.path, state: 'waiting', done: 0, message: '' };
    });
    const keys = fresh.map(({ key }) => key);
    if (after === undefined) waiting.current.push(...keys);
    else waiting.current.unshift(...keys);
    setJobs((list) => {
      const place = after === undefined ? list.length : list.findIndex(({ key }) => key === after) + 1;
      return [...list.slice(0, place), ...fresh, ...list.slice(place)];
    });
  }

  /** Puts the files of an archive in its place; false where the file is none. */
  async function openArchive(key: string, { file, path }: ImportSource): Promise<boolean> {
    if (!file || !(await isArchive(file))) return false;
    // Few need what unpacks them: it comes when it is needed.
    const { filesOfArchive } = await import('../../formats/ride/archive');
    const opened = await filesOfArchive(file);
    if (!opened.ok) {
      update(key, { state: 'failed', message: opened.failure.message });
      return true;
    }
    const inside = opened.files.map((one) => ({ path: `${path}/${one.path}`, size: one.size, bytes: one.unpack }));
    update(key, { state: 'opened', message: t('useRideImport.archive', { count: inside.length }) });
    enqueue(inside, key);
    return true;
  }

  async function readOne(key: string, signal: AbortSignal) {
    const source = entryOf(sources.current, key);
    update(key, { state: 'reading', done: 0, message: '' });
    try {
      if (await openArchive(key, source)) return;
      if (source.size > RIDE_FILE_BYTES_MAX) throw new Error(sizeMessage(source.size));
      const bytes = await source.bytes(signal);
      const { result, packed, digest } = await rideClient().readFile(
        {
          name: baseName(source.path),
          bytes,
          mappings: { ...preferences.csvMappings, ...mapped.current },
          keepPositions: preferences.keepPositions === true,
        },
        (done) => update(key, { done }),
        signal,
      );
      update(key, await keep(result, packed, digest, signal));
    } catch (error) {
      if (error instanceof Cancelled || signal.aborted) {
        update(key, { state: 'cancelled', message: t('useRideImport.cancelled') });
      } else update(key, { state: 'failed', message: errorText(error) });
    }
  }

  async function keep(
    result: RideFileResult,
    packed: Bytes | undefined,
    digest: string | undefined,
    signal: AbortSignal,
  ): Promise<Partial<ImportJob>> {
    const { setup } = workspace;
    const { db } = workshop;
    switch (result.kind) {
      case 'failed':
        return { state: 'failed', message: result.failure.message };
      case 'needsMapping':
        return { state: 'mapping', message: t('useRideImport.chooseColumns'), head: result.head };
      case 'route': {
        const { stepM, elevationM } = result.profile;
        const { id, added } = await addRoute(db, { name: result.name, stepM, elevationM: [...elevationM] }, Date.now());
        edits.editPreferences({ currentRouteId: id });
        if (!added) return { state: 'known', message: t('useRideImport.alreadyImported') };
        return {
          state: 'kept',
          message: t('useRideImport.keptAsARouteNotRide', {
            notRide: result.notRide,
            notes: routeNotesText(result.notes, units),
          }).trim(),
        };
      }
      case 'ride': {
        const seconds = await gearSeconds(definite(packed), workspace, brief, signal);
        const ride = rideOf(setup, result.name, result.startedAtMs, result.recording, definite(digest), seconds);
        const id = await addRide(db, ride, definite(packed), Date.now());
        if (id !== undefined) onKept(id);
        const notes = notesText(result.notes, result.remarks);
        const hasNotes = notes === '' ? 'no' : 'yes';
        return id !== undefined
          ? { state: 'kept', message: t('useRideImport.keptAsARideNotes', { hasNotes, notes }) }
          : { state: 'known', message: t('useRideImport.alreadyImported') };
      }
    }
  }

  /** Reads what waits until nothing does; what comes in meanwhile waits its turn. */
  async function readAll() {
    if (abort.current) return;
    const control = new AbortController();
    abort.current = control;
    setBusy(true);
    for (let key = waiting.current.shift(); key !== undefined; key = waiting.current.shift()) {
      if (control.signal.aborted) update(key, { state: 'cancelled', message: t('useRideImport.cancelled') });
      else await readOne(key, control.signal);
    }
    abort.current = undefined;
    setBusy(false);
  }

  return {
    jobs,
    busy,
    add: (files) => {
      enqueue(sourcesOf(files));
      void readAll();
    },
    cancel: () => abort.current?.abort(),
    clear: () => {
      sources.current.clear();
      setJobs([]);
    },
    map: (head, mapping) => {
      const key = mappingKey(head);
      edits.editPreferences((kept) => ({ csvMappings: { ...kept.csvMappings, [key]: mapping } }));
      mapped.current = { ...mapped.current, [key]: mapping };
      const same = jobs.filter((job) => job.state === 'mapping' && job.head && mappingKey(job.head) === key);
      waiting.current.push(...same.map((job) => job.key));
      void readAll();
    },
  };
}
