'use client';

import { DeleteOutlined, DownloadOutlined } from '@ant-design/icons';
import { Button, Select } from 'antd';
import { useRef, useState } from 'react';
import { SURFACES, type Surface } from '../../core/needs';
import { SMOOTHING_M, WALKING_RPM, lengthM, riddenGears, totals, type RideThrough } from '../../core/ride';
import { writeGpxRoute } from '../../formats/ride/gpx';
import { distanceText, gearSizeText, heightText } from '../../features/units/measures';
import { useBrief } from '../../features/workspace/useBrief';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { LETTERS, letterOf } from '../../features/setup-mark/setup-sign';
import { SavePicture } from '../../ui/picture/SavePicture';
import { SaveTable } from '../../features/save-table/SaveTable';
import { svgPicture } from '../../ui/picture/svg';
import { gearName } from '../../features/explanations/gears';
import { Field } from '../../ui/fields/Field';
import { NumberField } from '../../ui/fields/NumberField';
import { SpeedField } from '../../features/fields/SpeedField';
import { fileName, saveText } from '../../ui/files';
import { durationText, fixed } from '../../ui/format';
import { speedText } from '../../features/units/speed';
import { SURFACE_TEXT } from '../../features/rider/words';
import { Sideways } from '../../ui/panel/Sideways';
import type { RouteRecord } from '../../records';
import { removeRoute } from '../../store';
import { ProfileView } from './ProfileView';
import { conditionsText, shareText, throughSentence } from './ride-words';
import { SetupHeads, SetupTable } from './SetupTable';
import { titleOf } from '../../features/ladder/lanes';
import { UseLadder } from './UseLadder';
import type { RidesThrough } from './useRideThrough';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import styles from './Rides.module.css';
import { t } from './text';
import { firstOf, itemAt } from '../../core/items';

const HEADWIND_KMH = { min: -60, max: 60 };

interface RoutePanelProps {
  readonly routes: readonly RouteRecord[];
  readonly route: RouteRecord | undefined;
  readonly through: RidesThrough;
}

/** A route ridden by the bike's rider on every setup of the workspace. */
export function RoutePanel({ routes, route, through }: RoutePanelProps) {
  const units = useUnits();
  const { workspace, workshop, edits } = useReadyWorkspace();
  const { brief } = useBrief();
  const { bike, setups, place } = workspace;
  const { profile, rides, rules, climbs, problem, road, setRoad } = through;
  const drawing = useRef<SVGSVGElement>(null);
  const [shown, setShown] = useState<'one' | 'all'>('all');
  if (!route || !profile) {
    return (
      <Panel aria-label={t('routePanel.rideThrough')}>
        <h2>{t('routePanel.simulateRoute')}</h2>
        <Note>{t('routePanel.noRouteYetImport')}</Note>
      </Panel>
    );
  }
  const { upM } = totals(profile);
  const { lowRpm, highRpm } = firstOf(rules);
  const drawn = (rides ?? [])
    .map((ride, at) => ({ place: at, ride, rules: itemAt(rules, at) }))
    .filter((one) => shown === 'all' || one.place === place);
  const columns = (rides ?? []).map((ride, at) => ({
    place: at,
    title: titleOf(itemAt(setups, at)),
    setup: itemAt(setups, at),
    rolloutMm: itemAt(through.rollouts, at),
    shares: riddenGears(ride, itemAt(rules, at).gears),
  }));
  return (
    <Panel aria-label={t('routePanel.rideThrough')}>
      <PanelHead>
        <h2>{t('routePanel.eachSetupRoute')}</h2>
        <Select
          size="small"
          value={route.id}
          options={routes.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(currentRouteId: string) => edits.editPreferences({ currentRouteId })}
          popupMatchSelectWidth={false}
          aria-label={t('routePanel.route')}
          style={{ width: 250 }}
        />
        <Button
          size="small"
          icon={<DownloadOutlined />}
          title={t('routePanel.saveTheRouteAsGpx')}
          onClick={() =>
            saveText(
              fileName(route.name, 'gpx'),
              'application/gpx+xml',
              writeGpxRoute(
                route.name,
                route.elevationM.map((elevationM, i) => ({ distanceM: i * route.stepM, elevationM })),
              ),
            )
          }
        >
          {t('routePanel.gpx')}
        </Button>
        <Button
          size="small"
          type="text"
          icon={<DeleteOutlined />}
          aria-label={t('routePanel.removeName', { name: route.name })}
          title={t('routePanel.deleteRouteCanUndone')}
          onClick={() => edits.write(() => removeRoute(workshop.db, route, Date.now()))}
        />
        <SavePicture name={`${bike.name} ${route.name}`} picture={() => svgPicture(drawing.current)} />
      </PanelHead>
      <p className={styles.answer} data-testid="through">
        {rides ? throughSentence(rides, LETTERS) : t('routePanel.riding')}
      </p>
      <Note data-testid="route">
        {t('routePanel.routeSummary', {
          length: distanceText(units, lengthM(profile) / 1000, 1),
          up: heightText(units, upM),
          step: heightText(units, profile.stepM),
          smoothing: heightText(units, SMOOTHING_M),
        })}
      </Note>
      <div className={styles.fields}>
        <Field id="surface" label={t('routePanel.surface')}>
          <Select<Surface>
            id="surface"
            value={road.surface}
            style={{ width: 150 }}
            options={SURFACES.map((value) => ({ value, label: SURFACE_TEXT[value] }))}
            onChange={(surface) => setRoad({ surface })}
          />
        </Field>
        <SpeedField
          id="headwind"
          label={t('routePanel.headwindNegativeTailwind')}
          term={t('routePanel.headwind')}
          owner="road"
          bounds={HEADWIND_KMH}
          assumedKmh={0}
          width={150}
          valueKmh={road.headwindKmh}
          onCommit={(value) => setRoad({ headwindKmh: value ?? 0 })}
        />
        <NumberField
          id="walking"
          label={t('routePanel.walksBelow')}
          term={t('routePanel.walkingThreshold')}
          owner="road"
          unit={t('routePanel.rpm')}
          bounds={WALKING_RPM}
          width={130}
          value={road.walkingRpm}
          onCommit={(value) => value !== undefined && setRoad({ walkingRpm: value })}
        />
        <Field id="power" label={t('routePanel.power')}>
          <Select
            id="power"
            value={road.power}
            style={{ width: 210 }}
            options={(['steady', 'paced'] as const).map((value) => ({ value, label: t(`routePanel.powers.${value}`) }))}
            onChange={(power) => setRoad({ power })}
          />
        </Field>
        <Field id="shifts" label={t('routePanel.shifts')}>
          <Select
            id="shifts"
            value={road.shifts}
            style={{ width: 190 }}
            options={[
              { value: 'range' as const, label: t('routePanel.shiftsAtRange') },
              { value: 'habit' as const, label: t('routePanel.shiftsByHabit'), disabled: !through.habit },
            ]}
            onChange={(shifts) => setRoad({ shifts })}
          />
        </Field>
        {setups.length > 1 && (
          <Field id="drawn" label={t('routePanel.drawn')}>
            <Select
              id="drawn"
              value={shown}
              style={{ width: 160 }}
              options={[
                { value: 'all', label: t('routePanel.allSetups') },
                { value: 'one', label: t('routePanel.selectedSetup') },
              ]}
              onChange={setShown}
            />
          </Field>
        )}
      </div>
      <Note data-testid="ridden-by">{conditionsText(through, brief)}</Note>
      {problem && (
        <p role="alert" className={styles.failure}>
          {problem}
        </p>
      )}
      <ProfileView
        profile={profile}
        climbs={climbs.map(({ climb }) => climb)}
        rides={drawn}
        lowRpm={lowRpm}
        highRpm={highRpm}
        units={units}
        drawingRef={drawing}
      />
      {rides && (
        <>
          <h3 className={styles.subhead}>{t('routePanel.timeInEachGear')}</h3>
          <UseLadder columns={columns} />
        </>
      )}
      {rides && <CountsTable rides={rides} route={route} isPaced={road.power === 'paced'} />}
      <ClimbTable through={through} />
    </Panel>
  );
}

interface CountsTableProps {
  readonly rides: readonly RideThrough[];
  readonly route: RouteRecord;
  readonly isPaced: boolean;
}

function CountsTable({ rides, route, isPaced }: CountsTableProps) {
  const { workspace, preferences } = useReadyWorkspace();
  const { bike } = workspace;
  const rows: readonly (readonly [string, (ride: RideThrough) => string])[] = [
    [t('routePanel.time'), ({ totalS }) => durationText(totalS)],
    [t('routePanel.outsideCadenceRange'), ({ belowS, aboveS, drivingS }) => shareText(belowS + aboveS, drivingS)],
    [t('routePanel.belowIt'), ({ belowS }) => durationText(belowS)],
    [t('routePanel.aboveIt'), ({ aboveS }) => durationText(aboveS)],
    [t('routePanel.grinding'), ({ grindingS }) => (grindingS > 0 ? durationText(grindingS) : t('routePanel.never'))],
    [t('routePanel.walking'), ({ walkingS }) => (walkingS > 0 ? durationText(walkingS) : t('routePanel.never'))],
    [t('routePanel.coasting'), ({ coastingS }) => durationText(coastingS)],
    [t('routePanel.crossChained'), ({ crossedS, drivingS }) => shareText(crossedS, drivingS)],
    [t('routePanel.rearShifts'), ({ rearShifts }) => String(rearShifts)],
    [t('routePanel.frontShifts'), ({ frontShifts }) => String(frontShifts)],
    ...(isPaced
      ? ([
          [t('routePanel.leastReserve'), ({ leastReserve }: RideThrough) => `${fixed(leastReserve * 100, 0)}%`],
        ] as const)
      : []),
    [t('routePanel.slowest'), ({ slowestKmh }) => speedText(preferences.speedUnit, slowestKmh)],
  ];
  return (
    <SetupTable
      items={rides}
      rows={rows}
      corner={
        <SaveTable
          name={`${bike.name} ${route.name}`}
          table={() => ({
            fields: [
              'setup',
              'total_s',
              'pedalling_s',
              'below_cadence_range_s',
              'above_cadence_range_s',
              'grinding_s',
              'walking_s',
              'coasting_s',
              'cross_chained_s',
              'rear_shifts',
              'front_shifts',
              'slowest_speed_kmh',
            ],
            rows: rides.map((ride, at) => [
              letterOf(at),
              ride.totalS,
              ride.drivingS,
              ride.belowS,
              ride.aboveS,
              ride.grindingS,
              ride.walkingS,
              ride.coastingS,
              ride.crossedS,
              ride.rearShifts,
              ride.frontShifts,
              ride.slowestKmh,
            ]),
          })}
        />
      }
      testId="counts"
    />
  );
}

function ClimbTable({ through: { climbs } }: { through: RidesThrough }) {
  const units = useUnits();
  const { workspace, preferences } = useReadyWorkspace();
  const { setups } = workspace;
  if (climbs.length === 0) return <Note>{t('routePanel.noClimbOf20M')}</Note>;
  return (
    <Sideways label={t('routePanel.climbs')}>
      <Table className={styles.table} data-testid="climbs">
        <caption>{t('routePanel.climbsAndTheHardestGear')}</caption>
        <thead>
          <tr>
            <th scope="col">{t('routePanel.climb')}</th>
            <th scope="col">{t('routePanel.from')}</th>
            <th scope="col">{t('routePanel.length')}</th>
            <th scope="col">{t('routePanel.gain')}</th>
            <th scope="col">{t('routePanel.mean')}</th>
            <th scope="col">{t('routePanel.steepest')}</th>
            <th scope="col">{t('routePanel.speedThere')}</th>
            <th scope="col">{t('routePanel.wants')}</th>
            <SetupHeads />
          </tr>
        </thead>
        <tbody>
          {climbs.map(({ climb, speedKmh, wantedDevelopmentM, gears }, i) => (
            <tr key={climb.fromM}>
              <th scope="row">{i + 1}</th>
              <td>{distanceText(units, climb.fromM / 1000, 1)}</td>
              <td>{distanceText(units, (climb.toM - climb.fromM) / 1000, 1)}</td>
              <td>{heightText(units, climb.gainM)}</td>
              <td>{fixed(climb.gradeFraction * 100, 1)}%</td>
              <td>{fixed(climb.steepestFraction * 100, 1)}%</td>
              <td>{speedText(preferences.speedUnit, speedKmh)}</td>
              <td>≤ {gearSizeText(units, wantedDevelopmentM)}</td>
              {gears.map((gear, at) => (
                <td key={setups[at]?.id ?? at} className={gear ? undefined : styles.lacking}>
                  {gear ? gearName(gear) : t('routePanel.none')}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </Table>
    </Sideways>
  );
}
