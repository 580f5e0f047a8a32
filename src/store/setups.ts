import { nanoid } from 'nanoid';
import { SETUPS_MAX, type SetupRecord } from '../records';
import { change, type Draft } from './change';
import type { RontelDatabase } from './db';

/** Adds a setup to the bike, last. Returns its id, or undefined if the bike has the maximum number of setups. */
export async function addSetup(
  db: RontelDatabase,
  content: Omit<SetupRecord, 'id' | 'rank'>,
  label: string,
  now: number,
): Promise<string | undefined> {
  const id = nanoid();
  const written = { added: false };
  await change(db, { label, now }, async (draft) => {
    const setups = await setupsOf(db, content.bikeId);
    if (setups.length >= SETUPS_MAX) return;
    await draft.put('setups', { ...content, id, rank: (setups.at(-1)?.rank ?? -1) + 1 });
    written.added = true;
  });
  return written.added ? id : undefined;
}

/** Removes a setup, unless it is the bike's last one. */
export async function removeSetup(db: RontelDatabase, setup: SetupRecord, label: string, now: number): Promise<void> {
  await change(db, { label, now }, async (draft) => {
    if ((await setupsOf(db, setup.bikeId)).length > 1) await draft.remove('setups', setup.id);
  });
}

/** Moves a setup from one position to another; the first is on the bike. */
export async function moveSetup(
  db: RontelDatabase,
  bikeId: string,
  from: number,
  to: number,
  label: string,
  now: number,
): Promise<void> {
  await change(db, { label, now }, async (draft: Draft) => {
    const setups = await setupsOf(db, bikeId);
    const moved = setups[from];
    if (!moved || to < 0 || to >= setups.length) return;
    const order = setups.filter((setup) => setup !== moved);
    order.splice(to, 0, moved);
    for (const [rank, setup] of order.entries()) await draft.put('setups', { ...setup, rank });
  });
}

function setupsOf(db: RontelDatabase, bikeId: string): Promise<SetupRecord[]> {
  return db.setups.where('bikeId').equals(bikeId).sortBy('rank');
}
