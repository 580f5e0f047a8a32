'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { readBackupState, type BackupState, type Workshop } from '../../store';

/** What the browser says of the room that it gives; undefined where it does not say. */
interface Room {
  /** Whether it has promised not to clear it by itself. */
  readonly isPersistent: boolean;
  readonly usedMb: number | undefined;
}

export interface Keeping {
  readonly backup: BackupState | undefined;
  readonly room: Room | undefined;
  /** Asks the browser not to clear it by itself; answers whether it has promised. */
  readonly ask: () => Promise<boolean>;
}

const BYTES_PER_MB = 1_000_000;

async function readRoom(): Promise<Room | undefined> {
  // Over plain http the browser has no such thing.
  const storage = (navigator as { readonly storage?: StorageManager }).storage;
  if (!storage) return undefined;
  const [isPersistent, { usage }] = await Promise.all([storage.persisted(), storage.estimate()]);
  return { isPersistent, usedMb: usage === undefined ? undefined : usage / BYTES_PER_MB };
}

/** How safely what is here is kept. */
export function useBackup(db: Workshop['db']): Keeping {
  const backup = useLiveQuery(() => readBackupState(db), [db]);
  const [room, setRoom] = useState<Room>();
  useEffect(() => {
    readRoom().then(setRoom, () => setRoom(undefined));
  }, []);
  const ask = async () => {
    const isPersistent = await navigator.storage.persist();
    setRoom(await readRoom());
    return isPersistent;
  };
  return { backup, room, ask };
}
