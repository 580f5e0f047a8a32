'use client';

import { DeleteOutlined, DownloadOutlined } from '@ant-design/icons';
import { Button, Checkbox, Select } from 'antd';
import { MenuButton } from '../../ui/menu/MenuButton';
import { useMemo } from 'react';
import { unpackRecording } from '../../formats/ride/pack';
import { writeRideCsv } from '../../formats/ride/ride-csv';
import { writeTcx } from '../../formats/ride/tcx';
import { formatShorthand } from '../../formats/shorthand';
import { distanceText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { fileName, saveText } from '../../ui/files';
import { dateText, durationText, fixed } from '../../ui/format';
import { SPEED_UNIT_TEXT, speedIn } from '../../features/units/speed';
import { useFirst } from '../../ui/list/useFirst';
import type { RideRecord } from '../../records';
import { readPacked, removeRide, setSurface } from '../../store';
import { SURFACES, type Surface } from '../../core/needs';
import { SURFACE_TEXT } from '../../features/rider/words';
import { Field } from '../../ui/fields/Field';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Rides.module.css';
import { t } from './text';

/** A table may count seconds from 0 and have no date. */
const startText = (startedAtMs: number) =>
  startedAtMs < Date.UTC(1980, 0, 1) ? t('rideList.noDate') : dateText(startedAtMs);

/** Number of entries shown at first. */
const PAGE = 20;

interface RideListProps {
  /** Oldest first. */
  readonly rides: readonly RideRecord[];
  readonly chosen: ReadonlySet<string>;
  readonly onChoose: (chosen: ReadonlySet<string>) => void;
}

/** The rides of the bike, newest first; selected ones are analysed together. */
export function RideList({ rides, chosen, onChoose }: RideListProps) {
  const units = useUnits();
  const { workspace, workshop, edits, preferences } = useReadyWorkspace();
  const { db } = workshop;
  const { speedUnit } = preferences;
  const { first, more } = useFirst(
    useMemo(() => [...rides].reverse(), [rides]),
    PAGE,
  );
  const tick = (id: string, on: boolean) => {
    const next = new Set(chosen);
    if (on) next.add(id);
    else next.delete(id);
    onChoose(next);
  };
  const save = (ride: RideRecord, kind: 'tcx' | 'csv', withPositions: boolean) =>
    edits.write(async () => {
      const [packed] = await readPacked(db, [ride.id]);
      const recording = packed === undefined ? undefined : unpackRecording(packed);
      if (!recording) throw new Error(t('rideList.theSamplesOfThisRide'));
      const { name, startedAtMs } = ride;
      if (kind === 'csv') {
        saveText(fileName(name, 'csv'), 'text/csv', writeRideCsv(recording, { startedAtMs, withPositions }));
      } else {
        saveText(fileName(name, 'tcx'), 'application/xml', writeTcx(name, startedAtMs, recording, { withPositions }));
      }
    });
  const kmh = ({ distanceM, seconds }: RideRecord) => (seconds > 0 ? (distanceM / seconds) * 3.6 : 0);
  return (
    <Panel aria-label={t('rideList.rides')}>
      <PanelHead>
        <h2>{t('rideList.ridesOfThisBike')}</h2>
        {rides.length > 1 && (
          <Button size="small" onClick={() => onChoose(new Set(rides.map(({ id }) => id)))}>
            {t('rideList.tickAll')}
          </Button>
        )}
      </PanelHead>
      {rides.length === 0 && <Note>{t('rideList.noRidesYetImport')}</Note>}
      <ul className={styles.rides}>
        {first.map((ride) => (
          <li key={ride.id}>
            <Checkbox checked={chosen.has(ride.id)} onChange={({ target }) => tick(ride.id, target.checked)}>
              <b className={styles.rideName}>{ride.name}</b>
            </Checkbox>
            <span className={styles.rideFacts}>
              {t('rideList.startDistanceMKmDurationSpeedIn', {
                start: startText(ride.startedAtMs),
                distance: distanceText(units, ride.distanceM / 1000, 1),
                duration: durationText(ride.seconds),
                speedIn: fixed(speedIn(speedUnit, kmh(ride)), 1),
                speedUnit: SPEED_UNIT_TEXT[speedUnit],
                setup: formatShorthand(ride.setup),
              })}
            </span>
            <span className={styles.rideTools}>
              <MenuButton
                items={[
                  { key: 'tcx', label: t('rideList.saveAsTcx'), onClick: () => save(ride, 'tcx', false) },
                  { key: 'csv', label: t('rideList.saveAsCsv'), onClick: () => save(ride, 'csv', false) },
                  ...(ride.hasPositions
                    ? (['tcx', 'csv'] as const).map((kind) => ({
                        key: `${kind}-positions`,
                        label: t('rideList.saveWithPositions', { kind: kind.toUpperCase() }),
                        onClick: () => save(ride, kind, true),
                      }))
                    : []),
                ]}
                type="text"
                size="small"
                icon={<DownloadOutlined />}
                aria-label={t('rideList.saveName', { name: ride.name })}
              />
              <Button
                type="text"
                size="small"
                icon={<DeleteOutlined />}
                aria-label={t('rideList.removeName', { name: ride.name })}
                title={t('rideList.deleteCanUndone')}
                onClick={() => edits.write(() => removeRide(db, ride, Date.now()))}
              />
            </span>
          </li>
        ))}
      </ul>
      {more}
      {chosen.size > 0 && !workspace.fromLink && (
        <Field id="ride-surface" label={t('rideList.surfaceOfSelected', { count: chosen.size })}>
          <Select<Surface | null>
            id="ride-surface"
            allowClear
            placeholder={t('rideList.notSaid')}
            value={commonSurface(rides.filter(({ id }) => chosen.has(id))) ?? null}
            options={SURFACES.map((value) => ({ value, label: SURFACE_TEXT[value] }))}
            onChange={(surface: Surface | null | undefined) =>
              edits.write(() => setSurface(db, [...chosen], surface ?? undefined, Date.now()))
            }
            style={{ width: 190 }}
          />
        </Field>
      )}
    </Panel>
  );
}

/** The surface that rides have in common; undefined where they differ or do not say. */
function commonSurface(rides: readonly RideRecord[]): Surface | undefined {
  const [first, ...others] = rides;
  return others.every(({ surface }) => surface === first?.surface) ? first?.surface : undefined;
}
