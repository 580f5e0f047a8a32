import type { Gear } from '../../../core/gears';
import { turned } from '../../../core/lesson';
import { short } from '../../../ui/format';
import { DriveDrawing } from './DriveDrawing';
import type { LearnBike } from '../learner/useLearn';
import styles from './Wheel.module.css';
import { t } from '../learner/text';

const AT_TURNS = [0, 0.25, 0.5, 0.75, 1] as const;

/** One turn of the crank as five still pictures. */
export function Stills({ gear, bike }: { gear: Gear; bike: LearnBike }) {
  return (
    <ol className={styles.stills}>
      {AT_TURNS.map((turns) => (
        <li key={turns}>
          <DriveDrawing gear={gear} bike={bike} crankTurns={turns} />
          {t('stills.crankTurnsWheelWheelTurns', {
            turns: short(turns, 2),
            wheelTurns: short(turned(gear, turns, bike.rolloutMm).wheelTurns, 2),
          })}
        </li>
      ))}
    </ol>
  );
}
