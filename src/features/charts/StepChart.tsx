'use client';

import type { ChartOptions } from 'chart.js';
import { stepTolerance } from '../../core/compare';
import { zonesOf, type FilledBrief } from '../../core/needs';
import {
  speedOfStepKmh,
  stepOfSize,
  ZONES,
  type Step,
  type StepReading,
  type StepSize,
  type Zone,
} from '../../core/gears';
import { percent } from '../../core/units';
import { letterOf } from '../setup-mark/setup-sign';
import { gearName, READING_TEXT, stepText } from '../explanations/gears';
import { allDigits, fixed } from '../../ui/format';
import { speedIn, SPEED_UNIT_TEXT, type SpeedUnit } from '../units/speed';
import { usePalette } from '../theme/ThemeProvider';
import { ZONE_TEXT } from '../rider/words';
import { ChartFrame } from '../../ui/chart/ChartFrame';
import { chartAxis, setupLine, speedAxis } from './setup-chart';
import { t } from './text';
import { itemAt } from '../../core/items';

interface StepSeries {
  readonly place: number;
  readonly label: string;
  readonly steps: readonly Step[];
  readonly rolloutMm: number;
}

interface StepChartProps {
  readonly title: string;
  readonly name: string;
  readonly series: readonly StepSeries[];
  readonly brief: FilledBrief;
  readonly reading: StepReading;
  readonly speedUnit: SpeedUnit;
  readonly height?: number;
}

/** Each step over the speed at which it is taken, with the largest that the rider puts up with. */
export function StepChart({ title, name, series, brief, reading, speedUnit, height }: StepChartProps) {
  const palette = usePalette();
  const inUnit = (kmh: number) => speedIn(speedUnit, kmh);
  const heightOf = (size: StepSize) => (reading === 'logStep' ? size.logStep : percent(size[reading]));
  const points = series.map(({ steps, rolloutMm }) =>
    steps.map((step) => ({
      x: inUnit(speedOfStepKmh(step, rolloutMm, brief.preferredRpm)),
      y: heightOf(step),
      text: `${gearName(step.from)} → ${gearName(step.to)}: ${stepText(step, reading)}`,
    })),
  );
  const speeds = points.flat().map(({ x }) => x);
  const min = Math.min(...speeds) / 1.06;
  const max = Math.max(...speeds) * 1.06;
  const limits = zonesOf(brief);
  const edges = [min, inUnit(limits.climbingBelowKmh), inUnit(limits.fastAboveKmh), max];
  // Tolerances are speed steps; the other readings of the same step are smaller.
  const toleranceOf = (zone: Zone) => heightOf(stepOfSize(stepTolerance(brief, zone)));
  const options: ChartOptions<'line'> = {
    animation: false,
    maintainAspectRatio: false,
    interaction: { mode: 'nearest', intersect: false },
    scales: {
      x: speedAxis(
        palette,
        t('stepChart.takenAtSpeedUnitAndPreferredRpm', {
          speedUnit: SPEED_UNIT_TEXT[speedUnit],
          preferredRpm: allDigits(brief.preferredRpm),
        }),
        min,
        max,
      ),
      y: {
        ...chartAxis(palette, `${READING_TEXT[reading]}${reading === 'logStep' ? '' : ', %'}`),
        beginAtZero: true,
        suggestedMax: Math.max(...ZONES.map(toleranceOf)) * 1.05,
      },
    },
    plugins: {
      tooltip: {
        callbacks: {
          title: () => '',
          label: ({ datasetIndex, dataIndex }) => itemAt(itemAt(points, datasetIndex), dataIndex).text,
        },
      },
      annotation: {
        annotations: Object.fromEntries(
          ZONES.map((zone, i) => [
            zone,
            {
              type: 'line' as const,
              drawTime: 'beforeDatasetsDraw' as const,
              xMin: Math.max(min, itemAt(edges, i)),
              xMax: Math.min(max, itemAt(edges, i + 1)),
              yMin: toleranceOf(zone),
              yMax: toleranceOf(zone),
              borderColor: palette.stop,
              borderWidth: 1.5,
              borderDash: [6, 3],
              display: itemAt(edges, i) < max && itemAt(edges, i + 1) > min,
            },
          ]),
        ),
      },
    },
  };
  const data = {
    datasets: series.map(({ place, label }, i) => ({
      ...setupLine(palette, place),
      label,
      data: itemAt(points, i),
      pointRadius: 4,
      tension: 0,
    })),
  };
  const largest = series.map(({ place }, i) =>
    t('stepChart.letterAtMostValue', {
      letter: letterOf(place),
      value: fixed(Math.max(...itemAt(points, i).map(({ y }) => y)), 1),
    }),
  );
  return (
    <ChartFrame
      title={title}
      name={name}
      data={data}
      options={options}
      height={height ?? 220}
      note={t('stepChart.yourLimits', {
        limits: ZONES.map((zone) =>
          t('stepChart.zoneLimit', {
            zone: ZONE_TEXT[zone],
            limit: fixed(toleranceOf(zone), reading === 'logStep' ? 3 : 1),
          }),
        ).join(', '),
      })}
      summary={t('stepChart.readingOverSpeedLargest', { reading: READING_TEXT[reading], largest: largest.join(', ') })}
    />
  );
}
