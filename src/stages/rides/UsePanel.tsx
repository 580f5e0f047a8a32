'use client';

import { Progress } from 'antd';
import { useRef } from 'react';
import { rolloutMm } from '../../core/gears';
import { formatShorthand } from '../../formats/shorthand';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { SaveTable } from '../../kit/export/SaveTable';
import { SavePicture } from '../../kit/export/SavePicture';
import { svgPicture } from '../../kit/export/svg';
import { gearName } from '../../kit/explain/gears';
import { fixed } from '../../kit/format';
import { wheelOf } from '../../records';
import type { UseTold } from '../../workers/rides/protocol';
import { LikelierNote } from './LikelierNote';
import { ReplayTable } from './ReplayTable';
import { durationText, shareText, sureText, usageSentence } from './ride-words';
import { UseLadder } from './UseLadder';
import type { RidesUse } from './useUse';
import styles from './Rides.module.css';

/** Which gears were really used, how surely that is known, and what another setup would have meant. */
export function UsePanel({ use }: { use: RidesUse }) {
  const { state, rides, leftOut } = use;
  return (
    <section className={styles.panel} aria-label="Gear use">
      {state.kind === 'none' && (
        <>
          <h2>Which gears are really used</h2>
          <p className={styles.note}>Tick a ride to see.</p>
        </>
      )}
      {state.kind === 'working' && (
        <>
          <h2>Which gears are really used</h2>
          <Progress percent={Math.round(state.done * 100)} aria-label="Telling the gears" />
        </>
      )}
      {state.kind === 'failed' && (
        <p role="alert" className={styles.failure}>
          {state.message}
        </p>
      )}
      {state.kind === 'told' && <Told told={state.told} use={use} />}
      {leftOut.length > 0 && (
        <p className={styles.note} data-testid="left-out">
          Not told with them, for they were ridden on other teeth or wheels than {formatShorthand(rides[0]!.setup)}:{' '}
          {leftOut.map(({ name }) => name).join(', ')}.
        </p>
      )}
    </section>
  );
}

function Told({ told: { use, likelier, replays }, use: { rides, measured } }: { told: UseTold; use: RidesUse }) {
  const { bench } = useReadyBench();
  const { bike } = bench;
  const drawing = useRef<SVGSVGElement>(null);
  const [first] = rides;
  if (!first) return null;
  const wheelset = bike.wheelsets.find(({ id }) => id === first.wheelsetId) ?? bike.wheelsets[0]!;
  const hours = (use.drivingS + use.coastingS) / 3600;
  const facts: readonly (readonly [string, string, string?])[] = [
    ['driving', durationText(use.drivingS)],
    ['coasting', durationText(use.coastingS)],
    ['below the band', shareText(use.belowS, use.drivingS)],
    ['above the band', shareText(use.aboveS, use.drivingS)],
    ['cross-chained', shareText(use.crossedS, use.drivingS)],
    ['rear shifts an hour', fixed(use.rearShifts / hours, 0)],
    ['front shifts an hour', fixed(use.frontShifts / hours, 1)],
  ];
  return (
    <>
      <div className={styles.panelHead}>
        <h2>
          Which gears are really used: {rides.length === 1 ? first.name : `${rides.length} rides`} on{' '}
          {formatShorthand(first.setup)}
        </h2>
        <SavePicture name={`${bike.name} gear use`} picture={() => svgPicture(drawing.current)} />
        <SaveTable
          name={`${bike.name} gear use`}
          table={() => ({
            fields: ['chainring', 'cog', 'seconds', 'metres', 'share', 'mean_cadence_rpm', 'sure'],
            rows: use.shares.map(({ gear, seconds, metres, share, meanCadenceRpm, sure }) => [
              gear.chainring,
              gear.cog,
              seconds,
              metres,
              share,
              seconds > 0 ? meanCadenceRpm : '',
              seconds > 0 ? sure : '',
            ]),
          })}
          byKey
        />
      </div>
      <p className={styles.answer} data-testid="use-sentence">
        {usageSentence(use)}
      </p>
      <UseLadder shares={use.shares} rolloutMm={rolloutMm(wheelOf(wheelset))} drawingRef={drawing} />
      <p className={styles.note}>Percent of the driving time on each rung; ring: never used.</p>
      <dl className={styles.facts}>
        {facts.map(([term, value]) => (
          <div key={term}>
            <dt>{term}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      <p className={styles.note} data-testid="hesitations">
        {use.hesitations.length === 0
          ? 'No jump was gone back and forth over.'
          : `Back and forth: ${use.hesitations
              .slice(0, 4)
              .map(({ from, to, count }) => `${gearName(from)} and ${gearName(to)} ${count} ×`)
              .join(', ')}.`}
      </p>
      <p className={styles.note} data-testid="sure">
        {sureText(use, measured)}
      </p>
      <LikelierNote likelier={likelier} ride={first} />
      <UseTable use={use} />
      <ReplayTable replays={replays} use={use} />
    </>
  );
}

function UseTable({ use }: { use: UseTold['use'] }) {
  return (
    <details className={styles.details}>
      <summary>Every gear: time, way, cadence, how sure</summary>
      <table className={styles.table} data-testid="use-table">
        <thead>
          <tr>
            <th scope="col">gear</th>
            <th scope="col">time</th>
            <th scope="col">share</th>
            <th scope="col">km</th>
            <th scope="col">mean rpm</th>
            <th scope="col">sure</th>
          </tr>
        </thead>
        <tbody>
          {use.shares.map(({ gear, seconds, share, metres, meanCadenceRpm, sure }) => (
            <tr key={gearName(gear)}>
              <th scope="row">{gearName(gear)}</th>
              <td>{seconds > 0 ? durationText(seconds) : 'never'}</td>
              <td>{seconds > 0 ? `${fixed(share * 100, 1)} %` : ''}</td>
              <td>{seconds > 0 ? fixed(metres / 1000, 1) : ''}</td>
              <td>{seconds > 0 ? fixed(meanCadenceRpm, 0) : ''}</td>
              <td>{seconds > 0 ? `${fixed(sure * 100, 0)} %` : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
