'use client';

import { Button, Switch } from 'antd';
import type { Turning } from './useTurning';
import styles from './Wheel.module.css';
import { t } from '../learner/text';

/** Buttons that turn the crank, as an alternative to dragging. */
export function TurnControls({ turning }: { turning: Turning }) {
  return (
    <div className={styles.controls}>
      {turning.isTurning ? (
        <Button onClick={turning.stop}>{t('turnControls.stop')}</Button>
      ) : (
        <Button type="primary" onClick={turning.turn} disabled={turning.isFull}>
          {t('turnControls.turnTheCrankOnce')}
        </Button>
      )}
      <Button onClick={turning.step} disabled={turning.isFull} title={t('turnControls.aStepOfATurn')}>
        {t('turnControls.aStep')}
      </Button>
      <Button onClick={turning.toStart} disabled={turning.crankTurns === 0}>
        {t('turnControls.backToTheStart')}
      </Button>
      <label className={styles.switch}>
        <Switch
          size="small"
          checked={turning.isSlow}
          disabled={turning.isStill}
          onChange={turning.setSlow}
          aria-label={t('turnControls.slowMotion')}
        />
        {t('turnControls.slowMotion')}
      </label>
      {turning.isFull && <span>{t('turnControls.endTrackBackStart')}</span>}
    </div>
  );
}
