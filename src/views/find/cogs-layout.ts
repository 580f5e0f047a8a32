/** Two cassettes on one log scale of teeth, for a drawing. */
interface CogMark {
  readonly teeth: number;
  readonly x: number;
}

/** Places cogs on a scale from the smallest of all to the largest. @param width of the scale */
export function cogMarks(
  rows: readonly (readonly number[])[],
  left: number,
  width: number,
): readonly (readonly CogMark[])[] {
  const all = rows.flat();
  const [low, high] = [Math.log(Math.min(...all)), Math.log(Math.max(...all))];
  const x = (teeth: number) => left + (high > low ? ((high - Math.log(teeth)) / (high - low)) * width : width / 2);
  return rows.map((cogs) => cogs.map((teeth) => ({ teeth, x: x(teeth) })));
}
