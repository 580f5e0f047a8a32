'use client';

import Link from 'next/link';
import type { Contradiction } from '../../core/brief';
import styles from './Bench.module.css';
import { WORDS } from './text';

/** Stands in the place of figures that a contradictory brief cannot give. */
export function BriefNotice({ contradictions }: { contradictions: readonly Contradiction[] }) {
  return (
    <div className={styles.contradiction} role="alert">
      <p>
        {WORDS.briefNotice.theBriefContradictsItselfSo} <Link href="/brief">{WORDS.briefNotice.brief}</Link>:
      </p>
      <ul>
        {contradictions.map(({ message }) => (
          <li key={message}>{message}</li>
        ))}
      </ul>
    </div>
  );
}
