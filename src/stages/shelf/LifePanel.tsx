'use client';

import { Button } from 'antd';
import { kmByBike, mountedOn, unmountedFrom } from '../../core/shelf';
import { distanceText } from '../../kit/measures';
import { useUnits } from '../../kit/bench/useUnits';
import { useBench } from '../../kit/bench/BenchProvider';
import { dateText } from '../../kit/format';
import type { PartRecord } from '../../records';
import { fitFreehub, fitWheel } from '../../store';
import type { ShelfLine } from './shelf-rows';
import type { Shelf } from './useShelf';
import { Note } from '../../kit/sheet/Panel';
import styles from './Shelf.module.css';
import { t } from './words/text';

/** On which bikes a part was, from when to when, and how far it went on each. */
export function LifePanel({ shelf, line }: { shelf: Shelf; line: ShelfLine }) {
  const units = useUnits();
  const state = useBench();
  const { part } = line;
  if (state.kind !== 'ready') return null;
  const { bench, edits, workshop } = state;
  const bike = bench?.bike;
  const isOn = bike !== undefined && part.mounts.some(({ bikeId, toMs }) => bikeId === bike.id && toMs === undefined);
  const edit = (what: string, change: (before: PartRecord) => PartRecord) => shelf.edit([part.id], what, change);
  const kilometres = kmByBike(part.mounts, shelf.shop?.trips ?? []);
  return (
    <fieldset className={styles.data}>
      <legend>{t('lifePanel.itsLifeKm', { km: distanceText(units, line.km) })}</legend>
      {part.mounts.length === 0 && <Note>{t('lifePanel.itHasBeenOnNo')}</Note>}
      <ul className={styles.readings}>
        {kilometres.map(({ bikeId, km }) => (
          <li key={bikeId}>
            <b>{shelf.bikeName(bikeId)}</b>, {distanceText(units, km)}:{' '}
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
      {bench && !isOn && line.free > 0 && part.kind === 'wheel' && (
        <Button size="small" onClick={() => edits.write(() => fitWheel(workshop.db, bench.bike, part, Date.now()))}>
          {t('lifePanel.makeItAWheelsetOf', { name: bench.bike.name })}
        </Button>
      )}
      {bench && !isOn && line.free > 0 && part.kind === 'freehub' && (
        <Button
          size="small"
          onClick={() => edits.write(() => fitFreehub(workshop.db, bench.bike, bench.wheelset.id, part, Date.now()))}
        >
          {t('lifePanel.putItOnNameOf', { name: bench.wheelset.name, name2: bench.bike.name })}
        </Button>
      )}
      {bike && (isOn || (line.free > 0 && part.kind !== 'wheel' && part.kind !== 'freehub')) && (
        <Button
          size="small"
          onClick={() =>
            isOn
              ? edit(t('lifePanel.takingOff'), (before) => ({
                  ...before,
                  mounts: unmountedFrom(before.mounts, bike.id, Date.now()),
                }))
              : edit('fitting', (before) => ({ ...before, mounts: mountedOn(before.mounts, bike.id, Date.now()) }))
          }
        >
          {isOn
            ? t('lifePanel.itCameOffNameNow', { name: bike.name })
            : t('lifePanel.itGoesOnNameNow', { name: bike.name })}
        </Button>
      )}
    </fieldset>
  );
}
