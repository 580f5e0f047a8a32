import type { SetupRecord } from '../../records';

/** Setups as they were just edited, by id. */
export interface Typed {
  readonly setups: ReadonlyMap<string, SetupRecord>;
  /** Grows with every change, so that of two drawings the newer is known. */
  readonly version: number;
}

/**
 * Setups as they were just edited, from the key stroke until the database tells of it. What must
 * follow the hands draws from here; everything else follows the database, which comes a moment later.
 */
export class TypedSetups {
  private typed: Typed = { setups: new Map(), version: 0 };
  private readonly writing = new Map<string, number>();
  private readonly listeners = new Set<() => void>();

  /** An edit is being written; `record` is what it makes of the setup. */
  begin(record: SetupRecord): void {
    this.writing.set(record.id, (this.writing.get(record.id) ?? 0) + 1);
    this.tell(new Map(this.typed.setups).set(record.id, record));
  }

  /** That write is over; what was refused is shown no longer, what was written until the database tells of it. */
  end(id: string, wasWritten: boolean): void {
    this.writing.set(id, Math.max(0, (this.writing.get(id) ?? 0) - 1));
    if (!wasWritten) this.drop([id]);
  }

  /** The database has told what it holds now. */
  told(): void {
    this.drop([...this.typed.setups.keys()].filter((id) => (this.writing.get(id) ?? 0) === 0));
  }

  readonly now = (): Typed => this.typed;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  private drop(ids: readonly string[]): void {
    if (!ids.some((id) => this.typed.setups.has(id))) return;
    this.tell(new Map([...this.typed.setups].filter(([id]) => !ids.includes(id))));
  }

  private tell(setups: Typed['setups']): void {
    this.typed = { setups, version: this.typed.version + 1 };
    for (const listener of this.listeners) listener();
  }
}
