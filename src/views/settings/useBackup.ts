'use client';

import { useEffect, useState } from 'react';
import { readBackupState, type BackupState, type Workshop, useLive } from '../../store';

/** The browser's storage estimate; undefined where it gives none. */
interface Room {
  /** Whether it has promised not to clear it by itself. */
  readonly isPersistent: boolean;
  readonly usedMb: number | undefined;
}

interface Keeping {
  readonly backup: BackupState | undefined;
  readonly room: Room | undefined;
  /** Requests persistent storage; returns whether it was granted. */
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
  const backup = useLive(db, readBackupState);
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
