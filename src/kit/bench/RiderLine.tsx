'use client';

import Link from 'next/link';
import { totalMassKg } from '../../core/brief';
import { short } from '../format';
import { withKey } from '../shell/shortcuts';
import { useBrief } from './useBrief';
import styles from './Bench.module.css';

/** The rider in one line; the way to the brief. */
export function RiderLine() {
  const { brief, contradictions } = useBrief();
  const { lowRpm, highRpm, powerW } = brief;
  return (
    <Link href="/brief" className={styles.rider} title={withKey('The rider, as the brief has it', 'brief')}>
      {contradictions.length > 0 && '▲ '}Rider: {short(totalMassKg(brief), 1)} kg all-up, {short(powerW, 0)} W,{' '}
      {short(lowRpm, 1)}–{short(highRpm, 1)} rpm
    </Link>
  );
}
