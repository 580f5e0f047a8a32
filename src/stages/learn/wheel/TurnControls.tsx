'use client';

import { Button, Switch } from 'antd';
import type { Turning } from './useTurning';
import styles from './Wheel.module.css';
import { WORDS } from '../words/text';

/** What turns the crank, for hands that would rather not drag it. */
export function TurnControls({ turning }: { turning: Turning }) {
  return (
    <div className={styles.controls}>
      {turning.isTurning ? (
        <Button onClick={turning.stop}>{WORDS.turnControls.stop}</Button>
      ) : (
        <Button type="primary" onClick={turning.turn} disabled={turning.isFull}>
          {WORDS.turnControls.turnTheCrankOnce}
        </Button>
      )}
      <Button onClick={turning.step} disabled={turning.isFull} title={WORDS.turnControls.aStepOfATurn}>
        {WORDS.turnControls.aStep}
      </Button>
      <Button onClick={turning.toStart} disabled={turning.crankTurns === 0}>
        {WORDS.turnControls.backToTheStart}
      </Button>
      <label className={styles.switch}>
        <Switch
          size="small"
          checked={turning.isSlow}
          disabled={turning.isStill}
          onChange={turning.setSlow}
          aria-label={WORDS.turnControls.slowMotion}
        />
        {WORDS.turnControls.slowMotion}
      </label>
      {turning.isFull && <span>{WORDS.turnControls.theStripIsFullBack}</span>}
    </div>
  );
}
