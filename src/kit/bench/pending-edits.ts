import { sameRecord, type SetupRecord } from '../../records';

/** What the database tells may be older than what was written last; longer than this it is not. */
const OLDER_FOR_MS = 300;

/** Setups as they were just edited, by id. */
export type Typed = ReadonlyMap<string, SetupRecord>;

/**
 * Setups as they were just edited, from the key stroke until the page shows them as the database tells of them. What
 * must follow the hands draws from here; everything else follows the database, which comes a moment later.
 */
export class PendingEdits {
  private typed: Typed = new Map();
  private kept: readonly SetupRecord[] = [];
  private readonly writing = new Map<string, number>();
  private readonly listeners = new Set<() => void>();

  /** An edit is being written; `record` is what it makes of the setup. */
  begin(record: SetupRecord): void {
    this.writing.set(record.id, (this.writing.get(record.id) ?? 0) + 1);
    this.tell(new Map(this.typed).set(record.id, record));
  }

  /** That write is over; what was refused is shown no longer, what was written until the page shows it all the same. */
  end(id: string, wasWritten: boolean): void {
    this.writing.set(id, Math.max(0, (this.writing.get(id) ?? 0) - 1));
    if (wasWritten) this.dropIf((record) => this.isWritten(record) && this.isShown(record));
    else this.dropIf((record) => record.id === id);
  }

  /** The page shows these setups now, as the database told of them. */
  shown(kept: readonly SetupRecord[]): void {
    this.kept = kept;
    this.dropIf((record) => this.isWritten(record) && (this.isShown(record) || this.isGone(record)));
    // Told before the last of several writes, or changed by somebody else since: time tells which.
    const otherwise = [...this.typed.values()].filter((record) => this.isWritten(record));
    if (otherwise.length > 0) setTimeout(() => this.dropIf((record) => otherwise.includes(record)), OLDER_FOR_MS);
  }

  readonly now = (): Typed => this.typed;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  private isWritten({ id }: SetupRecord): boolean {
    return (this.writing.get(id) ?? 0) === 0;
  }

  private isShown(record: SetupRecord): boolean {
    return this.kept.some((kept) => kept.id === record.id && sameRecord(kept, record));
  }

  private isGone({ id }: SetupRecord): boolean {
    return !this.kept.some((kept) => kept.id === id);
  }

  private dropIf(isOver: (record: SetupRecord) => boolean): void {
    const left = [...this.typed].filter(([, record]) => !isOver(record));
    if (left.length < this.typed.size) this.tell(new Map(left));
  }

  private tell(typed: Typed): void {
    this.typed = typed;
    for (const listener of this.listeners) listener();
  }
}
