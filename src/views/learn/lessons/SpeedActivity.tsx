'use client';

import { Slider } from 'antd';
import { useMemo, useState } from 'react';
import { developedGears, speedKmh } from '../../../core/gears';
import { ASKED_RPM, askedSpeedKmh, lessonSetup, ridesAsked } from '../../../core/lesson';
import { gearName } from '../../../features/explanations/gears';
import { Field } from '../../../ui/fields/Field';
import { fixed } from '../../../ui/format';
import type { ActivityProps } from './Activity';
import { Choices } from './Choices';
import { useDone } from './useDone';
import styles from './Lessons.module.css';
import { t } from '../learner/text';
import { itemAt } from '../../../core/items';

const CADENCE = { min: 50, max: 110 } as const;

/** A gear and a cadence give a speed; the requested one can be reached in several ways. */
export function SpeedActivity({ bike, onDone }: ActivityProps) {
  const gears = useMemo(() => developedGears(lessonSetup.speed(bike.lesson), bike.rolloutMm), [bike]);
  const [chosen, setChosen] = useState(0);
  const [rpm, setRpm] = useState<number>(60);
  const gear = itemAt(gears, chosen);
  const speed = speedKmh(gear.developmentM, rpm);
  useDone(ridesAsked(gears, gear, rpm), onDone);
  return (
    <>
      <p>
        {t('speedActivity.askedFor')} <b>{askedSpeedKmh(gears)} km/h</b>
      </p>
      <Choices label={t('speedActivity.gear')} options={gears.map(gearName)} chosen={chosen} onChoose={setChosen} />
      <Field id="lesson-rpm" label={t('speedActivity.cadenceRpm', { rpm })}>
        <Slider
          {...CADENCE}
          value={rpm}
          onChange={setRpm}
          ariaLabelForHandle={t('speedActivity.cadenceLabel')}
          marks={{ [ASKED_RPM.min]: ASKED_RPM.min, [ASKED_RPM.max]: ASKED_RPM.max }}
        />
      </Field>
      <p className={styles.figure} role="status">
        {fixed(gear.developmentM, 2)} m × {rpm} × 60 ÷ 1000 = <b>{fixed(speed, 1)} km/h</b>
      </p>
    </>
  );
}
