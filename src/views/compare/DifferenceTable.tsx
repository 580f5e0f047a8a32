'use client';

import { WorkspaceNumber } from '../../features/fields/WorkspaceNumber';
import { clsx } from 'clsx';
import type { FilledBrief } from '../../core/needs';
import type { RowId, SetupFigures } from '../../core/compare';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { letterOf } from '../../features/setup-mark/setup-sign';
import { SetupMark } from '../../features/setup-mark/SetupMark';
import { explainFigure } from '../../features/explanations/compare';
import { Explained } from '../../features/explain/Explained';
import { SaveTable } from '../../features/save-table/SaveTable';
import type { Units } from '../../features/units/measures';
import { Sideways } from '../../ui/panel/Sideways';
import { differenceWords, JUDGEMENT_SIGN, rowTitle, valueText } from './difference-words';
import type { Comparison } from './useCompare';
import { SetupColumns } from './SetupColumns';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import { nameOfFigure } from '../../records/figure-names';
import styles from './Compare.module.css';
import { t } from './text';
import { firstOf, itemAt, definite } from '../../core/items';

/** Every figure of every setup against A, as better or worse for these needs. */
export function DifferenceTable({ comparison }: { comparison: Comparison }) {
  const { workspace } = useReadyWorkspace();
  const { all, inUse } = comparison;
  const { brief } = inUse;
  const [base, ...others] = all;
  const units = useUnits();
  const rows = firstOf(others).rows.map(({ id, base: value }, i) => ({
    id,
    title: rowTitle(id, brief, units),
    base: valueText(id, value, definite(base).figures, brief, units),
    cells: others.map(({ place, figures, rows: own }) => {
      const row = itemAt(own, i);
      return {
        place,
        figures,
        value: valueText(id, row.own, figures, brief, units),
        words: differenceWords(row, brief, units),
        judgement: row.judgement,
      };
    }),
  }));
  const table = () => ({
    fields: [
      'figure',
      'unit',
      'A',
      ...others.flatMap(({ place }) => ['', '_change', '_judgement'].map((what) => `${letterOf(place)}${what}`)),
    ],
    rows: firstOf(others).rows.map(({ id, unit, base: value }, i) => [
      nameOfFigure(id),
      unit === 'money' ? (units.currency ?? '') : unit,
      value ?? '',
      ...others.flatMap(({ rows: own }) => {
        const { own: ownValue, change, judgement } = itemAt(own, i);
        return [ownValue ?? '', change ?? '', judgement];
      }),
    ]),
  });
  return (
    <Panel aria-label={t('differenceTable.differences')}>
      <PanelHead>
        <h2>{t('differenceTable.comparedBike')}</h2>
        <span className={styles.legend}>
          {t('differenceTable.betterWorseNeedsMakes', {
            better: JUDGEMENT_SIGN.better,
            worse: JUDGEMENT_SIGN.worse,
            enough: JUDGEMENT_SIGN.enough,
          })}
        </span>
        <SaveTable name={t('differenceTable.nameComparison', { name: workspace.bike.name })} table={table} byKey />
      </PanelHead>
      <Sideways label={t('differenceTable.differences')}>
        <Table className={clsx(styles.table, styles.aligned)} data-testid="differences">
          <SetupColumns setups={all.length} cells={2} />
          <thead>
            <tr>
              <td />
              <th scope="col" colSpan={2}>
                <SetupMark place={0} />
              </th>
              {others.map(({ place }) => (
                <th key={place} scope="col" colSpan={2}>
                  <SetupMark place={place} />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ id, title, base: value, cells }) => (
              <tr key={id} data-row={id}>
                <th scope="row">{title}</th>
                <td className={styles.number} colSpan={2}>
                  <Figure id={id} figures={definite(base).figures} brief={brief} units={units}>
                    {value}
                  </Figure>
                </td>
                {cells.map((cell) => [
                  <td key={`${cell.place} value`} className={styles.number}>
                    <Figure id={id} figures={cell.figures} brief={brief} units={units}>
                      {cell.value}
                    </Figure>
                  </td>,
                  <td key={`${cell.place} words`} className={styles[cell.judgement]}>
                    <span aria-hidden>{JUDGEMENT_SIGN[cell.judgement]}</span> {cell.words}
                  </td>,
                ])}
              </tr>
            ))}
            <tr>
              <th scope="row">{t('differenceTable.cogsGainedAndLost')}</th>
              <td className={styles.number} colSpan={2}>
                {t('differenceTable.countCogs', { count: definite(base).figures.report.setup.cogs.length })}
              </td>
              {others.map(({ place, cogs: { kept, gained, lost } }) => {
                return (
                  <td key={place} colSpan={2} className={styles.cogs}>
                    {t('differenceTable.countKept', {
                      kept: kept.length,
                      gained: gained.join(' ') || 'none',
                      lost: lost.join(' ') || 'none',
                    })}
                  </td>
                );
              })}
            </tr>
          </tbody>
        </Table>
      </Sideways>
      <div className={styles.settable}>
        <WorkspaceNumber of="brief" field="frontDragCm2" width={280} />
      </div>
    </Panel>
  );
}

/** A figure that opens its working, where there is one. */
function Figure({
  id,
  figures,
  brief,
  units,
  children,
}: {
  id: RowId;
  figures: SetupFigures;
  brief: FilledBrief;
  units: Units;
  children: string;
}) {
  const explanation = explainFigure(id, figures, brief, units.speedUnit);
  return explanation ? <Explained explain={() => explanation}>{children}</Explained> : children;
}
