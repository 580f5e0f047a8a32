import { nanoid } from 'nanoid';
import {
  BIKE_DEFAULTS,
  PREFERENCES_DEFAULTS,
  SETUP_DEFAULTS,
  type BikeRecord,
  type Preferences,
  type SetupRecord,
} from '../records';
import type { Setup } from '../core/gears';
import { openGate } from './gate';
import { change, type Draft } from './change';
import type { RontelDatabase } from './db';
import { t } from './words';

/** Adds a bike with its setup, and others beside that, and selects it. Its ids and position are new, and it shares no parts even if `content` names some. Returns the bike's id. */
export async function addBike(
  db: RontelDatabase,
  content: {
    readonly bike: Partial<BikeRecord> & { readonly name: string };
    readonly setup: Setup & Partial<SetupRecord>;
    readonly candidates?: readonly Setup[];
  },
  now: number,
): Promise<string> {
  const bikeId = nanoid();
  await change(db, { label: t('undo.newBike', { name: content.bike.name }), now }, async (draft) => {
    const last = await db.bikes.orderBy('rank').last();
    await draft.put('bikes', { ...BIKE_DEFAULTS, ...content.bike, id: bikeId, rank: (last?.rank ?? -1) + 1 });
    // Parts in stock belong to the bike that they are on, and left-out gears to the setup that they were left out of.
    const { partIds: _shelf, leftOut: _leftOut, ...setup } = content.setup;
    const own = { ...SETUP_DEFAULTS, ...setup, bikeId };
    await draft.put('setups', { ...own, id: nanoid(), rank: 0 });
    for (const [i, candidate] of (content.candidates ?? []).entries())
      await draft.put('setups', { ...own, ...candidate, id: nanoid(), rank: i + 1 });
  });
  await setPreferences(db, { currentBikeId: bikeId });
  return bikeId;
}

/** Deletes a bike with its setups, rides, jobs and notes; can be undone. */
export async function removeBike(db: RontelDatabase, bike: BikeRecord, now: number): Promise<void> {
  await change(db, { label: t('undo.remove', { name: bike.name }), now }, async (draft: Draft) => {
    for (const setup of await db.setups.where('bikeId').equals(bike.id).toArray())
      await draft.remove('setups', setup.id);
    for (const { id } of await db.jobs.where('bikeId').equals(bike.id).toArray()) {
      for (const photo of await db.photos.where('jobId').equals(id).toArray()) await draft.remove('photos', photo.id);
      await draft.remove('jobs', id);
    }
    for (const { id } of await db.notes.where('bikeId').equals(bike.id).toArray()) await draft.remove('notes', id);
    for (const { id } of await db.rides.where('bikeId').equals(bike.id).toArray()) {
      await draft.remove('recordings', id);
      await draft.remove('rides', id);
    }
    await draft.remove('bikes', bike.id);
  });
}

type PreferencesChange = Partial<Omit<Preferences, 'id'>>;
/** A change of preferences; a function if it depends on the stored ones, which may be newer than those on screen. */
export type PreferencesEdit = PreferencesChange | ((now: Preferences) => PreferencesChange);

/** Changes preferences; not undoable. */
export async function setPreferences(db: RontelDatabase, edit: PreferencesEdit): Promise<void> {
  await openGate();
  await db.transaction('rw', db.preferences, async () => {
    const now = (await db.preferences.get('preferences')) ?? PREFERENCES_DEFAULTS;
    await db.preferences.put({ ...now, ...(typeof edit === 'function' ? edit(now) : edit) });
  });
}
