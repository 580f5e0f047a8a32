'use client';

import { Chart, LinearScale, LineElement, PointElement, Tooltip, type ChartOptions } from 'chart.js';
import annotation from 'chartjs-plugin-annotation';
import { Line } from 'react-chartjs-2';
import type { DistinctPoint } from '../../core/gears';
import { short } from '../../kit/format';
import { FONT_FAMILY } from '../../kit/theme/palette';
import { usePalette } from '../../kit/theme/ThemeProvider';
import styles from './Gears.module.css';

Chart.register(LinearScale, LineElement, PointElement, Tooltip, annotation);
Chart.defaults.font.family = FONT_FAMILY;
Chart.defaults.font.size = 11;

interface DistinctCurveProps {
  readonly curve: readonly DistinctPoint[];
  readonly closenessPercent: number;
  readonly count: number;
}

/** The count of distinct gears over closeness, a falling stair, with the rider's own closeness marked. */
export function DistinctCurve({ curve, closenessPercent, count }: DistinctCurveProps) {
  const palette = usePalette();
  const axis = (text: string) => ({
    title: { display: true, text, color: palette.inkSoft, padding: 0 },
    ticks: { color: palette.inkSoft, maxTicksLimit: 6 },
    grid: { color: palette.line },
    border: { color: palette.edge },
  });
  const options: ChartOptions<'line'> = {
    animation: false,
    maintainAspectRatio: false,
    interaction: { mode: 'index', intersect: false },
    scales: {
      x: { type: 'linear', min: 0, max: curve.at(-1)!.closenessPercent, ...axis('closeness, %') },
      y: { type: 'linear', min: 0, max: curve[0]!.count, ...axis('gears') },
    },
    plugins: {
      tooltip: {
        callbacks: { title: ([item]) => `${item?.parsed.x} %`, label: (item) => `${item.parsed.y} distinct gears` },
      },
      annotation: {
        annotations: {
          own: {
            type: 'line',
            xMin: closenessPercent,
            xMax: closenessPercent,
            borderColor: palette.mark,
            borderDash: [4, 3],
            borderWidth: 1.5,
            label: {
              display: true,
              content: `${count} at ${short(closenessPercent, 2)} %`,
              position: 'end',
              xAdjust: closenessPercent > 15 ? -34 : 34,
              color: palette.mark,
              backgroundColor: palette.sheet,
              font: { weight: 'bold', size: 12 },
              padding: 2,
            },
          },
        },
      },
    },
  };
  const data = {
    datasets: [
      {
        data: curve.map((point) => ({ x: point.closenessPercent, y: point.count })),
        stepped: 'after' as const,
        borderColor: palette.setupA,
        borderWidth: 2,
        pointRadius: 0,
      },
    ],
  };
  return (
    <div className={styles.curve}>
      <Line
        data={data}
        options={options}
        aria-label={`${count} distinct gears at ${short(closenessPercent, 2)} % closeness`}
      />
    </div>
  );
}
