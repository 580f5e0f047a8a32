'use client';

import { useState } from 'react';
import { BRIEF_BOUNDS } from '../../core/brief';
import { CADENCE_RPM } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { gearName } from '../../kit/explain/gears';
import { SaveTable } from '../../kit/export/SaveTable';
import { NumberField } from '../../kit/fields/NumberField';
import { SpeedField } from '../../kit/fields/SpeedField';
import { fixed, short, speedIn, SPEED_UNIT_TEXT } from '../../kit/format';
import { speedRows } from './riding-rows';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import { Table } from '../../kit/sheet/Table';
import styles from './Gears.module.css';
import { WORDS } from './words/text';

/** The cadence in every gear at one speed, what a shift does there, and the speed in every gear at one cadence. */
export function AtSpeedPanel({ gears }: { gears: Gears }) {
  const { bench, preferences } = useReadyBench();
  const { report, inUse, context } = gears;
  const { brief } = inUse;
  const unit = preferences.speedUnit;
  const [typedKmh, setTypedKmh] = useState<number>();
  const [typedRpm, setTypedRpm] = useState<number>();
  const atKmh = typedKmh ?? brief.cruisingSpeedKmh;
  const atRpm = typedRpm ?? context.riding.cadenceRpm;
  const rows = speedRows(report, brief, atKmh, atRpm);
  const nearest = rows.find(({ isNearest }) => isNearest)!;
  return (
    <Panel aria-label={WORDS.atSpeedPanel.atOneSpeed}>
      <PanelHead>
        <h2>{WORDS.atSpeedPanel.atOneSpeed}</h2>
        <SaveTable
          name={WORDS.atSpeedPanel.nameAtOneSpeed(bench.bike.name)}
          table={() => ({
            fields: ['gear', 'speed_kmh', 'cadence_rpm', 'on_shift_path', 'in_band', 'at_rpm', 'speed_at_rpm_kmh'],
            rows: rows.map((row) => [
              gearName(row.gear),
              atKmh,
              row.cadenceRpm,
              row.onPath ? WORDS.atSpeedPanel.yes : WORDS.atSpeedPanel.no,
              row.inBand ? WORDS.atSpeedPanel.yes : WORDS.atSpeedPanel.no,
              atRpm,
              row.speedAtCadenceKmh,
            ]),
          })}
        />
        <SpeedField
          id="at-speed"
          label={WORDS.atSpeedPanel.speed}
          term={WORDS.atSpeedPanel.speedInSentence}
          owner="at-speed"
          bounds={BRIEF_BOUNDS.cruisingSpeedKmh}
          assumedKmh={brief.cruisingSpeedKmh}
          valueKmh={typedKmh}
          width={96}
          onCommit={setTypedKmh}
        />
        <NumberField
          id="at-rpm"
          label={WORDS.atSpeedPanel.cadence}
          term={WORDS.atSpeedPanel.cadenceInSentence}
          owner="at-rpm"
          unit={WORDS.atSpeedPanel.rpm}
          bounds={CADENCE_RPM}
          optional
          width={96}
          placeholder={short(context.riding.cadenceRpm, 1)}
          value={typedRpm}
          onCommit={setTypedRpm}
        />
      </PanelHead>
      <p className={styles.stepSummary} data-testid="at-speed-words">
        {WORDS.atSpeedPanel.atSpeedInSpeedUnit(short(speedIn(unit, atKmh), 1), SPEED_UNIT_TEXT[unit])}{' '}
        <b>{gearName(nearest.gear)}</b> {WORDS.atSpeedPanel.at}{' '}
        <b>{WORDS.atSpeedPanel.cadenceRpm(fixed(nearest.cadenceRpm, 0))}</b>
        {nearest.easierRpm !== undefined &&
          WORDS.atSpeedPanel.aStepEasierCadenceRpmEasierRpm(fixed(nearest.cadenceRpm, 0), fixed(nearest.easierRpm, 0))}
        {nearest.harderRpm !== undefined &&
          WORDS.atSpeedPanel.aStepHarderCadenceRpmHarderRpm(fixed(nearest.cadenceRpm, 0), fixed(nearest.harderRpm, 0))}
        .
      </p>
      <Table className={styles.stepTable} data-testid="at-speed-table">
        <thead>
          <tr>
            <th scope="col">{WORDS.atSpeedPanel.gear}</th>
            <th scope="col">
              {WORDS.atSpeedPanel.rpmAtSpeedInSpeedUnit(short(speedIn(unit, atKmh), 1), SPEED_UNIT_TEXT[unit])}
            </th>
            <td />
            <th scope="col">{WORDS.atSpeedPanel.speedUnitAtAtRpm(SPEED_UNIT_TEXT[unit], short(atRpm, 1))}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ gear, cadenceRpm, inBand, onPath, isNearest, speedAtCadenceKmh }) => (
            <tr key={gear.key} className={isNearest ? styles.largest : onPath ? undefined : styles.offPath}>
              <th scope="row">{gearName(gear)}</th>
              <td>{fixed(cadenceRpm, 1)}</td>
              <td className={styles.inBand}>
                {inBand && WORDS.atSpeedPanel.inBand} {!onPath && WORDS.atSpeedPanel.offThePath}
              </td>
              <td>{fixed(speedIn(unit, speedAtCadenceKmh), 1)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Panel>
  );
}
