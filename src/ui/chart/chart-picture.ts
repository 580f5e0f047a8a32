import { BasicPlatform, Chart, type ChartConfiguration } from 'chart.js';
import { Element } from 'svgcanvas';
import { embeddedFont, type Picture } from '../picture/svg';
import { t } from './text';

/** What a chart of any kind has, each kind with a type of its own for what it was made from. */
interface DrawnChart {
  readonly width: number;
  readonly height: number;
  readonly config: unknown;
}

/** A chart drawn once more, in lines instead of dots. */
export async function chartPicture(chart: DrawnChart | null): Promise<Picture> {
  if (!chart) throw new Error(t('chartPicture.theChartIsNotOn'));
  const { width, height } = chart;
  const canvas = new Element({ width, height });
  const context = canvas.getContext('2d');
  // After the text of a label the annotations fill and stroke once more, which here would be done to its letters.
  for (const act of ['fill', 'stroke'] as const) {
    const original = context[act].bind(context);
    context[act] = () => {
      if (context.__currentElement.nodeName === 'path') original();
    };
  }
  const { type, data, options } = chart.config as ChartConfiguration;
  const copy = new Chart(canvas as unknown as HTMLCanvasElement, {
    type,
    // A line with segments is drawn stroke by stroke; any other as a path object, which leaves no trace in SVG.
    data: { ...data, datasets: data.datasets.map((dataset) => ({ ...dataset, segment: {} })) },
    options: { ...options, responsive: false, animation: false, devicePixelRatio: 1, events: [] },
    platform: BasicPlatform,
  });
  const drawn = context.getSerializedSvg(true);
  copy.destroy();
  const sheet = getComputedStyle(document.documentElement).getPropertyValue('--sheet');
  const style = `<style>${await embeddedFont()}</style><rect width="100%" height="100%" fill="${sheet}"/>`;
  return { svg: drawn.replace(/(<svg[^>]*>)/, `$1${style}`), width, height };
}
