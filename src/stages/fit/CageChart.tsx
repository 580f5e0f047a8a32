'use client';

import type { ChartDataset, ChartOptions } from 'chart.js';
import type { CageRow, DriveGeometry } from '../../core/fit';
import { ChartFrame } from '../../kit/chart/ChartFrame';
import { chartAxis, setupLine } from '../../kit/chart/setup-chart';
import { fixed } from '../../kit/format';
import { usePalette } from '../../kit/theme/ThemeProvider';
import { WORDS } from './words/text';

/** Past this the chain is all but straight between cog and ring. */
const STRETCHED_DEG = 90;

interface CageChartProps {
  readonly cage: readonly CageRow[];
  readonly geometry: DriveGeometry;
  readonly place: number;
  readonly name: string;
}

/** The cage's angle over the cogs, a line a ring, between its limits. */
export function CageChart({ cage, geometry, place, name }: CageChartProps) {
  const palette = usePalette();
  const rings = [...new Set(cage.map(({ chainring }) => chainring))];
  const cogs = [...new Set(cage.map(({ cog }) => cog))];
  const limit = (yValue: number, content: string, position: 'start' | 'end') => ({
    type: 'line' as const,
    yMin: yValue,
    yMax: yValue,
    borderColor: palette.stop,
    borderWidth: 1.5,
    borderDash: [6, 3],
    label: {
      display: true,
      content,
      position,
      yAdjust: yValue > 0 ? 9 : -9,
      color: palette.stop,
      backgroundColor: palette.sheet,
      font: { size: 11, weight: 'normal' as const },
      padding: 1,
    },
  });
  const options: ChartOptions<'line'> = {
    animation: false,
    maintainAspectRatio: false,
    interaction: { mode: 'nearest', intersect: false },
    scales: {
      x: {
        ...chartAxis(palette, WORDS.cageChart.cogLargestFirst),
        type: 'linear',
        min: 0,
        max: cogs.length - 1,
        reverse: true,
        ticks: { color: palette.inkSoft, stepSize: 1, callback: (value) => String(cogs[Number(value)] ?? '') },
      },
      y: {
        ...chartAxis(palette, WORDS.cageChart.cageDegrees),
        min: Math.min(-90, geometry.foldBackLimitDeg - 10),
        max: 100,
        ticks: { color: palette.inkSoft, maxTicksLimit: 8, callback: (value) => fixed(Number(value), 0) },
      },
    },
    plugins: {
      tooltip: {
        callbacks: {
          title: () => '',
          label: ({ dataset, parsed }) => `${dataset.label}/${cogs[parsed.x ?? 0]}: ${fixed(parsed.y ?? 0, 1)}°`,
        },
      },
      annotation: {
        annotations: {
          // Each where the lines are far from it: the axis runs from the largest cog to the smallest.
          back: limit(geometry.foldBackLimitDeg, WORDS.cageChart.foldedBackSlack, 'end'),
          ahead: limit(STRETCHED_DEG, WORDS.cageChart.stretchedChainStraight, 'start'),
        },
      },
    },
  };
  const datasets = rings.map((ring, i): ChartDataset<'line'> => ({
    ...setupLine(palette, place),
    ...(i > 0 ? { borderWidth: 1.2 } : {}),
    label: String(ring),
    pointRadius: 4 - i,
    data: cage
      .filter(({ chainring }) => chainring === ring)
      .flatMap(({ cog, pose }) => (pose.angleDeg === undefined ? [] : [{ x: cogs.indexOf(cog), y: pose.angleDeg }])),
  }));
  return (
    <ChartFrame
      title={WORDS.cageChart.cageAngleInEveryGear(
        rings.length > 1 ? WORDS.cageChart.thickOnTheRingThin(rings[0], rings[1]) : '',
      )}
      name={WORDS.cageChart.nameCageAngle(name)}
      summary={WORDS.cageChart.angleOfTheCageIn(cage.length)}
      data={{ datasets }}
      options={options}
      height={210}
      xText={(x) => String(cogs[x])}
    />
  );
}
