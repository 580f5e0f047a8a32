'use client';

import { Progress } from 'antd';
import { useMemo, useRef } from 'react';
import { formatShorthand } from '../../formats/shorthand';
import { shownIn, unitText } from '../../kit/measures';
import { useUnits } from '../../kit/bench/useUnits';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { SaveTable } from '../../kit/export/SaveTable';
import { SavePicture } from '../../kit/export/SavePicture';
import { svgPicture } from '../../kit/export/svg';
import { gearName } from '../../kit/explain/gears';
import { durationText, fixed } from '../../kit/format';
import type { GearUsageResponse } from '../../workers/rides/protocol';
import { BestFitNote } from './BestFitNote';
import { ReplayTable } from './ReplayTable';
import { shareText, confidenceText, usageSentence } from './words/ride-words';
import { timeInGears } from './time-in-gears';
import { UseLadder } from './UseLadder';
import type { RidesUse } from './useGearUsage';
import { Note, Panel, PanelHead } from '../../kit/sheet/Panel';
import { Table } from '../../kit/sheet/Table';
import styles from './Rides.module.css';
import { t } from './words/text';

/** Which gears were really used, how surely that is known, and what another setup would have meant. */
export function UsePanel({ use }: { use: RidesUse }) {
  const { state, rides, leftOut } = use;
  return (
    <Panel aria-label={t('usePanel.gearUse')}>
      {state.kind === 'none' && (
        <>
          <h2>{t('usePanel.whichGearsAreReallyUsed')}</h2>
          <Note>{t('usePanel.tickARideToSee')}</Note>
        </>
      )}
      {state.kind === 'working' && (
        <>
          <h2>{t('usePanel.whichGearsAreReallyUsed')}</h2>
          <Progress percent={Math.round(state.done * 100)} aria-label={t('usePanel.tellingTheGears')} />
        </>
      )}
      {state.kind === 'failed' && (
        <p role="alert" className={styles.failure}>
          {state.message}
        </p>
      )}
      {state.kind === 'told' && <Told told={state.told} use={use} />}
      {leftOut.length > 0 && (
        <Note data-testid="left-out">
          {t('usePanel.notToldWithThemFor', {
            setup: formatShorthand(rides[0]!.setup),
            leftOut: leftOut.map(({ name }) => name).join(', '),
          })}
        </Note>
      )}
    </Panel>
  );
}

function Told({
  told: { use, likelier, replays },
  use: { rides, measured },
}: {
  told: GearUsageResponse;
  use: RidesUse;
}) {
  const { bench } = useReadyBench();
  const { bike, setups } = bench;
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
    [t('usePanel.belowTheBand'), shareText(use.belowS, use.drivingS)],
    [t('usePanel.aboveTheBand'), shareText(use.aboveS, use.drivingS)],
    [t('usePanel.crossChained'), shareText(use.crossedS, use.drivingS)],
    [t('usePanel.rearShiftsAnHour'), fixed(use.rearShifts / hours, 0)],
    [t('usePanel.frontShiftsAnHour'), fixed(use.frontShifts / hours, 1)],
  ];
  return (
    <>
      <PanelHead>
        <h2>
          {t('usePanel.whichGearsAreReallyUsedName', {
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
          ? t('usePanel.noJumpWasGoneBack')
          : t('usePanel.backAndForthHesitations', {
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
              <td>{seconds > 0 ? `${fixed(share * 100, 1)} %` : ''}</td>
              <td>{seconds > 0 ? fixed(shownIn('distance', units, metres / 1000), 1) : ''}</td>
              <td>{seconds > 0 ? fixed(meanCadenceRpm, 0) : ''}</td>
              <td>{seconds > 0 ? `${fixed(sure * 100, 0)} %` : ''}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </details>
  );
}
