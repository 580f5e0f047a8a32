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
import { scheduleAfterPaint } from '../../ui/react/schedule-after-paint';
import { HistoryEpochContext } from '../../ui/fields/HistoryEpoch';
import { useStableCallback } from '../../ui/react/useStableCallback';
import { ShownWorkspace, editsOf, type WorkspaceEdits } from './edits';
import { failureText } from './failure';
import { PendingEdits, type Typed } from './pending-edits';
import { UnreadableSetups } from './unreadable';
import { useLink } from './useLink';
import { t } from './text';
import { itemAt } from '../../core/items';

/** The open bike with its setups, stored here or received by a link. */
export interface Workspace {
  readonly bike: BikeRecord;
  /** In the order of the workspace; the first is the one fitted now. */
  readonly setups: readonly SetupRecord[];
  /** The selected setup and its index. */
  readonly setup: SetupRecord;
  readonly place: number;
  /** What that setup runs on. */
  readonly wheelset: WheelsetRecord;
  /** A bike from a link is read-only until it is saved. */
  readonly fromLink: boolean;
}

type WorkspaceState =
  | Exclude<WorkshopState, { kind: 'ready' }>
  | {
      readonly kind: 'ready';
      readonly workshop: Workshop;
      readonly preferences: Preferences;
      /** Undefined while the workshop is empty. */
      readonly workspace: Workspace | undefined;
      /** Why the address's link could not be read. */
      readonly linkProblem: string | undefined;
      readonly edits: WorkspaceEdits;
    };

const WorkspaceContext = createContext<WorkspaceState>({ kind: 'opening' });
const TypedContext = createContext(new PendingEdits());
const UnreadableContext = createContext(new UnreadableSetups());

export function WorkspaceProvider({ children }: { children: ReactNode }) {
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
          notification.error({ title: t('workspaceProvider.notSaved'), description: failureText(error), duration: 0 });
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
  const [onScreen] = useState(() => new ShownWorkspace());
  useLayoutEffect(() => onScreen.show(workshop), [onScreen, workshop]);
  const edits = useMemo(
    () => editsOf(onScreen, write, () => setEpoch((count) => count + 1), setChosenId, typed),
    [onScreen, write, typed],
  );
  const link = useLink();
  const value = useMemo((): WorkspaceState => {
    if (state.kind !== 'ready') return state;
    if (link.kind === 'reading' || !workshop) return { kind: 'opening' };
    return {
      kind: 'ready',
      workshop,
      preferences: state.preferences,
      workspace: workspaceOf(workshop, link.kind === 'bench' ? link.workspace : undefined),
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
          <WorkspaceContext value={value}>{children}</WorkspaceContext>
        </UnreadableContext>
      </TypedContext>
    </HistoryEpochContext>
  );
}

function workspaceOf(
  workshop: Workshop,
  linked: { readonly bike: BikeRecord; readonly setup: SetupRecord } | undefined,
): Workspace | undefined {
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

export function useWorkspace(): WorkspaceState {
  return use(WorkspaceContext);
}

/** The ready workspace, below a place that has made sure that there is one. */
export function useReadyWorkspace(): {
  workspace: Workspace;
  preferences: Preferences;
  edits: WorkspaceEdits;
  workshop: Workshop;
} {
  const state = useWorkspace();
  if (state.kind !== 'ready' || !state.workspace) throw new Error('useReadyBench above an empty bench');
  const { workspace, preferences, edits, workshop } = state;
  return { workspace, preferences, edits, workshop };
}

/**
 * Called within the input event, before React renders: for the ladder.
 * @param listen is given the workspace as it was just typed, or nothing once the page shows what was
 */
export function usePendingWorkspace(listen: (workspace: Workspace | undefined) => void): void {
  const { workspace } = useReadyWorkspace();
  const store = use(TypedContext);
  const hear = useStableCallback(() => listen(workspaceAsTyped(workspace, store.now())));
  useEffect(() => store.subscribe(hear), [store, hear]);
}

/** Returns why the text typed for a setup does not parse; undefined if it does. */
export function useTellUnreadable(setupId: string, reason: string | undefined): void {
  const setups = use(UnreadableContext);
  useEffect(() => {
    setups.tell(setupId, reason);
    return () => setups.tell(setupId, undefined);
  }, [setups, setupId, reason]);
}

/** Why setups cannot be read as they are typed, by their place in the workspace. */
export function useUnreadable(): ReadonlyMap<number, string> {
  const { workspace } = useReadyWorkspace();
  const setups = use(UnreadableContext);
  const reasons = useSyncExternalStore(setups.subscribe, setups.now, setups.now);
  return useMemo(
    () =>
      new Map(
        workspace.setups.flatMap(({ id }, place): [number, string][] => {
          const reason = reasons.get(id);
          return reason === undefined ? [] : [[place, reason]];
        }),
      ),
    [workspace.setups, reasons],
  );
}

function workspaceAsTyped(workspace: Workspace, typed: Typed): Workspace | undefined {
  if (workspace.fromLink || !workspace.setups.some(({ id }) => typed.has(id))) return undefined;
  const setups = workspace.setups.map((one) => typed.get(one.id) ?? one);
  return { ...workspace, setups, setup: itemAt(setups, workspace.place) };
}

/** A setup record with other teeth. */
export function withTeeth(record: SetupRecord, { chainrings, cogs }: Pick<Setup, 'chainrings' | 'cogs'>): SetupRecord {
  return { ...record, chainrings, cogs };
}
