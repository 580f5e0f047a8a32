'use client';

import { useState } from 'react';
import { BRIEF_BOUNDS } from '../../core/brief';
import { CADENCE_RPM } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { gearName } from '../../kit/explain/gears';
import { SaveTable } from '../../kit/export/SaveTable';
import { NumberField } from '../../kit/fields/NumberField';
import { fixed, kmhFrom, short, speedIn, SPEED_UNIT_TEXT } from '../../kit/format';
import { speedRows } from './riding-rows';
import type { Gears } from './useGears';
import styles from './Gears.module.css';

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
  const bounds = BRIEF_BOUNDS.cruisingSpeedKmh;
  return (
    <section className={styles.panel} aria-label="At one speed">
      <div className={styles.panelHead}>
        <h2>At one speed</h2>
        <SaveTable
          name={`${bench.bike.name} at one speed`}
          table={() => ({
            fields: ['gear', 'speed_kmh', 'cadence_rpm', 'on_shift_path', 'in_band', 'at_rpm', 'speed_at_rpm_kmh'],
            rows: rows.map((row) => [
              gearName(row.gear),
              atKmh,
              row.cadenceRpm,
              row.onPath ? 'yes' : 'no',
              row.inBand ? 'yes' : 'no',
              atRpm,
              row.speedAtCadenceKmh,
            ]),
          })}
        />
        <NumberField
          id="at-speed"
          label="Speed"
          term="speed"
          owner={`at-speed ${unit}`}
          unit={SPEED_UNIT_TEXT[unit]}
          bounds={{ min: Math.ceil(speedIn(unit, bounds.min)), max: Math.floor(speedIn(unit, bounds.max)) }}
          optional
          width={96}
          placeholder={short(speedIn(unit, brief.cruisingSpeedKmh), 1)}
          value={typedKmh === undefined ? undefined : Number(speedIn(unit, typedKmh).toFixed(4))}
          onCommit={(value) => setTypedKmh(value === undefined ? undefined : kmhFrom(unit, value))}
        />
        <NumberField
          id="at-rpm"
          label="Cadence"
          term="cadence"
          owner="at-rpm"
          unit="rpm"
          bounds={CADENCE_RPM}
          optional
          width={96}
          placeholder={short(context.riding.cadenceRpm, 1)}
          value={typedRpm}
          onCommit={setTypedRpm}
        />
      </div>
      <p className={styles.stepSummary} data-testid="at-speed-words">
        At {short(speedIn(unit, atKmh), 1)} {SPEED_UNIT_TEXT[unit]}: <b>{gearName(nearest.gear)}</b> at{' '}
        <b>{fixed(nearest.cadenceRpm, 0)} rpm</b>
        {nearest.easierRpm !== undefined &&
          `; a step easier: ${fixed(nearest.cadenceRpm, 0)} → ${fixed(nearest.easierRpm, 0)} rpm`}
        {nearest.harderRpm !== undefined &&
          `; a step harder: ${fixed(nearest.cadenceRpm, 0)} → ${fixed(nearest.harderRpm, 0)} rpm`}
        .
      </p>
      <table className={styles.stepTable} data-testid="at-speed-table">
        <thead>
          <tr>
            <th scope="col">gear</th>
            <th scope="col">
              rpm at {short(speedIn(unit, atKmh), 1)} {SPEED_UNIT_TEXT[unit]}
            </th>
            <td />
            <th scope="col">
              {SPEED_UNIT_TEXT[unit]} at {short(atRpm, 1)} rpm
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ gear, cadenceRpm, inBand, onPath, isNearest, speedAtCadenceKmh }) => (
            <tr key={gear.key} className={isNearest ? styles.largest : onPath ? undefined : styles.offPath}>
              <th scope="row">{gearName(gear)}</th>
              <td>{fixed(cadenceRpm, 1)}</td>
              <td className={styles.inBand}>
                {inBand && '● in band'} {!onPath && 'off the path'}
              </td>
              <td>{fixed(speedIn(unit, speedAtCadenceKmh), 1)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
