import { nanoid } from 'nanoid';
import type { RontelDatabase } from './db';

const KEY = 'rontel-tab';

/**
 * Tells this tab from others, so that undo takes back only what was done here. A tab stays the same through a reload;
 * one that opens while no other is open goes on with the steps of the last one. Held by a lock for as long as the tab
 * lives: a copy of a tab comes with the same note of its id, and must not share it.
 */
export async function tabOf(db: RontelDatabase): Promise<string> {
  const noted = sessionStorage.getItem(KEY);
  const last = (await db.history.orderBy('seq').last())?.tab;
  for (const id of [noted, last]) {
    if (id && (await holds(id))) return noteTab(id);
  }
  const id = nanoid();
  await holds(id);
  return noteTab(id);
}

function noteTab(id: string): string {
  sessionStorage.setItem(KEY, id);
  return id;
}

/** Takes the lock of an id for good; false where another tab has it. Without locks (plain HTTP) only a note is trusted. */
async function holds(id: string): Promise<boolean> {
  if (!('locks' in navigator)) return sessionStorage.getItem(KEY) === id;
  return new Promise((resolve) => {
    void navigator.locks.request(`${KEY} ${id}`, { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock ? new Promise<never>(() => undefined) : undefined;
    });
  });
}

/** How many windows of Rontel there are beside this one; undefined where the browser does not tell. */
export async function windowsOpen(): Promise<number | undefined> {
  if (!('locks' in navigator)) return undefined;
  const { held = [] } = await navigator.locks.query();
  const own = sessionStorage.getItem(KEY);
  return held.filter(({ name }) => name?.startsWith(`${KEY} `) && name !== `${KEY} ${own}`).length;
}
