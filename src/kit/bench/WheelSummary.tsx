'use client';

import { DownOutlined } from '@ant-design/icons';
import { isMeasured, rolloutMm } from '../../core/gears';
import { wheelOf } from '../../records';
import { fixed, short } from '../format';
import { useReadyBench } from './BenchProvider';
import styles from './Bench.module.css';
import { WORDS } from './text';

/** Wheel, crank and cadence in one line; it opens the fields they are typed in. */
export function WheelSummary({ isOpen, onClick }: { isOpen: boolean; onClick: () => void }) {
  const { bike, wheelset } = useReadyBench().bench;
  const wheel = wheelOf(wheelset);
  const words = WORDS.wheelSummary;
  return (
    <button
      type="button"
      className={styles.summary}
      aria-expanded={isOpen}
      aria-controls="wheel-fields"
      title={words.open}
      data-bar="wheels"
      onClick={onClick}
    >
      {words.wheel(String(wheelset.rimDiameterMm), short(wheelset.tyreWidthMm, 1))}{' '}
      <b data-testid="rollout-used">{fixed(rolloutMm(wheel), 1)} mm</b>{' '}
      {isMeasured(wheel) ? WORDS.wheelFields.measured : ''}
      {bike.crankLengthMm === undefined ? '' : words.crank(short(bike.crankLengthMm, 1))}
      {words.cadence(short(bike.cadenceRpm, 1))} <DownOutlined className={styles.caret} />
    </button>
  );
}
