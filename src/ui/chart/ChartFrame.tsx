'use client';

import type { Chart, ChartData, ChartOptions } from 'chart.js';
import { useRef } from 'react';
import { useInView } from 'react-intersection-observer';
import { Line } from 'react-chartjs-2';
import { SavePicture } from '../picture/SavePicture';
import { short } from '../format';
import { Numbers } from '../numbers/Numbers';
import { Note } from '../panel/Panel';
import { chartRows } from './chart-rows';
import { chartPicture } from './chart-picture';
import { useDrawn } from './useDrawn';
import styles from './ChartFrame.module.css';

interface ChartFrameProps {
  /** Empty where the surrounding text says it already. */
  readonly title: string;
  /** The content of the chart, for screen readers. */
  readonly summary: string;
  readonly name: string;
  readonly data: ChartData<'line'>;
  readonly options: ChartOptions<'line'>;
  readonly height?: number;
  /** Whether the page shows a table of the same points anyway. */
  readonly hasOwnTable?: boolean;
  /** What its lines mean, below it: words never lie over them. */
  readonly note?: string;
  /** Formats a value of the horizontal axis that is not a plain number. */
  readonly xText?: (x: number) => string;
  /** What goes up, where there is more than one axis of it. */
  readonly yName?: string;
}

/** The title of an axis. */
const axisTitle = (axis: unknown) => {
  const { title } = (axis ?? {}) as { readonly title?: { readonly text?: unknown } };
  return typeof title?.text === 'string' ? title.text : '';
};

/** A chart farther out of sight than this, as margins are written in style sheets, need not follow at once. */
const NEAR = '200px';

const plainNumber = (x: number) => short(x, 2);

/** A chart with its title, the means to take it away, and its numbers. */
export function ChartFrame(props: ChartFrameProps) {
  const {
    title,
    summary,
    name,
    data,
    options,
    height = 230,
    hasOwnTable = false,
    xText = plainNumber,
    yName,
    note,
  } = props;
  const chart = useRef<Chart<'line'>>(null);
  const { ref, inView } = useInView({ rootMargin: NEAR, initialInView: true });
  const drawn = useDrawn({ data, options }, inView);
  return (
    <figure ref={ref} className={styles.frame}>
      <figcaption className={styles.head}>
        {title !== '' && <h2>{title}</h2>}
        <SavePicture name={name} picture={() => chartPicture(chart.current)} />
      </figcaption>
      <div className={styles.plot} style={{ height }}>
        <Line ref={chart} data={drawn.data} options={drawn.options} aria-label={summary} />
      </div>
      {note !== undefined && <Note>{note}</Note>}
      {!hasOwnTable && (
        <Numbers
          of={summary}
          table={() => ({
            columns: ['line', axisTitle(options.scales?.x), yName ?? axisTitle(options.scales?.y)],
            rows: chartRows(data).map(({ line, x, y }) => [line, xText(x), plainNumber(y)]),
          })}
        />
      )}
    </figure>
  );
}
