'use client';

import { useMemo, useState } from 'react';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { ImportPanel } from './ImportPanel';
import { RideList } from './RideList';
import { RoutePanel } from './RoutePanel';
import { SensorPanel } from './SensorPanel';
import { UsePanel } from './UsePanel';
import { useRideThrough } from './useRideThrough';
import { RiddenPanel } from './RiddenPanel';
import { SeasonPanel } from './SeasonPanel';
import { useGearUsage } from './useGearUsage';
import { useRidden } from './useRidden';
import { PageHeading } from '../../ui/panel/Panel';
import styles from './Rides.module.css';
import { t } from './text';

/** Which gears are really used, from recordings; and how each setup would ride a route. */
export function RidesView() {
  const { workshop, preferences } = useReadyWorkspace();
  const { rides, routes } = workshop;
  const newest = rides.at(-1)?.id;
  // By default the newest ride is selected; an imported ride becomes selected.
  const [ticked, setTicked] = useState<ReadonlySet<string>>();
  const chosenIds = useMemo(() => ticked ?? new Set(newest === undefined ? [] : [newest]), [ticked, newest]);
  const chosen = useMemo(() => rides.filter(({ id }) => chosenIds.has(id)), [rides, chosenIds]);
  const use = useGearUsage(chosen);
  const route = routes.find(({ id }) => id === preferences.currentRouteId) ?? routes[0];
  const habit = use.state.kind === 'answered' ? use.state.answer.habit : undefined;
  const ridden = useRidden(use);
  const through = useRideThrough(route, habit, use.state.kind === 'working');
  return (
    <>
      <PageHeading>{t('ridesView.rides')}</PageHeading>
      <div className={styles.top}>
        <UsePanel use={use} />
        <div className={styles.column}>
          <RideList rides={rides} chosen={chosenIds} onChoose={setTicked} />
          <ImportPanel onKept={(id) => setTicked(new Set([id]))} />
        </div>
      </div>
      <RiddenPanel state={ridden} habit={habit} />
      <RoutePanel routes={routes} route={route} through={through} />
      <SeasonPanel />
      <SensorPanel through={through} routeName={route?.name ?? t('ridesView.ride')} />
    </>
  );
}
