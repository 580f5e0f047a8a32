import type { ReactNode } from 'react';
import { Sideways } from '../../ui/panel/Sideways';
import { Table } from '../../ui/panel/Table';
import styles from './Compatibility.module.css';
import { t } from './text';
import { firstOf } from '../../core/items';

interface GearTableProps<T extends { readonly chainring: number; readonly cog: number }> {
  /** A row a ring, big first; cogs smallest first. */
  readonly rows: readonly (readonly T[])[];
  readonly corner: string;
  readonly testId?: string;
  readonly cell: (gear: T) => ReactNode;
}

/** Something of every gear: a row a ring, a column a cog. `cell` gives the whole `td`. */
export function GearTable<T extends { readonly chainring: number; readonly cog: number }>({
  rows,
  corner,
  testId,
  cell,
}: GearTableProps<T>) {
  return (
    <Sideways label={t('gearTable.cageAngles')}>
      <Table className={styles.angles} data-testid={testId}>
        <thead>
          <tr>
            <th scope="col">{corner}</th>
            {firstOf(rows).map(({ cog }) => (
              <th key={cog} scope="col">
                {cog}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={firstOf(row).chainring}>
              <th scope="row">{firstOf(row).chainring}</th>
              {row.map(cell)}
            </tr>
          ))}
        </tbody>
      </Table>
    </Sideways>
  );
}
