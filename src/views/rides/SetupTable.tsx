'use client';

import type { ReactNode } from 'react';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { SetupMark } from '../../features/setup-mark/SetupMark';
import { Sideways } from '../../ui/panel/Sideways';
import { Table } from '../../ui/panel/Table';
import styles from './Rides.module.css';
import { t } from './text';
import { itemAt } from '../../core/items';

/** A column head for each setup of the workspace. */
export function SetupHeads() {
  const { workspace } = useReadyWorkspace();
  return workspace.setups.map((setup, place) => (
    <th key={setup.id} scope="col">
      <SetupMark place={place} />
    </th>
  ));
}

interface SetupTableProps<T> {
  /** One for each setup of the workspace. */
  readonly items: readonly T[];
  readonly rows: readonly (readonly [title: string, text: (item: T, place: number) => string])[];
  readonly corner: ReactNode;
  readonly caption?: string;
  readonly testId: string;
}

/** Something of every setup side by side: a column a setup, a row a figure. */
export function SetupTable<T>({ items, rows, corner, caption, testId }: SetupTableProps<T>) {
  const { workspace } = useReadyWorkspace();
  const { setups } = workspace;
  // A setup may have come or gone while the worker was at it.
  if (items.length !== setups.length) return null;
  return (
    <Sideways label={t('setupTable.setups')}>
      <Table className={styles.table} data-testid={testId}>
        {caption !== undefined && <caption>{caption}</caption>}
        <thead>
          <tr>
            <th scope="col">{corner}</th>
            <SetupHeads />
          </tr>
        </thead>
        <tbody>
          {rows.map(([title, text]) => (
            <tr key={title}>
              <th scope="row">{title}</th>
              {items.map((item, place) => (
                <td key={itemAt(setups, place).id}>{text(item, place)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </Table>
    </Sideways>
  );
}
