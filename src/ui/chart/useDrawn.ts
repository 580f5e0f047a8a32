import type { ChartData, ChartOptions } from 'chart.js';
import { useEffect, useState } from 'react';

/** Time without a change after which typing counts as finished. */
const REST_MS = 1000;

interface Charted {
  readonly data: ChartData<'line'>;
  readonly options: ChartOptions<'line'>;
}

/**
 * What a chart is drawn with. Drawing one takes longer than all else that a tooth changes, so out of sight it follows
 * once the hands rest.
 */
export function useDrawn({ data, options }: Charted, isNear: boolean): Charted {
  const [drawn, draw] = useState<Charted>({ data, options });
  const follows = drawn.data === data && drawn.options === options;
  if (isNear && !follows) draw({ data, options });
  useEffect(() => {
    if (follows) return undefined;
    const timer = setTimeout(() => draw({ data, options }), REST_MS);
    return () => clearTimeout(timer);
  }, [data, options, follows]);
  return drawn;
}
