'use client';

import { App } from 'antd';
import {
  createContext,
  use,
  useCallback,
  useEffect,
  useLayoutEffect,
  useMemo,
  useState,
  type ReactNode,
  useSyncExternalStore,
} from 'react';
import { wheelsetOf, type BikeRecord, type Preferences, type SetupRecord, type WheelsetRecord } from '../../records';
import type { Setup } from '../../core/gears';
import { useWorkshop, type Workshop, type WorkshopState } from '../../store';
import { scheduleAfterPaint } from '../schedule-after-paint';
import { HistoryEpochContext } from '../fields/HistoryEpoch';
import { useStableCallback } from '../useStableCallback';
import { ShownBench, editsOf, type BenchEdits } from './edits';
import { failureText } from './failure';
import { PendingEdits, type Typed } from './pending-edits';
import { UnreadableSetups } from './unreadable';
import { useLink } from './useLink';
import { t } from './text';

/** What lies on the bench: a bike with its setups, kept here or come by a link. */
export interface Bench {
  readonly bike: BikeRecord;
  /** In the order of the bench; the first is the one fitted now. */
  readonly setups: readonly SetupRecord[];
  /** The setup that is looked at in depth, and its place. */
  readonly setup: SetupRecord;
  readonly place: number;
  /** What that setup runs on. */
  readonly wheelset: WheelsetRecord;
  /** A link's bench is looked at, not changed, until it is kept. */
  readonly fromLink: boolean;
}

export type BenchState =
  | Exclude<WorkshopState, { kind: 'ready' }>
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
const TypedContext = createContext(new PendingEdits());
const UnreadableContext = createContext(new UnreadableSetups());

export function BenchProvider({ children }: { children: ReactNode }) {
  const state = useWorkshop();
  const { notification } = App.useApp();
  const [epoch, setEpoch] = useState(0);
  // Ahead of what is kept by as long as a write takes.
  const [chosenId, setChosenId] = useState<string>();
  const [typed] = useState(() => new PendingEdits());
  const [unreadable] = useState(() => new UnreadableSetups());

  const write = useCallback(
    (work: () => Promise<unknown>) => {
      // After the frame that shows it, and in the order in which they were asked for.
      scheduleAfterPaint(() => {
        work().catch((error: unknown) => {
          notification.error({ title: t('benchProvider.notSaved'), description: failureText(error), duration: 0 });
        });
      });
    },
    [notification],
  );

  const workshop = useMemo(
    () =>
      state.kind === 'ready'
        ? { ...state, setup: state.setups.find(({ id }) => id === chosenId) ?? state.setup }
        : undefined,
    [state, chosenId],
  );
  const [onScreen] = useState(() => new ShownBench());
  useLayoutEffect(() => onScreen.show(workshop), [onScreen, workshop]);
  const edits = useMemo(
    () => editsOf(onScreen, write, () => setEpoch((count) => count + 1), setChosenId, typed),
    [onScreen, write, typed],
  );
  const link = useLink();
  const value = useMemo((): BenchState => {
    if (state.kind !== 'ready') return state;
    if (link.kind === 'reading' || !workshop) return { kind: 'opening' };
    return {
      kind: 'ready',
      workshop,
      preferences: state.preferences,
      bench: benchOf(workshop, link.kind === 'bench' ? link.bench : undefined),
      linkProblem: link.kind === 'broken' ? link.message : undefined,
      edits,
    };
  }, [state, link, workshop, edits]);
  useEffect(() => {
    if (workshop) typed.shown(workshop.setups);
  }, [typed, workshop]);

  return (
    <HistoryEpochContext value={epoch}>
      <TypedContext value={typed}>
        <UnreadableContext value={unreadable}>
          <BenchContext value={value}>{children}</BenchContext>
        </UnreadableContext>
      </TypedContext>
    </HistoryEpochContext>
  );
}

function benchOf(
  workshop: Workshop,
  linked: { readonly bike: BikeRecord; readonly setup: SetupRecord } | undefined,
): Bench | undefined {
  const bike = linked?.bike ?? workshop.bike;
  const setup = linked?.setup ?? workshop.setup;
  if (!bike || !setup) return undefined;
  const setups = linked ? [linked.setup] : workshop.setups;
  return {
    bike,
    setups,
    setup,
    place: setups.indexOf(setup),
    wheelset: wheelsetOf(bike, setup),
    fromLink: linked !== undefined,
  };
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

/**
 * Hears of what is typed within the event that brings it, before anything is drawn anew: for what draws by itself.
 * @param listen is given the bench as it was just typed, or nothing once the page shows what was
 */
export function usePendingBench(listen: (bench: Bench | undefined) => void): void {
  const { bench } = useReadyBench();
  const store = use(TypedContext);
  const hear = useStableCallback(() => listen(benchAsTyped(bench, store.now())));
  useEffect(() => store.subscribe(hear), [store, hear]);
}

/** Says why what is typed for a setup cannot be read, as long as it cannot. */
export function useTellUnreadable(setupId: string, reason: string | undefined): void {
  const setups = use(UnreadableContext);
  useEffect(() => {
    setups.tell(setupId, reason);
    return () => setups.tell(setupId, undefined);
  }, [setups, setupId, reason]);
}

/** Why setups cannot be read as they are typed, by their place on the bench. */
export function useUnreadable(): ReadonlyMap<number, string> {
  const { bench } = useReadyBench();
  const setups = use(UnreadableContext);
  const reasons = useSyncExternalStore(setups.subscribe, setups.now, setups.now);
  return useMemo(
    () =>
      new Map(
        bench.setups.flatMap(({ id }, place): [number, string][] => {
          const reason = reasons.get(id);
          return reason === undefined ? [] : [[place, reason]];
        }),
      ),
    [bench.setups, reasons],
  );
}

function benchAsTyped(bench: Bench, typed: Typed): Bench | undefined {
  if (bench.fromLink || !bench.setups.some(({ id }) => typed.has(id))) return undefined;
  const setups = bench.setups.map((one) => typed.get(one.id) ?? one);
  return { ...bench, setups, setup: setups[bench.place]! };
}

/** A setup record with other teeth. */
export function withTeeth(record: SetupRecord, { chainrings, cogs }: Pick<Setup, 'chainrings' | 'cogs'>): SetupRecord {
  return { ...record, chainrings, cogs };
}
