import { nanoid } from 'nanoid';
import type { LogNoteRecord } from '../records';
import { change } from './change';
import type { RontelDatabase } from './db';
import { t } from './words';

export async function addNote(db: RontelDatabase, content: Omit<LogNoteRecord, 'id'>, now: number): Promise<void> {
  await change(db, { label: t('undo.note'), now }, (draft) => draft.put('notes', { ...content, id: nanoid() }));
}

export async function removeNote(db: RontelDatabase, id: string, now: number): Promise<void> {
  await change(db, { label: t('undo.removeNote'), now }, (draft) => draft.remove('notes', id));
}
