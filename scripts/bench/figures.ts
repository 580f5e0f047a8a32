/** The value that `share` of the values do not exceed; the values need not be in order. */
export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]!;
}

export const median = (values: readonly number[]): number => quantile(values, 0.5);
