'use client';

import { Button } from 'antd';
import { kmByBike, mountedOn, unmountedFrom } from '../../core/parts';
import { distanceText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { dateText } from '../../ui/format';
import type { PartRecord } from '../../records';
import { fitFreehub, fitWheel } from '../../store';
import type { StockLine } from './part-rows';
import type { Stock } from './useParts';
import { Note } from '../../ui/panel/Panel';
import styles from './Parts.module.css';
import { t } from './text';
import type { EditName } from '../../messages/edit-name';

/** On which bikes a part was, from when to when, and how far it went on each. */
export function LifePanel({ stock, line }: { stock: Stock; line: StockLine }) {
  const units = useUnits();
  const state = useWorkspace();
  const { part } = line;
  if (state.kind !== 'ready') return null;
  const { workspace, edits, workshop } = state;
  const bike = workspace?.bike;
  const isOn = bike !== undefined && part.mounts.some(({ bikeId, toMs }) => bikeId === bike.id && toMs === undefined);
  const edit = (what: EditName, change: (before: PartRecord) => PartRecord) => stock.edit([part.id], what, change);
  const kilometres = kmByBike(part.mounts, stock.shop?.trips ?? []);
  return (
    <fieldset className={styles.data}>
      <legend>{t('lifePanel.distanceSoFar', { km: distanceText(units, line.km) })}</legend>
      {part.mounts.length === 0 && <Note>{t('lifePanel.notFittedAnyBike')}</Note>}
      <ul className={styles.readings}>
        {kilometres.map(({ bikeId, km }) => (
          <li key={bikeId}>
            <b>{stock.bikeName(bikeId)}</b>, {distanceText(units, km)}:{' '}
            {part.mounts
              .filter((mount) => mount.bikeId === bikeId)
              .map(({ fromMs, toMs }) =>
                toMs === undefined
                  ? t('lifePanel.sinceDate', { date: dateText(fromMs) })
                  : t('lifePanel.fromDateToDate', { date: dateText(fromMs), date2: dateText(toMs) }),
              )
              .join(', ')}
          </li>
        ))}
        {part.kmBefore > 0 && <li>{t('lifePanel.beforeItCameHereKm', { km: distanceText(units, part.kmBefore) })}</li>}
      </ul>
      {workspace && !isOn && line.free > 0 && part.kind === 'wheel' && (
        <Button size="small" onClick={() => edits.write(() => fitWheel(workshop.db, workspace.bike, part, Date.now()))}>
          {t('lifePanel.addWheelset', { name: workspace.bike.name })}
        </Button>
      )}
      {workspace && !isOn && line.free > 0 && part.kind === 'freehub' && (
        <Button
          size="small"
          onClick={() =>
            edits.write(() => fitFreehub(workshop.db, workspace.bike, workspace.wheelset.id, part, Date.now()))
          }
        >
          {t('lifePanel.fit', { name: workspace.wheelset.name, name2: workspace.bike.name })}
        </Button>
      )}
      {bike && (isOn || (line.free > 0 && part.kind !== 'wheel' && part.kind !== 'freehub')) && (
        <Button
          size="small"
          onClick={() =>
            isOn
              ? edit('part.mounts', (before) => ({
                  ...before,
                  mounts: unmountedFrom(before.mounts, bike.id, Date.now()),
                }))
              : edit('part.mounts', (before) => ({ ...before, mounts: mountedOn(before.mounts, bike.id, Date.now()) }))
          }
        >
          {isOn ? t('lifePanel.markRemoved', { name: bike.name }) : t('lifePanel.markFitted', { name: bike.name })}
        </Button>
      )}
    </fieldset>
  );
}
