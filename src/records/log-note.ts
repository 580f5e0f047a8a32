import type { LogNoteRecord } from './log-note.schema';

export type { LogNoteRecord };
export const NOTE_KM = { min: 0.1, max: 20_000 } as const;
