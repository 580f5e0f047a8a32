'use client';

import { App } from 'antd';
import { useSearchParams } from 'next/navigation';
import { createContext, use, useCallback, useMemo, useState, type ReactNode } from 'react';
import { readLink } from '../../formats/link';
import { wheelOf, type BikeRecord, type Preferences, type SetupRecord } from '../../records';
import type { Setup, Wheel } from '../../core/gears';
import { change, redo, setPreferences, undo, useWorkshop, type PreferencesEdit, type Workshop } from '../../store';
import { HistoryEpochContext } from '../fields/HistoryEpoch';

/** What lies on the bench: a bike with its setup, kept here or come by a link. */
export interface Bench {
  readonly bike: BikeRecord;
  readonly wheel: Wheel;
  readonly setup: SetupRecord;
  /** A link's bench is looked at, not changed, until it is kept. */
  readonly fromLink: boolean;
}

export interface BenchEdits {
  /** @param field names what is edited, for undo and its tooltip */
  readonly editBike: (field: string, edit: (bike: BikeRecord) => BikeRecord) => void;
  readonly editSetup: (field: string, edit: (setup: SetupRecord) => SetupRecord) => void;
  readonly editPreferences: (edit: PreferencesEdit) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Runs a write and says it when it fails; nothing fails silently. */
  readonly write: (work: () => Promise<unknown>) => void;
}

export type BenchState =
  | { readonly kind: 'opening' }
  | { readonly kind: 'failed'; readonly message: string }
  | {
      readonly kind: 'ready';
      readonly workshop: Workshop;
      readonly preferences: Preferences;
      /** Undefined while the workshop is empty. */
      readonly bench: Bench | undefined;
      /** Why the address's link could not be read. */
      readonly linkProblem: string | undefined;
      readonly edits: BenchEdits;
    };

const BenchContext = createContext<BenchState>({ kind: 'opening' });

export function BenchProvider({ children }: { children: ReactNode }) {
  const state = useWorkshop();
  const { notification } = App.useApp();
  const query = useSearchParams();
  const [epoch, setEpoch] = useState(0);

  const write = useCallback(
    (work: () => Promise<unknown>) => {
      work().catch((error: unknown) => {
        const cause = error instanceof Error ? error.message : String(error);
        notification.error({
          title: 'Not saved',
          description: `${cause}. Nothing else has changed; save a backup on the Data page, then reload.`,
          duration: 0,
        });
      });
    },
    [notification],
  );

  const link = useMemo(() => readLink(new URLSearchParams(query.toString())), [query]);
  const value = useMemo((): BenchState => {
    if (state.kind !== 'ready') return state;
    const { db, bike, setup } = state;
    const linked = link.kind === 'bench' ? link.bench : undefined;
    const shown = linked ?? (bike && setup ? { bike, setup } : undefined);
    const travel = (go: typeof undo) => write(() => go(db).then(() => setEpoch((count) => count + 1)));
    const edits: BenchEdits = {
      write,
      editBike: (field, edit) => {
        if (!bike) return;
        const options = { label: `${field} of ${bike.name}`, mergeKey: `${field} ${bike.id}`, now: Date.now() };
        write(() => change(db, options, (draft) => draft.update('bikes', bike.id, edit)));
      },
      editSetup: (field, edit) => {
        if (!bike || !setup) return;
        const options = { label: `${field} of ${bike.name}`, mergeKey: `${field} ${setup.id}`, now: Date.now() };
        write(() => change(db, options, (draft) => draft.update('setups', setup.id, edit)));
      },
      editPreferences: (edit) => write(() => setPreferences(db, edit)),
      undo: () => travel(undo),
      redo: () => travel(redo),
    };
    return {
      kind: 'ready',
      workshop: state,
      preferences: state.preferences,
      bench: shown && { ...shown, wheel: wheelOf(shown.bike), fromLink: linked !== undefined },
      linkProblem: link.kind === 'broken' ? link.message : undefined,
      edits,
    };
  }, [state, link, write]);

  return (
    <HistoryEpochContext value={epoch}>
      <BenchContext value={value}>{children}</BenchContext>
    </HistoryEpochContext>
  );
}

export function useBench(): BenchState {
  return use(BenchContext);
}

/** The ready bench, below a place that has made sure that there is one. */
export function useReadyBench(): { bench: Bench; preferences: Preferences; edits: BenchEdits; workshop: Workshop } {
  const state = useBench();
  if (state.kind !== 'ready' || !state.bench) throw new Error('useReadyBench above an empty bench');
  const { bench, preferences, edits, workshop } = state;
  return { bench, preferences, edits, workshop };
}

/** A setup record with other teeth. */
export function withTeeth(record: SetupRecord, { chainrings, cogs }: Pick<Setup, 'chainrings' | 'cogs'>): SetupRecord {
  return { ...record, chainrings, cogs };
}
