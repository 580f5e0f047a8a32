import {
  Chart,
  LinearScale,
  LineController,
  LineElement,
  LogarithmicScale,
  PointElement,
  Tooltip,
  type ChartDataset,
  type PointStyle,
} from 'chart.js';
import annotation from 'chartjs-plugin-annotation';
import { DASHES } from '../setup-mark/setup-sign';
import { allDigits } from '../../ui/format';
import { FONT_FAMILY, setupColours, type Palette } from '../../ui/theme/palette';
import { itemAt } from '../../core/items';

Chart.register(LineController, LinearScale, LogarithmicScale, LineElement, PointElement, Tooltip, annotation);
Chart.defaults.font.family = FONT_FAMILY;
Chart.defaults.font.size = 11;

/** The shapes of the workspace's places, as the chart library names them. */
const POINT_STYLES: readonly PointStyle[] = ['circle', 'rect', 'triangle', 'rectRot'];

/** A line of a setup in its colour, pattern and shape. */
export function setupLine(palette: Palette, place: number): Partial<ChartDataset<'line'>> {
  const { line } = setupColours(palette, place);
  return {
    borderColor: line,
    backgroundColor: line,
    borderWidth: 2,
    borderDash: [...itemAt(DASHES, place)],
    pointStyle: itemAt(POINT_STYLES, place),
  };
}

/** An axis in the colours of the theme. */
export function chartAxis(palette: Palette, text: string) {
  return {
    title: { display: true, text, color: palette.inkSoft, padding: 0 },
    ticks: { color: palette.inkSoft, maxTicksLimit: 8 },
    grid: { color: palette.line },
    border: { color: palette.edge },
  };
}

const SPEED_TICKS = [4, 5, 6, 7, 8, 10, 12, 15, 20, 25, 30, 40, 50, 60, 80];

/** An axis of speeds on which equal steps in percent are equally long. */
export function speedAxis(palette: Palette, text: string, min: number, max: number) {
  const axis = chartAxis(palette, text);
  return {
    ...axis,
    type: 'logarithmic' as const,
    min,
    max,
    afterBuildTicks: (scale: { ticks: { value: number }[] }) => {
      scale.ticks = SPEED_TICKS.filter((value) => value >= min && value <= max).map((value) => ({ value }));
    },
    ticks: { ...axis.ticks, maxTicksLimit: 20, callback: (value: string | number) => allDigits(Number(value)) },
  };
}
