'use client';

import { clsx } from 'clsx';
import type { SameJob } from '../../core/compare';
import { sizedGearText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { letterOf } from '../../features/setup-mark/setup-sign';
import { SetupMark } from '../../features/setup-mark/SetupMark';
import { gearName, sizeChangeText } from '../../features/explanations/gears';
import { SaveTable } from '../../features/save-table/SaveTable';
import { Sideways } from '../../ui/panel/Sideways';
import type { Comparison } from './useCompare';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import { SetupColumns } from './SetupColumns';
import { Table } from '../../ui/panel/Table';
import styles from './Compare.module.css';
import { gearCells, gearFields, percentCell } from '../../formats/csv-cells';
import { t } from './text';
import { firstOf, itemAt } from '../../core/items';

/** For each gear in use now, the one that does its job on each candidate. */
export function SameJobTable({ comparison }: { comparison: Comparison }) {
  const units = useUnits();
  const { workspace } = useReadyWorkspace();
  const jobs = comparison.all.slice(1).map(({ place, jobs: pairs }) => ({ place, pairs }));
  const own = firstOf(jobs).pairs;
  const gears = own.map(({ gear }) => gear);
  const table = () => ({
    fields: [
      ...gearFields('A_'),
      'A_development_m',
      ...jobs.flatMap(({ place }) => [...gearFields(`${letterOf(place)}_`), `${letterOf(place)}_change_percent`]),
    ],
    rows: gears.map((gear, i) => [
      ...gearCells(gear),
      gear.developmentM,
      ...jobs.flatMap(({ pairs }) => [...gearCells(itemAt(pairs, i).nearest), percentCell(itemAt(pairs, i).change)]),
    ]),
  });
  return (
    <Panel aria-label={t('sameJobTable.sameJob')}>
      <PanelHead>
        <h2>{t('sameJobTable.equivalentGearsClosestMatch')}</h2>
        <SaveTable name={t('sameJobTable.equivalentGears', { name: workspace.bike.name })} table={table} />
      </PanelHead>
      <Sideways label={t('sameJobTable.equivalentGears2')}>
        <Table className={clsx(styles.table, styles.aligned)} data-testid="same-job">
          <SetupColumns setups={jobs.length + 1} cells={1} />
          <thead>
            <tr>
              <th scope="col">{t('sameJobTable.sizeOnA')}</th>
              {[0, ...jobs.map(({ place }) => place)].map((place) => (
                <th key={place} scope="col">
                  <SetupMark place={place} />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {gears.map((gear, i) => (
              <tr key={gear.key} data-use={itemAt(own, i).use}>
                <th scope="row">
                  {sizedGearText(units, gear)}
                  <small>{usedText(itemAt(own, i).use)}</small>
                </th>
                <td className={styles.number}>{gearName(gear)}</td>
                {jobs.map(({ place, pairs }) => (
                  <td key={place}>
                    {gearName(itemAt(pairs, i).nearest)} <small>{sizeChangeText(itemAt(pairs, i).change)}</small>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
      </Sideways>
    </Panel>
  );
}

/** Whether it is a guess that the gear is used; that it is known goes without saying. */
function usedText(use: SameJob['use']): string {
  return use === 'known' ? '' : t(`sameJobTable.use.${use}`);
}
