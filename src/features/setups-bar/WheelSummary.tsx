'use client';

import { DownOutlined } from '@ant-design/icons';
import { isMeasured, rolloutMm } from '../../core/gears';
import { wheelOf } from '../../records';
import { fixed, short } from '../../ui/format';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import styles from './SetupsBar.module.css';
import { t } from './text';

/** Wheel, crank and cadence in one line; it opens the fields they are typed in. */
export function WheelSummary({ isOpen, onClick }: { isOpen: boolean; onClick: () => void }) {
  const { bike, wheelset } = useReadyWorkspace().workspace;
  const wheel = wheelOf(wheelset);
  return (
    <button
      type="button"
      className={styles.summary}
      aria-expanded={isOpen}
      aria-controls="wheel-fields"
      title={t('wheelSummary.open')}
      data-bar="wheels"
      onClick={onClick}
    >
      {t('wheelSummary.wheel', { rim: String(wheelset.rimDiameterMm), tyre: short(wheelset.tyreWidthMm, 1) })}{' '}
      <b data-testid="rollout-used">{fixed(rolloutMm(wheel), 1)} mm</b>{' '}
      {isMeasured(wheel) ? t('wheelFields.measured') : ''}
      {bike.crankLengthMm === undefined ? '' : t('wheelSummary.crank', { length: short(bike.crankLengthMm, 1) })}
      {t('wheelSummary.cadence', { rpm: short(bike.cadenceRpm, 1) })} <DownOutlined className={styles.caret} />
    </button>
  );
}
