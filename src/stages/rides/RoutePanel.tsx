'use client';

import { DeleteOutlined, DownloadOutlined } from '@ant-design/icons';
import { Button, Select } from 'antd';
import { useRef, useState } from 'react';
import { SURFACES, type Surface } from '../../core/brief';
import { SMOOTHING_M, WALKING_RPM, lengthM, riddenGears, totals, type RideThrough } from '../../core/ride';
import { writeGpxRoute } from '../../formats/ride/gpx';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { LETTERS } from '../../kit/bench/setup-sign';
import { SavePicture } from '../../kit/export/SavePicture';
import { SaveTable } from '../../kit/export/SaveTable';
import { svgPicture } from '../../kit/export/svg';
import { gearName } from '../../kit/explain/gears';
import { Field } from '../../kit/fields/Field';
import { NumberField } from '../../kit/fields/NumberField';
import { fileName, saveText } from '../../kit/files';
import { fixed, speedText } from '../../kit/format';
import { SURFACE_TEXT } from '../../kit/words';
import { Sideways } from '../../kit/sheet/Sideways';
import type { RouteRecord } from '../../records';
import { removeRoute } from '../../store';
import { ProfileView } from './ProfileView';
import { durationText, shareText, throughSentence } from './ride-words';
import { SetupHeads, SetupTable } from './SetupTable';
import { UseLadder } from './UseLadder';
import type { RidesThrough } from './useRideThrough';
import styles from './Rides.module.css';

const HEADWIND_KMH = { min: -60, max: 60 };

interface RoutePanelProps {
  readonly routes: readonly RouteRecord[];
  readonly route: RouteRecord | undefined;
  readonly through: RidesThrough;
}

/** A route ridden by the bike's rider on every setup of the bench. */
export function RoutePanel({ routes, route, through }: RoutePanelProps) {
  const { bench, preferences, workshop, edits } = useReadyBench();
  const { bike, setups, place } = bench;
  const { profile, rides, rules, climbs, problem, road, setRoad } = through;
  const drawing = useRef<SVGSVGElement>(null);
  const [shown, setShown] = useState<'one' | 'all'>('all');
  if (!route || !profile) {
    return (
      <section className={styles.panel} aria-label="Ride-through">
        <h2>How a setup would ride a route</h2>
        <p className={styles.note}>No route yet: bring in a GPX or a table of distance and elevation above.</p>
      </section>
    );
  }
  const { upM } = totals(profile);
  const { lowRpm, highRpm } = rules[0]!;
  const drawn = (rides ?? [])
    .map((ride, at) => ({ place: at, ride, rules: rules[at]! }))
    .filter((one) => shown === 'all' || one.place === place);
  return (
    <section className={styles.panel} aria-label="Ride-through">
      <div className={styles.panelHead}>
        <h2>How each setup would ride it</h2>
        <Select
          size="small"
          value={route.id}
          options={routes.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(currentRouteId: string) => edits.editPreferences({ currentRouteId })}
          popupMatchSelectWidth={false}
          aria-label="Route"
          style={{ width: 250 }}
        />
        <Button
          size="small"
          icon={<DownloadOutlined />}
          title="Save the route as GPX: a straight line of its length, with its heights"
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
          GPX
        </Button>
        <Button
          size="small"
          type="text"
          icon={<DeleteOutlined />}
          aria-label={`Remove ${route.name}`}
          title="Remove the route; Undo brings it back"
          onClick={() => edits.write(() => removeRoute(workshop.db, route, Date.now()))}
        />
        <SavePicture name={`${bike.name} ${route.name}`} picture={() => svgPicture(drawing.current)} />
      </div>
      <p className={styles.answer} data-testid="through">
        {rides ? throughSentence(rides, LETTERS) : 'Riding …'}
      </p>
      <p className={styles.note} data-testid="route">
        {fixed(lengthM(profile) / 1000, 1)} km, {fixed(upM, 0)} m up. Heights every {profile.stepM} m, smoothed over ±
        {SMOOTHING_M} m.
      </p>
      <div className={styles.fields}>
        <Field id="surface" label="Surface">
          <Select<Surface>
            id="surface"
            value={road.surface}
            style={{ width: 150 }}
            options={SURFACES.map((value) => ({ value, label: SURFACE_TEXT[value] }))}
            onChange={(surface) => setRoad({ surface })}
          />
        </Field>
        <NumberField
          id="headwind"
          label="Headwind, − from behind"
          term="headwind"
          owner="road"
          unit="km/h"
          bounds={HEADWIND_KMH}
          width={150}
          value={road.headwindKmh}
          onCommit={(value) => value !== undefined && setRoad({ headwindKmh: value })}
        />
        <NumberField
          id="walking"
          label="Walks below"
          term="walking threshold"
          owner="road"
          unit="rpm"
          bounds={WALKING_RPM}
          width={130}
          value={road.walkingRpm}
          onCommit={(value) => value !== undefined && setRoad({ walkingRpm: value })}
        />
        {setups.length > 1 && (
          <Field id="drawn" label="Drawn">
            <Select
              id="drawn"
              value={shown}
              style={{ width: 160 }}
              options={[
                { value: 'all', label: 'all setups' },
                { value: 'one', label: 'the one in depth' },
              ]}
              onChange={setShown}
            />
          </Field>
        )}
      </div>
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
        speedUnit={preferences.speedUnit}
        drawingRef={drawing}
      />
      {rides?.[place] && (
        <>
          <h3 className={styles.subhead}>
            Time in each gear of {LETTERS[place]}, percent of the driving time; ring: never used
          </h3>
          <UseLadder shares={riddenGears(rides[place], rules[place]!.gears)} rolloutMm={through.rollouts[place]!} />
        </>
      )}
      {rides && <CountsTable rides={rides} route={route} />}
      <ClimbTable through={through} />
    </section>
  );
}

function CountsTable({ rides, route }: { rides: readonly RideThrough[]; route: RouteRecord }) {
  const { bench, preferences } = useReadyBench();
  const { bike } = bench;
  const rows: readonly (readonly [string, (ride: RideThrough) => string])[] = [
    ['time', ({ totalS }) => durationText(totalS)],
    ['out of the band', ({ belowS, aboveS, drivingS }) => shareText(belowS + aboveS, drivingS)],
    ['below it', ({ belowS }) => durationText(belowS)],
    ['above it', ({ aboveS }) => durationText(aboveS)],
    ['grinding', ({ grindingS }) => (grindingS > 0 ? durationText(grindingS) : 'never')],
    ['walking', ({ walkingS }) => (walkingS > 0 ? durationText(walkingS) : 'never')],
    ['coasting', ({ coastingS }) => durationText(coastingS)],
    ['cross-chained', ({ crossedS, drivingS }) => shareText(crossedS, drivingS)],
    ['rear shifts', ({ rearShifts }) => String(rearShifts)],
    ['front shifts', ({ frontShifts }) => String(frontShifts)],
    ['slowest', ({ slowestKmh }) => speedText(preferences.speedUnit, slowestKmh)],
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
              'driving_s',
              'below_s',
              'above_s',
              'grinding_s',
              'walking_s',
              'coasting_s',
              'crossed_s',
              'rear_shifts',
              'front_shifts',
              'slowest_kmh',
            ],
            rows: rides.map((ride, at) => [
              LETTERS[at]!,
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
  const { bench, preferences } = useReadyBench();
  const { setups } = bench;
  if (climbs.length === 0) return <p className={styles.note}>No climb of 20 m or more at 2.5 % or more.</p>;
  return (
    <Sideways label="Climbs">
      <table className={styles.table} data-testid="climbs">
        <caption>Climbs, and the hardest gear that holds your lowest climbing cadence on the steepest 100 m</caption>
        <thead>
          <tr>
            <th scope="col">climb</th>
            <th scope="col">from km</th>
            <th scope="col">length</th>
            <th scope="col">gain</th>
            <th scope="col">mean</th>
            <th scope="col">steepest</th>
            <th scope="col">speed there</th>
            <th scope="col">wants</th>
            <SetupHeads />
          </tr>
        </thead>
        <tbody>
          {climbs.map(({ climb, speedKmh, wantedDevelopmentM, gears }, i) => (
            <tr key={climb.fromM}>
              <th scope="row">{i + 1}</th>
              <td>{fixed(climb.fromM / 1000, 1)}</td>
              <td>{fixed((climb.toM - climb.fromM) / 1000, 1)} km</td>
              <td>{fixed(climb.gainM, 0)} m</td>
              <td>{fixed(climb.gradeFraction * 100, 1)} %</td>
              <td>{fixed(climb.steepestFraction * 100, 1)} %</td>
              <td>{speedText(preferences.speedUnit, speedKmh)}</td>
              <td>≤ {fixed(wantedDevelopmentM, 2)} m</td>
              {gears.map((gear, at) => (
                <td key={setups[at]?.id ?? at} className={gear ? undefined : styles.lacking}>
                  {gear ? gearName(gear) : '▲ none'}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Sideways>
  );
}
