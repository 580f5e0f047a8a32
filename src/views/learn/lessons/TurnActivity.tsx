'use client';

import { useMemo } from 'react';
import { exactDuplicates, gearsOf, type Gear } from '../../../core/gears';
import { lessonSetup } from '../../../core/lesson';
import { gearName } from '../../../features/explanations/gears';
import { DriveDrawing } from '../wheel/DriveDrawing';
import { GearFacts } from '../wheel/GearFacts';
import { GroundStrip } from '../wheel/GroundStrip';
import { TurnControls } from '../wheel/TurnControls';
import { useGround } from '../wheel/useGround';
import { useTurning } from '../wheel/useTurning';
import type { LearnBike } from '../learner/useLearn';
import type { ActivityProps } from './Activity';
import { useDone } from './useDone';
import styles from './Lessons.module.css';
import { firstOf } from '../../../core/items';

/** Wheel and crank of one gear, a hard one: there is more to count. */
export function TurnActivity({ bike, onDone }: ActivityProps) {
  const gears = useMemo(() => gearsOf(lessonSetup.ratio(bike.lesson)).slice(-3, -2), [bike]);
  return <TurnGears gears={gears} bike={bike} onDone={onDone} />;
}

/** Two exact duplicates, turned together. */
export function DuplicatesActivity({ bike, onDone }: ActivityProps) {
  const gears = useMemo(() => firstOf(exactDuplicates(gearsOf(lessonSetup.sameRatio(bike.lesson)))), [bike]);
  return <TurnGears gears={gears} bike={bike} onDone={onDone} />;
}

function TurnGears({ gears, bike, onDone }: { gears: readonly Gear[]; bike: LearnBike; onDone: () => void }) {
  const turning = useTurning();
  const ground = useGround(gears, turning.crankTurns, bike.rolloutMm);
  useDone(turning.crankTurns >= 1, onDone);
  return (
    <>
      <TurnControls turning={turning} />
      <div className={styles.drives}>
        {gears.map((gear) => (
          <div key={gearName(gear)}>
            <GearFacts gear={gear} bike={bike} crankTurns={turning.crankTurns} />
            <DriveDrawing gear={gear} bike={bike} crankTurns={turning.crankTurns} turning={turning} />
          </div>
        ))}
      </div>
      <GroundStrip ground={ground} names={gears.map(gearName)} />
    </>
  );
}
