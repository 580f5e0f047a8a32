'use client';

import { useState } from 'react';
import styles from './Numbers.module.css';
import { t } from './text';

/** What a drawing shows, as a table: the first cell of a row names it. */
export interface NumbersTable {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

interface NumbersProps {
  /** What the numbers are of. */
  readonly of: string;
  /** Worked out when it is opened. */
  readonly table: () => NumbersTable;
}

/** The numbers behind a drawing, for who cannot see it or wants them. */
export function Numbers({ of, table }: NumbersProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <details className={styles.numbers} onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary aria-label={t('numbers.showTable', { value: of })}>{t('numbers.showTable2')}</summary>
      {isOpen && <Rows of={of} {...table()} />}
    </details>
  );
}

function Rows({ of, columns, rows }: NumbersTable & { readonly of: string }) {
  return (
    // Reached by key, for it is scrolled by key.
    <div className={styles.place} tabIndex={0} role="group" aria-label={of}>
      <table>
        <thead>
          <tr>
            {columns.map((column) => (
              <th key={column} scope="col">
                {column}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, ...cells], row) => (
            <tr key={row}>
              <th scope="row">{name}</th>
              {cells.map((cell, i) => (
                <td key={columns[i + 1]}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
