'use client';

import Link from 'next/link';
import { totalMassKg } from '../../core/brief';
import { short } from '../format';
import { withKey } from '../shell/shortcuts';
import { useBrief } from './useBrief';
import styles from './Bench.module.css';
import { WORDS } from './text';

/** The rider in one line; the way to the brief. */
export function RiderLine() {
  const { brief, contradictions } = useBrief();
  const { lowRpm, highRpm, powerW } = brief;
  return (
    <Link href="/brief" className={styles.rider} title={withKey(WORDS.riderLine.theRiderAsTheBrief, 'brief')}>
      {contradictions.length > 0 && '▲ '}
      {WORDS.riderLine.riderTotalMassKgAllUpPowerW(
        short(totalMassKg(brief), 1),
        short(powerW, 0),
        short(lowRpm, 1),
        short(highRpm, 1),
      )}
    </Link>
  );
}
