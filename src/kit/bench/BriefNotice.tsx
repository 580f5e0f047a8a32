'use client';

import Link from 'next/link';
import type { Contradiction } from '../../core/brief';
import styles from './Bench.module.css';

/** Stands in the place of figures that a contradictory brief cannot give. */
export function BriefNotice({ contradictions }: { contradictions: readonly Contradiction[] }) {
  return (
    <div className={styles.contradiction} role="alert">
      <p>
        The brief contradicts itself, so there is nothing to reckon with here. Mend it in{' '}
        <Link href="/brief">Brief</Link>:
      </p>
      <ul>
        {contradictions.map(({ message }) => (
          <li key={message}>{message}</li>
        ))}
      </ul>
    </div>
  );
}
