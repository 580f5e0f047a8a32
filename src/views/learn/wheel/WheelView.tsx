'use client';

import { Switch } from 'antd';
import { useMemo, useState } from 'react';
import { signOf } from '../../../features/setup-mark/setup-sign';
import { gearName } from '../../../features/explanations/gears';
import type { LearnBike } from '../learner/useLearn';
import { DriveDrawing } from './DriveDrawing';
import { GearFacts, TradeBars } from './GearFacts';
import { GearSelect, gearAt, type GearPick } from './GearSelect';
import { GroundStrip } from './GroundStrip';
import { Stills } from './Stills';
import { TurnControls } from './TurnControls';
import { useGround } from './useGround';
import { useTurning } from './useTurning';
import { Panel } from '../../../ui/panel/Panel';
import styles from './Wheel.module.css';
import { t } from '../learner/text';
import { itemAt } from '../../../core/items';

/** Crank and wheel of two gears, turned together: how often the valve comes round is the ratio. */
export function WheelView({ bike }: { bike: LearnBike }) {
  const turning = useTurning();
  const [stills, setStills] = useState<boolean>();
  const [picks, setPicks] = useState<readonly GearPick[]>([
    { setup: 0, gear: 0 },
    { setup: 0, gear: Infinity },
  ]);
  const [both, setBoth] = useState(true);
  const gears = useMemo(
    () => (both ? picks : picks.slice(0, 1)).map((pick) => gearAt(bike, pick)),
    [bike, picks, both],
  );
  const ground = useGround(gears, turning.crankTurns, bike.rolloutMm);
  const inStills = stills ?? turning.isStill;
  return (
    <>
      <section className={styles.bar} aria-label={t('wheelView.turnTheCrank')}>
        <TurnControls turning={turning} />
        <label className={styles.switch}>
          <Switch size="small" checked={both} onChange={setBoth} aria-label={t('wheelView.twoGears')} />
          {t('wheelView.twoGears')}
        </label>
        <label className={styles.switch}>
          <Switch size="small" checked={inStills} onChange={setStills} aria-label={t('wheelView.inStills')} />
          {t('wheelView.inStills')}
        </label>
        <span className={styles.hint}>{t('wheelView.orDragThePedalOr')}</span>
      </section>
      <div className={styles.gears} data-count={gears.length}>
        {gears.map((gear, i) => (
          <Panel
            key={i}
            aria-label={t('wheelView.gearNumberGearName', { number: i + 1, gearName: gearName(gear) })}
            data-setup={signOf(Math.min(itemAt(picks, i).setup, bike.setups.length - 1))}
          >
            <div className={styles.gearHead}>
              <GearSelect
                id={`gear-${i}`}
                label={i === 0 ? t('wheelView.thisGear') : t('wheelView.besideIt')}
                bike={bike}
                pick={itemAt(picks, i)}
                onPick={(pick) => setPicks((now) => now.map((one, at) => (at === i ? pick : one)))}
              />
              <GearFacts gear={gear} bike={bike} crankTurns={turning.crankTurns} />
            </div>
            <div className={styles.pictureAndTrade}>
              <DriveDrawing gear={gear} bike={bike} crankTurns={turning.crankTurns} turning={turning} />
              <TradeBars gear={gear} bike={bike} />
            </div>
            {inStills && <Stills gear={gear} bike={bike} />}
          </Panel>
        ))}
      </div>
      <Panel aria-label={t('wheelView.alongTheGround')}>
        <h2>{t('wheelView.alongTheGroundANumber')}</h2>
        <GroundStrip ground={ground} names={gears.map(gearName)} />
      </Panel>
    </>
  );
}
