'use client';

import type { Chart, ChartData, ChartOptions } from 'chart.js';
import { useRef } from 'react';
import { Line } from 'react-chartjs-2';
import { SavePicture } from '../export/SavePicture';
import { chartPicture } from './chart-picture';
import styles from './ChartFrame.module.css';

interface ChartFrameProps {
  /** Empty where the place around says it already. */
  readonly title: string;
  /** What the chart says, for those who do not see it. */
  readonly summary: string;
  readonly name: string;
  readonly data: ChartData<'line'>;
  readonly options: ChartOptions<'line'>;
  readonly height?: number;
}

/** A chart with its title and the means to take it away. */
export function ChartFrame({ title, summary, name, data, options, height = 230 }: ChartFrameProps) {
  const chart = useRef<Chart<'line'>>(null);
  return (
    <figure className={styles.frame}>
      <figcaption className={styles.head}>
        {title !== '' && <h2>{title}</h2>}
        <SavePicture name={name} picture={() => chartPicture(chart.current)} />
      </figcaption>
      <div className={styles.plot} style={{ height }}>
        <Line ref={chart} data={data} options={options} aria-label={summary} />
      </div>
    </figure>
  );
}
