'use client';

import { clsx } from 'clsx';
import { BRIEF_BOUNDS } from '../../core/needs';
import { cadenceJumps } from '../../core/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { letterOf } from '../../features/setup-mark/setup-sign';
import { SetupMark } from '../../features/setup-mark/SetupMark';
import { gearName } from '../../features/explanations/gears';
import { SaveTable } from '../../features/save-table/SaveTable';
import { SpeedField } from '../../features/fields/SpeedField';
import { withOptional } from '../../ui/fields/with-optional';
import { fixed, short } from '../../ui/format';
import { SPEED_UNIT_TEXT, speedIn } from '../../features/units/speed';
import { Sideways } from '../../ui/panel/Sideways';
import type { Comparison } from './useCompare';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import { SetupColumns } from './SetupColumns';
import { Table } from '../../ui/panel/Table';
import styles from './Compare.module.css';
import { gearCells, gearFields } from '../../formats/csv-cells';
import { t } from './text';

/** Every gear of every setup at one speed: its cadence, and the jump in rpm of the shift to it. */
export function AtSpeed({ comparison }: { comparison: Comparison }) {
  const { workspace, preferences, edits } = useReadyWorkspace();
  const { all, inUse } = comparison;
  const { brief } = inUse;
  const unit = preferences.speedUnit;
  const typedKmh = preferences.tables?.compareKmh;
  const kmh = typedKmh ?? brief.cruisingSpeedKmh;
  const columns = all.map(({ place, figures }) => ({
    place,
    // Hardest first.
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
          name={t('atSpeed.nameAtOneSpeed', { name: workspace.bike.name })}
          table={() => ({
            fields: ['setup', ...gearFields(), 'cadence_rpm', 'jump_rpm'],
            rows: columns.flatMap(({ place, rows }) =>
              rows.map((row) => [letterOf(place), ...gearCells(row.gear), row.cadenceRpm, row.jumpRpm ?? '']),
            ),
          })}
        />
      </PanelHead>
      <Sideways label={t('atSpeed.atOneSpeed')}>
        <Table className={clsx(styles.table, styles.aligned)} data-testid="compare-at-speed">
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
