'use client';

import { useMemo, useState } from 'react';
import { developedGears, gearInches } from '../../../core/gears';
import { isNearestDevelopment, lessonSetup } from '../../../core/lesson';
import { gearName } from '../../../features/explanations/gears';
import { fixed } from '../../../ui/format';
import { GroundStrip } from '../wheel/GroundStrip';
import { useGround } from '../wheel/useGround';
import type { ActivityProps } from './Activity';
import { Choices } from './Choices';
import { useDone } from './useDone';
import styles from './Lessons.module.css';
import { t } from '../learner/text';
import { itemAt } from '../../../core/items';

/** Gears to try, each with one turn of the crank unrolled on the ground. */
export function DevelopmentActivity({ bike, onDone }: ActivityProps) {
  const gears = useMemo(() => developedGears(lessonSetup.development(bike.lesson), bike.rolloutMm), [bike]);
  const [chosen, setChosen] = useState(0);
  const gear = itemAt(gears, chosen);
  const one = useMemo(() => [gear], [gear]);
  const ground = useGround(one, 1, bike.rolloutMm);
  useDone(isNearestDevelopment(gears, gear), onDone);
  return (
    <>
      <Choices
        label={t('developmentActivity.gear')}
        options={gears.map(gearName)}
        chosen={chosen}
        onChoose={setChosen}
      />
      <p className={styles.figure} role="status">
        <b>{fixed(gear.developmentM, 2)} m</b>{' '}
        {t('developmentActivity.perCrankTurnGear', {
          gearInches: fixed(gearInches(gear.ratio, bike.rolloutMm, 'ownWheel'), 1),
        })}
      </p>
      <GroundStrip ground={ground} names={[gearName(gear)]} />
    </>
  );
}
