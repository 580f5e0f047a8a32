'use client';

import type { FilledBrief } from '../../core/brief';
import type { RowId, SetupFigures } from '../../core/compare';
import { useUnits } from '../../kit/bench/useUnits';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { letterOf } from '../../kit/bench/setup-sign';
import { SetupMark } from '../../kit/bench/SetupMark';
import { explainFigure } from '../../kit/explain/compare';
import { Explained } from '../../kit/explain/Explained';
import { BriefNumber } from '../../kit/bench/BriefNumber';
import { SaveTable } from '../../kit/export/SaveTable';
import type { Units } from '../../kit/measures';
import { Sideways } from '../../kit/sheet/Sideways';
import { differenceWords, JUDGEMENT_SIGN, rowTitle, valueText } from './words/difference-words';
import type { Comparison } from './useCompare';
import { SetupColumns } from './SetupColumns';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import { Table } from '../../kit/sheet/Table';
import { nameOfFigure } from '../../records/figure-names';
import styles from './Compare.module.css';
import { t } from './words/text';

/** Every figure of every setup against the one fitted now, said as better or worse for this brief. */
export function DifferenceTable({ comparison }: { comparison: Comparison }) {
  const { bench } = useReadyBench();
  const { all, inUse } = comparison;
  const { brief } = inUse;
  const [base, ...others] = all;
  const units = useUnits();
  const rows = others[0]!.rows.map(({ id, base: value }, i) => ({
    id,
    title: rowTitle(id, brief, units),
    base: valueText(id, value, base!.figures, brief, units),
    cells: others.map(({ place, figures, rows: own }) => {
      const row = own[i]!;
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
    rows: others[0]!.rows.map(({ id, unit, base: value }, i) => [
      nameOfFigure(id),
      unit === 'money' ? (units.currency ?? '') : unit,
      value ?? '',
      ...others.flatMap(({ rows: own }) => {
        const { own: ownValue, change, judgement } = own[i]!;
        return [ownValue ?? '', change ?? '', judgement];
      }),
    ]),
  });
  return (
    <Panel aria-label={t('differenceTable.differences')}>
      <PanelHead>
        <h2>{t('differenceTable.againstATheOneFitted')}</h2>
        <span className={styles.legend}>
          {t('differenceTable.betterWorseForThisBrief', {
            better: JUDGEMENT_SIGN.better,
            worse: JUDGEMENT_SIGN.worse,
            enough: JUDGEMENT_SIGN.enough,
          })}
        </span>
        <SaveTable name={t('differenceTable.nameComparison', { name: bench.bike.name })} table={table} byKey />
      </PanelHead>
      <Sideways label={t('differenceTable.differences')}>
        <Table className={`${styles.table} ${styles.aligned}`} data-testid="differences">
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
                  <Figure id={id} figures={base!.figures} brief={brief} units={units}>
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
                {t('differenceTable.countCogs', { count: base!.figures.report.setup.cogs.length })}
              </td>
              {others.map(({ place, cogs: { kept, gained, lost } }) => {
                return (
                  <td key={place} colSpan={2} className={styles.cogs}>
                    {t('differenceTable.countKept', { count: kept.length })}
                    {gained.length > 0 && `, + ${gained.join(' ')}`}
                    {lost.length > 0 && `, − ${lost.join(' ')}`}
                  </td>
                );
              })}
            </tr>
          </tbody>
        </Table>
      </Sideways>
      <div className={styles.settable}>
        <BriefNumber field="frontDragCm2" width={280} />
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
