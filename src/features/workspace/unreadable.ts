/** Why what is typed for a setup cannot be read, by the id of the setup. */
type Reasons = ReadonlyMap<string, string>;

/** The setups whose field holds something that cannot be read: everything drawn of them is the last that could be. */
export class UnreadableSetups {
  private reasons: Reasons = new Map();
  private readonly listeners = new Set<() => void>();

  readonly now = (): Reasons => this.reasons;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** @param reason undefined once the field can be read or is gone */
  tell(id: string, reason: string | undefined): void {
    if (this.reasons.get(id) === reason) return;
    const others = [...this.reasons].filter(([other]) => other !== id);
    this.reasons = new Map(reason === undefined ? others : [...others, [id, reason]]);
    for (const listener of this.listeners) listener();
  }
}
