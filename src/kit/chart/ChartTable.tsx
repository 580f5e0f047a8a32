'use client';

import { useState } from 'react';
import { short } from '../format';
import type { ChartRow } from './chart-rows';
import styles from './ChartFrame.module.css';

interface ChartTableProps {
  /** What the chart is of. */
  readonly summary: string;
  readonly xTitle: string;
  readonly yTitle: string;
  readonly rows: () => readonly ChartRow[];
  readonly xText: (x: number) => string;
}

/** The points of a chart as a table, for who cannot see it or wants the numbers; made when it is opened. */
export function ChartTable({ summary, xTitle, yTitle, rows, xText }: ChartTableProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <details className={styles.table} onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary>The same in numbers</summary>
      {isOpen && (
        // Reached by key, for it is scrolled by key.
        <div className={styles.numbers} tabIndex={0} role="group" aria-label={summary}>
          <table>
            <thead>
              <tr>
                <th scope="col">line</th>
                <th scope="col">{xTitle}</th>
                <th scope="col">{yTitle}</th>
              </tr>
            </thead>
            <tbody>
              {rows().map(({ line, x, y }, i) => (
                <tr key={i}>
                  <th scope="row">{line}</th>
                  <td>{xText(x)}</td>
                  <td>{short(y, 2)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </details>
  );
}
