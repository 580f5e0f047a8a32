'use client';

import { useMemo, useState } from 'react';
import { DEFAULT_STEEP_ANGLE_DEG } from '../../../core/fit';
import { isSteepest, lessonSetup } from '../../../core/lesson';
import { gearName } from '../../../features/explanations/gears';
import { fixed } from '../../../ui/format';
import { TopView } from '../../../features/top-view/TopView';
import { topViewGears } from '../../../features/top-view/top-view-gears';
import type { ActivityProps } from './Activity';
import { Choices } from './Choices';
import { useDone } from './useDone';
import styles from './Lessons.module.css';
import { t } from '../learner/text';
import { itemAt } from '../../../core/items';

/** The drive from above, one gear at a time. */
export function CrossActivity({ bike, onDone }: ActivityProps) {
  const { setup, geometry, gears } = useMemo(() => {
    const one = lessonSetup.crossChaining(bike.lesson);
    const chainline = bike.lesson.chainline(one);
    return { setup: one, geometry: chainline, gears: topViewGears(one, chainline, DEFAULT_STEEP_ANGLE_DEG) };
  }, [bike]);
  const [chosen, setChosen] = useState(Math.floor(setup.cogs.length / 2));
  const gear = itemAt(gears, chosen);
  useDone(isSteepest(gears, gear), onDone);
  return (
    <>
      {setup.chainrings.map((ring, row) => (
        <Choices
          key={ring}
          label={t('crossActivity.gearOnTheRing', { ring })}
          options={setup.cogs.map((cog) => gearName({ chainring: ring, cog }))}
          chosen={chosen - row * setup.cogs.length}
          onChoose={(place) => setChosen(row * setup.cogs.length + place)}
        />
      ))}
      <p className={styles.figure} role="status">
        {gearName(gear)}: <b>{fixed(Math.abs(gear.angleDeg), 1)}°</b>
        {gear.isSteep && t('crossActivity.steep')}
      </p>
      <TopView rows={gears} geometry={geometry} only={gear} />
    </>
  );
}
