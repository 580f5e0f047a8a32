'use client';

import { Segmented } from 'antd';
import { BRIEF_BOUNDS } from '../../core/needs';
import {
  CADENCE_RPM,
  CHAINRING_TEETH,
  COG_TEETH,
  TABLE_CADENCES_RPM,
  TABLE_READINGS,
  cadenceTable,
  ringCogTable,
  span,
  spanAround,
  type TableReading,
} from '../../core/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { gearName } from '../../features/explanations/gears';
import { SaveTable } from '../../features/save-table/SaveTable';
import { NumberField } from '../../ui/fields/NumberField';
import { SpeedField } from '../../features/fields/SpeedField';
import { withOptional } from '../../ui/fields/with-optional';
import { fixed } from '../../ui/format';
import { SPEED_UNIT_TEXT, speedIn } from '../../features/units/speed';
import { Sideways } from '../../ui/panel/Sideways';
import type { TableSettings } from '../../records';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import sheet from '../../ui/panel/sheet.module.css';
import styles from './Gears.module.css';
import { gearCells, gearFields } from '../../formats/csv-cells';
import { t } from './text';
import { itemAt } from '../../core/items';

/** Tables that riders make on paper: any rings by any cogs, and the speed of every gear at each cadence. */
export function TablesView({ gears }: { gears: Gears }) {
  return (
    <div className={styles.tables}>
      <RingCogTable gears={gears} />
      <CadenceTable gears={gears} />
    </div>
  );
}

function RingCogTable({ gears }: { gears: Gears }) {
  const { workspace, preferences, edits } = useReadyWorkspace();
  const { report, inUse, context } = gears;
  const { speedUnit, tables = {} } = preferences;
  const { chainrings, cogs } = report.setup;
  const around = spanAround(report.setup);
  const {
    ringFromT = around.ringFromT,
    ringToT = around.ringToT,
    cogFromT = around.cogFromT,
    cogToT = around.cogToT,
    reading = 'speed',
    cadenceRpm = inUse.brief.preferredRpm,
    speedKmh = inUse.brief.cruisingSpeedKmh,
  } = tables;
  const set = <K extends keyof TableSettings>(field: K, value: TableSettings[K]) =>
    edits.editPreferences((now) => ({ tables: withOptional(now.tables ?? {}, field, value) }));
  const [rings, sprockets] = [span(ringFromT, ringToT), span(cogFromT, cogToT)];
  const at = reading === 'speed' ? cadenceRpm : speedKmh;
  const values = ringCogTable(rings, sprockets, context.riding.rolloutMm, reading, at);
  const shown = (value: number) => fixed(reading === 'speed' ? speedIn(speedUnit, value) : value, 1);
  const isPresent = (ring: number, cog: number) => chainrings.includes(ring) && cogs.includes(cog);
  const teeth = (field: 'ringFromT' | 'ringToT' | 'cogFromT' | 'cogToT', label: string, now: number) => (
    <NumberField
      id={`table-${field}`}
      label={label}
      term={label}
      owner="tables"
      unit="T"
      bounds={field.startsWith('ring') ? CHAINRING_TEETH : COG_TEETH}
      whole
      optional
      width={84}
      placeholder={String(now)}
      value={tables[field]}
      onCommit={(value) => set(field, value)}
    />
  );
  return (
    <Panel aria-label={t('tablesView.ringsByCogs')}>
      <PanelHead>
        <h2>{t('tablesView.ringsByCogs')}</h2>
        <SaveTable
          name={t('tablesView.nameRingsByCogs', { name: workspace.bike.name })}
          table={() => ({
            fields: ['cog_t', ...rings.map((ring) => `ring_${ring}t_${reading === 'speed' ? 'kmh' : 'rpm'}`)],
            rows: sprockets.map((cog, i) => [cog, ...itemAt(values, i)]),
          })}
        />
      </PanelHead>
      <div className={styles.tableFields}>
        {teeth('ringFromT', t('tablesView.ringsFrom'), ringFromT)}
        {teeth('ringToT', t('tablesView.to'), ringToT)}
        {teeth('cogFromT', t('tablesView.cogsFrom'), cogFromT)}
        {teeth('cogToT', t('tablesView.to'), cogToT)}
        <Segmented<TableReading>
          aria-label={t('tablesView.reading')}
          value={reading}
          options={TABLE_READINGS.map((value) => ({ value, label: t(`tablesView.readings.${value}`) }))}
          onChange={(value) => set('reading', value === 'speed' ? undefined : value)}
        />
        {reading === 'speed' ? (
          <NumberField
            id="table-cadenceRpm"
            label={t('tablesView.atCadence')}
            term={t('tablesView.atCadence')}
            owner="tables"
            unit="rpm"
            bounds={CADENCE_RPM}
            optional
            width={110}
            placeholder={fixed(cadenceRpm, 0)}
            value={tables.cadenceRpm}
            onCommit={(value) => set('cadenceRpm', value)}
          />
        ) : (
          <SpeedField
            id="table-speedKmh"
            label={t('tablesView.atSpeed')}
            owner="tables"
            bounds={BRIEF_BOUNDS.cruisingSpeedKmh}
            assumedKmh={speedKmh}
            valueKmh={tables.speedKmh}
            onCommit={(value) => set('speedKmh', value)}
          />
        )}
      </div>
      {rings.length === 0 || sprockets.length === 0 ? (
        <p role="alert" data-testid="table-empty">
          {t('tablesView.smallerNumberMustCome')}
        </p>
      ) : (
        <Sideways label={t('tablesView.ringsByCogs')}>
          <Table className={styles.stepTable} data-testid="ring-cog-table">
            <caption className={sheet.hidden}>
              {reading === 'speed' ? SPEED_UNIT_TEXT[speedUnit] : t('tablesView.rpm')}
            </caption>
            <thead>
              <tr>
                <th scope="col">{reading === 'speed' ? SPEED_UNIT_TEXT[speedUnit] : t('tablesView.rpm')}</th>
                {rings.map((ring) => (
                  <th key={ring} scope="col">
                    {ring}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {sprockets.map((cog, i) => (
                <tr key={cog}>
                  <th scope="row">{cog}</th>
                  {rings.map((ring, j) => (
                    <td
                      key={ring}
                      className={isPresent(ring, cog) ? styles.presentCell : undefined}
                      {...(isPresent(ring, cog) && { 'data-present': `${ring}/${cog}` })}
                    >
                      {shown(itemAt(itemAt(values, i), j))}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </Table>
        </Sideways>
      )}
      <p className={styles.tableLegend}>{t('tablesView.presentMarked')}</p>
    </Panel>
  );
}

function CadenceTable({ gears }: { gears: Gears }) {
  const { workspace, preferences } = useReadyWorkspace();
  const { speedUnit } = preferences;
  const { pathGears } = gears.report;
  const rows = cadenceTable(pathGears, TABLE_CADENCES_RPM);
  return (
    <Panel aria-label={t('tablesView.speedEachCadence')}>
      <PanelHead>
        <h2>{t('tablesView.speedAtEachCadence', { unit: SPEED_UNIT_TEXT[speedUnit] })}</h2>
        <SaveTable
          name={t('tablesView.speeds', { name: workspace.bike.name })}
          table={() => ({
            fields: [...gearFields(), ...TABLE_CADENCES_RPM.map((rpm) => `at_${rpm}_rpm_kmh`)],
            rows: pathGears.map((gear, i) => [...gearCells(gear), ...itemAt(rows, i)]),
          })}
        />
      </PanelHead>
      <Sideways label={t('tablesView.speedEachCadence')}>
        <Table className={styles.stepTable} data-testid="cadence-table">
          <thead>
            <tr>
              <th scope="col">{t('tablesView.gear')}</th>
              {TABLE_CADENCES_RPM.map((rpm) => (
                <th key={rpm} scope="col">
                  {rpm}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {pathGears.map((gear, i) => (
              <tr key={gear.key}>
                <th scope="row">{gearName(gear)}</th>
                {itemAt(rows, i).map((kmh, j) => (
                  <td key={TABLE_CADENCES_RPM[j]}>{fixed(speedIn(speedUnit, kmh), 1)}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
      </Sideways>
    </Panel>
  );
}
