'use client';

import type { Bytes } from '../../records/bytes';
import { useRef, useState } from 'react';
import { RIDE_FILE_BYTES_MAX, mappingKey, sizeMessage, type RideFileResult } from '../../formats/ride/ride-file';
import type { CsvHead } from '../../formats/ride/ride-csv';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useBrief } from '../../features/workspace/useBrief';
import { unitsOf } from '../../features/units/measures';
import { rideOf, type CsvMapping } from '../../records';
import { addRide, addRoute } from '../../store';
import { Cancelled } from '../../workers/job-client';
import { rideClient } from '../../workers/rides/client';
import { gearSeconds } from './gear-seconds';
import { notesText, routeNotesText } from './ride-words';
import { t } from './text';
import { entryOf, definite } from '../../core/items';
import { errorText } from '../../core/error';

/** One file being imported. */
export interface ImportJob {
  readonly key: string;
  readonly fileName: string;
  readonly state: 'waiting' | 'reading' | 'kept' | 'known' | 'failed' | 'cancelled' | 'mapping';
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
 * Reads files one after the other in the worker; each is kept whole or not at all, and the others go on.
 * @param onKept hears of each ride that came in
 */
export function useRideImport(onKept: (rideId: string) => void): RideImport {
  const { workspace, workshop, preferences, edits } = useReadyWorkspace();
  const units = unitsOf(preferences);
  const { brief } = useBrief();
  const [jobs, setJobs] = useState<readonly ImportJob[]>([]);
  const [busy, setBusy] = useState(false);
  const files = useRef(new Map<string, File>());
  const abort = useRef<AbortController>(undefined);
  const count = useRef(0);

  const update = (key: string, change: Partial<ImportJob>) =>
    setJobs((list) => list.map((job) => (job.key === key ? { ...job, ...change } : job)));

  async function readOne(key: string, signal: AbortSignal, extra: Readonly<Record<string, CsvMapping>>) {
    const file = entryOf(files.current, key);
    if (file.size > RIDE_FILE_BYTES_MAX) {
      update(key, { state: 'failed', message: sizeMessage(file.size) });
      return;
    }
    update(key, { state: 'reading', done: 0, message: '' });
    try {
      const bytes = new Uint8Array(await file.arrayBuffer());
      const mappings = { ...preferences.csvMappings, ...extra };
      const { result, packed, digest } = await rideClient().readFile(
        { name: file.name, bytes, mappings },
        (done) => update(key, { done }),
        signal,
      );
      update(key, await keep(result, packed, digest, signal));
    } catch (error) {
      if (error instanceof Cancelled) update(key, { state: 'cancelled', message: t('useRideImport.cancelled') });
      else update(key, { state: 'failed', message: errorText(error) });
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
        const id = await addRoute(db, { name: result.name, stepM, elevationM: [...elevationM] }, Date.now());
        edits.editPreferences({ currentRouteId: id });
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

  async function readAll(keys: readonly string[], extra: Readonly<Record<string, CsvMapping>> = {}) {
    const control = new AbortController();
    abort.current = control;
    setBusy(true);
    for (const key of keys) {
      if (control.signal.aborted) update(key, { state: 'cancelled', message: t('useRideImport.cancelled') });
      else await readOne(key, control.signal, extra);
    }
    setBusy(false);
  }

  return {
    jobs,
    busy,
    add: (added) => {
      const fresh = added.map((file): ImportJob => {
        count.current += 1;
        const key = String(count.current);
        files.current.set(key, file);
        return { key, fileName: file.name, state: 'waiting', done: 0, message: '' };
      });
      setJobs((list) => [...list, ...fresh]);
      void readAll(fresh.map(({ key }) => key));
    },
    cancel: () => abort.current?.abort(),
    clear: () => {
      files.current.clear();
      setJobs([]);
    },
    map: (head, mapping) => {
      const key = mappingKey(head);
      edits.editPreferences((kept) => ({ csvMappings: { ...kept.csvMappings, [key]: mapping } }));
      const waiting = jobs.filter((job) => job.state === 'mapping' && job.head && mappingKey(job.head) === key);
      void readAll(
        waiting.map((job) => job.key),
        { [key]: mapping },
      );
    },
  };
}
