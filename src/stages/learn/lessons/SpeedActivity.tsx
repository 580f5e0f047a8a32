'use client';

import { Slider } from 'antd';
import { useMemo, useState } from 'react';
import { developedGears, speedKmh } from '../../../core/gears';
import { lessonSetup } from '../../../core/lesson';
import { gearName } from '../../../kit/explain/gears';
import { Field } from '../../../kit/fields/Field';
import { fixed } from '../../../kit/format';
import type { ActivityProps } from './Activity';
import { Choices } from './Choices';
import { useDone } from './useDone';
import styles from './Lessons.module.css';

const CADENCE = { min: 50, max: 110 } as const;
const ASKED_RPM = { min: 80, max: 95 } as const;
const WITHIN_KMH = 0.3;

/** A gear and a cadence make a speed; the one asked for can be had in more than one way. */
export function SpeedActivity({ bike, onDone }: ActivityProps) {
  const gears = useMemo(() => developedGears(lessonSetup.speed(bike.lesson), bike.rolloutMm), [bike]);
  const [chosen, setChosen] = useState(0);
  const [rpm, setRpm] = useState<number>(60);
  const middle = gears[Math.floor(gears.length / 2)]!;
  const askedKmh = Math.round(speedKmh(middle.developmentM, (ASKED_RPM.min + ASKED_RPM.max) / 2));
  const gear = gears[chosen]!;
  const speed = speedKmh(gear.developmentM, rpm);
  const inBand = rpm >= ASKED_RPM.min && rpm <= ASKED_RPM.max;
  useDone(inBand && Math.abs(speed - askedKmh) <= WITHIN_KMH, onDone);
  return (
    <>
      <p>
        Asked for: <b>{askedKmh} km/h</b>
      </p>
      <Choices label="Gear" options={gears.map(gearName)} chosen={chosen} onChoose={setChosen} />
      <Field id="lesson-rpm" label={`Cadence: ${rpm} rpm`}>
        <Slider
          {...CADENCE}
          value={rpm}
          onChange={setRpm}
          ariaLabelForHandle="Cadence, rpm"
          marks={{ 80: '80', 95: '95' }}
        />
      </Field>
      <p className={styles.figure} role="status">
        {fixed(gear.developmentM, 2)} m × {rpm} × 60 ÷ 1000 = <b>{fixed(speed, 1)} km/h</b>
      </p>
    </>
  );
}
