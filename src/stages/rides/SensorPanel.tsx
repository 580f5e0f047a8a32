'use client';

import { Button, Select } from 'antd';
import { useState } from 'react';
import { recordingOf, recordingOfRide } from '../../core/recording';
import { kmhOf } from '../../core/ride';
import { digestOf, packRecording } from '../../formats/ride/pack';
import { useBrief } from '../../kit/bench/useBrief';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { Field } from '../../kit/fields/Field';
import { durationText, fixed, speedText } from '../../kit/format';
import { gearName } from '../../kit/explain/gears';
import { simulatedSensor } from '../../kit/sensor/simulated-sensor';
import { NAME_LENGTH_MAX, rideOf } from '../../records';
import { addRide } from '../../store';
import type { RidesThrough } from './useRideThrough';
import { gearSeconds } from './gear-seconds';
import { useSensor } from './useSensor';
import { Note, Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Rides.module.css';
import { problemText } from '../../messages/core';
import { t } from './words/text';

const FASTER = [1, 10, 60, 240] as const;
const LOST = [0, 0.1, 0.3] as const;

/** Gear, cadence and speed now, from a sensor; the one that ships with the app rides the route above. */
export function SensorPanel({ through, routeName }: { through: RidesThrough; routeName: string }) {
  const { bench, preferences, workshop, edits } = useReadyBench();
  const { brief } = useBrief();
  const { setup, place, fromLink } = bench;
  const { rides, rules, rollouts } = through;
  const [faster, setFaster] = useState<number>(10);
  const [lostShare, setLostShare] = useState<number>(0.1);
  const [kept, setKept] = useState('');
  const ride = rides?.[place];
  const { reading, listens, start, stop, samples } = useSensor(rules[place]!.gears, rollouts[place]!);
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
      const seconds = await gearSeconds(packed, bench, brief);
      const heard = rideOf(setup, name, startedAtMs, recording, digestOf(startedAtMs, recording), seconds);
      const added = await addRide(workshop.db, heard, packed, Date.now());
      setKept(added ? t('sensorPanel.keptAsARideName', { name }) : t('sensorPanel.thisVeryRideIsHere'));
    });
  return (
    <Panel aria-label={t('sensorPanel.sensor')}>
      <PanelHead>
        <h2>{t('sensorPanel.liveFromASensor')}</h2>
      </PanelHead>
      <div className={styles.fields}>
        <Field id="sensor-faster" label={t('sensorPanel.simulatedFasterBy')}>
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
            options={LOST.map((value) => ({ value, label: `${fixed(value * 100, 0)} %` }))}
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
                    recording: recordingOfRide(ride!),
                    rolloutMm: rollouts[place]!,
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
            <dt>{t('sensorPanel.offTheGearBy')}</dt>
            <dd>{reading.gear ? `${fixed(reading.error * 100, 1)} %` : '–'}</dd>
          </div>
          <div>
            <dt>{t('sensorPanel.ridden')}</dt>
            <dd>{durationText(reading.atS)}</dd>
          </div>
          <div>
            <dt>{t('sensorPanel.messagesLostInSentence')}</dt>
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
