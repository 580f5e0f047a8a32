'use client';

import Link from 'next/link';
import type { Contradiction } from '../../core/needs';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import styles from './SetupsBar.module.css';
import { contradictionText } from '../workspace/contradiction-words';
import { t } from './text';
import { useBrief } from '../workspace/useBrief';

/** Shown instead of figures that depend on conflicting needs. */
export function BriefNotice({ contradictions }: { contradictions: readonly Contradiction[] }) {
  const { preferences } = useReadyWorkspace();
  const { brief } = useBrief();
  return (
    <div className={styles.contradiction} role="alert">
      <p>
        {t('briefNotice.someRiderDetailsConflict')} <Link href="/needs">{t('briefNotice.brief')}</Link>:
      </p>
      <ul>
        {contradictions.map((one) => (
          <li key={one.code}>{contradictionText(one, brief, preferences.speedUnit)}</li>
        ))}
      </ul>
    </div>
  );
}
