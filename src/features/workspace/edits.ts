import { wheelsetOf, type BikeRecord, type SetupRecord, type WheelsetRecord } from '../../records';
import { change, editMadeSetup, redo, setPreferences, undo, type PreferencesEdit, type Workshop } from '../../store';
import { letterOf } from '../setup-mark/setup-sign';
import type { PendingEdits } from './pending-edits';
import { editKey, editText, type EditName } from '../../messages/edit-name';
import { t } from './text';
import { itemAt } from '../../core/items';

export interface WorkspaceEdits {
  /** @param field what is edited: the identity of a step of undo, and its name in the tooltip */
  readonly editBike: (field: EditName, edit: (bike: BikeRecord) => BikeRecord) => void;
  /** Edits the wheelset of the selected setup. */
  readonly editWheelset: (field: EditName, edit: (wheelset: WheelsetRecord) => WheelsetRecord) => void;
  /** @param id the selected setup if omitted */
  readonly editSetup: (field: EditName, edit: (setup: SetupRecord) => SetupRecord, id?: string) => void;
  readonly editPreferences: (edit: PreferencesEdit) => void;
  /** Selects a setup at once, so that the next key press already acts on it. */
  readonly chooseSetup: (id: string) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Runs a write and reports a failure. */
  readonly write: (work: () => Promise<unknown>) => void;
}

/** The workshop as last rendered, which an edit starts from. */
export class ShownWorkspace {
  private workshop: Workshop | undefined;

  show(workshop: Workshop | undefined): void {
    this.workshop = workshop;
  }

  /** @throws before there is a workshop: nothing can be edited then */
  now(): Workshop {
    if (!this.workshop) throw new Error(t('edits.now.anEditBeforeThereIs'));
    return this.workshop;
  }
}

/**
 * Creates the edit callbacks. Their identity is constant, so that components do not render again because of them.
 * @param travelled is called after a step of undo or redo
 * @param chosen is called with the selected setup before it is stored
 */
export function editsOf(
  onScreen: ShownWorkspace,
  write: WorkspaceEdits['write'],
  travelled: () => void,
  chosen: (id: string) => void,
  typed: PendingEdits,
): WorkspaceEdits {
  const travel = (go: typeof undo) => {
    const { db } = onScreen.now();
    write(() => go(db).then(travelled));
  };
  const editBike: WorkspaceEdits['editBike'] = (field, edit) => {
    const { db, bike } = onScreen.now();
    if (!bike) return;
    const options = {
      label: t('workspaceProvider.fieldOfName', { field: editText(field), name: bike.name }),
      mergeKey: `${editKey(field)} ${bike.id}`,
      now: Date.now(),
    };
    write(() => change(db, options, (draft) => draft.update('bikes', bike.id, edit)));
  };
  return {
    write,
    editBike,
    editWheelset: (field, edit) => {
      const { bike, setup } = onScreen.now();
      if (!bike || !setup) return;
      const { id } = wheelsetOf(bike, setup);
      editBike(field, (record) => ({
        ...record,
        wheelsets: record.wheelsets.map((wheelset) => (wheelset.id === id ? edit(wheelset) : wheelset)),
      }));
    },
    editSetup: (field, edit, of) => {
      const { db, bike, setup, setups } = onScreen.now();
      const id = of ?? setup?.id;
      const place = setups.findIndex((one) => one.id === id);
      if (!bike || id === undefined || place < 0) return;
      const label = t('workspaceProvider.fieldLetterOfName', {
        field: editText(field),
        letter: letterOf(place),
        name: bike.name,
      });
      typed.begin(edit(typed.now().get(id) ?? itemAt(setups, place)));
      write(() =>
        change(db, { label, mergeKey: `${editKey(field)} ${id}`, now: Date.now() }, (draft) =>
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
    editPreferences: (edit) => {
      const { db } = onScreen.now();
      write(() => setPreferences(db, edit));
    },
    chooseSetup: (id) => {
      const { db } = onScreen.now();
      chosen(id);
      write(() => setPreferences(db, { currentSetupId: id }));
    },
    undo: () => travel(undo),
    redo: () => travel(redo),
  };
}
