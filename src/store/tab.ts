import { nanoid } from 'nanoid';
import type { RontelDatabase } from './db';

const KEY = 'rontel-tab';

/**
 * Returns the id of this tab, so that undo reverts only what was done here. The id survives a reload; a tab that opens while
 * no other is open continues with the steps of the last one. A Web Lock holds the id while the tab lives: a duplicated tab
 * brings the same session storage and must get another id.
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

/** Acquires the lock of an id until the tab closes; false if another tab holds it. Without Web Locks (plain HTTP) session storage decides. */
async function holds(id: string): Promise<boolean> {
  if (!('locks' in navigator)) return sessionStorage.getItem(KEY) === id;
  return new Promise((resolve) => {
    void navigator.locks.request(`${KEY} ${id}`, { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock ? new Promise<never>(() => undefined) : undefined;
    });
  });
}

/** Counts the other open Rontel windows; undefined if the browser does not report it. */
export async function windowsOpen(): Promise<number | undefined> {
  if (!('locks' in navigator)) return undefined;
  const { held = [] } = await navigator.locks.query();
  const own = `${KEY} ${sessionStorage.getItem(KEY) ?? ''}`;
  return held.filter(({ name }) => name?.startsWith(`${KEY} `) && name !== own).length;
}
