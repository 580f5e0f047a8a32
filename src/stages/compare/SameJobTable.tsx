'use client';

import type { SameJob } from '../../core/compare';
import { sizedGearText } from '../../kit/measures';
import { useUnits } from '../../kit/bench/useUnits';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { letterOf } from '../../kit/bench/setup-sign';
import { SetupMark } from '../../kit/bench/SetupMark';
import { gearName, sizeChangeText } from '../../kit/explain/gears';
import { SaveTable } from '../../kit/export/SaveTable';
import { Sideways } from '../../kit/sheet/Sideways';
import type { Comparison } from './useCompare';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import { SetupColumns } from './SetupColumns';
import { Table } from '../../kit/sheet/Table';
import styles from './Compare.module.css';
import { t } from './words/text';

/** For each gear in use now, the one that does its job on each candidate. */
export function SameJobTable({ comparison }: { comparison: Comparison }) {
  const units = useUnits();
  const { bench } = useReadyBench();
  const jobs = comparison.all.slice(1).map(({ place, jobs: pairs }) => ({ place, pairs }));
  const own = jobs[0]!.pairs;
  const gears = own.map(({ gear }) => gear);
  const table = () => ({
    fields: [
      'A',
      'development_m',
      ...jobs.flatMap(({ place }) => [letterOf(place), `${letterOf(place)} change_percent`]),
    ],
    rows: gears.map((gear, i) => [
      gearName(gear),
      gear.developmentM,
      ...jobs.flatMap(({ pairs }) => [gearName(pairs[i]!.nearest), 100 * pairs[i]!.change]),
    ]),
  });
  return (
    <Panel aria-label={t('sameJobTable.sameJob')}>
      <PanelHead>
        <h2>{t('sameJobTable.theSameJobForA')}</h2>
        <SaveTable name={t('sameJobTable.nameSameJob', { name: bench.bike.name })} table={table} />
      </PanelHead>
      <Sideways label={t('sameJobTable.gearsThatDoTheSame')}>
        <Table className={`${styles.table} ${styles.aligned}`} data-testid="same-job">
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
              <tr key={gear.key} data-use={own[i]!.use}>
                <th scope="row">
                  {sizedGearText(units, gear)}
                  <small>{usedText(own[i]!.use)}</small>
                </th>
                <td className={styles.number}>{gearName(gear)}</td>
                {jobs.map(({ place, pairs }) => (
                  <td key={place}>
                    {gearName(pairs[i]!.nearest)} <small>{sizeChangeText(pairs[i]!.change)}</small>
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
