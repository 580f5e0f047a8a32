'use client';

import Link from 'next/link';
import { totalMassKg, type BriefField } from '../../core/needs';
import { short } from '../../ui/format';
import { useWithKey } from '../shortcuts/useKeymap';
import { bodyMassText } from '../units/measures';
import { useUnits } from '../workspace/useUnits';
import { useBrief } from '../workspace/useBrief';
import styles from './SetupsBar.module.css';
import { t } from './text';

const PARTS: readonly { readonly text: string; readonly fields: readonly BriefField[] }[] = [
  { text: t('riderLine.weight'), fields: ['riderMassKg', 'bikeMassKg', 'loadMassKg'] },
  { text: t('riderLine.power'), fields: ['powerW'] },
  { text: t('riderLine.cadence'), fields: ['lowRpm', 'highRpm'] },
];
const listText = (texts: readonly string[]) => new Intl.ListFormat('en').format(texts);

/** The rider in one line; a link to Needs. */
export function RiderLine() {
  const withKey = useWithKey();
  const units = useUnits();
  const { brief, contradictions } = useBrief();
  const { lowRpm, highRpm, powerW, assumed } = brief;
  const taken = PARTS.flatMap(({ text, fields }) => (fields.some((field) => assumed.includes(field)) ? [text] : []));
  return (
    <Link href="/needs" className={styles.rider} title={withKey(t('riderLine.riderDetailsEditNeeds'), 'needs')}>
      {contradictions.length > 0 && '▲ '}
      {t('riderLine.riderTotalWRpm', {
        totalMass: bodyMassText(units, totalMassKg(brief)),
        powerW: short(powerW, 0),
        lowRpm: short(lowRpm, 1),
        highRpm: short(highRpm, 1),
      })}
      {taken.length > 0 && t('riderLine.assumed', { what: listText(taken) })}
    </Link>
  );
}
