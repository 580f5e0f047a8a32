'use client';

import { App } from 'antd';
import {
  createContext,
  startTransition,
  use,
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { wheelOf, type BikeRecord, type Preferences, type SetupRecord, type WheelsetRecord } from '../../records';
import type { Setup, Wheel } from '../../core/gears';
import {
  change,
  editMadeSetup,
  redo,
  setPreferences,
  undo,
  useWorkshop,
  type PreferencesEdit,
  type Workshop,
} from '../../store';
import { afterFrame } from '../after-frame';
import { HistoryEpochContext } from '../fields/HistoryEpoch';
import { failureText } from './failure';
import { LETTERS } from './setup-sign';
import { TypedSetups, type Typed } from './typed-setups';
import { useLink } from './useLink';
import { WORDS } from './text';

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
  readonly wheel: Wheel;
  /** A link's bench is looked at, not changed, until it is kept. */
  readonly fromLink: boolean;
}

export interface BenchEdits {
  /** @param field names what is edited, for undo and its tooltip */
  readonly editBike: (field: string, edit: (bike: BikeRecord) => BikeRecord) => void;
  /** The wheelset that the setup in depth runs on. */
  readonly editWheelset: (field: string, edit: (wheelset: WheelsetRecord) => WheelsetRecord) => void;
  /** @param id the setup in depth where it is left out */
  readonly editSetup: (field: string, edit: (setup: SetupRecord) => SetupRecord, id?: string) => void;
  readonly editPreferences: (edit: PreferencesEdit) => void;
  /** Looks at another setup in depth, at once: a key pressed next already means that one. */
  readonly chooseSetup: (id: string) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Runs a write and says it when it fails; nothing fails silently. */
  readonly write: (work: () => Promise<unknown>) => void;
}

export type BenchState =
  | { readonly kind: 'opening' }
  | { readonly kind: 'failed'; readonly message: string; readonly newerVersion: number | undefined }
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
const TypedContext = createContext(new TypedSetups());

/** The wheelset that a setup runs on. A record names one that its bike has: the schema sees to it. */
export function wheelsetOf(bike: BikeRecord, { wheelsetId }: SetupRecord): WheelsetRecord {
  return bike.wheelsets.find(({ id }) => id === wheelsetId) ?? bike.wheelsets[0]!;
}

export function BenchProvider({ children }: { children: ReactNode }) {
  const state = useWorkshop();
  const { notification } = App.useApp();
  const [epoch, setEpoch] = useState(0);
  // Ahead of what is kept by as long as a write takes.
  const [chosenId, setChosenId] = useState<string>();
  const [typed] = useState(() => new TypedSetups());

  const write = useCallback(
    (work: () => Promise<unknown>) => {
      // After the frame that shows it, and in the order in which they were asked for.
      afterFrame(() => {
        work().catch((error: unknown) => {
          notification.error({ title: WORDS.benchProvider.notSaved, description: failureText(error), duration: 0 });
        });
      });
    },
    [notification],
  );

  const link = useLink();
  const value = useMemo((): BenchState => {
    if (state.kind !== 'ready') return state;
    if (link.kind === 'reading') return { kind: 'opening' };
    const workshop = { ...state, setup: state.setups.find(({ id }) => id === chosenId) ?? state.setup };
    return {
      kind: 'ready',
      workshop,
      preferences: state.preferences,
      bench: benchOf(workshop, link.kind === 'bench' ? link.bench : undefined),
      linkProblem: link.kind === 'broken' ? link.message : undefined,
      edits: editsOf(workshop, write, () => setEpoch((count) => count + 1), setChosenId, typed),
    };
  }, [state, link, write, chosenId, typed]);
  const told = state.kind === 'ready' ? state.setups : undefined;
  useEffect(() => typed.told(), [typed, told]);

  return (
    <HistoryEpochContext value={epoch}>
      <TypedContext value={typed}>
        <BenchContext value={value}>{children}</BenchContext>
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
  const wheelset = wheelsetOf(bike, setup);
  return {
    bike,
    setups,
    setup,
    place: setups.indexOf(setup),
    wheelset,
    wheel: wheelOf(wheelset),
    fromLink: linked !== undefined,
  };
}

function editsOf(
  workshop: Workshop,
  write: BenchEdits['write'],
  travelled: () => void,
  chosen: (id: string) => void,
  typed: TypedSetups,
): BenchEdits {
  const { db, bike, setup, setups } = workshop;
  const travel = (go: typeof undo) => write(() => go(db).then(travelled));
  const editBike: BenchEdits['editBike'] = (field, edit) => {
    if (!bike) return;
    const options = {
      label: WORDS.benchProvider.fieldOfName(field, bike.name),
      mergeKey: `${field} ${bike.id}`,
      now: Date.now(),
    };
    write(() => change(db, options, (draft) => draft.update('bikes', bike.id, edit)));
  };
  return {
    write,
    editBike,
    editWheelset: (field, edit) => {
      if (!bike || !setup) return;
      const { id } = wheelsetOf(bike, setup);
      editBike(field, (record) => ({
        ...record,
        wheelsets: record.wheelsets.map((wheelset) => (wheelset.id === id ? edit(wheelset) : wheelset)),
      }));
    },
    editSetup: (field, edit, id = setup?.id) => {
      const place = setups.findIndex((one) => one.id === id);
      if (!bike || id === undefined || place < 0) return;
      const label = WORDS.benchProvider.fieldLetterOfName(field, LETTERS[place], bike.name);
      typed.begin(edit(typed.now().setups.get(id) ?? setups[place]!));
      write(() =>
        change(db, { label, mergeKey: `${field} ${id}`, now: Date.now() }, (draft) =>
          editMadeSetup(db, draft, id, edit),
        ).then(
          () => typed.end(id, true),
          (cause: unknown) => {
            typed.end(id, false);
            throw cause;
          },
        ),
      );
    },
    editPreferences: (edit) => write(() => setPreferences(db, edit)),
    chooseSetup: (id) => {
      chosen(id);
      write(() => setPreferences(db, { currentSetupId: id }));
    },
    undo: () => travel(undo),
    redo: () => travel(redo),
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

function benchAsTyped(bench: Bench, { setups: typed }: Typed): Bench {
  if (bench.fromLink || !bench.setups.some(({ id }) => typed.has(id))) return bench;
  const setups = bench.setups.map((one) => typed.get(one.id) ?? one);
  return { ...bench, setups, setup: setups[bench.place]! };
}

/** The same with its setups as they were just typed, ahead of the database, and which state of what is typed that is. */
export function useTypedBench(): { readonly bench: Bench; readonly version: number } {
  const { bench } = useReadyBench();
  const store = use(TypedContext);
  const [typed, setTyped] = useState(store.now);
  useEffect(() => {
    // What must be there at once is drawn by `useTypedNow`; its frame goes out first, and the next key comes first.
    let drop: (() => void) | undefined;
    const follow = () => startTransition(() => setTyped(store.now()));
    const leave = store.subscribe(() => {
      drop?.();
      drop = afterFrame(follow);
    });
    follow();
    return () => {
      drop?.();
      leave();
    };
  }, [store]);
  return useMemo(() => ({ bench: benchAsTyped(bench, typed), version: typed.version }), [bench, typed]);
}

/**
 * Hears of what is typed within the event that brings it, before anything is drawn anew: for what draws by itself.
 * @param listen is given the bench as it was just typed, and which state that is
 */
export function useTypedNow(listen: (bench: Bench, version: number) => void): void {
  const { bench } = useReadyBench();
  const store = use(TypedContext);
  const tell = useRef<() => void>(() => undefined);
  useEffect(() => {
    tell.current = () => {
      const typed = store.now();
      if (typed.setups.size > 0) listen(benchAsTyped(bench, typed), typed.version);
    };
  });
  useEffect(() => store.subscribe(() => tell.current()), [store]);
}

/** A setup record with other teeth. */
export function withTeeth(record: SetupRecord, { chainrings, cogs }: Pick<Setup, 'chainrings' | 'cogs'>): SetupRecord {
  return { ...record, chainrings, cogs };
}
