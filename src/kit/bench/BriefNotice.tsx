'use client';

import Link from 'next/link';
import type { Contradiction } from '../../core/brief';
import { useReadyBench } from './BenchProvider';
import styles from './Bench.module.css';
import { contradictionText } from './contradiction-words';
import { t } from './text';
import { useBrief } from './useBrief';

/** Stands in the place of figures that a contradictory brief cannot give. */
export function BriefNotice({ contradictions }: { contradictions: readonly Contradiction[] }) {
  const { preferences } = useReadyBench();
  const { brief } = useBrief();
  return (
    <div className={styles.contradiction} role="alert">
      <p>
        {t('briefNotice.theBriefContradictsItselfSo')} <Link href="/brief">{t('briefNotice.brief')}</Link>:
      </p>
      <ul>
        {contradictions.map((one) => (
          <li key={one.code}>{contradictionText(one, brief, preferences.speedUnit)}</li>
        ))}
      </ul>
    </div>
  );
}
