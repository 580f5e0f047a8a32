import { nanoid } from 'nanoid';
import type { OtherDevice } from '../sync/peer';
import type { RontelDatabase } from './db';
import { withLeaf } from '../sync/leaves';
import { definite } from '../core/items';
import { change, changeTables } from './change';
import { openGate } from './gate';
import type { ClashRecord, PairingRecord } from './sharing';

/** Reads whether this browser is paired, and with what. */
export const readPairing = (db: RontelDatabase): Promise<PairingRecord | undefined> => db.sharing.get('pairing');

/**
 * Pairs this browser with all that know the secret.
 * @param name what the others call it
 */
export async function pairWith(db: RontelDatabase, secret: string, name: string): Promise<void> {
  await db.transaction('rw', [db.sharing, db.sharedUpdates, db.pieces], async () => {
    // What was shared with others before is no part of this.
    await db.sharedUpdates.clear();
    await db.pieces.clear();
    await db.sharing.put({ id: 'pairing', secret, deviceId: nanoid(), name, ownClients: [], others: [], apart: [] });
  });
}

export async function renameDevice(db: RontelDatabase, name: string): Promise<void> {
  await db.sharing.update('pairing', { name });
}

/** Notes when another device was heard, and what it does. */
export async function noteDevice(db: RontelDatabase, device: OtherDevice): Promise<void> {
  await db.transaction('rw', db.sharing, async () => {
    const pairing = await db.sharing.get('pairing');
    if (!pairing) return;
    const others = pairing.others.filter(({ deviceId }) => deviceId !== device.deviceId);
    await db.sharing.put({
      ...pairing,
      others: [...others, device].sort((a, b) => (a.deviceId < b.deviceId ? -1 : 1)),
    });
  });
}

/** Ends the pairing of this browser; its data stay, and so do those of the others. */
export async function unpair(db: RontelDatabase): Promise<void> {
  await db.transaction('rw', [db.sharing, db.sharedUpdates, db.pieces, db.clashes], async () => {
    await db.sharing.clear();
    await db.sharedUpdates.clear();
    await db.pieces.clear();
    await db.clashes.clear();
  });
}

/** Reads the fields that two devices changed at once, newest first. */
export const readClashes = (db: RontelDatabase) => db.clashes.orderBy('seq').reverse().toArray();

/**
 * Sets a field that two devices changed at once to the value that was lost, as a step that can be undone, and takes it from
 * the list. The other devices learn of it as of any change.
 * @throws RefusedRecordError if the record does not pass its schema with it
 */
export async function takeLostValue(
  db: RontelDatabase,
  { seq, table, id, path, lost }: ClashRecord,
  { label, now }: { readonly label: string; readonly now: number },
): Promise<void> {
  await openGate();
  await db.transaction('rw', [...changeTables(db), db.clashes], async () => {
    await change(db, { label, now }, (draft) =>
      draft.update(table, id, (record) => withLeaf(table, record, path, lost) as unknown as typeof record),
    );
    await db.clashes.where('seq').equals(definite(seq)).delete();
  });
}

export async function forgetClashes(db: RontelDatabase): Promise<void> {
  await db.clashes.clear();
}
