'use client';

import { BRIEF_BOUNDS } from '../../core/brief';
import { cadenceJumps } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { letterOf } from '../../kit/bench/setup-sign';
import { SetupMark } from '../../kit/bench/SetupMark';
import { gearName } from '../../kit/explain/gears';
import { SaveTable } from '../../kit/export/SaveTable';
import { SpeedField } from '../../kit/fields/SpeedField';
import { withOptional } from '../../kit/fields/with-optional';
import { SPEED_UNIT_TEXT, fixed, short, speedIn } from '../../kit/format';
import { Sideways } from '../../kit/sheet/Sideways';
import type { Comparison } from './useCompare';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import { SetupColumns } from './SetupColumns';
import { Table } from '../../kit/sheet/Table';
import styles from './Compare.module.css';
import { t } from './words/text';

/** Every gear of every setup at one speed: its cadence, and the jump in rpm of the shift to it. */
export function AtSpeed({ comparison }: { comparison: Comparison }) {
  const { bench, preferences, edits } = useReadyBench();
  const { all, inUse } = comparison;
  const { brief } = inUse;
  const unit = preferences.speedUnit;
  const typedKmh = preferences.tables?.compareKmh;
  const kmh = typedKmh ?? brief.cruisingSpeedKmh;
  const columns = all.map(({ place, figures }) => ({
    place,
    // Hardest first, as they lie from top to bottom of a stand.
    rows: [...cadenceJumps(figures.report.pathGears, kmh)].reverse(),
  }));
  const height = Math.max(...columns.map(({ rows }) => rows.length));
  const inRange = (rpm: number) => rpm >= brief.lowRpm && rpm <= brief.highRpm;
  return (
    <Panel aria-label={t('atSpeed.atOneSpeed')}>
      <PanelHead>
        <h2>{t('atSpeed.cadenceAt', { speed: short(speedIn(unit, kmh), 1), unit: SPEED_UNIT_TEXT[unit] })}</h2>
        <SpeedField
          id="compare-speed"
          label={t('atSpeed.speed')}
          owner="compare-speed"
          bounds={BRIEF_BOUNDS.cruisingSpeedKmh}
          assumedKmh={brief.cruisingSpeedKmh}
          valueKmh={typedKmh}
          onCommit={(value) =>
            edits.editPreferences((now) => ({ tables: withOptional(now.tables ?? {}, 'compareKmh', value) }))
          }
        />
        <SaveTable
          name={t('atSpeed.nameAtOneSpeed', { name: bench.bike.name })}
          table={() => ({
            fields: ['setup', 'gear', 'cadence_rpm', 'jump_rpm'],
            rows: columns.flatMap(({ place, rows }) =>
              rows.map((row) => [letterOf(place), gearName(row.gear), row.cadenceRpm, row.jumpRpm ?? '']),
            ),
          })}
        />
      </PanelHead>
      <Sideways label={t('atSpeed.atOneSpeed')}>
        <Table className={`${styles.table} ${styles.aligned}`} data-testid="compare-at-speed">
          <SetupColumns setups={columns.length} cells={3} />
          <thead>
            <tr>
              <td />
              {columns.map(({ place }) => (
                <th key={place} scope="colgroup" colSpan={3}>
                  <SetupMark place={place} />
                </th>
              ))}
            </tr>
            <tr>
              <th scope="col">{t('atSpeed.easiestFirst')}</th>
              {columns.map(({ place }) => [
                <th key={`${place} gear`} scope="col">
                  {t('atSpeed.gear')}
                </th>,
                <th key={`${place} rpm`} scope="col">
                  {t('atSpeed.rpm')}
                </th>,
                <th key={`${place} jump`} scope="col">
                  {t('atSpeed.jump')}
                </th>,
              ])}
            </tr>
          </thead>
          <tbody>
            {Array.from({ length: height }, (_, i) => (
              <tr key={i}>
                <th scope="row">{i + 1}</th>
                {columns.map(({ place, rows }) => {
                  const row = rows[i];
                  const own = row && inRange(row.cadenceRpm);
                  return [
                    <td key={`${place} gear`} className={own ? styles.inRange : undefined}>
                      {row && gearName(row.gear)}
                    </td>,
                    <td key={`${place} rpm`} className={own ? styles.inRange : styles.number}>
                      {row && fixed(row.cadenceRpm, 0)}
                    </td>,
                    <td key={`${place} jump`} className={styles.number}>
                      {row?.jumpRpm !== undefined && fixed(row.jumpRpm, 0)}
                    </td>,
                  ];
                })}
              </tr>
            ))}
          </tbody>
        </Table>
      </Sideways>
      <p className={styles.legend}>
        {t('atSpeed.inRange', { low: short(brief.lowRpm, 1), high: short(brief.highRpm, 1) })}
      </p>
    </Panel>
  );
}
