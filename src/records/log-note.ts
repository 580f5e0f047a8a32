/** Something written down about a bike: an observation, or kilometres that nobody recorded. */
export interface LogNoteRecord {
  readonly id: string;
  readonly bikeId: string;
  readonly atMs: number;
  readonly text: string;
  readonly km?: number | undefined;
}

export const NOTE_KM = { min: 0.1, max: 20_000 } as const;
