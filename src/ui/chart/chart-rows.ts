import type { ChartData } from 'chart.js';

interface ChartRow {
  readonly line: string;
  readonly x: number;
  readonly y: number;
}

/** The points of all lines in their order; what is only there to break a line is left out. */
export function chartRows({ datasets }: ChartData<'line'>): ChartRow[] {
  return datasets.flatMap(({ label = '', data }) =>
    data.flatMap((point): ChartRow[] => {
      if (typeof point !== 'object' || point === null) return [];
      const { x, y } = point as { readonly x: number | null; readonly y: number | null };
      return x === null || y === null || !Number.isFinite(x) || !Number.isFinite(y) ? [] : [{ line: label, x, y }];
    }),
  );
}
