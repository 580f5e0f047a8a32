'use client';

import Link from 'next/link';
import { totalMassKg, type BriefField } from '../../core/brief';
import { short } from '../format';
import { withKey } from '../shell/shortcuts';
import { bodyMassText } from '../measures';
import { useUnits } from './useUnits';
import { useBrief } from './useBrief';
import styles from './Bench.module.css';
import { WORDS } from './text';

const PARTS: readonly { readonly text: string; readonly fields: readonly BriefField[] }[] = [
  { text: WORDS.riderLine.weight, fields: ['riderMassKg', 'bikeMassKg', 'loadMassKg'] },
  { text: WORDS.riderLine.power, fields: ['powerW'] },
  { text: WORDS.riderLine.cadence, fields: ['lowRpm', 'highRpm'] },
];
const listText = (texts: readonly string[]) => new Intl.ListFormat('en').format(texts);

/** The rider in one line; the way to the brief. */
export function RiderLine() {
  const units = useUnits();
  const { brief, contradictions } = useBrief();
  const { lowRpm, highRpm, powerW, assumed } = brief;
  const taken = PARTS.flatMap(({ text, fields }) => (fields.some((field) => assumed.includes(field)) ? [text] : []));
  return (
    <Link href="/brief" className={styles.rider} title={withKey(WORDS.riderLine.theRiderAsTheBrief, 'brief')}>
      {contradictions.length > 0 && '▲ '}
      {WORDS.riderLine.riderTotalMassKgAllUpPowerW(
        bodyMassText(units, totalMassKg(brief)),
        short(powerW, 0),
        short(lowRpm, 1),
        short(highRpm, 1),
      )}
      {taken.length > 0 && WORDS.riderLine.assumed(listText(taken))}
    </Link>
  );
}
