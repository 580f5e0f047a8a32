const DAY_MS = 86_400_000;
/** How many days and weeks keep their newest backup. */
const DAYS = 7;
const WEEKS = 8;

interface Kept {
  readonly seq: number;
  readonly atMs: number;
  readonly bytes: number;
}

/**
 * Selects the automatic backups to keep: the newest of each of the last seven days that have one and of each of the last
 * eight weeks, newest first up to `bytesMax`, at least one.
 */
export function backupsToKeep(copies: readonly Kept[], bytesMax: number): ReadonlySet<number> {
  const newestFirst = [...copies].sort((a, b) => b.atMs - a.atMs || b.seq - a.seq);
  const newestOfEach = (spanMs: number, count: number) => {
    const spans = new Map<number, Kept>();
    for (const copy of newestFirst) {
      const span = Math.floor(copy.atMs / spanMs);
      if (!spans.has(span) && spans.size < count) spans.set(span, copy);
    }
    return [...spans.values()];
  };
  const worth = new Set([...newestOfEach(DAY_MS, DAYS), ...newestOfEach(7 * DAY_MS, WEEKS)]);
  let bytes = 0;
  return new Set(
    newestFirst
      .filter((copy) => worth.has(copy))
      .filter((copy, i) => {
        bytes += copy.bytes;
        return i === 0 || bytes <= bytesMax;
      })
      .map(({ seq }) => seq),
  );
}
