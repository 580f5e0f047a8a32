import { entryOf } from '../../core/items';
type Task = () => Promise<void>;

/**
 * Writes one after the other. Of several that wait under one key only the last is done, for it holds what the
 * others did: a sentence that is typed quickly is two writes, not one a letter.
 */
export class WriteQueue {
  private readonly waiting = new Map<string, { task: Task; readonly done: Promise<void> }>();
  private last: Promise<void> = Promise.resolve();
  private open = 0;

  /** @param onChange called with the number of pending writes whenever it changes */
  constructor(private readonly onChange: (open: number) => void = () => undefined) {}

  add(key: string, task: Task): Promise<void> {
    const before = this.waiting.get(key);
    if (before) {
      before.task = task;
      return before.done;
    }
    const run = async () => {
      const entry = entryOf(this.waiting, key);
      this.waiting.delete(key);
      await entry.task();
    };
    const done = this.last.then(run).finally(() => this.count(-1));
    this.count(1);
    this.waiting.set(key, { task, done });
    // A failure is reported to its caller and does not stop the others.
    this.last = done.catch(() => undefined);
    return done;
  }

  private count(by: number): void {
    this.open += by;
    this.onChange(this.open);
  }
}
