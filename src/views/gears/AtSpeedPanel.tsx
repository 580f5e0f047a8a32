'use client';

import { useState } from 'react';
import { BRIEF_BOUNDS } from '../../core/needs';
import { CADENCE_RPM } from '../../core/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { gearName } from '../../features/explanations/gears';
import { SaveTable } from '../../features/save-table/SaveTable';
import { NumberField } from '../../ui/fields/NumberField';
import { SpeedField } from '../../features/fields/SpeedField';
import { fixed, short } from '../../ui/format';
import { speedIn, SPEED_UNIT_TEXT } from '../../features/units/speed';
import { speedRows } from './riding-rows';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import styles from './Gears.module.css';
import { gearCells, gearFields, yesOrNo } from '../../formats/csv-cells';
import { t } from './text';
import { definite } from '../../core/items';

/** The cadence in every gear at one speed, what a shift does there, and the speed in every gear at one cadence. */
export function AtSpeedPanel({ gears }: { gears: Gears }) {
  const { workspace, preferences } = useReadyWorkspace();
  const { report, inUse, context } = gears;
  const { brief } = inUse;
  const unit = preferences.speedUnit;
  const [typedKmh, setTypedKmh] = useState<number>();
  const [typedRpm, setTypedRpm] = useState<number>();
  const atKmh = typedKmh ?? brief.cruisingSpeedKmh;
  const atRpm = typedRpm ?? context.riding.cadenceRpm;
  const rows = speedRows(report, brief, atKmh, atRpm);
  const nearest = definite(rows.find(({ isNearest }) => isNearest));
  return (
    <Panel aria-label={t('atSpeedPanel.atOneSpeed')}>
      <PanelHead>
        <h2>{t('atSpeedPanel.atOneSpeed')}</h2>
        <SaveTable
          name={t('atSpeedPanel.nameAtOneSpeed', { name: workspace.bike.name })}
          table={() => ({
            fields: [
              ...gearFields(),
              'speed_kmh',
              'cadence_rpm',
              'on_shift_path',
              'in_cadence_range',
              'set_cadence_rpm',
              'speed_at_set_cadence_kmh',
            ],
            rows: rows.map((row) => [
              ...gearCells(row.gear),
              atKmh,
              row.cadenceRpm,
              yesOrNo(row.onPath),
              yesOrNo(row.inBand),
              atRpm,
              row.speedAtCadenceKmh,
            ]),
          })}
        />
        <SpeedField
          id="at-speed"
          label={t('atSpeedPanel.speed')}
          term={t('atSpeedPanel.speed2')}
          owner="at-speed"
          bounds={BRIEF_BOUNDS.cruisingSpeedKmh}
          assumedKmh={brief.cruisingSpeedKmh}
          valueKmh={typedKmh}
          width={96}
          onCommit={setTypedKmh}
        />
        <NumberField
          id="at-rpm"
          label={t('atSpeedPanel.cadence')}
          term={t('atSpeedPanel.cadence2')}
          owner="at-rpm"
          unit={t('atSpeedPanel.rpm')}
          bounds={CADENCE_RPM}
          optional
          width={96}
          placeholder={short(context.riding.cadenceRpm, 1)}
          value={typedRpm}
          onCommit={setTypedRpm}
        />
      </PanelHead>
      <p className={styles.stepSummary} data-testid="at-speed-words">
        {t('atSpeedPanel.atSpeedInSpeedUnit', {
          speedIn: short(speedIn(unit, atKmh), 1),
          speedUnit: SPEED_UNIT_TEXT[unit],
        })}{' '}
        <b>{gearName(nearest.gear)}</b> {t('atSpeedPanel.at')}{' '}
        <b>{t('atSpeedPanel.cadenceRpm', { cadenceRpm: fixed(nearest.cadenceRpm, 0) })}</b>
        {nearest.easierRpm !== undefined &&
          t('atSpeedPanel.aStepEasierCadenceRpmEasierRpm', {
            cadenceRpm: fixed(nearest.cadenceRpm, 0),
            easierRpm: fixed(nearest.easierRpm, 0),
          })}
        {nearest.harderRpm !== undefined &&
          t('atSpeedPanel.aStepHarderCadenceRpmHarderRpm', {
            cadenceRpm: fixed(nearest.cadenceRpm, 0),
            harderRpm: fixed(nearest.harderRpm, 0),
          })}
        .
      </p>
      <Table className={styles.stepTable} data-testid="at-speed-table">
        <thead>
          <tr>
            <th scope="col">{t('atSpeedPanel.gear')}</th>
            <th scope="col">
              {t('atSpeedPanel.rpmAtSpeedInSpeedUnit', {
                speedIn: short(speedIn(unit, atKmh), 1),
                speedUnit: SPEED_UNIT_TEXT[unit],
              })}
            </th>
            <td />
            <th scope="col">
              {t('atSpeedPanel.speedUnitAtAtRpm', { speedUnit: SPEED_UNIT_TEXT[unit], atRpm: short(atRpm, 1) })}
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ gear, cadenceRpm, inBand, onPath, isNearest, speedAtCadenceKmh }) => (
            <tr key={gear.key} className={isNearest ? styles.largest : onPath ? undefined : styles.offPath}>
              <th scope="row">{gearName(gear)}</th>
              <td>{fixed(cadenceRpm, 1)}</td>
              <td className={styles.inBand}>
                {inBand && t('atSpeedPanel.inBand')} {!onPath && t('atSpeedPanel.offSequence')}
              </td>
              <td>{fixed(speedIn(unit, speedAtCadenceKmh), 1)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Panel>
  );
}
