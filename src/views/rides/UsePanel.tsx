'use client';

import { Progress } from 'antd';
import { useMemo, useRef } from 'react';
import { formatShorthand } from '../../formats/shorthand';
import { shownIn, unitText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { SaveTable } from '../../features/save-table/SaveTable';
import { SavePicture } from '../../ui/picture/SavePicture';
import { svgPicture } from '../../ui/picture/svg';
import { gearCells, gearFields, percentCell } from '../../formats/csv-cells';
import { gearName } from '../../features/explanations/gears';
import { durationText, fixed } from '../../ui/format';
import type { GearUsageResponse } from '../../workers/rides/protocol';
import { BestFitNote } from './BestFitNote';
import { ReplayTable } from './ReplayTable';
import { shareText, confidenceText, usageSentence } from './ride-words';
import { timeInGears } from './time-in-gears';
import { UseLadder } from './UseLadder';
import type { RidesUse } from './useGearUsage';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import styles from './Rides.module.css';
import { t } from './text';
import { firstOf } from '../../core/items';

/** Which gears were really used, how surely that is known, and what another setup would have meant. */
export function UsePanel({ use }: { use: RidesUse }) {
  const { state, rides, leftOut } = use;
  return (
    <Panel aria-label={t('usePanel.gearUse')}>
      {state.kind === 'idle' && (
        <>
          <h2>{t('usePanel.gearsActuallyUse')}</h2>
          <Note>{t('usePanel.selectRide')}</Note>
        </>
      )}
      {state.kind === 'working' && (
        <>
          <h2>{t('usePanel.gearsActuallyUse')}</h2>
          <Progress percent={Math.round((state.progress ?? 0) * 100)} aria-label={t('usePanel.tellingTheGears')} />
        </>
      )}
      {state.kind === 'failed' && (
        <p role="alert" className={styles.failure}>
          {state.message}
        </p>
      )}
      {state.kind === 'answered' && <GearUsage response={state.answer} use={use} />}
      {leftOut.length > 0 && (
        <Note data-testid="left-out">
          {t('usePanel.leftOutBecauseThey', {
            setup: formatShorthand(firstOf(rides).setup),
            leftOut: leftOut.map(({ name }) => name).join(', '),
          })}
        </Note>
      )}
    </Panel>
  );
}

function GearUsage({
  response: { use, likelier, replays },
  use: { rides, measured },
}: {
  response: GearUsageResponse;
  use: RidesUse;
}) {
  const { workspace } = useReadyWorkspace();
  const { bike, setups } = workspace;
  const drawing = useRef<SVGSVGElement>(null);
  const [first] = rides;
  const columns = useMemo(
    () => (first ? timeInGears(first, use, replays, bike, setups) : []),
    [first, use, replays, bike, setups],
  );
  if (!first) return null;
  const hours = (use.drivingS + use.coastingS) / 3600;
  const facts: readonly (readonly [string, string, string?])[] = [
    [t('usePanel.driving'), durationText(use.drivingS)],
    [t('usePanel.coasting'), durationText(use.coastingS)],
    [t('usePanel.belowRange'), shareText(use.belowS, use.drivingS)],
    [t('usePanel.aboveRange'), shareText(use.aboveS, use.drivingS)],
    [t('usePanel.crossChained'), shareText(use.crossedS, use.drivingS)],
    [t('usePanel.rearShiftsAnHour'), fixed(use.rearShifts / hours, 0)],
    [t('usePanel.frontShiftsAnHour'), fixed(use.frontShifts / hours, 1)],
  ];
  return (
    <>
      <PanelHead>
        <h2>
          {t('usePanel.gearsActuallyUse2', {
            name: rides.length === 1 ? first.name : t('usePanel.countRides', { count: rides.length }),
            setup: formatShorthand(first.setup),
          })}
        </h2>
        <SavePicture
          name={t('usePanel.nameGearUse', { name: bike.name })}
          picture={() => svgPicture(drawing.current)}
        />
        <SaveTable
          name={t('usePanel.nameGearUse', { name: bike.name })}
          table={() => ({
            fields: [
              ...gearFields(),
              'time_s',
              'distance_m',
              'share_percent',
              'mean_cadence_rpm',
              'confidence_percent',
            ],
            rows: use.shares.map(({ gear, seconds, metres, share, meanCadenceRpm, sure }) => [
              ...gearCells(gear),
              seconds,
              metres,
              percentCell(share),
              seconds > 0 ? meanCadenceRpm : '',
              seconds > 0 ? percentCell(sure) : '',
            ]),
          })}
          byKey
        />
      </PanelHead>
      <p className={styles.answer} data-testid="use-sentence">
        {usageSentence(use)}
      </p>
      <UseLadder columns={columns} drawingRef={drawing} />
      <Note>{t('usePanel.percentOfTheDrivingTime')}</Note>
      <dl className={styles.facts}>
        {facts.map(([term, value]) => (
          <div key={term}>
            <dt>{term}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      <Note data-testid="hesitations">
        {use.hesitations.length === 0
          ? t('usePanel.noHuntingBetweenGears')
          : t('usePanel.hunting', {
              hesitations: use.hesitations
                .slice(0, 4)
                .map(({ from, to, count }) =>
                  t('usePanel.gearNameAndGearName2CountBy', {
                    gearName: gearName(from),
                    gearName2: gearName(to),
                    count,
                  }),
                )
                .join(', '),
            })}
      </Note>
      <Note data-testid="sure">{confidenceText(use, measured)}</Note>
      <BestFitNote likelier={likelier} ride={first} />
      <UseTable use={use} />
      <ReplayTable replays={replays} use={use} />
    </>
  );
}

function UseTable({ use }: { use: GearUsageResponse['use'] }) {
  const units = useUnits();
  return (
    <details className={styles.details}>
      <summary>{t('usePanel.everyGearTimeWayCadence')}</summary>
      <Table className={styles.table} data-testid="use-table">
        <thead>
          <tr>
            <th scope="col">{t('usePanel.gear')}</th>
            <th scope="col">{t('usePanel.time')}</th>
            <th scope="col">{t('usePanel.share')}</th>
            <th scope="col">{unitText('distance', units)}</th>
            <th scope="col">{t('usePanel.meanRpm')}</th>
            <th scope="col">{t('usePanel.sure')}</th>
          </tr>
        </thead>
        <tbody>
          {use.shares.map(({ gear, seconds, share, metres, meanCadenceRpm, sure }) => (
            <tr key={gearName(gear)}>
              <th scope="row">{gearName(gear)}</th>
              <td>{seconds > 0 ? durationText(seconds) : t('usePanel.never')}</td>
              <td>{seconds > 0 ? `${fixed(share * 100, 1)}%` : ''}</td>
              <td>{seconds > 0 ? fixed(shownIn('distance', units, metres / 1000), 1) : ''}</td>
              <td>{seconds > 0 ? fixed(meanCadenceRpm, 0) : ''}</td>
              <td>{seconds > 0 ? `${fixed(sure * 100, 0)}%` : ''}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </details>
  );
}
