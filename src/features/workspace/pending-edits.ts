import { sameRecord, type SetupRecord } from '../../records';

/** A query result may be older than the last write; after this time it is not. */
const OLDER_FOR_MS = 300;

/** Setups with pending edits, by id. */
export type Typed = ReadonlyMap<string, SetupRecord>;

/**
 * Holds edited setups from the key press until the page renders them as read from the database. What must respond to
 * typing at once renders from here; everything else follows the database, a moment later.
 */
export class PendingEdits {
  private typed: Typed = new Map();
  private kept: readonly SetupRecord[] = [];
  private readonly writing = new Map<string, number>();
  private readonly listeners = new Set<() => void>();

  /** Notes that an edit is being written; `record` is its result. */
  begin(record: SetupRecord): void {
    this.writing.set(record.id, (this.writing.get(record.id) ?? 0) + 1);
    this.tell(new Map(this.typed).set(record.id, record));
  }

  /** Notes that the write has ended: a rejected edit is dropped, a written one stays until the page renders it. */
  end(id: string, wasWritten: boolean): void {
    this.writing.set(id, Math.max(0, (this.writing.get(id) ?? 0) - 1));
    if (wasWritten) this.dropIf((record) => this.isWritten(record) && this.isShown(record));
    else this.dropIf((record) => record.id === id);
  }

  /** Notes that the page has rendered these setups as read from the database. */
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
