'use client';

import { DeleteOutlined, DownloadOutlined } from '@ant-design/icons';
import { Button, Checkbox, Dropdown } from 'antd';
import { useMemo } from 'react';
import { unpackRecording } from '../../formats/ride/pack';
import { writeRideCsv } from '../../formats/ride/ride-csv';
import { writeTcx } from '../../formats/ride/tcx';
import { formatShorthand } from '../../formats/shorthand';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { fileName, saveText } from '../../kit/files';
import { SPEED_UNIT_TEXT, dateText, fixed, speedIn } from '../../kit/format';
import { useFirst } from '../../kit/list/useFirst';
import type { RideRecord } from '../../records';
import { readPacked, removeRide } from '../../store';
import { durationText } from './ride-words';
import styles from './Rides.module.css';

/** A table may count its seconds from 0: then it says nothing of the day. */
const startText = (startedAtMs: number) =>
  startedAtMs < Date.UTC(1980, 0, 1) ? 'no date in it' : dateText(startedAtMs);

/** As many as fit beside what is told of them. */
const PAGE = 20;

interface RideListProps {
  /** Oldest first. */
  readonly rides: readonly RideRecord[];
  readonly chosen: ReadonlySet<string>;
  readonly onChoose: (chosen: ReadonlySet<string>) => void;
}

/** The rides of the bike, newest first; those that are ticked are told together. */
export function RideList({ rides, chosen, onChoose }: RideListProps) {
  const { workshop, edits, preferences } = useReadyBench();
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
  const save = (ride: RideRecord, kind: 'tcx' | 'csv') =>
    edits.write(async () => {
      const [packed] = await readPacked(db, [ride.id]);
      const recording = packed === undefined ? undefined : unpackRecording(packed);
      if (!recording) throw new Error('the samples of this ride are damaged: import its file again');
      if (kind === 'csv') saveText(fileName(ride.name, 'csv'), 'text/csv', writeRideCsv(recording));
      else saveText(fileName(ride.name, 'tcx'), 'application/xml', writeTcx(ride.name, ride.startedAtMs, recording));
    });
  const kmh = ({ distanceM, seconds }: RideRecord) => (seconds > 0 ? (distanceM / seconds) * 3.6 : 0);
  return (
    <section className={styles.panel} aria-label="Rides">
      <div className={styles.panelHead}>
        <h2>Rides of this bike</h2>
        {rides.length > 1 && (
          <Button size="small" onClick={() => onChoose(new Set(rides.map(({ id }) => id)))}>
            Tick all
          </Button>
        )}
      </div>
      {rides.length === 0 && (
        <p className={styles.note}>None yet. Bring one in, or record one from the simulated sensor below.</p>
      )}
      <ul className={styles.rides}>
        {first.map((ride) => (
          <li key={ride.id}>
            <Checkbox checked={chosen.has(ride.id)} onChange={({ target }) => tick(ride.id, target.checked)}>
              <b className={styles.rideName}>{ride.name}</b>
            </Checkbox>
            <span className={styles.rideFacts}>
              {startText(ride.startedAtMs)} · {fixed(ride.distanceM / 1000, 1)} km · {durationText(ride.seconds)} ·{' '}
              {fixed(speedIn(speedUnit, kmh(ride)), 1)} {SPEED_UNIT_TEXT[speedUnit]} · {formatShorthand(ride.setup)}
            </span>
            <span className={styles.rideTools}>
              <Dropdown
                trigger={['click']}
                menu={{
                  items: [
                    { key: 'tcx', label: 'Save as TCX', onClick: () => save(ride, 'tcx') },
                    { key: 'csv', label: 'Save as CSV', onClick: () => save(ride, 'csv') },
                  ],
                }}
              >
                <Button type="text" size="small" icon={<DownloadOutlined />} aria-label={`Save ${ride.name}`} />
              </Dropdown>
              <Button
                type="text"
                size="small"
                icon={<DeleteOutlined />}
                aria-label={`Remove ${ride.name}`}
                title="Remove; Undo brings it back"
                onClick={() => edits.write(() => removeRide(db, ride, Date.now()))}
              />
            </span>
          </li>
        ))}
      </ul>
      {more}
    </section>
  );
}
