'use client';

import { useEffect, useRef, useState } from 'react';
import { NO_MESSAGE_YET, gearNow, takeMessage, type RawSample, type WheelCrankState } from '../../core/recording';
import type { Gear } from '../../core/gears';
import type { SpeedCadenceSensor } from '../../features/sensor/sensor';

/** What is read from a sensor now. */
interface Reading {
  readonly speedMs: number;
  readonly cadenceRpm: number;
  readonly gear: Gear | undefined;
  /** How far the reading is off that gear, as ln. */
  readonly error: number;
  readonly messages: number;
  /** Lost messages, derived from the gaps. */
  readonly lost: number;
  readonly atS: number;
}

interface Listening {
  readonly reading: Reading | undefined;
  readonly listens: boolean;
  readonly start: (sensor: SpeedCadenceSensor) => void;
  readonly stop: () => void;
  /** What was heard, a sample a message. */
  readonly samples: () => readonly RawSample[];
}

/** Listens to a sensor and decodes what it sends, whatever sensor it is. */
export function useSensor(gears: readonly (Gear & { readonly developmentM: number })[], rolloutMm: number): Listening {
  const [reading, setReading] = useState<Reading>();
  const [listens, setListens] = useState(false);
  const stopSensor = useRef<() => void>(undefined);
  const heard = useRef<RawSample[]>([]);

  useEffect(() => () => stopSensor.current?.(), []);

  return {
    reading,
    listens,
    samples: () => heard.current,
    start: (sensor) => {
      stopSensor.current?.();
      heard.current = [];
      let state: WheelCrankState = NO_MESSAGE_YET;
      let messages = 0;
      let lost = 0;
      let distanceM = 0;
      const startedAt = Date.now();
      setListens(true);
      setReading(undefined);
      stopSensor.current = sensor.listen(
        (message, atS) => {
          const gap = messages === 0 ? 1 : atS - state.atS;
          state = takeMessage(state, message, atS, rolloutMm);
          messages += 1;
          lost += Math.max(0, Math.round(gap) - 1);
          distanceM += state.speedMs * gap;
          const { speedMs, cadenceRpm } = state;
          // The first message counts nothing yet.
          if (messages > 1) heard.current.push({ timeMs: startedAt + atS * 1000, speedMs, cadenceRpm, distanceM });
          const now = gearNow(gears, speedMs, cadenceRpm);
          setReading({ speedMs, cadenceRpm, gear: now?.gear, error: now?.error ?? 0, messages, lost, atS });
        },
        () => setListens(false),
      );
    },
    stop: () => {
      stopSensor.current?.();
      setListens(false);
    },
  };
}
