'use client';

import type { ChartOptions } from 'chart.js';
import type { DistinctPoint } from '../../core/gears';
import { short } from '../../ui/format';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { ChartFrame } from '../../ui/chart/ChartFrame';
import { chartAxis, setupLine } from '../../features/charts/setup-chart';
import { usePalette } from '../../features/theme/ThemeProvider';
import { t } from './text';
import { firstOf, lastOf } from '../../core/items';

interface DistinctCurveProps {
  readonly curve: readonly DistinctPoint[];
  readonly closenessPercent: number;
  readonly count: number;
}

/** The count of distinct gears over closeness, a falling stair, with the rider's own closeness marked. */
export function DistinctCurve({ curve, closenessPercent, count }: DistinctCurveProps) {
  const palette = usePalette();
  const { workspace } = useReadyWorkspace();
  const options: ChartOptions<'line'> = {
    animation: false,
    maintainAspectRatio: false,
    interaction: { mode: 'index', intersect: false },
    scales: {
      x: {
        type: 'linear',
        min: 0,
        max: lastOf(curve).closenessPercent,
        ...chartAxis(palette, t('distinctCurve.closenessPercent')),
      },
      y: { type: 'linear', min: 0, max: firstOf(curve).count, ...chartAxis(palette, 'gears') },
    },
    plugins: {
      tooltip: {
        callbacks: {
          title: ([item]) => `${item?.parsed.x ?? ''}%`,
          label: (item) => t('distinctCurve.yDistinctGears', { y: item.parsed.y ?? 0 }),
        },
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
              content: t('distinctCurve.countAtClosenessPercent', {
                count,
                closenessPercent: short(closenessPercent, 2),
              }),
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
        ...setupLine(palette, workspace.place),
        stepped: 'after' as const,
        pointRadius: 0,
      },
    ],
  };
  return (
    <ChartFrame
      title=""
      name={t('distinctCurve.nameDistinctGears', { name: workspace.bike.name })}
      summary={t('distinctCurve.countDistinctGearsAtClosenessPercent', {
        count,
        closenessPercent: short(closenessPercent, 2),
      })}
      data={data}
      options={options}
      height={150}
    />
  );
}
