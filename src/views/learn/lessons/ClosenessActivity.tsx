'use client';

import { Slider } from 'antd';
import { useMemo, useState } from 'react';
import { distinctGears, gearsOf } from '../../../core/gears';
import { lessonSetup } from '../../../core/lesson';
import { gearName } from '../../../features/explanations/gears';
import { Field } from '../../../ui/fields/Field';
import { short } from '../../../ui/format';
import type { ActivityProps } from './Activity';
import { LessonLadder } from './LessonLadder';
import { useDone } from './useDone';
import styles from './Lessons.module.css';
import { t } from '../learner/text';

const CLOSENESS_MAX_PERCENT = 25;

/** How many gears are left as more and more of them count as one. */
export function ClosenessActivity({ bike, onDone }: ActivityProps) {
  const setup = lessonSetup.overlap(bike.lesson);
  const gears = useMemo(() => gearsOf(setup), [setup]);
  const [percent, setPercent] = useState(0);
  const kept = distinctGears(gears, percent);
  useDone(kept.length * 2 <= gears.length, onDone);
  return (
    <>
      <Field id="lesson-closeness" label={t('closenessActivity.minimumDifference', { percent: short(percent, 1) })}>
        <Slider
          min={0}
          max={CLOSENESS_MAX_PERCENT}
          step={0.5}
          value={percent}
          onChange={setPercent}
          ariaLabelForHandle={t('closenessActivity.closenessPercent')}
        />
      </Field>
      <p className={styles.figure} role="status">
        <b>{kept.length}</b> {t('closenessActivity.gearsRemain', { count: gears.length })}
      </p>
      <LessonLadder
        setup={setup}
        gears={gears}
        isFull={(gear) => kept.includes(gear)}
        label={t('closenessActivity.leftKept', { kept: kept.map(gearName).join(', ') })}
      />
    </>
  );
}
