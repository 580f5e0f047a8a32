'use client';

import type { ChartDataset, ChartOptions } from 'chart.js';
import type { FilledBrief } from '../../core/needs';
import { letterOf } from '../setup-mark/setup-sign';
import { fixed } from '../../ui/format';
import { speedIn, SPEED_UNIT_TEXT, type SpeedUnit } from '../units/speed';
import { usePalette } from '../theme/ThemeProvider';
import { ChartFrame } from '../../ui/chart/ChartFrame';
import { chartAxis, setupLine, speedAxis } from './setup-chart';
import { t } from './text';

/** One straight line of cadence over speed. */
export interface CadenceLine {
  readonly label: string;
  readonly fromKmh: number;
  readonly toKmh: number;
  readonly fromRpm: number;
  readonly toRpm: number;
  /** Drawn thin and broken: on the small ring, or cross-chained. */
  readonly light: boolean;
}

interface CadenceSeries {
  readonly place: number;
  readonly lines: readonly CadenceLine[];
  /** Whether the lines follow on each other, so that the shifts between are drawn too. */
  readonly joined: boolean;
}

interface CadenceChartProps {
  readonly title: string;
  readonly name: string;
  readonly summary: string;
  readonly series: readonly CadenceSeries[];
  readonly brief: FilledBrief;
  readonly speedUnit: SpeedUnit;
  readonly height?: number;
}

/** The axis of a setup: each has a strip of its own, the first at the top. */
const axisOf = (i: number) => (i === 0 ? 'y' : `y${i}`);

/** What a strip needs to be read, CSS pixels; and what the axis of speeds below them takes. */
const STRIP = 104;
const SPEEDS = 44;

/** Cadence over speed with the cadence range shaded, a strip a setup above one axis of speeds. */
export function CadenceChart({ title, name, summary, series, brief, speedUnit, height }: CadenceChartProps) {
  const palette = usePalette();
  const lines = series.flatMap((one) => one.lines);
  const speeds = lines.flatMap(({ fromKmh, toKmh }) => [fromKmh, toKmh]).map((kmh) => speedIn(speedUnit, kmh));
  const options: ChartOptions<'line'> = {
    animation: false,
    maintainAspectRatio: false,
    interaction: { mode: 'nearest', intersect: false },
    scales: {
      x: speedAxis(palette, SPEED_UNIT_TEXT[speedUnit], Math.min(...speeds), Math.max(...speeds)),
      ...Object.fromEntries(
        series.map(({ place }, i) => [
          axisOf(i),
          {
            ...chartAxis(palette, series.length > 1 ? t('cadenceChart.letterRpm', { letter: letterOf(place) }) : 'rpm'),
            min: Math.floor(Math.min(...lines.map(({ fromRpm }) => fromRpm)) / 5) * 5,
            max: Math.ceil(Math.max(...lines.map(({ toRpm }) => toRpm)) / 10) * 10,
            stack: 'strips',
            // The library stacks from below.
            weight: series.length - i,
          },
        ]),
      ),
    },
    plugins: {
      tooltip: {
        callbacks: {
          title: () => '',
          label: ({ dataset, parsed }) =>
            t('cadenceChart.labelYRpmAtX', {
              label: dataset.label ?? '',
              y: fixed(parsed.y ?? 0, 0),
              x: fixed(parsed.x ?? 0, 1),
              speedUnit: SPEED_UNIT_TEXT[speedUnit],
            }),
        },
      },
      annotation: {
        annotations: {
          ...Object.fromEntries(
            series.map((_, i) => [
              axisOf(i),
              {
                type: 'box' as const,
                yScaleID: axisOf(i),
                yMin: brief.lowRpm,
                yMax: brief.highRpm,
                backgroundColor: palette.markWash,
                borderWidth: 0,
                drawTime: 'beforeDatasetsDraw' as const,
              },
            ]),
          ),
        },
      },
    },
  };
  const point = (kmh: number, rpm: number) => ({ x: speedIn(speedUnit, kmh), y: rpm });
  const datasets = series.flatMap(({ place, lines: own, joined }, i): ChartDataset<'line'>[] => {
    const style = { ...setupLine(palette, place), pointRadius: 0, borderWidth: 1.6, yAxisID: axisOf(i) };
    if (joined) {
      const data = own.flatMap(({ fromKmh, toKmh, fromRpm, toRpm }) => [point(fromKmh, fromRpm), point(toKmh, toRpm)]);
      return [{ ...style, label: letterOf(place), data }];
    }
    return own.map(({ label, fromKmh, toKmh, fromRpm, toRpm, light }) => ({
      ...style,
      label,
      data: [point(fromKmh, fromRpm), point(toKmh, toRpm)],
      borderWidth: light ? 1 : 2,
      ...(light ? { borderDash: [4, 3] } : { borderDash: [] }),
    }));
  });
  return (
    <ChartFrame
      title={title}
      name={name}
      summary={summary}
      data={{ datasets }}
      options={options}
      height={height ?? Math.max(260, series.length * STRIP + SPEEDS)}
      yName="rpm"
    />
  );
}
