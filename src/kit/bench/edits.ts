import { wheelsetOf, type BikeRecord, type SetupRecord, type WheelsetRecord } from '../../records';
import { change, editMadeSetup, redo, setPreferences, undo, type PreferencesEdit, type Workshop } from '../../store';
import { letterOf } from './setup-sign';
import type { PendingEdits } from './pending-edits';
import { t } from './text';

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

/** The workshop that the hands have before them: what an edit begun now is one of. */
export class ShownBench {
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
 * What the hands can do to the bench. The edits stay the same while what they edit changes: nothing is drawn for them.
 * @param travelled is told after a step of undo or redo
 * @param chosen is told of the setup that is to be looked at, before it is kept
 */
export function editsOf(
  onScreen: ShownBench,
  write: BenchEdits['write'],
  travelled: () => void,
  chosen: (id: string) => void,
  typed: PendingEdits,
): BenchEdits {
  const travel = (go: typeof undo) => {
    const { db } = onScreen.now();
    write(() => go(db).then(travelled));
  };
  const editBike: BenchEdits['editBike'] = (field, edit) => {
    const { db, bike } = onScreen.now();
    if (!bike) return;
    const options = {
      label: t('benchProvider.fieldOfName', { field, name: bike.name }),
      mergeKey: `${field} ${bike.id}`,
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
      const label = t('benchProvider.fieldLetterOfName', { field, letter: letterOf(place), name: bike.name });
      typed.begin(edit(typed.now().get(id) ?? setups[place]!));
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
