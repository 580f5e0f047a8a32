'use client';

import { Button, Select } from 'antd';
import { useState } from 'react';
import { recordingOf, recordingOfRide } from '../../core/recording';
import { kmhOf } from '../../core/ride';
import { digestOf, packRecording } from '../../formats/ride/pack';
import { useBrief } from '../../features/workspace/useBrief';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { Field } from '../../ui/fields/Field';
import { durationText, fixed } from '../../ui/format';
import { speedText } from '../../features/units/speed';
import { gearName } from '../../features/explanations/gears';
import { simulatedSensor } from '../../features/sensor/simulated-sensor';
import { NAME_LENGTH_MAX, rideOf } from '../../records';
import { addRide } from '../../store';
import type { RidesThrough } from './useRideThrough';
import { gearSeconds } from './gear-seconds';
import { useSensor } from './useSensor';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Rides.module.css';
import { problemText } from '../../messages/core';
import { t } from './text';
import { itemAt, definite } from '../../core/items';

const FASTER = [1, 10, 60, 240] as const;
const LOST = [0, 0.1, 0.3] as const;

/** Gear, cadence and speed now, from a sensor; the one that ships with the app rides the route above. */
export function SensorPanel({ through, routeName }: { through: RidesThrough; routeName: string }) {
  const { workspace, preferences, workshop, edits } = useReadyWorkspace();
  const { brief } = useBrief();
  const { setup, place, fromLink } = workspace;
  const { rides, rules, rollouts } = through;
  const [faster, setFaster] = useState<number>(10);
  const [lostShare, setLostShare] = useState<number>(0.1);
  const [kept, setKept] = useState('');
  const ride = rides?.[place];
  const { reading, listens, start, stop, samples } = useSensor(itemAt(rules, place).gears, itemAt(rollouts, place));
  const keep = () =>
    edits.write(async () => {
      const result = recordingOf(samples());
      if (!result.ok) {
        setKept(t('sensorPanel.notKeptMessage', { message: problemText(result.failure) }));
        return;
      }
      const { recording, startedAtMs } = result;
      const name = t('sensorPanel.routeNameFromTheSensor', { routeName }).slice(0, NAME_LENGTH_MAX);
      const packed = packRecording(recording);
      const seconds = await gearSeconds(packed, workspace, brief);
      const heard = rideOf(setup, name, startedAtMs, recording, digestOf(startedAtMs, recording), seconds);
      const added = await addRide(workshop.db, heard, packed, Date.now());
      setKept(added ? t('sensorPanel.keptAsARideName', { name }) : t('sensorPanel.alreadyImported'));
    });
  return (
    <Panel aria-label={t('sensorPanel.sensor')}>
      <PanelHead>
        <h2>{t('sensorPanel.liveFromASensor')}</h2>
      </PanelHead>
      <div className={styles.fields}>
        <Field id="sensor-faster" label={t('sensorPanel.simulationSpeed')}>
          <Select
            id="sensor-faster"
            value={faster}
            disabled={listens}
            style={{ width: 110 }}
            options={FASTER.map((value) => ({ value, label: `${value} ×` }))}
            onChange={setFaster}
          />
        </Field>
        <Field id="sensor-lost" label={t('sensorPanel.messagesLost')}>
          <Select
            id="sensor-lost"
            value={lostShare}
            disabled={listens}
            style={{ width: 110 }}
            options={LOST.map((value) => ({ value, label: `${fixed(value * 100, 0)}%` }))}
            onChange={setLostShare}
          />
        </Field>
        <div className={styles.buttons}>
          {listens ? (
            <Button onClick={stop}>{t('sensorPanel.stop')}</Button>
          ) : (
            <Button
              type="primary"
              disabled={!ride}
              onClick={() => {
                setKept('');
                start(
                  simulatedSensor({
                    recording: recordingOfRide(definite(ride)),
                    rolloutMm: itemAt(rollouts, place),
                    faster,
                    lostShare,
                  }),
                );
              }}
            >
              {t('sensorPanel.start')}
            </Button>
          )}
          <Button disabled={listens || fromLink || samples().length < 30} onClick={keep}>
            {t('sensorPanel.keepAsARide')}
          </Button>
        </div>
      </div>
      {reading && (
        <dl className={styles.live} data-testid="live">
          <div>
            <dt>{t('sensorPanel.gear')}</dt>
            <dd data-testid="live-gear">{reading.gear ? gearName(reading.gear) : t('sensorPanel.coasting')}</dd>
          </div>
          <div>
            <dt>{t('sensorPanel.cadence')}</dt>
            <dd>{t('sensorPanel.cadenceRpm', { cadenceRpm: fixed(reading.cadenceRpm, 0) })}</dd>
          </div>
          <div>
            <dt>{t('sensorPanel.speed')}</dt>
            <dd>{speedText(preferences.speedUnit, kmhOf(reading.speedMs))}</dd>
          </div>
          <div>
            <dt>{t('sensorPanel.differenceNearestGear')}</dt>
            <dd>{reading.gear ? `${fixed(reading.error * 100, 1)}%` : '–'}</dd>
          </div>
          <div>
            <dt>{t('sensorPanel.ridden')}</dt>
            <dd>{durationText(reading.atS)}</dd>
          </div>
          <div>
            <dt>{t('sensorPanel.messagesDropped')}</dt>
            <dd data-testid="live-messages">
              {reading.messages}, {reading.lost}
            </dd>
          </div>
        </dl>
      )}
      <Note data-testid="sensor-kept">{kept || t('sensorPanel.noSensorAtHandA')}</Note>
    </Panel>
  );
}
