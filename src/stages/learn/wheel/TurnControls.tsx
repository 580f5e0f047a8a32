'use client';

import { Button, Switch } from 'antd';
import type { Turning } from './useTurning';
import styles from './Wheel.module.css';

/** What turns the crank, for hands that would rather not drag it. */
export function TurnControls({ turning }: { turning: Turning }) {
  return (
    <div className={styles.controls}>
      {turning.isTurning ? (
        <Button onClick={turning.stop}>Stop</Button>
      ) : (
        <Button type="primary" onClick={turning.turn} disabled={turning.isFull}>
          Turn the crank once
        </Button>
      )}
      <Button onClick={turning.step} disabled={turning.isFull} title="A step: ⅛ of a turn (→ on the crank)">
        A step
      </Button>
      <Button onClick={turning.toStart} disabled={turning.crankTurns === 0}>
        Back to the start
      </Button>
      <label className={styles.switch}>
        <Switch
          size="small"
          checked={turning.isSlow}
          disabled={turning.isStill}
          onChange={turning.setSlow}
          aria-label="Slow motion"
        />
        Slow motion
      </label>
      {turning.isFull && <span>The strip is full: back to the start.</span>}
    </div>
  );
}
